<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\FunctionStatus;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Fit\Demands;
use BuoyantStep\Core\Fit\Judge;
use BuoyantStep\Core\Fit\Verdict;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\LimitLines;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\BreathTemptation;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Supervision;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Surface;
use BuoyantStep\Core\Vocabulary\Vision;

require_once __DIR__.'/helpers.php';

it(
    'fits what nothing forbids',
    fn () => expect(verdictOn(['motions' => ['deep_knee_flexion_loaded']])->verdict)->toBe('fits'),
);

it('prefers a change to a refusal, and names it', function (array $demands, array $client, array $changes): void {
    $verdict = verdictOn($demands, $client);
    expect($verdict->verdict)->toBe('changes')
        ->and(array_map(static fn (Change $c): string => $c->code(), $verdict->changes))->toBe($changes)
        ->and($verdict->because)->not->toBe([]);
})->with([
    'deep knee bend on a sore knee' => [
        ['motions' => ['deep_knee_flexion_loaded']], ['conditions' => [['code' => 'osteoarthritis_knee']]],
        ['shorten_range'],
    ],
    'flat on the back at 30 weeks' => [
        ['position' => 'supine_flat', 'region' => 'trunk'], ['pregnancy' => ['due_date' => '2027-02-03']],
        ['wedge_trunk'],
    ],
    'free balance with falls risk' => [
        ['balance' => 3, 'support' => 'two_hands'], ['conditions' => [['code' => 'falls_risk_high']]],
        ['hold_on:one_hand'],
    ],
    'foam with falls risk' => [
        ['surface' => 'foam'], ['conditions' => [['code' => 'falls_risk_high']]], ['firm_surface'],
    ],
    'eyes closed with falls risk' => [
        ['vision' => 'eyes_closed'], ['conditions' => [['code' => 'falls_risk_high']]], ['eyes_open'],
    ],
    'a long hold in hypertension' => [
        ['hold_s' => 30], ['conditions' => [['code' => 'hypertension_controlled']]], ['shorter_hold:10'],
    ],
    'power grip with a weak hand' => [
        ['grip' => 'power', 'region' => 'upper', 'side' => 'left'],
        [
            'function' => [
                'grip' => ['left' => 'weak', 'right' => 'full'], 'standing' => 'free', 'floor_transfer' => 'alone',
            ],
        ],
        ['grip_aid'],
    ],
]);

it('refuses what no change can mend', function (array $demands, array $client, ?array $changes): void {
    $verdict = verdictOn($demands, $client, $changes);
    expect($verdict->verdict)->toBe('out')
        ->and($verdict->changes)->toBe([])
        ->and($verdict->because)->not->toBe([]);
})->with([
    'bending a fragile spine' => [
        ['motions' => ['spine_flexion_loaded']], ['conditions' => [['code' => 'osteoporosis']]], null,
    ],
    'a hop after a fracture' => [
        ['impact' => 1], ['conditions' => [['code' => 'osteoporosis', 'detail' => 'vertebral_fracture']]], null,
    ],
    'balance with no hand free, and no seat for it' => [
        ['balance' => 2, 'support' => 'free'], ['conditions' => [['code' => 'falls_risk_high']]], ['hold_on'],
    ],
    'a latex band' => [['material' => ['latex']], ['conditions' => [['code' => 'latex_allergy']]], null],
    'the floor, unable to rise' => [
        ['floor_transfer' => true], ['function' => ['standing' => 'free', 'floor_transfer' => 'none']], null,
    ],
    'a change this exercise cannot take' => [
        ['motions' => ['deep_knee_flexion_loaded']], ['conditions' => [['code' => 'osteoarthritis_knee']]], ['hold_on'],
    ],
    'a rung defined by less support than is needed' => [
        ['balance' => 2, 'support' => 'two_hands', 'usual_support' => 'fingertip'],
        ['conditions' => [['code' => 'falls_risk_high']]],
        null,
    ],
    'someone to spot, alone at home' => [
        ['spotter' => true],
        ['function' => ['standing' => 'free', 'home' => 'alone', 'floor_transfer' => 'alone']],
        null,
    ],
]);

it('asks for support only where balance is at stake', function (int $balance, string $verdict): void {
    expect(
        verdictOn(
            ['balance' => $balance, 'support' => 'two_hands'], ['conditions' => [['code' => 'falls_risk_high']]],
        )->verdict,
    )->toBe($verdict);
})->with([[1, 'fits'], [2, 'changes']]);

