<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Exercises\Purpose;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Plan\Draft;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\LeftOut;
use BuoyantStep\Core\Plan\Needs\DailyGoals;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Preferences;
use BuoyantStep\Core\Plan\PullOverPush;
use BuoyantStep\Core\Plan\Session\Shape;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Reason;

/** A draft of 45 minutes for one client who has all that a home can have. */
function draftFor(array $client = [], array $prefers = [], array $measures = [], int $minutes = 45): Draft
{
    return (new Drafter(homeFor($client, $measures)))->draft(new Wishes(
        minutes: $minutes, prefers: Preferences::read(new Bag($prefers), Catalogue::standard()),
        shape: new Shape(coolDown: false),
    ));
}

function homeFor(array $client = [], array $measures = []): Situation
{
    return Made::situation(
        Made::client(['birth_date' => '1956-01-01', 'training' => ['level' => 'returning'], ...$client]),
        Made::measures([
            ['test' => 'chair_stand_30s', 'value' => 14], ['test' => 'tandem_stand', 'value' => 10],
            ['test' => 'one_leg_stand', 'side' => 'left', 'value' => 15],
            ['test' => 'one_leg_stand', 'side' => 'right', 'value' => 15],
            ['test' => 'grip', 'side' => 'left', 'value' => 24], ['test' => 'grip', 'side' => 'right', 'value' => 24],
            ['test' => 'shoulder_reach', 'side' => 'left', 'value' => 160],
            ['test' => 'shoulder_reach', 'side' => 'right', 'value' => 160],
            ['test' => 'arm_curl_30s', 'side' => 'left', 'value' => 15],
            ['test' => 'arm_curl_30s', 'side' => 'right', 'value' => 15],
            ...$measures,
        ]),
        Made::kitchen(), place: new Place(Thing::cases()),
    );
}

/** @return list<string> */
function familiesOf(Draft $draft): array
{
    return array_map(static fn (PlanItem $i): string => $i->family->code, $draft->items);
}

/** @return list<string> */
function patternsOf(Draft $draft): array
{
    return array_map(static fn (PlanItem $i): string => $i->family->pattern->value, $draft->items);
}

/** @return list<string> */
function whyOf(PlanItem $item): array
{
    return array_map(static fn (Reason $r): string => $r->rule, $item->why);
}

// What a clinician would expect to find for it, from dose.md and exercises.md: at least these.
it('puts in what a goal of daily life needs, and says so', function (string $goal, array $expected): void {
    $plain = familiesOf(draftFor());
    $draft = draftFor(prefers: ['goals' => [$goal]]);
    $named = [];
    foreach ($draft->items as $item) {
        if (in_array('need.'.$goal, whyOf($item), true)) {
            $named[] = $item->family->code;
        }
    }
    expect($named)->toContain(...$expected)
        ->and(familiesOf($draft))->not->toBe($plain);
})->with([
    ['shopping', ['suitcase_carry', 'floor_lift']], ['stairs', ['step_up', 'heel_raise']],
    ['off_floor', ['floor_transfer']], ['child', ['hinge', 'suitcase_carry']], ['shelf', ['overhead_press']],
    ['walk', ['side_kick', 'heel_raise']], ['garden', ['deep_squat']], ['open', ['squeeze']], ['feed', ['curl']],
    ['catch_fall', ['stance_balance']], ['door', ['wall_counter_push']], ['run', ['heel_drop']],
    ['write', ['hand_tasks']],
    ['bath', ['seat_rise']], ['transfer', ['chair_push_off']], ['posture', ['shoulder_blade_pull']],
    ['housework', ['lap_carry']], ['dress', ['table_slide']], ['chair', ['seat_rise', 'chair_push_off']],
    ['lift_floor', ['hinge']], ['bed', ['brace']],
]);

it('has families in the catalogue for every pattern that it wants for a goal', function (): void {
    foreach (DailyGoals::all() as $goal) {
        foreach (DailyGoals::need($goal)->slots as $slot) {
            expect($slot->families(Catalogue::standard()))->not->toBe([], $goal->value.' '.$slot->pattern->value);
        }
    }
});

