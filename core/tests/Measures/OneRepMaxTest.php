<?php

declare(strict_types=1);

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Measures\Confidence;
use BuoyantStep\Core\Measures\EffortScale;
use BuoyantStep\Core\Measures\Formula;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Measures\RepsPossible;

it('meets the golden figures', function (): void {
    expect(OneRepMax::estimate(8000, 10, 3)->grams)->toBe(11467)
        ->and(OneRepMax::estimate(8000, 10, 3)->formula)->toBe(Formula::Epley)
        ->and(OneRepMax::estimate(10000, 6, 2)->grams)->toBe(12414)
        ->and(OneRepMax::estimate(10000, 6, 2)->formula)->toBe(Formula::Brzycki);
});

it('grades its confidence by how far it had to reach', function (int $reps, int $left, Confidence $confidence): void {
    expect(OneRepMax::estimate(5000, $reps, $left)->confidence)->toBe($confidence);
})->with([
    'n 10' => [8, 2, Confidence::Good],
    'n 11' => [8, 3, Confidence::Fair],
    'n 15' => [11, 4, Confidence::Fair],
    'n 16' => [12, 4, Confidence::Rough],
    'n 20' => [16, 4, Confidence::Rough],
    'n 21' => [17, 4, Confidence::None],
    'more than 4 left is judged poorly' => [5, 5, Confidence::Fair],
    'fair drops to rough' => [8, 5, Confidence::Rough],
    'rough drops to none' => [12, 5, Confidence::None],
    '4 left does not drop' => [6, 4, Confidence::Good],
]);

it('gives no number when it has none', function (): void {
    $estimate = OneRepMax::estimate(5000, 20, 2);
    expect($estimate->grams)->toBeNull()->and($estimate->says)->toContain('too many for an estimate');
});

it('takes one rep to failure as the maximum itself', function (Formula $formula): void {
    expect(OneRepMax::estimate(5000, 1, 0, $formula)->grams)->toBe(5000);
})->with(Formula::cases());

it('agrees at ten reps whichever formula is asked for', function (): void {
    expect(OneRepMax::estimate(9000, 10, 0, Formula::Epley)->grams)->toBe(
        OneRepMax::estimate(9000, 10, 0, Formula::Brzycki)->grams,
    );
});

it('refuses impossible sets and names the field', function (int $load, int $reps, int $left, string $pointer): void {
    try {
        OneRepMax::estimate($load, $reps, $left);
        $this->fail('accepted');
    } catch (InvalidInput $e) {
        expect($e->pointer)->toBe($pointer);
    }
})->with(
    [[0, 5, 1, '/load_g'], [5000, 0, 1, '/reps'], [5000, -3, 1, '/reps'], [5000, 5, -1, '/rir'], [5000, 5, 51, '/rir']],
);

it('inverts itself: the reps possible at the load of the set are the reps of the set', function (): void {
    for ($n = 1; $n <= 15; $n++) {
        $max = OneRepMax::estimate(100_000, max(1, $n - 2), min(2, $n - 1))->grams;
        expect(RepsPossible::at(100_000, (int) $max))->toEqualWithDelta($n, 0.01)
            ->and(RepsPossible::loadFor($n, (int) $max))->toEqualWithDelta(100_000, 1.0);
    }
});

it('never gives more reps for a heavier load', function (): void {
    $before = INF;
    for ($load = 1000; $load <= 10_000; $load += 10) {
        $reps = RepsPossible::at($load, 10_000);
        expect($reps)->toBeLessThanOrEqual($before);
        $before = $reps;
    }
});

it('reads the 6-20 scale by the house convention', function (int $old, int $effort): void {
    expect(EffortScale::from620($old))->toBe($effort);
})->with([[9, 2], [11, 4], [12, 5], [13, 6], [14, 7], [15, 7], [16, 8], [17, 8], [18, 9], [19, 10], [20, 10]]);

it(
    'has no effort outside the 6-20 scale',
    fn () => expect(EffortScale::from620(5))->toBeNull()->and(EffortScale::from620(21))->toBeNull(),
);