it('takes an unknown hand for one that cannot grip', function (): void {
    $judge = new Judge(Made::envelope([]), new FunctionStatus);
    expect(
        $judge->verdict(
            Demands::read(new Bag(['position' => 'seated', 'region' => 'upper', 'grip' => 'hook']), []),
        )->verdict,
    )->toBe('out');
});

it('writes the limits as lines with the rule that set each', function (): void {
    $lines = LimitLines::of(
        Made::envelope(
            [
                ['code' => 'osteoporosis', 'detail' => 'vertebral_fracture'],
                ['code' => 'older_adult_new'],
                ['code' => 'stroke_hemiparesis', 'side' => 'left', 'detail' => 'painful_shoulder'],
            ],
        ),
        RuleBook::standard()->labels(),
    );
    $titles = array_column($lines, 'title');
    expect($titles)->toContain(
        'Load up to 50 % of 1RM', 'RPE up to 6 of 10',
        'Left arm: no load held or carried while standing, arm above shoulder height, body weight on the hand or '
            .'forearm',
    )
        ->and(array_column($lines, 'by', 'title')['Load up to 50 % of 1RM'])->toBe('Stroke, hemiparesis')
        ->and(implode(' ', $titles))->not->toContain('_');
});

/** A verdict with its changes and the rules that say so, in one line. */
function judged(array $demands, array $client, ?array $changes = null): string
{
    $verdict = verdictOn($demands, $client, $changes);

    return implode(
        ' ',
        array_filter(
            [
                $verdict->verdict,
                implode(',', array_map(static fn (Change $c): string => $c->code(), $verdict->changes)),
                implode(',', array_map(static fn ($r): string => $r->rule, $verdict->because)),
            ],
        ),
    );
}

