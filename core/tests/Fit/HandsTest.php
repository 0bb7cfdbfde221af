<?php

declare(strict_types=1);

use BuoyantStep\Core\Fit\Hands;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\GripClass;
use BuoyantStep\Core\Vocabulary\HandWeight;

it('lets hands within their limit carry some of the body, and those that carry none still none', function (
    HandWeight $weight, HandWeight $within,
): void {
    expect((new Hands(GripClass::None, $weight))->withinLimit()->weight)->toBe($within)
        ->and((new Hands(GripClass::None, $weight, true))->withinLimit()->trainsGrip)->toBeTrue();
})->with([
    [HandWeight::None, HandWeight::None], [HandWeight::Some, HandWeight::Some], [HandWeight::Full, HandWeight::Some],
]);

it('asks the hand across from the leg for what hangs there, and the other one where it holds on', function (
    array $client, array $free, array $held, string $weak,
): void {
    $situation = Made::situation(Made::client($client), null, Made::kitchen(), place: new Place(Thing::cases()));
    foreach ([
        'hinge/staggered_opposite' => $free, 'split_squat/opposite_hand' => $held, 'loaded_step/opposite_hand' => $held,
    ] as $path => $open) {
        $here = Made::at($situation, $path);
        expect(array_column($here->openSides(), 'value'))->toBe($open, $path.' '.$here->whyOut());
    }
    // A load in both hands asks both, whichever leg is in front.
    expect(Made::at($situation, 'hinge/staggered')->isOut())->toBe($weak !== '');
})->with([
    'both hands well' => [[], ['left', 'right'], ['left', 'right'], ''],
    // The left leg in front: the load hangs from the right hand, and the left one would hold on.
    'a left hand that cannot hold' => [
        ['function' => [...Made::form()['function'], 'grip' => ['left' => 'none', 'right' => 'full']]], ['left'], [],
        'left',
    ],
    'a right hand that cannot hold' => [
        ['function' => [...Made::form()['function'], 'grip' => ['left' => 'full', 'right' => 'none']]], ['right'], [],
        'right',
    ],
    'no load through the left arm' => [
        ['conditions' => [['code' => 'bone_metastasis', 'side' => 'left', 'detail' => ['arm']]]], ['left'], ['left'],
        'left',
    ],
]);
