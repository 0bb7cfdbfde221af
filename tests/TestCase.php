<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Client;
use App\Models\ClinicFigure;
use App\Models\MeasureResult;
use App\Models\User;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Str;

abstract class TestCase extends BaseTestCase
{
    /** False: forms are sent as they are given, without what a freshly opened page would add. */
    public bool $asFreshPage = true;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    /** Another person means another browser: what ties a session to a password is not carried over. */
    public function actingAs($user, $guard = null)
    {
        $this->app['session']->forget('password_hash_web');

        return parent::actingAs($user, $guard);
    }

    /** Sends a form the way a page does that was opened just now: with its key, and the state it was made from. */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        $fresh = $this->asFreshPage && in_array($method, ['POST', 'PUT'], true) && is_array($parameters)
            ? self::freshPage($method, (string) parse_url((string) $uri, PHP_URL_PATH), $parameters)
            : [];

        return parent::call($method, $uri, $parameters + $fresh, $cookies, $files, $server, $content);
    }

    /**
     * @param  array<array-key, mixed>  $form
     * @return array<string, mixed>
     */
    private static function freshPage(string $method, string $path, array $form): array
    {
        $client = preg_match('#^/clients/(\d{1,18})/#', $path, $found) === 1
            ? Client::query()->find((int) $found[1])
            : null;
        $clinic = auth()->user() instanceof User ? auth()->user()->clinic()->first() : null;
        $seen = static fn (): ?int => ClinicFigure::query()->where(
            ['clinic_id' => $clinic?->id, 'rule' => $form['rule'] ?? '', 'field' => $form['field'] ?? ''],
        )->first()?->value;

        return match (true) {
            $path === '/clients', str_ends_with($path, '/gate') => ['key' => (string) Str::uuid()],
            str_ends_with($path, '/measure') => [
                'key' => (string) Str::uuid(),
                'seen' => (int) MeasureResult::query()->where('client_id', $client?->id)->max('id'),
            ],
            $method === 'PUT' && str_ends_with($path, '/screen') => ['version' => $client?->screen_version],
            $method === 'PUT' && str_ends_with($path, '/kit') => ['version' => $client?->kit_version],
            $path === '/rulebook' => is_string($form['rule'] ?? '') && is_string($form['field'] ?? '')
                ? ['seen' => $seen()]
                : [],
            $path === '/rulebook/school' => [
                'seen' => is_string($form['school'] ?? null) ? $clinic?->schools[$form['school']] ?? null : null,
            ],
            $path === '/rulebook/unit' => ['seen' => $clinic?->mass_unit->value],
            str_ends_with($path, '/plan') => ['revision' => $client?->plan_revision],
            default => [],
        };
    }
}