it('judges each demand at its edge, with who says so', function (
    array $demands, array $client, string $verdict, ?array $changes = null,
): void {
    expect(judged($demands, $client, $changes))->toBe($verdict);
})->with(fn () => [
    'a hold at its limit' => [['hold_s' => 10], ['conditions' => [['code' => 'hypertension_controlled']]], 'fits'],
    'a second longer' => [
        ['hold_s' => 11], ['conditions' => [['code' => 'hypertension_controlled']]],
        'changes shorter_hold:10 hypertension_controlled',
    ],
    'a hold that cannot be shorter' => [
        ['hold_s' => 11], ['conditions' => [['code' => 'hypertension_controlled']]], 'out hypertension_controlled', [],
    ],
    'a load at its cap' => [
        ['load_pct' => 60], ['conditions' => [['code' => 'osteoporosis', 'detail' => 'vertebral_fracture']]], 'fits',
    ],
    'a load over it' => [
        ['load_pct' => 61],
        ['conditions' => [['code' => 'osteoporosis', 'detail' => 'vertebral_fracture']]],
        'changes lighten:60 osteoporosis',
    ],
    'a load where none is allowed' => [
        ['load_pct' => 10, 'region' => 'upper', 'side' => 'left'],
        ['conditions' => [['code' => 'bone_metastasis', 'side' => 'left', 'detail' => 'arm']]],
        'out bone_metastasis',
    ],
    'an effort at its limit' => [['effort' => 7], ['conditions' => [['code' => 'hypertension_controlled']]], 'fits'],
    'an effort over it, of no load' => [
        ['effort' => 8], ['conditions' => [['code' => 'hypertension_controlled']]], 'out hypertension_controlled',
    ],
    'an effort over it, of a load' => [
        ['effort' => 8, 'load_pct' => 70], ['conditions' => [['code' => 'hypertension_controlled']]],
        'changes lighten:70 hypertension_controlled',
    ],
    'an effort over it, of a load that is capped lower' => [
        ['effort' => 8, 'load_pct' => 70],
        ['conditions' => [['code' => 'valve_or_aortic_disease']]],
        'changes lighten:40 valve_or_aortic_disease,valve_or_aortic_disease',
    ],
    'a heavy load that tempts to hold the breath' => [
        ['load_pct' => 80, 'breath' => 'high', 'loads' => ['lower']],
        ['conditions' => [['code' => 'hypertension_controlled']]], 'changes lighten:60 hypertension_controlled',
    ],
    'impact at its limit' => [['impact' => 1], ['conditions' => [['code' => 'osteoporosis']]], 'fits'],
    'impact over it' => [['impact' => 2], ['conditions' => [['code' => 'osteoporosis']]], 'out osteoporosis'],
    'an arm above the shoulder, overhead out' => [
        ['region' => 'upper', 'side' => 'left', 'position' => 'seated', 'motions' => ['shoulder_past_90']],
        ['conditions' => [['code' => 'osteoporosis', 'detail' => 'vertebral_fracture']]],
        'changes shorten_range osteoporosis',
    ],
    'an arm below it' => [
        ['region' => 'upper', 'side' => 'left', 'position' => 'seated'],
        ['conditions' => [['code' => 'osteoporosis', 'detail' => 'vertebral_fracture']]],
        'fits',
    ],
    'one leg, free' => [
        ['motions' => ['single_leg_load'], 'support' => 'two_hands'], ['conditions' => [['code' => 'falls_risk_high']]],
        'changes hold_on:fingertip falls_risk_high',
    ],
    'one leg, with fingertips' => [
        ['motions' => ['single_leg_load'], 'support' => 'two_hands', 'usual_support' => 'fingertip'],
        ['conditions' => [['code' => 'falls_risk_high']]],
        'fits',
    ],
    'two legs, free' => [['support' => 'two_hands'], ['conditions' => [['code' => 'falls_risk_high']]], 'fits'],
    'support that is just enough' => [
        ['balance' => 2, 'support' => 'two_hands', 'usual_support' => 'one_hand'],
        ['conditions' => [['code' => 'falls_risk_high']]],
        'fits',
    ],
    'support a little short' => [
        ['balance' => 2, 'support' => 'two_hands', 'usual_support' => 'fingertip'],
        ['conditions' => [['code' => 'falls_risk_high']]],
        'out falls_risk_high',
    ],
    'the floor as firm as asked' => [['surface' => 'firm'], ['conditions' => [['code' => 'falls_risk_high']]], 'fits'],
    'an unstable board' => [
        ['surface' => 'unstable'], ['conditions' => [['code' => 'falls_risk_high']]],
        'changes firm_surface falls_risk_high',
    ],
    'breath held, and free to' => [['breath' => 'high'], [], 'fits'],
    'breath held, and not to' => [
        ['breath' => 'high'], ['conditions' => [['code' => 'glaucoma']]], 'changes count_aloud glaucoma',
    ],
    'a strap on skin that cannot feel' => [
        ['region' => 'upper', 'side' => 'left', 'material' => ['tight_strap']],
        ['conditions' => [['code' => 'insensate_skin', 'side' => 'left']]],
        'changes pad insensate_skin',
    ],
    'a spotter, and someone there' => [
        ['spotter' => true],
        ['function' => ['standing' => 'free', 'home' => 'carer', 'floor_transfer' => 'alone']],
        'fits',
    ],
    'the body on the hands, a lift limit' => [
        ['region' => 'upper', 'position' => 'seated', 'hand_weight' => 'full'],
        ['conditions' => [['code' => 'hernia', 'detail' => 'lift_g:9000']]],
        'out hernia',
    ],
    'the body on the hands, no limit' => [
        ['region' => 'upper', 'position' => 'seated', 'hand_weight' => 'full'], [], 'fits',
    ],
    'exercise withheld' => [
        ['position' => 'seated'],
        ['conditions' => [['code' => 'platelets_low', 'detail' => 'count:19']]],
        'out platelets_low',
    ],
]);

it('turns whoever works one side in side-lying onto the other', function (string $works, string $verdict): void {
    // Not on the left side: whoever works the right side lies on the left.
    $envelope = Made::envelope([])->merge(
        new Envelope(
            [new Limit(Field::AvoidPositions, Position::SideLyingLeft, 'order', 'Not on the left side.', 'an order')],
        ),
    );
    $judge = new Judge($envelope, Made::client()->function);
    expect(
        $judge->verdict(
            Demands::read(new Bag(['position' => 'side_lying', 'region' => 'lower', 'side' => $works])),
        )->verdict,
    )->toBe($verdict);
})->with([['left', 'fits'], ['right', 'out']]);

