<?php

declare(strict_types=1);

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

/** @return array<string, int> pattern to how many of its rungs fit this body, as they are or with changes */
function openByPattern(array $client): array
{
    $situation = Made::situation(Made::client($client));
    $open = array_fill_keys(array_column(Pattern::cases(), 'value'), 0);
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            $open[$family->pattern->value] += $situation->at($family, $rung)->isOut() ? 0 : 1;
        }
    }

    return $open;
}

it('has something of every pattern for every body', function (array $client, array $except): void {
    foreach (openByPattern($client) as $pattern => $rungs) {
        if (! in_array($pattern, $except, true)) {
            expect($rungs)->toBeGreaterThan(0, $pattern);
        }
    }
})->with([
    'no grip' => [[
        'conditions' => [['code' => 'hand_function_none', 'side' => 'both']],
        'function' => [
            'grip' => ['left' => 'none', 'right' => 'none'], 'standing' => 'free', 'floor_transfer' => 'alone',
            'home' => 'someone_home',
        ],
    ], []],
    // Down to the floor and up again is the one thing that cannot be worked at from a seat.
    'seated only' => [[
        'function' => [
            'grip' => ['left' => 'full', 'right' => 'full'], 'standing' => 'none', 'floor_transfer' => 'none',
            'home' => 'someone_home',
        ],
    ], ['floor']],
    'one arm' => [[
        'conditions' => [['code' => 'limb_loss', 'side' => 'left', 'detail' => ['arm']]],
        'function' => [
            'grip' => ['left' => 'none', 'right' => 'full'], 'standing' => 'free', 'floor_transfer' => 'alone',
            'home' => 'someone_home', 'limbs' => ['arm_left' => 'none'],
        ],
    ], []],
    '30 weeks pregnant' => [['pregnancy' => ['due_date' => (string) Day::of(Made::TODAY)->plus(70)]], []],
    'a fragile spine' => [[
        'birth_date' => '1942-04-01',
        'conditions' => [['code' => 'osteoporosis', 'detail' => ['vertebral_fracture']]],
    ], []],
    'cannot reach the floor' => [[
        'function' => [
            'grip' => ['left' => 'full', 'right' => 'full'], 'standing' => 'free', 'floor_transfer' => 'none',
            'home' => 'alone',
        ],
    ], ['floor']],
]);

it('gives an early mother work that needs no load, no effort and no flat back', function (): void {
    $since = Day::of(Made::TODAY)->plus(-10);
    $situation = Made::situation(Made::client([
        'postpartum' => ['birth_date' => (string) $since, 'birth' => 'vaginal'],
    ]));
    $family = Catalogue::standard()->family('breath_floor');
    foreach ($family->rungs as $rung) {
        expect($situation->at($family, $rung)->isOut())->toBeFalse($rung->name);
    }
});

it('draws no exercise that needs another pair of hands into a plan by itself', function (): void {
    $helped = array_filter(
        Catalogue::standard()->families(),
        static fn (Family $f): bool => array_filter($f->rungs, static fn ($r): bool => $r->helper !== null) !== [],
    );
    expect(count($helped))->toBeGreaterThanOrEqual(5);
    $alone = Made::situation(Made::client(['function' => [
        'grip' => ['left' => 'full', 'right' => 'full'], 'standing' => 'free', 'floor_transfer' => 'alone',
        'home' => 'alone',
    ]]));
    $together = Made::situation(Made::client());
    foreach ($helped as $family) {
        foreach ($family->rungs as $rung) {
            if ($rung->helper !== null) {
                expect($alone->at($family, $rung)->isOut())->toBeTrue($family->code.'/'.$rung->code)
                    ->and($together->at($family, $rung)->isOut())->toBeFalse($family->code.'/'.$rung->code);
            }
        }
    }
});
