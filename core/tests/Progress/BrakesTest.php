<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\Offered;
use BuoyantStep\Core\Tests\Support\Made;

require_once __DIR__.'/helpers.php';

/** So many sessions that are no brake and no step (RPE half a point over the range), the first so many days ago. */
function standingStill(int $sessions, int $days): array
{
    $history = [];
    for ($i = 0; $i < $sessions; $i++) {
        $history[] = doneAgo(1 + intdiv(($days - 1) * $i, max(1, $sessions - 1)), 12, 8.5);
    }

    return $history;
}

it('calls four weeks and six sessions without a step a plateau, and offers what else could move', function (
    int $sessions, int $days, bool $is,
): void {
    $next = proposed(standingStill($sessions, $days));
    $rules = array_column($next->because, 'rule');
    $offered = array_map(static fn (Offered $o): string => $o->lever, $next->offers);
    expect($next->decision)->toBe(Decision::Stay)
        ->and(in_array('plateau', $rules, true))->toBe($is)
        ->and($offered)->toBe($is ? ['deload', 'retest'] : []);
})->with([
    'five sessions in four weeks' => [5, 28, false], 'six in 27 days' => [6, 27, false], 'six in 28' => [6, 28, true],
    'ten in 27' => [10, 27, false], 'ten in 40' => [10, 40, true],
]);

it('expects no step of what prepares', function (Goal $goal): void {
    $next = proposed(standingStill(10, 40), goal: $goal);
    expect(array_column($next->because, 'rule'))->not->toContain('plateau');
})->with([Goal::WarmUp, Goal::WakeUp, Goal::CoolDown]);

it('takes six tenths of the sets for an easier week', function (int $sets, ?int $easier): void {
    $history = array_map(static fn (array $s): array => [
        ...$s, 'sets' => array_fill(0, $sets, $s['sets'][0]),
    ], standingStill(6, 30));
    $offers = array_values(array_filter(
        proposed($history, dose: [...DOSE, 'sets' => $sets])->offers,
        static fn (Offered $o): bool => $o->lever === 'deload',
    ));
    expect($offers === [] ? null : $offers[0]->dose->sets)->toBe($easier);
})->with([[1, null], [2, 1], [3, 2], [4, 2], [5, 3]]);

const OFF = ['date' => Made::TODAY, 'sets' => [], 'skipped' => 'gate said not today'];

it('lets the brakes win in their order', function (
    array $history, string $rule, Decision $decision, array $client,
): void {
    $next = proposed($history, [3000, 3500, 4000, 4500, 5000, 5500], client: $client);
    expect($next->because[0]->rule)->toBe($rule)->and($next->decision)->toBe($decision);
})->with(static function (): array {
    $stop = doneAgo(9, 12, 8, ['stop_sign' => true]);
    $pain = ['pain' => ['during' => 9]];
    $weak = ['own_limits' => [['field' => 'lift_max_g', 'value' => '3000', 'by' => 'letter', 'why' => 'as ordered']]];

    return [
        'a red flag before a session called off' => [[$stop, OFF], 'brake.stop_sign', Decision::Stop, []],
        'a red flag before pain' => [[$stop, doneAgo(2, 12, 8, $pain)], 'brake.stop_sign', Decision::Stop, []],
        'called off before pain' => [[doneAgo(2, 12, 8, $pain), OFF], 'brake.called_off', Decision::Stay, []],
        'pain before effort' => [[doneAgo(2, 12, 10, $pain)], 'brake.pain', Decision::Ease, []],
        'pain before missed time' => [[doneAgo(15, 12, 8, $pain)], 'brake.pain', Decision::Ease, []],
        'effort before missed time' => [[doneAgo(15, 12, 9)], 'brake.too_hard', Decision::Ease, []],
        'effort before broken form' => [
            [doneAgo(2, 12, 9, [], ['form_broke' => true])], 'brake.too_hard', Decision::Ease, [],
        ],
        'a tightened limit before a good run' => [[doneAgo(5), doneAgo(2)], 'own', Decision::Ease, $weak],
    ];
});

it('doses at once where a cap came down, and only then', function (int $mostG, Decision $decision, int $loadG): void {
    $next = proposed([doneAgo(5, 10), doneAgo(2, 10)], [3000, 3500, 4000, 4500, 5000, 5500], client: ['own_limits' => [[
        'field' => 'lift_max_g', 'value' => (string) $mostG, 'by' => 'letter', 'why' => 'as ordered',
    ]]]);
    expect($next->decision)->toBe($decision)->and($next->dose->loadG)->toBe($loadG);
})->with([
    'at the load' => [5000, Decision::Stay, 5000], 'ten grams under it' => [4990, Decision::Ease, 4500],
    'far under it' => [3400, Decision::Ease, 3000],
]);

it('brings a lowered cap down under a brake, too', function (): void {
    $weak = ['own_limits' => [['field' => 'lift_max_g', 'value' => '3000', 'by' => 'letter', 'why' => 'as ordered']]];
    $next = proposed([doneAgo(2), OFF], [2500, 3000, 5000], client: $weak);
    expect($next->decision)->toBe(Decision::Ease)->and($next->dose->loadG)->toBe(3000);
});