it('takes the goals in their order', function (): void {
    $only = static fn (array $goals): array => familiesOf(draftFor(prefers: ['goals' => $goals, 'max_exercises' => 2]));
    expect($only(['shelf', 'shopping']))->toBe(['march', 'overhead_press'])
        ->and($only(['shopping', 'shelf']))->toBe(['march', 'suitcase_carry']);
});

it('reads goals from what people say', function (string $says, array $goals): void {
    expect(array_map(static fn (Purpose $p): string => $p->value, DailyGoals::in($says)))->toBe($goals);
})->with([
    ['', []], ['feel better', []],
    ['carry the shopping in', ['shopping']],
    ['get off the toilet without the rail', ['chair']],
    ['Climb the stairs to the flat, then carry shopping', ['stairs', 'shopping']],
    ['push the chair up the ramp', ['propel']],
    ['push my wheelchair', ['propel']],
    ['get out of the bath', ['bath']],
    ['lift the toddler without back ache', ['child']],
    ['kneel in the garden', ['off_floor', 'garden']],
    ['open jars', ['open']],
    ['reach a high shelf', ['shelf']],
    ['walk to the bus', ['walk', 'stairs']],
    ['get up off the floor', ['off_floor']],
]);

it('answers each flag with its own exercises', function (
    string $need, array $client, array $measures, array $patterns,
): void {
    $draft = draftFor($client, measures: $measures);
    $met = [];
    foreach ($draft->items as $item) {
        if (in_array('need.'.$need, whyOf($item), true)) {
            $met[] = $item->family->pattern->value;
        }
    }
    expect($met)->toContain(...$patterns);
    foreach (draftFor()->items as $item) {
        expect(whyOf($item))->not->toContain('need.'.$need);
    }
})->with([
    'falls, as a condition' => [
        'falls', ['conditions' => [['code' => 'falls_risk_high']]], [], ['balance', 'rise', 'calf'],
    ],
    'falls, by a test' => ['falls', [], [['test' => 'timed_up_and_go', 'value' => 12]], ['balance', 'rise', 'calf']],
    'fragile bone' => ['fragile_bone', ['conditions' => [['code' => 'osteoporosis']]], [], ['pull', 'hip', 'balance']],
    'wheels' => [
        'wheels', [
            'conditions' => [['code' => 'wheelchair_user']], 'function' => [
                'standing' => 'none', 'grip' => ['left' => 'full', 'right' => 'full'], 'trunk' => 'full',
                'wheelchair' => ['brakes' => 'both', 'anti_tip' => true], 'home' => 'someone_home',
            ],
        ], [], ['pull'],
    ],
    'a weak side' => [
        'weak_side', ['conditions' => [['code' => 'stroke_hemiparesis', 'side' => 'left']]], [], ['pull'],
    ],
    'a weak hand' => [
        'weak_hand', ['function' => ['standing' => 'free', 'grip' => ['left' => 'weak', 'right' => 'full']]], [],
        ['grip'],
    ],
    'pregnancy' => [
        'pregnant', ['sex' => 'female', 'birth_date' => '1993-01-01', 'pregnancy' => ['due_date' => '2027-05-01']], [],
        ['trunk', 'hip', 'pull'],
    ],
    'after a birth' => [
        'after_birth', [
            'sex' => 'female', 'birth_date' => '1993-01-01',
            'postpartum' => ['birth_date' => '2026-02-01', 'birth' => 'vaginal'],
        ], [], ['trunk', 'hip'],
    ],
    'short of breath' => [
        'short_of_breath', ['conditions' => [['code' => 'chronic_lung_disease']]], [], ['rise', 'calf', 'pull'],
    ],
]);

