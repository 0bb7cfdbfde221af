<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Plan\Aim;
use BuoyantStep\Core\Plan\GoalFor;
use BuoyantStep\Core\Tests\Support\Made;

it('serves the aim by who the client is', function (array $client, Aim $aim, Goal $goal): void {
    $for = new GoalFor(Made::situation(Made::client($client)));
    expect($for->family(Catalogue::standard()->family('tote_row'), $aim))->toBe($goal);
})->with([
    'trained' => [[], Aim::Strength, Goal::StrengthTrained],
    'trained, at seventy' => [['birth_date' => '1956-01-01'], Aim::Strength, Goal::StrengthTrained],
    'trained, at seventy and fragile' => [
        ['birth_date' => '1956-01-01', 'conditions' => [['code' => 'falls_risk_high']]], Aim::Strength,
        Goal::StrengthOlder,
    ],
    'new' => [['training' => ['level' => 'new']], Aim::Strength, Goal::StrengthFirstBlock],
    'returning' => [['training' => ['level' => 'returning']], Aim::Strength, Goal::StrengthOlder],
    'size, trained' => [[], Aim::Size, Goal::Size],
    'size, returning' => [['training' => ['level' => 'returning']], Aim::Size, Goal::Size],
    'size, but new' => [['training' => ['level' => 'new']], Aim::Size, Goal::StrengthFirstBlock],
    'size, but fragile' => [['birth_date' => '1940-01-01'], Aim::Size, Goal::StrengthOlder],
    'size, but pregnant' => [
        ['sex' => 'female', 'birth_date' => '1993-01-01', 'pregnancy' => ['due_date' => '2027-05-01']], Aim::Size,
        Goal::StrengthEndurance,
    ],
    'endurance' => [[], Aim::Endurance, Goal::Endurance], 'to learn' => [[], Aim::Learn, Goal::Learn],
]);
