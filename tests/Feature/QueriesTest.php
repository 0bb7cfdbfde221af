<?php

declare(strict_types=1);

use App\Models\HomePage;
use App\Queries\ClinicCatalogue;
use Illuminate\Support\Facades\DB;
use Tests\Feature\Support\AtHome;
use Tests\Feature\Support\Scene;

/** How many queries a page asks, session and sign-in included. */
function queriesOf(callable $visit): int
{
    DB::flushQueryLog();
    DB::enableQueryLog();
    $visit();
    DB::disableQueryLog();

    return count(DB::getQueryLog());
}

it('asks as little for every stage of a client', function (): void {
    $scene = new Scene;
    $plan = $scene->issued(['conditions' => [['code' => 'hypertension_controlled', 'details' => []]]]);
    $scene->goodSession($plan, now()->subDays(5)->format('Y-m-d'));
    $scene->goodSession($plan, now()->subDays(2)->format('Y-m-d'));
    $this->actingAs($scene->user);
    // The clinic's own exercises are read once and then kept in the cache.
    app(ClinicCatalogue::class)->of($scene->user->clinic_id);
    foreach ([
        'screen' => 15, 'measure' => 15, 'limits' => 15, 'kit' => 16, 'plan' => 20, 'sheet' => 17, 'gate' => 16,
        'log' => 18, 'review' => 22,
    ] as $stage => $most) {
        expect(
            queriesOf(fn () => $this->get("/clients/{$plan->client_id}/$stage")->assertOk()),
        )->toBeLessThanOrEqual($most, $stage);
    }
});

it('asks no more for Today with ten clients than with two', function (): void {
    $scene = new Scene;
    $this->actingAs($scene->user);
    $add = static function (int $n) use ($scene): void {
        for ($i = 0; $i < $n; $i++) {
            $plan = $scene->issued(['given_name' => "C$i"]);
            $scene->goodSession($plan, now()->subDays(4)->format('Y-m-d'));
            $scene->goodSession($plan, now()->subDays(2)->format('Y-m-d'));
        }
    };
    $add(2);
    // Once before counting: what belongs to the signed-in user is loaded on the first visit of a test.
    $this->get('/')->assertOk();
    $two = queriesOf(fn () => $this->get('/')->assertOk());
    $add(8);
    // What has changed is worked out once; every look after that reads what was kept.
    $this->get('/')->assertOk();
    expect(queriesOf(fn () => $this->get('/')->assertOk()))->toBe($two)->and($two)->toBeLessThanOrEqual(15);
});

it('asks little for the page at home, and less for a card that is kept', function (): void {
    $scene = new Scene;
    $plan = $scene->issued(['conditions' => [['code' => 'hypertension_controlled', 'details' => []]]]);
    $this->actingAs($scene->user)->post("/clients/{$plan->client_id}/home");
    $page = HomePage::query()->sole();
    $home = (new AtHome($this))->enter($page, substr($plan->client->birth_date, 0, 4).$page->letters);
    $home->card()->assertOk();
    expect(queriesOf(fn () => $home->card()->assertOk()))->toBeLessThanOrEqual(20)
        ->and(queriesOf(fn () => $home->get('/home')->assertOk()))->toBeLessThanOrEqual(20);
});