it('pins and leaves out as it is told, and says why it cannot', function (): void {
    expect(familiesOf(draftFor(prefers: ['pin' => ['clam', 'wall_sit/high']])))->toContain('clam', 'wall_sit')
        ->and(familiesOf(draftFor(prefers: ['exclude' => ['wall_counter_push']])))->not->toContain('wall_counter_push')
        ->and(patternsOf(draftFor(prefers: ['exclude' => ['pattern:push']])))->not->toContain('push');
    foreach (draftFor(prefers: ['goals' => ['off_floor'], 'exclude' => ['position:floor']])->items as $item) {
        expect($item->rung->demands->setting->floorTransfer)->toBeFalse($item->rung->name);
    }
    $floor = static fn (LeftOut $l): bool => $l->pattern === Pattern::Floor;
    $left = array_values(array_filter(draftFor(prefers: ['exclude' => ['position:floor']])->left, $floor));
    expect($left[0]->says)->toContain('Not on the floor, by wish');
    $lost = draftFor(['function' => ['standing' => 'none', 'home' => 'alone']], ['pin' => ['squat']]);
    expect(array_column($lost->left, 'says', 'what')['Squat to a target'])->toContain('Cannot stand');
});

it('holds two rungs of one family where both are pinned, or both were done', function (): void {
    $rungs = static fn (Draft $draft): array => array_values(array_map(
        static fn (PlanItem $i): string => $i->rung->code,
        array_filter($draft->items, static fn (PlanItem $i): bool => $i->family->code === 'wall_sit'),
    ));
    $two = draftFor(prefers: ['pin' => ['wall_sit/high', 'wall_sit/middle', 'wall_sit/high']]);
    expect($rungs($two))->toEqualCanonicalizing(['high', 'middle']);
    foreach ($two->items as $item) {
        expect(whyOf($item))->not->toBe([], $item->rung->name);
    }
    $done = array_values(array_map(static fn (PlanItem $i): Planned => new Planned(
        $i->family, $i->rung, $i->goal, $i->dose, $i->sides, $i->changes,
    ), array_filter($two->items, static fn (PlanItem $i): bool => $i->family->code === 'wall_sit')));
    $kept = (new Drafter(homeFor()))->draft(new Wishes(minutes: 45), $done);
    expect($rungs($kept))->toEqualCanonicalizing(['high', 'middle']);
    // A rung that is pinned takes the place of another one that was done.
    $pins = Preferences::read(new Bag(['pin' => ['wall_sit/middle']]), Catalogue::standard());
    $instead = (new Drafter(homeFor()))->draft(new Wishes(minutes: 45, prefers: $pins), [
        ...array_filter($done, static fn (Planned $p): bool => $p->rung->code === 'high'),
    ]);
    expect($rungs($instead))->toBe(['middle']);
});

it('holds so many exercises at most: by wish, by the minutes, few for who needs it simple', function (): void {
    $count = static fn (array $client, array $prefers, int $minutes): int => count(
        draftFor($client, $prefers, minutes: $minutes)->items,
    );
    expect($count([], ['max_exercises' => 3], 45))->toBe(3)
        ->and($count(['function' => ['standing' => 'free', 'cognition' => 'needs_simple']], [], 60))->toBe(5)
        ->and($count([], [], 60))->toBeGreaterThan($count([], [], 25));
});

it('starts easier where a client is new or sore, and at the hardest open rung only for the trained', function (): void {
    $at = static function (array $client, string $family): int {
        $situation = homeFor(['birth_date' => '1980-01-01', ...$client]);
        $found = Catalogue::standard()->family($family);
        $item = (new Drafter($situation))->start($found, new Wishes)->item;

        return $item === null ? -1 : $found->position($item->rung->code);
    };
    $sore = ['conditions' => [['code' => 'osteoarthritis_knee', 'side' => 'left']]];
    foreach (['split_squat', 'squat', 'deep_squat'] as $family) {
        $trained = $at(['training' => ['level' => 'trained']], $family);
        $returning = $at([], $family);
        $new = $at(['training' => ['level' => 'new']], $family);
        expect($trained)->toBeGreaterThan($new, $family)
            ->and($returning)->toBeLessThanOrEqual($trained)->toBeGreaterThanOrEqual($new);
    }
    expect($at($sore, 'squat'))->toBeLessThan($at([], 'squat'))
        ->and($at(['conditions' => [[...$sore['conditions'][0], 'detail' => 'pain_free']]], 'squat'))
        ->toBe($at([], 'squat'));
});

