<?php

declare(strict_types=1);

namespace Tests\Hostile;

use App\Models\Client;
use App\Models\Plan;
use App\Models\Proposal;
use App\Models\SessionLog;
use Database\Seeders\Demo\DemoAccounts;
use GuzzleHttp\Promise\EachPromise;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;
use Psr\Http\Message\ResponseInterface;
use Throwable;

/** Every route by every role with forms whole and spoiled; and nobody may see or change what is another clinic's. */
final class Fuzz
{
    private const AT_ONCE = 6;

    /** Routes that anyone may open without being signed in. */
    private const OPEN = [
        'up', 'sign-in', 'forgot-password', 'reset-password', 'reset-password/{token}', 'welcome', 'welcome/{token}',
        'intake/{token}', 'api/readings',
    ];

    private readonly Junk $junk;

    /** @var list<Route> */
    private readonly array $routes;

    public function __construct(private readonly string $base, private readonly Tally $tally, int $seed)
    {
        $this->junk = new Junk($seed);
        $this->routes = array_values(
            array_filter(
                iterator_to_array(Routes::getRoutes()),
                static fn (Route $r): bool => ! str_starts_with($r->uri(), 'storage') && $r->uri() !== 'sign-out',
            ),
        );
    }

    public function run(int $requests): void
    {
        $theirs = Client::query()->whereHas(
            'clinic', static fn ($q) => $q->where('name', 'Harbour Steps'),
        )->firstOrFail();
        $before = self::checksum($theirs);
        $this->everyRoute($theirs);
        $visitors = $this->visitors();
        $gateway = new Visitor($this->base, 'gateway');
        $work = (function () use ($requests, $visitors, $gateway, $theirs) {
            for ($n = 0; $n < $requests; $n++) {
                if ($n % 4 === 0) {
                    yield $this->delivery($gateway, $theirs);
                } else {
                    yield $this->one($visitors[$n % count($visitors)], $theirs);
                }
            }
        })();
        (
            new EachPromise(
                $work,
                [
                    'concurrency' => self::AT_ONCE,
                    'rejected' => fn (mixed $why) => $this->tally->answered(
                        599, 'no answer: '.($why instanceof Throwable ? $why->getMessage() : ''),
                    ),
                ],
            )
        )->promise()->wait();
        if (self::checksum($theirs) !== $before) {
            $this->tally->wrong('the other clinic\'s record has changed');
        }
    }

    /** @return list<Visitor> */
    private function visitors(): array
    {
        $guest = new Visitor($this->base, 'guest');
        $guest->page('/sign-in');

        return [
            $guest,
            Visitor::signedIn($this->base, 'clinician', DemoAccounts::CLINICIAN),
            Visitor::signedIn($this->base, 'lead', DemoAccounts::LEAD),
        ];
    }

