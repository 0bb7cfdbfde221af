<?php

declare(strict_types=1);

namespace Tests\Hostile;

use Database\Seeders\Demo\DemoAccounts;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Promise\PromiseInterface;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;

/** Somebody with a browser, or a gateway with a token: a session of their own against the running server. */
final class Visitor
{
    private readonly CookieJar $jar;

    private readonly Client $http;

    private string $inertia = '';

    public function __construct(private readonly string $base, public readonly string $name)
    {
        $this->jar = new CookieJar;
        $this->http = new Client(
            [
                'base_uri' => $base, 'cookies' => $this->jar, 'http_errors' => false, 'allow_redirects' => false,
                'timeout' => 60,
            ],
        );
    }

    public static function signedIn(string $base, string $name, string $email): self
    {
        $visitor = new self($base, $name);
        $visitor->page('/sign-in');
        $visitor->send('POST', '/sign-in', ['email' => $email, 'password' => DemoAccounts::PASSWORD]);
        if ($visitor->send('GET', '/up/signed-in')->getStatusCode() !== 200) {
            throw new RuntimeException("$email could not sign in.");
        }

        return $visitor;
    }

    /** @param  array<array-key, mixed>|null  $form */
    public function send(string $method, string $path, ?array $form = null, bool $json = true): ResponseInterface
    {
        return $this->http->request($method, $path, $this->options($method, $form, $json));
    }

    /** @param  array<array-key, mixed>|null  $form */
    public function later(string $method, string $path, ?array $form = null, bool $json = true): PromiseInterface
    {
        return $this->http->requestAsync($method, $path, $this->options($method, $form, $json));
    }

    /** @param  array<array-key, mixed>|string  $body */
    public function deliver(array|string $body, string $token): PromiseInterface
    {
        return $this->http->requestAsync(
            'POST',
            '/api/readings',
            [
                'headers' => ['Authorization' => "Bearer $token", 'Content-Type' => 'application/json'],
                'body' => is_string($body) ? $body : Junk::json($body),
            ],
        );
    }

    /**
     * What a page receives; also makes sure that the next form can be sent.
     *
     * @return array<string, mixed>
     */
    public function page(string $path): array
    {
        $answer = $this->http->request('GET', $path);
        $html = (string) $answer->getBody();
        if (preg_match('#<script data-page="app" type="application/json">(.*?)</script>#s', $html, $found) !== 1) {
            throw new RuntimeException("No page at $path: ".$answer->getStatusCode());
        }
        $page = json_decode($found[1], true);
        $this->inertia = is_array($page) && is_string($page['version'] ?? null) ? $page['version'] : '';

        return is_array($page) && is_array($page['props'] ?? null) ? $page['props'] : [];
    }

    /**
     * @param  array<array-key, mixed>|null  $form
     * @return array<string, mixed>
     */
    private function options(string $method, ?array $form, bool $json): array
    {
        $headers = [
            'X-XSRF-TOKEN' => rawurldecode((string) $this->jar->getCookieByName('XSRF-TOKEN')?->getValue()),
            'X-Inertia' => 'true',
            'X-Inertia-Version' => $this->inertia,
            'X-Requested-With' => 'XMLHttpRequest',
            'Accept' => 'text/html',
        ];
        if ($form === null) {
            return ['headers' => $method === 'GET' ? ['Accept' => 'text/html'] : $headers];
        }
        if ($method === 'GET') {
            return ['headers' => ['Accept' => 'text/html'], 'query' => self::flat($form)];
        }

        return $json
            ? ['headers' => [...$headers, 'Content-Type' => 'application/json'], 'body' => Junk::json($form)]
            : ['headers' => $headers, 'form_params' => self::flat($form)];
    }

    /**
     * Raw bytes survive where JSON would mend them.
     *
     * @param  array<array-key, mixed>  $form
     * @return array<array-key, mixed>
     */
    private static function flat(array $form): array
    {
        return array_map(static fn (mixed $v): mixed => match (true) {
            is_array($v) => self::flat($v),
            $v === Junk::BEYOND => '1e400',
            is_bool($v) => $v ? '1' : '0',
            default => $v,
        }, $form);
    }
}