it('pulls half as much again as it pushes for who pushes a wheelchair', function (): void {
    $made = new Made(97);
    $pushed = 0;
    for ($i = 0; $i < 200; $i++) {
        $client = [
            'conditions' => [['code' => 'wheelchair_user']], 'training' => ['level' => $made->one(['new', 'trained'])],
            'function' => [
                'standing' => 'none', 'grip' => ['left' => 'full', 'right' => 'full'], 'trunk' => 'full',
                'wheelchair' => ['brakes' => 'both', 'anti_tip' => true], 'home' => 'someone_home',
            ],
        ];
        $goals = [$made->one(DailyGoals::all())->value];
        $draft = draftFor($client, ['goals' => $goals], minutes: $made->int(20, 60));
        $sets = static fn (string $pattern): int => array_sum(array_map(
            static fn (PlanItem $p): int => $p->family->pattern->value === $pattern ? $p->dose->sets : 0, $draft->items,
        ));
        $pushed += $sets('push');
        // One set of a push is left of each, where nothing pulls.
        if ($sets('pull') < PullOverPush::TIMES * $sets('push')) {
            foreach ($draft->items as $item) {
                expect($item->family->pattern === Pattern::Push ? $item->dose->sets : 1)->toBe(1);
            }
        }
    }
    expect($pushed)->toBeGreaterThan(100);
});

it('gives every exercise its reasons, every goal an answer, and one client one plan', function (): void {
    $made = new Made(61);
    for ($i = 0; $i < 400; $i++) {
        $form = $made->randomForm();
        $situation = Made::situation(
            Profile::read(new Bag($form)), $made->randomMeasures(), Made::kitchen(),
        );
        $all = array_map(static fn (Purpose $p): string => $p->value, DailyGoals::all());
        $goals = array_values(array_unique([$made->one($all), $made->one($all)]));
        $prefers = Preferences::read(new Bag(['goals' => $goals]), Catalogue::standard());
        $wishes = new Wishes(minutes: $made->int(15, 60), prefers: $prefers);
        $draft = (new Drafter($situation))->draft($wishes);
        foreach ($draft->items as $item) {
            expect($item->why)->not->toBe([], $item->rung->name);
            $needs = array_filter(whyOf($item), static fn (string $r): bool => str_starts_with($r, 'need.'));
            expect($needs)->not->toBe([]);
            expect(whyOf($item))->toContain('rung.start');
        }
        foreach ($goals as $goal) {
            $met = array_filter(
                $draft->items, static fn (PlanItem $p): bool => in_array('need.'.$goal, whyOf($p), true),
            );
            $label = DailyGoals::need(Purpose::from($goal))->label;
            $told = array_filter($draft->left, static fn (LeftOut $l): bool => $l->what === $label);
            expect(count($met) + count($told))->toBeGreaterThan(0, "client $i: $goal ".json_encode($form));
        }
        expect(familiesOf((new Drafter($situation))->draft($wishes)))->toBe(familiesOf($draft));
    }
});

it('refuses wishes that mean nothing, naming the field', function (array $prefers, string $pointer): void {
    try {
        Preferences::read(new Bag($prefers), Catalogue::standard());
        $this->fail('taken');
    } catch (InvalidInput $error) {
        expect($error->pointer)->toBe($pointer);
    }
})->with([
    [['goals' => ['warm_up']], '/goals/0'], [['pin' => ['squat', 'nothing']], '/pin/1'],
    [['pin' => ['squat/nothing']], '/pin/0'], [['exclude' => ['nothing']], '/exclude/0'],
    [['exclude' => ['pattern:nothing']], '/exclude/0'], [['exclude' => ['position:seated']], '/exclude/0'],
    [['max_exercises' => 13], '/max_exercises'],
]);

it('writes and reads its wishes without a loss', function (): void {
    $form = [
        'goals' => ['stairs', 'shopping'], 'pin' => ['squat', 'clam/floor'],
        'exclude' => ['step_lunge', 'pattern:power', 'position:kneeling'], 'max_exercises' => 7,
    ];
    $clam = Catalogue::standard()->family('clam');
    $form['pin'][1] = 'clam/'.$clam->rungs[0]->code;
    expect(Preferences::read(new Bag($form), Catalogue::standard())->jsonSerialize())->toBe($form);
});