    /** Each route once by each role, on a client of the other clinic and on one of nobody's. */
    private function everyRoute(Client $theirs): void
    {
        foreach ($this->visitors() as $visitor) {
            foreach ($this->routes as $route) {
                foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                    $path = $this->path($route, $theirs->id, false);
                    $answer = $visitor->send(
                        $method,
                        $path,
                        $method === 'GET' ? null : $this->forms($theirs->id)[Junk::formOf($route->uri())],
                    );
                    $this->judge($answer, "$visitor->name $method $path", $route, $visitor, $theirs);
                }
            }
        }
    }

    private function one(Visitor $visitor, Client $theirs): PromiseInterface
    {
        $route = $this->junk->one($this->routes);
        $method = $this->junk->one(array_diff($route->methods(), ['HEAD']));
        // Mostly a client of one's own; now and then somebody else's, or an id that is none.
        $client = $this->junk->below(5) === 0 ? $theirs->id : $this->junk->below(12) + 1;
        $path = $this->path($route, $client, $this->junk->below(8) === 0);
        $form = $this->forms($client)[Junk::formOf($route->uri())];
        $form = $this->junk->below(10) === 0 ? $form : $this->junk->spoil($form);
        $what = "$visitor->name $method $path ".mb_substr(Junk::json($form), 0, 400);

        return $visitor->later($method, $path, $form, $this->junk->below(3) > 0)->then(
            fn (ResponseInterface $answer) => $this->judge($answer, $what, $route, $visitor, $theirs),
        );
    }

    private function delivery(Visitor $gateway, Client $theirs): PromiseInterface
    {
        $form = $this->forms($this->junk->below(10) === 0 ? $theirs->id : 1)['reading'];
        $body = match ($this->junk->below(12)) {
            0 => $this->junk->one(
                [
                    '', '[]', '"x"', '{', "{\"a\":\"\xFF\"}", str_repeat('[', 3000), '{"values":1e400}',
                    str_repeat('{"a":', 200).'1'.str_repeat('}', 200),
                ],
            ),
            1 => $form,
            default => $this->junk->spoil($form),
        };

        return $gateway->deliver(
            $body, DemoAccounts::GATEWAY_TOKEN,
        )->then(function (ResponseInterface $answer) use ($body, $theirs): void {
            $status = $answer->getStatusCode();
            $text = (string) $answer->getBody();
            $this->tally->answered($status, 'gateway '.mb_substr(is_string($body) ? $body : Junk::json($body), 0, 400));
            if (
                ! str_starts_with($answer->getHeaderLine('Content-Type'), 'application/json')
                || json_decode($text) === null
            ) {
                $this->tally->wrong('the gateway was not answered in JSON: '.$text);
            }
            if ($status < 300 && is_array($body) && $body['client_id'] === $theirs->id) {
                $this->tally->wrong('a reading for a client of another clinic was taken');
            }
        });
    }

    private function judge(
        ResponseInterface $answer,
        string $what,
        Route $route,
        Visitor $visitor,
        Client $theirs,
    ): void {
        $status = $answer->getStatusCode();
        $text = (string) $answer->getBody();
        $this->tally->answered($status, $what);
        if (str_contains($text, $theirs->family_name)) {
            $this->tally->wrong("$what shows a name of another clinic");
        }
        if (! $answer->hasHeader('Content-Security-Policy') || ! $answer->hasHeader('X-Content-Type-Options')) {
            $this->tally->wrong("$what came without security headers");
        }
        if ($visitor->name === 'guest' && $status < 300 && ! in_array($route->uri(), self::OPEN, true)) {
            $this->tally->wrong("$what was answered without a sign-in");
        }
    }

    private function path(Route $route, int $client, bool $spoilt): string
    {
        $own = [
            '{client}' => (string) $client, '{item}' => (string) $this->itemOf($client),
            '{log}' => (string) SessionLog::query()->where('client_id', $client)->max('id'),
            '{proposal}' => (string) Proposal::query()->where('client_id', $client)->max('id'), '{intake}' => '1',
            '{token}' => str_repeat('a', 40), '{family}' => 'seat_rise',
        ];
        foreach ($own as $part => $id) {
            $own[$part] = $spoilt && $this->junk->below(2) === 0 ? $this->junk->id() : ($id === '' ? '1' : $id);
        }

        return '/'.ltrim(str_replace(array_keys($own), array_values($own), $route->uri()), '/');
    }

    private function itemOf(int $client): int
    {
        $plan = Plan::query()->where('client_id', $client)->where(
            'status', '!=', Plan::SUPERSEDED,
        )->with('items')->latest('id')->first();

        return $plan?->items->first()->id ?? 1;
    }

    /** @return array<string, array<string, mixed>> */
    private function forms(int $id): array
    {
        $client = Client::query()->with(['clinic', 'measures'])->find($id);
        $plan = Plan::query()->where('client_id', $id)->where('status', Plan::ISSUED)->with('items')->first();

        return Junk::forms([
            'today' => (string) ($client?->clinic->today() ?? '2026-11-26'), 'plan' => $plan->id
                ?? 1, 'item' => $plan?->items->first()->id
                ?? 1, 'client' => $id,
            'version' => $client->screen_version
                ?? 1, 'kit' => $client->kit_version
                ?? 1, 'revision' => $client->plan_revision
                ?? 1, 'seen' => max([0, ...($client?->measures->modelKeys() ?? [])]),
        ], (string) Str::uuid());
    }

    /** Everything stored about a client, in one number. */
    private static function checksum(Client $client): string
    {
        $rows = [DB::table('clients')->where('id', $client->id)->get()];
        foreach ([
            'client_conditions', 'clearances', 'measure_results', 'kit_pieces', 'kit_carriers', 'kit_bands', 'plans',
            'session_logs', 'proposals', 'gate_checks', 'decisions', 'device_readings', 'home_intakes',
            'plan_snapshots',
        ] as $table) {
            $rows[] = DB::table($table)->where('client_id', $client->id)->orderBy('id')->get();
        }

        return hash('sha256', json_encode($rows, JSON_THROW_ON_ERROR));
    }
}
