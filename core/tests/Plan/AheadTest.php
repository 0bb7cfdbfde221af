<?php

declare(strict_types=1);

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\PlanAhead;
use BuoyantStep\Core\Plan\PlanFit;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Then;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

/** Day 126 of a pregnancy on the day of the tests: 20 weeks come in a fortnight, 28 in ten weeks. */
function eighteenWeeks(string $on = Made::TODAY): Situation
{
    $due = (string) Day::of(Made::TODAY)->plus(280 - 126);

    return Made::situation(Made::client([
        'birth_date' => '1994-03-02', 'pregnancy' => ['due_date' => $due], 'training' => ['level' => 'trained'],
        'function' => [
            'standing' => 'free', 'floor_transfer' => 'alone', 'home' => 'someone_home',
            'grip' => ['left' => 'full', 'right' => 'full'],
        ],
    ]), Made::measures([
        ['test' => 'chair_stand_30s', 'value' => 18], ['test' => 'tandem_stand', 'value' => 10],
        ['test' => 'one_leg_stand', 'side' => 'left', 'value' => 25],
        ['test' => 'one_leg_stand', 'side' => 'right', 'value' => 25],
    ]), Made::kitchen(), on: $on);
}

function asPlanned(string $code, Situation $here): Planned
{
    [$family, $rung] = explode('/', $code);
    $found = Catalogue::standard()->family($family);
    $item = (new Drafter($here))->offer($here->at($found, $found->rung($rung)), new Wishes)->item;
    assert($item instanceof PlanItem, $code);

    return new Planned($found, $item->rung, $item->goal, $item->dose, $item->sides, $item->changes);
}

it('puts the plan of every date that tightens beside todays, out to the re-test', function (): void {
    $today = eighteenWeeks();
    $ahead = new PlanAhead(RuleBook::standard(), $today, static fn (Day $on): Situation => eighteenWeeks((string) $on));
    $items = [asPlanned('bridge/two_legs', $today), asPlanned('tote_row/hand_chair', $today)];
    $dates = $ahead->within($items, 56, new Wishes);
    $days = array_map(static fn (Then $t): string => (string) $t->date, $dates);
    expect($days)->toContain((string) Day::of(Made::TODAY)->plus(14))
        ->and($ahead->within($items, 13, new Wishes))->toBe([]);
    $at20 = $dates[array_search((string) Day::of(Made::TODAY)->plus(14), $days, true)];
    expect($at20->changed)->toHaveCount(1)->and($at20->changed[0][0]->family->code)->toBe('bridge')
        ->and($at20->changed[0][1])->not->toBeNull();
    // What it would be fits on that day.
    $then = $at20->changed[0][1];
    $fit = new PlanFit(eighteenWeeks((string) $at20->date));
    expect($fit->ofOne(new Planned(
        $then->family, $then->rung, $then->goal, $then->dose, $then->sides, $then->changes,
    )))->toBe([]);
});
