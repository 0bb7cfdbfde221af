<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Kinds;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Vocabulary\DoseKind;

it('knows what each kind of dose may be', function (
    DoseKind $kind, Goal $goal, ?int $increment, int $usual, int $most,
): void {
    $rules = Kinds::of($kind);
    expect($rules->increment())->toBe($increment)
        ->and($rules->usual($goal))->toBe($usual)
        ->and($rules->most($goal))->toBe($most);
})->with([
    'reps' => [DoseKind::Reps, Goal::StrengthTrained, null, 30, 60],
    'seconds held' => [DoseKind::Hold, Goal::Isometric, null, 180, 300],
    'seconds of movement' => [DoseKind::Seconds, Goal::StrengthOlder, null, 600, 1800],
    'metres' => [DoseKind::Metres, Goal::StrengthOlder, 5, 100, 300],
    'seconds of a warm-up' => [DoseKind::Seconds, Goal::WarmUp, null, 1800, 1800],
    'steps' => [DoseKind::Steps, Goal::StrengthTrained, 5, 50, 100],
    'trips' => [DoseKind::Trips, Goal::StrengthTrained, 1, 30, 60],
]);

it('begins with what each kind begins with, under the limit that binds it', function (
    DoseKind $kind, Goal $goal, string $range, ?Field $cappedBy,
): void {
    expect(Kinds::of($kind)->range($goal)->label())
        ->toBe($range)
        ->and(Kinds::of($kind)->cappedBy($goal))
        ->toBe($cappedBy);
})->with([
    [DoseKind::Reps, Goal::StrengthOlder, '8-12', Field::RepsMax],
    [DoseKind::Reps, Goal::Power, '6-10', Field::RepsMax],
    [DoseKind::Reps, Goal::Balance, '8-12', Field::RepsMax],
    [DoseKind::Seconds, Goal::StrengthOlder, '30-60', null],
    [DoseKind::Seconds, Goal::WarmUp, '180-300', null],
    [DoseKind::Hold, Goal::Isometric, '10-20', Field::HoldMaxS],
    [DoseKind::Hold, Goal::StrengthOlder, '10-20', Field::HoldMaxS],
    [DoseKind::Hold, Goal::Balance, '10-30', null],
    [DoseKind::Hold, Goal::Mobility, '10-30', null],
    [DoseKind::Steps, Goal::Balance, '10-20', null],
    [DoseKind::Trips, Goal::StrengthOlder, '2-4', null],
    [DoseKind::Metres, Goal::StrengthOlder, '5-10', null],
]);

it('says in words what an effort leaves', function (DoseKind $kind, Goal $goal, int $effort, string $says): void {
    expect(Kinds::of($kind)->leaves($goal, $effort))->toBe($says);
})->with([
    [DoseKind::Trips, Goal::StrengthOlder, 4, 'light'],
    [DoseKind::Trips, Goal::StrengthOlder, 5, 'somewhat hard, you could still talk'],
    [DoseKind::Steps, Goal::StrengthOlder, 4, 'light'],
    [DoseKind::Steps, Goal::StrengthOlder, 5, 'somewhat hard, you could still talk'],
    [DoseKind::Metres, Goal::StrengthOlder, 4, 'light'],
    [DoseKind::Metres, Goal::StrengthOlder, 5, 'somewhat hard, you could still talk'],
    [DoseKind::Hold, Goal::Balance, 4, 'wobbly but safe'], [DoseKind::Hold, Goal::Mobility, 3, 'easy'],
    [DoseKind::Hold, Goal::Isometric, 4, 'light and steady'],
    [DoseKind::Hold, Goal::Isometric, 5, 'steady, could go on for about half as long again'],
    [DoseKind::Seconds, Goal::Balance, 5, 'wobbly but safe'], [DoseKind::Seconds, Goal::Mobility, 3, 'easy'],
    [DoseKind::Seconds, Goal::WarmUp, 4, 'easy'], [DoseKind::Seconds, Goal::StrengthOlder, 4, 'light and steady'],
    [DoseKind::Seconds, Goal::StrengthOlder, 5, 'steady, could go on for about half as long again'],
]);
