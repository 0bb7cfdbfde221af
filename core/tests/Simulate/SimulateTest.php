<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Forecast\SimulatedClient;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Tests\Simulate\Followed;
use BuoyantStep\Core\Tests\Simulate\Population;
use BuoyantStep\Core\Tests\Simulate\Programme;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Side;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** @return list<Followed> */
function followed(int $seed, int $weeks): array
{
    $luck = new Randomizer(new Mt19937($seed));
    $people = new Population($luck);
    $form = $people->client();
    $programme = new Programme(
        $form, $people->measures($form, 0.9, Made::TODAY), $people->kit(), new Wishes,
        new SimulatedClient(Profile::read(new Bag($form)), $luck, 0.9, 0.7), $luck,
    );
    $programme->run($weeks);

    return $programme->exercises;
}

it('moves what is trained, by no step too large and past no limit, in a few made-up programmes', function (): void {
    $all = array_merge(...array_map(static fn (int $seed): array => followed($seed, 8), range(1, 6)));
    $trained = array_filter($all, static fn (Followed $f): bool => ! in_array(
        $f->goal->value, ['warm_up', 'mobility'], true,
    ));
    $moved = array_filter($trained, static fn (Followed $f): bool => $f->moved());
    expect(count($trained))->toBeGreaterThan(25)
        ->and(array_sum(array_column($trained, 'overStep')))->toBe(0)
        ->and(array_sum(array_column($trained, 'overCap')))->toBe(0)
        ->and(count($moved) / count($trained))->toBeGreaterThan(0.8);
});

it('tells the same story again from the same seed', function (): void {
    $course = static fn (): array => array_column(followed(7, 6), 'course');
    expect($course())->toBe($course());
});

/** Does a row with this load on a usual or a worse day. */
function rowed(int $loadG, float $form = 1.0, float $strength = 1.0): Performed
{
    $client = Made::client(['body_mass_kg' => 70]);
    $body = new SimulatedClient($client, new Randomizer(new Mt19937(3)), $strength, 0.5);
    $here = Made::at(Made::situation($client, kit: Made::kitchen()), 'tote_row/hand_chair');
    $dose = Dose::read(new Bag([
        'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 6, 'hi' => 8], 'load_g' => $loadG,
    ]));

    return $body->does($here, $dose, [Side::Left], Day::of(Made::TODAY), $form);
}

it('does less with more, on a bad day and in a weaker body, and says that it was harder', function (): void {
    expect(rowed(2000)->leastAmount())->toBe(12)
        ->and(rowed(9000)->leastAmount())->toBeLessThan(12)
        ->and(rowed(8000)->hardestEffort())->toBeGreaterThan(rowed(2000)->hardestEffort())
        ->and(rowed(8000, 0.7)->leastAmount())->toBeLessThan(rowed(8000)->leastAmount())
        ->and(rowed(8000, 1.0, 0.7)->leastAmount())->toBeLessThan(rowed(8000)->leastAmount());
});
