<?php

declare(strict_types=1);

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\ChangeKind;

/**
 * The seated rungs that ask for chocks, family/rung to the answer.
 *
 * @return array<string, bool>
 */
function chocked(array $conditions, ?string $brakes): array
{
    $function = [...Made::form()['function'], 'standing' => 'none', 'trunk' => 'full', 'limbs' => [
        'arm_left' => 'full', 'arm_right' => 'full', 'leg_left' => 'full', 'leg_right' => 'full',
    ]];
    if ($brakes !== null) {
        $function['wheelchair'] = ['brakes' => $brakes, 'anti_tip' => true, 'footplate' => true];
    }
    $situation = Made::situation(Made::client(['conditions' => $conditions, 'function' => $function]));
    $asked = [];
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            foreach ($situation->at($family, $rung)->verdicts() as $verdict) {
                if ($rung->demands->isSeated() && ! $verdict->isOut()) {
                    $kinds = array_map(static fn ($change): ChangeKind => $change->kind, $verdict->changes);
                    $asked["{$family->code}/{$rung->code}"] = in_array(ChangeKind::Chocks, $kinds, true);
                }
            }
        }
    }

    return $asked;
}

const WHEELS = [['code' => 'wheelchair_user']];

it('chocks a chair that is not braked on both sides under each weight that is lifted', function (
    ?string $brakes,
): void {
    $asked = chocked(WHEELS, $brakes);
    foreach (['curl/one_arm', 'curl/each_hand', 'overhead_press/each_hand'] as $path) {
        expect($asked[$path])->toBeTrue($path);
    }
})->with(['not asked' => [null], 'none' => ['none'], 'one side' => ['one']]);

it('asks for none where both sides are braked, or the chair has no wheels', function (): void {
    expect(array_filter(chocked(WHEELS, 'both')))->toBe([])
        ->and(array_filter(chocked([], null)))->toBe([]);
});

it('asks for none where nothing is pushed, pulled, lifted or moved fast', function (): void {
    expect(chocked(WHEELS, 'none')['march/seated'])->toBeFalse();
});
