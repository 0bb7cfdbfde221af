<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Progress\Course;
use BuoyantStep\Core\Progress\NextDose;
use BuoyantStep\Core\Progress\Proposal;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

// A dose, sessions done on it, and what is proposed next: for the tests of this folder.

const DOSE = [
    'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 6, 'hi' => 8], 'load_g' => 5000,
    'per' => 'total', 'rest_s' => 60, 'tempo' => '3-0-2-0', 'days_a_week' => 2,
];

/** A session n days ago: reps and effort in both sets, and whatever else. */
function doneAgo(int $ago, int $reps = 12, float $effort = 8, array $more = [], array $set = []): array
{
    $one = ['reps' => $reps, 'effort' => $effort, 'load_g' => 5000, ...$set];

    return ['date' => (string) Day::of(Made::TODAY)->plus(-$ago), 'sets' => [$one, $one], ...$more];
}

function proposed(
    array $history,
    ?array $ladder = [4500, 5000, 5500, 6000],
    array $client = [],
    array $dose = DOSE,
    ?OneRepMax $max = null,
    string $school = 'reps_then_load',
    ?Goal $goal = null,
): Proposal {
    $profile = Made::client($client);
    $on = Day::of(Made::TODAY);

    return NextDose::propose(SchoolBook::find($school), new Course(
        Dose::read(new Bag($dose)),
        array_map(static fn (array $h): Performed => Performed::read(new Bag($h)), $history), $on, $profile,
        new DoseLimits(RuleBook::standard()->envelope(new Facts($profile, $on)), goal: $goal, maxG: $max?->grams),
        $ladder,
    ));
}