it('lets someone at home stand in for no clinician, whichever limit was there first', function (): void {
    $limits = [
        new Limit(Field::SupervisionMin, Supervision::SomeoneHome, 'a', 'Someone at home.', 'an order'),
        new Limit(Field::SupervisionMin, Supervision::ClinicianPresent, 'b', 'A clinician beside.', 'an order'),
    ];
    $function = Made::client(['function' => [...Made::form()['function'], 'home' => 'carer']])->function;
    foreach ([$limits, array_reverse($limits)] as $both) {
        $verdict = (new Judge(Made::envelope([])->merge(new Envelope($both)), $function))->verdict(
            Demands::read(new Bag(['position' => 'seated', 'region' => 'lower'])),
        );
        expect($verdict->verdict)->toBe('out')->and(array_column($verdict->because, 'rule'))->toBe(['b']);
    }
});

it('names the hand and its grip when the grip is not enough', function (array $grip, string $side, string $says): void {
    $verdict = verdictOn(
        ['position' => 'seated', 'region' => 'upper', 'side' => $side, 'grip' => 'power'],
        ['function' => ['grip' => $grip, 'standing' => 'free']],
    );
    expect($verdict->because[0]->says)->toBe($says);
})->with([
    'the left' => [['left' => 'weak', 'right' => 'full'], 'left', 'Needs a power grip; the left hand grip is weak.'],
    'both' => [['left' => 'weak', 'right' => 'full'], 'both', 'Needs a power grip; the weaker hand grip is weak.'],
    'one not asked about' => [['left' => 'full'], 'both', 'Needs a power grip; the weaker hand grip is not known.'],
    'the right not asked about' => [
        ['left' => 'full'], 'right', 'Needs a power grip; the right hand grip is not known.',
    ],
]);

it('takes an aid that covers the grip, unless it would strap skin that cannot feel', function (
    array $with, string $verdict,
): void {
    $function = [
        'grip' => ['left' => 'none', 'right' => 'none'],
        'standing' => 'free',
        'aids' => ['left' => ['strap_mitt'], 'right' => ['strap_mitt']],
    ];
    expect(
        verdictOn(
            ['position' => 'seated', 'region' => 'upper', 'grip' => 'power'], ['function' => $function, ...$with], [],
        )->verdict,
    )->toBe($verdict);
})->with([
    'a mitt' => [[], 'fits'],
    'a mitt over skin that cannot feel' => [['conditions' => [['code' => 'insensate_skin']]], 'out'],
]);

/** One demand as the open form writes it. */
function demanded(Demands $demands, string $part): mixed
{
    $value = match ($part) {
        'position' => $demands->movement->position,
        'motions' => $demands->movement->motions,
        'balance' => $demands->footing->balance,
        'usualSupport' => $demands->footing->usual,
        'vision' => $demands->footing->vision,
        'surface' => $demands->footing->surface,
        'materials' => $demands->setting->materials,
        default => $demands->strain->$part,
    };
    $plain = static fn (mixed $v): mixed => $v instanceof BackedEnum ? $v->value : $v;

    return is_array($value) ? array_map($plain, $value) : $plain($value);
}

