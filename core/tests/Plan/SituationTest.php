<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Client\Side;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Situation;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

/** Somebody on a day, with nothing at home but what is usual. */
function somebody(array $client, array $measures = [], string $on = Made::TODAY): Situation
{
    return new Situation(Made::client($client), Day::of($on), Made::measures($measures), new Kit, Catalogue::standard(), RuleBook::standard());
}

/** @return list<string> what is still to be changed about a rung where these changes were made */
function stillToChange(Situation $situation, string $path, array $made, Side $side = Side::Both): array
{
    [$family, $rung] = explode('/', $path);

    return array_column($situation->furtherChanges(Catalogue::standard()->family($family)->rung($rung), [$side], $made), 'change');
}

it('asks for a change once, and for nothing more when it was made', function (): void {
    $pregnant = ['birth_date' => '1994-01-01', 'pregnancy' => ['due_date' => '2027-04-01']];
    expect(stillToChange(somebody($pregnant), 'bridge/two_legs', []))->toBe(['wedge_trunk'])
        ->and(stillToChange(somebody($pregnant), 'bridge/two_legs', ['wedge_trunk']))->toBe([])
        ->and(stillToChange(somebody([]), 'bridge/two_legs', []))->toBe([]);
});

it('takes more support than is asked for as enough, and less as too little', function (array $made, array $measures, array $still): void {
    $situation = somebody(['conditions' => [['code' => 'falls_risk_high']]], $measures);
    expect(stillToChange($situation, 'stance_balance/one_leg', $made, Side::Left))->toBe($still);
})->with([
    'nothing held, one hand asked for' => [[], [], ['hold_on:one_hand']],
    'fingertips, one hand asked for' => [['hold_on:fingertip'], [], ['hold_on:one_hand']],
    'one hand, one hand asked for' => [['hold_on:one_hand'], [], []],
    'one hand, fingertips asked for' => [['hold_on:one_hand'], [['test' => 'tandem_stand', 'value' => 10]], []],
    'nothing held, fingertips asked for' => [[], [['test' => 'tandem_stand', 'value' => 10]], ['hold_on:fingertip']],
]);

it('asks for nothing more of what was just drafted, for hundreds of clients', function (): void {
    $made = new Made(151);
    $asked = 0;
    for ($i = 0; $i < 400; $i++) {
        $situation = new Situation(Profile::read(new Bag($made->randomForm())), Day::of(Made::TODAY), $made->randomMeasures(), Made::kitchen(), Catalogue::standard(), RuleBook::standard());
        foreach ((new Drafter($situation))->draft(new Wishes)->items as $item) {
            $changes = array_column($item->changes, 'change');
            $asked += count($changes);
            $further = $situation->furtherChanges($item->rung, $item->sides, $changes);
            if ($further !== []) {
                $this->fail("client $i, {$item->rung->name}: drafted with ".implode(',', $changes).', still asks '.implode(',', array_column($further, 'change')));
            }
        }
    }
    expect($asked)->toBeGreaterThan(100);
});
