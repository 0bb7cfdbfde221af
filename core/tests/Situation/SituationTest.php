<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\Side;

/** Somebody on a day, with nothing at home but what is usual. */
function somebody(array $client, array $measures = [], string $on = Made::TODAY): Situation
{
    return Made::situation(Made::client($client), Made::measures($measures), new Kit, on: $on);
}

/** @return list<string> what is still to be changed about a rung where these changes were made */
function stillToChange(Situation $situation, string $path, array $made, Side $side = Side::Both): array
{
    $changes = Made::at($situation, $path)->furtherChanges([$side], array_map(Change::read(...), $made));

    return array_map(static fn (Change $c): string => $c->code(), $changes);
}

it('asks for a change once, and for nothing more when it was made', function (): void {
    $pregnant = ['birth_date' => '1994-01-01', 'pregnancy' => ['due_date' => '2027-04-01']];
    expect(stillToChange(somebody($pregnant), 'bridge/two_legs', []))->toBe(['wedge_trunk'])
        ->and(stillToChange(somebody($pregnant), 'bridge/two_legs', ['wedge_trunk']))->toBe([])
        ->and(stillToChange(somebody([]), 'bridge/two_legs', []))->toBe([]);
});

it('takes more support than is asked for as enough, and less as too little', function (
    array $made, array $measures, array $still,
): void {
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
        $situation = Made::situation(
            Profile::read(new Bag($made->randomForm())), $made->randomMeasures(), Made::kitchen(),
        );
        foreach ((new Drafter($situation))->draft(new Wishes)->items as $item) {
            $asked += count($item->changes);
            $further = $item->here->furtherChanges($item->sides, $item->changes);
            if ($further !== []) {
                $this->fail(
                    "client $i, {$item->rung->name}: drafted with ".json_encode($item->changes).', still asks '.implode(
                        ',', array_column($further, 'change'),
                    ),
                );
            }
        }
    }
    expect($asked)->toBeGreaterThan(100);
});