it('demands less after each change, and nothing more', function (
    string $change, array $demands, string $property, mixed $before, mixed $after,
): void {
    $made = Demands::read(new Bag(['position' => 'standing', 'region' => 'lower', ...$demands]));
    expect(demanded($made, $property))->toEqual($before)
        ->and(demanded($made->after(Change::read($change)), $property))->toEqual($after);
})->with([
    ['wedge_trunk', ['position' => 'supine_flat'], 'position', 'supine_flat', 'supine_raised'],
    ['side_lying_instead', ['position' => 'supine_flat'], 'position', 'supine_flat', 'side_lying'],
    ['seated_instead', ['balance' => 3], 'balance', 3, 0],
    [
        'seated_instead', ['motions' => ['single_leg_load', 'ballistic']], 'motions', ['single_leg_load', 'ballistic'],
        ['ballistic'],
    ],
    ['hold_on:one_hand', ['support' => 'two_hands'], 'usualSupport', 'free', 'one_hand'],
    [
        'hold_on:fingertip', ['support' => 'two_hands', 'usual_support' => 'one_hand'], 'usualSupport', 'one_hand',
        'one_hand',
    ],
    [
        'hold_on:one_hand', ['support' => 'two_hands', 'usual_support' => 'one_hand'], 'usualSupport', 'one_hand',
        'one_hand',
    ],
    [
        'shorten_range', ['motions' => ['deep_knee_flexion_loaded', 'ballistic']], 'motions',
        ['deep_knee_flexion_loaded', 'ballistic'], ['ballistic'],
    ],
    ['narrower_stance', ['motions' => ['wide_stance_load']], 'motions', ['wide_stance_load'], []],
    ['lighten:40', ['load_pct' => 70], 'loadPct', 70.0, 40.0],
    ['lighten:80', ['load_pct' => 70], 'loadPct', 70.0, 70.0],
    ['lighten:40', ['breath' => 'high'], 'breath', 'high', 'low'],
    ['lighten:40', ['effort' => 8], 'effort', 8.0, null],
    ['shorter_hold:6', ['hold_s' => 10], 'holdS', 10, 6],
    ['shorter_hold:20', ['hold_s' => 10], 'holdS', 10, 10],
    ['shorter_hold:6', [], 'holdS', null, null],
    [
        'pad', ['material' => ['hard_edge', 'latex']], 'materials',
        ['hard_edge', 'latex'], ['latex'],
    ],
    ['eyes_open', ['vision' => 'eyes_closed'], 'vision', 'eyes_closed', 'eyes_open'],
    ['firm_surface', ['surface' => 'foam'], 'surface', 'foam', 'firm'],
    ['chocks', ['balance' => 2], 'balance', 2, 2],
]);

it('asks nothing of what was not said', function (): void {
    $least = Demands::read(new Bag(['position' => 'seated', 'region' => 'upper']));
    expect(
        [
            $least->strain->impact, $least->footing->balance, $least->footing->most, $least->footing->surface,
            $least->footing->vision, $least->strain->breath, $least->scope()->side, $least->setting->floorTransfer,
            $least->setting->anchor, $least->setting->spotter, $least->hands->carryBody(),
        ],
    )
        ->toEqual([
            0, 0, Support::Free, Surface::Firm, Vision::EyesOpen, BreathTemptation::Low, Side::Both, false, false,
            false,
            false,
        ])
        ->and([
            $least->strain->holdS, $least->strain->loadPct, $least->strain->effort, $least->movement->motions,
            $least->setting->materials,
        ])->toBe([null, null, null, [], []]);
});

it('takes each number to the end of its range and no further', function (
    string $field, int|float $in, int|float $out,
): void {
    $read = static fn (int|float $value): Demands => Demands::read(
        new Bag(['position' => 'seated', 'region' => 'upper', $field => $value]),
    );
    expect($read($in))->toBeInstanceOf(Demands::class)->and(fn () => $read($out))->toThrow(InvalidInput::class);
})->with([
    ['impact', 0, -1], ['impact', 3, 4], ['balance', 0, -1], ['balance', 4, 5], ['hold_s', 1, 0], ['hold_s', 600, 601],
    ['load_pct', 0, -0.1], ['load_pct', 100, 100.1], ['effort', 0, -0.1], ['effort', 10, 10.1],
]);

it('says of several degrees of one change the furthest alone, and no hold of who sits', function (
    array $demands, array $client, array $changes,
): void {
    expect(
        array_map(static fn (Change $c): string => $c->code(), verdictOn($demands, $client)->changes),
    )->toBe($changes);
})->with([
    'fingertips and a hand' => [
        ['motions' => ['single_leg_load'], 'balance' => 3, 'support' => 'two_hands'],
        ['conditions' => [['code' => 'falls_risk_high']]],
        ['hold_on:one_hand'],
    ],
    'lighter, and lighter still' => [
        ['load_pct' => 80, 'breath' => 'high'], ['conditions' => [['code' => 'valve_or_aortic_disease']]],
        ['lighten:40'],
    ],
    'a short hold, and a shorter' => [
        ['hold_s' => 30],
        ['conditions' => [['code' => 'hypertension_controlled'], ['code' => 'coronary_disease']]],
        ['shorter_hold:6'],
    ],
    'a seat, and a hand' => [
        ['balance' => 3, 'support' => 'two_hands'],
        ['conditions' => [['code' => 'wheelchair_user'], ['code' => 'falls_risk_high']]],
        ['seated_instead'],
    ],
]);
