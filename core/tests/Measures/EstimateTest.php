<?php

declare(strict_types=1);

use BuoyantStep\Core\Body\Moves;
use BuoyantStep\Core\Body\SystemLoad;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\LoggedEstimates;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\Confidence;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Measures\EstimateFrom;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

function estimated(int $grams, Confidence $confidence, ?int $ago, EstimateFrom $from = EstimateFrom::Log): Estimate
{
    return Estimate::kept($grams, $confidence, $from, Day::of(Made::TODAY)->plus(-($ago ?? 0)), 'As kept.');
}

it('uses the newest of the highest confidence within four weeks, else the newest there is', function (
    array $rows, ?int $used,
): void {
    $estimates = array_map(static fn (array $r): Estimate => estimated(...$r), $rows);
    expect(Estimate::inUse($estimates, Day::of(Made::TODAY))?->grams)->toBe($used)
        ->and(Estimate::inUse(array_reverse($estimates), Day::of(Made::TODAY))?->grams)->toBe($used);
})->with([
    'none' => [[], null],
    'the newer' => [[[5000, Confidence::Good, 20], [5200, Confidence::Good, 3]], 5200],
    'the better, though older' => [[[5000, Confidence::Good, 20], [5200, Confidence::Fair, 3]], 5000],
    'the better on the last day of four weeks' => [[[5000, Confidence::Good, 28], [5200, Confidence::Fair, 3]], 5000],
    'the newer a day past them' => [[[5000, Confidence::Good, 29], [5200, Confidence::Fair, 3]], 5200],
    'a rough one where there is no other' => [[[5000, Confidence::Good, 29], [5200, Confidence::Rough, 28]], 5200],
    'the newest of old ones' => [[[5000, Confidence::Good, 60], [5200, Confidence::Rough, 40]], 5200],
    'the best of one day' => [[[5000, Confidence::Good, 3], [5200, Confidence::Good, 3]], 5200],
]);

it('says where it is from and how old it is, and what is far from it', function (): void {
    $estimate = estimated(10_000, Confidence::Good, 12);
    expect($estimate->inWords(Day::of(Made::TODAY)))->toBe(
        Made::said('Estimated 1RM 10 kg, from a logged set of 13 November 2026 (12 days ago): as kept.'),
    )->and(estimated(11_500, Confidence::Good, 1)->isFarFrom($estimate))->toBeFalse()
        ->and(estimated(11_501, Confidence::Good, 1)->isFarFrom($estimate))->toBeTrue()
        ->and(estimated(8499, Confidence::Good, 1)->isFarFrom($estimate))->toBeTrue()
        ->and(estimated(5000, Confidence::Rough, 1)->carriesAStep())->toBeFalse()
        ->and(estimated(5000, Confidence::Fair, 1)->carriesAStep())->toBeTrue();
});

it('takes a logged set as an easy set, of all that was lifted', function (
    array $set, SystemLoad $system, ?int $grams,
): void {
    $session = Performed::read(new Bag(['date' => '2026-11-20', 'sets' => [$set]]));
    expect(LoggedEstimates::of([$session], $system)[0]->grams ?? null)->toBe($grams);
})->with([
    // Eight with two left are ten: 36/27 of the load.
    'a load' => fn () => [['reps' => 8, 'effort' => 8, 'load_g' => 6000], new SystemLoad, 8000],
    'between two efforts, the harder' => fn () => [
        ['reps' => 8, 'effort' => 7.5, 'load_g' => 6000], new SystemLoad, 8000,
    ],
    'a rise with a load' => fn () => [
        ['reps' => 8, 'effort' => 8, 'load_g' => 1000], SystemLoad::moving(Moves::Rise, 60), 73_333,
    ],
    'the body alone' => fn () => [['reps' => 8, 'effort' => 8], SystemLoad::moving(Moves::Rise, 60), 72_000],
    'no load, nothing of the body' => fn () => [['reps' => 8, 'effort' => 8], new SystemLoad, null],
    'an effort of five' => fn () => [['reps' => 5, 'effort' => 5, 'load_g' => 6000], new SystemLoad, 8000],
    'an effort that tells nothing' => fn () => [['reps' => 5, 'effort' => 4, 'load_g' => 6000], new SystemLoad, null],
    'reps left in place of an effort' => fn () => [['reps' => 8, 'rir' => 2, 'load_g' => 6000], new SystemLoad, 8000],
    'reps left beside it, which say more' => fn () => [
        ['reps' => 7, 'rir' => 3, 'effort' => 4, 'load_g' => 6000], new SystemLoad, 8000,
    ],
    'seconds' => fn () => [['seconds' => 8, 'effort' => 8, 'load_g' => 6000], new SystemLoad, null],
]);
