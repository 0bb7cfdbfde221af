<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use App\Actions\HomeDoor;
use App\Http\AtHome\Resources\CardResource;
use App\Models\Client;
use App\Models\HomePage;
use App\Models\Plan;
use App\Models\User;
use Database\Seeders\Demo\DemoAccounts;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Application;
use RuntimeException;

/**
 * The demo's own database, to set a scene that would take a clinician long, and to see what has arrived. Each scene is
 * a copy in a clinic of its own: what a test does to it nobody else sees.
 */
final class Demo
{
    /** What makes a client, beside the plan. */
    private const COPIED = ['conditions', 'measures', 'pieces', 'carriers', 'bands', 'clearances', 'ownLimits'];

    private static ?Application $app = null;

    public static function open(): void
    {
        if (self::$app === null) {
            $app = require dirname(__DIR__, 3).'/bootstrap/app.php';
            assert($app instanceof Application);
            $app->make(Kernel::class)->bootstrap();
            self::$app = $app;
            restore_error_handler();
            restore_exception_handler();
        }
    }

    /**
     * Like somebody of the demo, in a clinic of this test alone, with a page at home and a session on every day. Where
     * another test has meanwhile taken that one's plan out of use, like somebody else.
     */
    public static function home(string $givenName): Client
    {
        self::open();
        foreach ([$givenName, 'Bertil', 'Ilse', 'Tevita', 'Greta', 'Oskar', 'Marisol', 'Rune'] as $name) {
            $client = self::like($name);
            if (app(CardResource::class)->of(self::page($client))['shut'] === null) {
                return $client;
            }
        }
        throw new RuntimeException('Nobody of the demo may exercise.');
    }

    private static function like(string $givenName): Client
    {
        $like = Client::query()->where('given_name', $givenName)->with(['clinic', ...self::COPIED])->orderBy('id')
            ->firstOrFail();
        $name = 'Lane '.bin2hex(random_bytes(3));
        $clinic = $like->clinic->replicate()->fill(['name' => $name]);
        $clinic->save();
        $user = User::query()->create([
            'clinic_id' => $clinic->id, 'name' => 'T. Lane',
            'email' => str_replace(' ', '-', strtolower($name)).'@lane.example',
            'password' => DemoAccounts::PASSWORD, 'role' => 'clinician',
        ]);
        $client = $like->replicate()->fill(['clinic_id' => $clinic->id, 'assigned_to' => null]);
        $client->save();
        foreach (self::COPIED as $relation) {
            $rows = $like->getRelation($relation);
            foreach ($rows instanceof Collection ? $rows : [] as $row) {
                self::copy($row, ['client_id' => $client->id, 'user_id' => $user->id]);
            }
        }
        self::copyPlan(self::plan($like), ['client_id' => $client->id, 'days' => [1, 2, 3, 4, 5, 6, 7]]);
        app(HomeDoor::class)->make($client->load('clinic'), $user);

        return $client;
    }

    public static function plan(Client $client): Plan
    {
        return Plan::query()->where('client_id', $client->id)->where('status', Plan::ISSUED)->firstOrFail();
    }

    /** The next version of a plan, in use from now on. */
    public static function replan(Client $client): void
    {
        $plan = self::plan($client);
        $plan->update(['status' => Plan::SUPERSEDED]);
        self::copyPlan($plan, ['version' => $plan->version + 1, 'status' => Plan::ISSUED]);
    }

    public static function page(Client $client): HomePage
    {
        return HomeDoor::of($client) ?? throw new RuntimeException('There is no page at home.');
    }

    public static function clinicianOf(Client $client): string
    {
        return User::query()->where('clinic_id', $client->clinic_id)->firstOrFail()->email;
    }

    /** @param  array<string, mixed>  $with */
    private static function copyPlan(Plan $plan, array $with): void
    {
        $copy = $plan->replicate()->fill($with);
        $copy->save();
        foreach ($plan->items()->get() as $item) {
            self::copy($item, ['plan_id' => $copy->id]);
        }
    }

    /** @param  array<string, mixed>  $with */
    private static function copy(Model $row, array $with): void
    {
        $copy = $row->replicate();
        $copy->fill(array_intersect_key($with, $row->getAttributes()))->save();
    }
}
