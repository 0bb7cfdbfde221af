<?php

declare(strict_types=1);

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Fit\Verdict;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\Change;

/*
 * What a clinician expects of real rungs under real conditions: the catalogue's demands and the rules of
 * core/src/Limits together. Each row: the condition with its side and details, the rung, the verdict, and the change
 * or a word of the reason.
 */

function rungVerdict(array $client, string $path, string $side = 'both'): Verdict
{
    $situation = Made::situation(Made::client($client), Made::measures([]), new Kit);
    $verdicts = Made::at($situation, $path)->verdicts();

    return $verdicts[$side] ?? array_values($verdicts)[0];
}

/** @return array<string, mixed> */
function having(string $code, string|array $detail = [], ?string $side = null): array
{
    return ['conditions' => [array_filter(['code' => $code, 'side' => $side, 'detail' => $detail])]];
}

it('judges a rung as a clinician would', function (
    array $client, string $rung, string $verdict, string $says, string $side = 'both',
): void {
    $found = rungVerdict($client, $rung, $side);
    $text = implode(
        ' ',
        [
            ...array_map(static fn (Change $c): string => $c->code(), $found->changes),
            ...array_map(static fn ($r): string => $r->says, $found->because),
        ],
    );
    expect($found->verdict)->toBe($verdict, $text);
    if ($says !== '') {
        expect(mb_strtolower($text))->toContain($says);
    }
})->with([
    'fragile spine: a hinge is kept' => [fn () => having('osteoporosis'), 'hinge/table_lift', 'fits', ''],
    'fragile spine: a curl-up is not' => [fn () => having('osteoporosis'), 'curl_up/head', 'out', 'spine'],
    'fragile spine: nodding is' => [fn () => having('osteoporosis'), 'curl_up/nod', 'fits', ''],
    'fragile spine: waves stay in the middle' => [
        fn () => having('osteoporosis'), 'spine_waves/seated', 'changes', 'shorten_range',
    ],
    'fragile spine: turning stays in the middle' => [
        fn () => having('osteoporosis'), 'trunk_turn/arms_crossed', 'changes', 'shorten_range',
    ],
    'fragile spine: no turn against a band' => [fn () => having('osteoporosis'), 'trunk_turn/band', 'out', ''],
    'fragile spine: a heel drop is allowed' => [fn () => having('osteoporosis'), 'heel_drop/firm', 'fits', ''],
    'fragile spine: a hop is not' => [fn () => having('osteoporosis'), 'hop/two_feet', 'out', ''],
    'vertebral fracture: no heel drop' => [
        fn () => having('osteoporosis', 'vertebral_fracture'), 'heel_drop/firm', 'out', '',
    ],
    'vertebral fracture: a soft one is none' => [
        fn () => having('osteoporosis', 'vertebral_fracture'), 'heel_drop/soft', 'fits', '',
    ],
    'vertebral fracture: no press overhead' => [
        fn () => having('osteoporosis', 'vertebral_fracture'), 'overhead_press/one_hand', 'changes', 'shorten_range',
    ],
    'osteopenia: no jump' => [fn () => having('osteopenia'), 'hop/loaded', 'out', ''],
    'osteopenia: a low hop' => [fn () => having('osteopenia'), 'hop/two_feet', 'fits', ''],
    'falls risk: one hand in a stance' => [
        fn () => having('falls_risk_high'), 'stance_balance/tandem', 'changes', 'hold_on:one_hand',
    ],
    'falls risk: no foam' => [fn () => having('falls_risk_high'), 'stance_extras/foam', 'out', ''],
    'falls risk: no closed eyes' => [fn () => having('falls_risk_high'), 'stance_extras/eyes_closed', 'out', ''],
    'falls risk: no free one-leg hinge' => [fn () => having('falls_risk_high'), 'floor_lift/one_leg', 'out', ''],
    'falls risk: a rise without hands is no balance rung' => [
        fn () => having('falls_risk_high'), 'seat_rise/no_hands', 'fits', '',
    ],
    'hip replaced from behind: a low seat is shortened' => [
        fn () => having('hip_replacement_posterior', [], 'left'), 'seat_rise/no_hands', 'changes', 'shorten_range',
    ],
    'hip replaced from behind: a raised one is not' => [
        fn () => having('hip_replacement_posterior', [], 'left'), 'seat_rise/raised_hands', 'fits', '',
    ],
    'hip replaced from behind: no crossing' => [
        fn () => having('hip_replacement_posterior', [], 'left'), 'side_cross_step/cross', 'out', 'midline',
    ],
    'hip replaced from behind: knees low in the seated march' => [
        fn () => having('hip_replacement_posterior', [], 'left'), 'march/seated', 'changes', 'shorten_range',
    ],
    'hip replaced from the front: no lying on the front' => [
        fn () => having('hip_replacement_anterior', [], 'right'), 'prone_lie/front', 'out', '',
    ],
    'knee replaced: no kneeling' => [fn () => having('knee_replacement', [], 'right'), 'sofa_kneel/lean', 'out', ''],
    'painful shoulder after a stroke: the table slide stays' => [
        fn () => having('stroke_hemiparesis', 'painful_shoulder', 'right'), 'table_slide/cloth', 'fits', '', 'right',
    ],
    'painful shoulder after a stroke: overhead is shortened' => [
        fn () => having('stroke_hemiparesis', 'painful_shoulder', 'right'),
        'overhead_press/one_hand',
        'changes',
        'shorten_range',
        'right',
    ],
    'painful shoulder after a stroke: the other side is free' => [
        fn () => having('stroke_hemiparesis', 'painful_shoulder', 'right'),
        'overhead_press/one_hand',
        'fits',
        '',
        'left',
    ],
    'sore rotator cuff: pull before press' => [
        fn () => having('rotator_cuff_pain', [], 'left'), 'band_row/one_arm', 'fits', '', 'left',
    ],
    'knee arthritis in pain: no deep squat' => [
        fn () => having('osteoarthritis_knee', 'painful', 'both'), 'squat/low_pause', 'changes', 'shorten_range',
    ],
    'knee arthritis: no hop' => [fn () => having('osteoarthritis_knee', [], 'both'), 'hop/two_feet', 'out', ''],
    'stiff wrists in a flare: the wall is hard on them' => [
        fn () => having('rheumatoid_arthritis', ['weak_wrist']), 'wall_counter_push/wall', 'out', 'wrist',
    ],
    'pressure held down: no straining plank' => [
        fn () => having('hypertension_controlled'), 'floor_plank/knees', 'changes', 'count_aloud',
    ],
    'glaucoma: breath is not held' => [
        fn () => having('glaucoma'), 'chair_push_off/arms_only', 'changes', 'count_aloud',
    ],
    'retina at risk: no stomping' => [fn () => having('retinopathy_severe'), 'stomp/counter', 'out', ''],
    'retina at risk: but seated stamping' => [fn () => having('retinopathy_severe'), 'stomp/seated', 'fits', ''],
    'feet without feeling: firm ground' => [
        fn () => having('peripheral_neuropathy'), 'stance_extras/foam', 'changes', 'firm_surface',
    ],
    'feet without feeling: fingertips' => [
        fn () => having('peripheral_neuropathy'), 'stance_balance/tandem', 'changes', 'hold_on:fingertip',
    ],
    'foot ulcer: nothing on the feet' => [
        fn () => having('peripheral_neuropathy', 'foot_ulcer'), 'heel_raise/two_hands', 'out', '',
    ],
    'blood thinner: no hop' => [fn () => having('anticoagulant'), 'hop/two_feet', 'out', ''],
    'hernia: no doming' => [fn () => having('hernia'), 'dead_bug/one_leg', 'out', ''],
    'hernia: the brace stays' => [fn () => having('hernia'), 'brace/seated_press', 'fits', ''],
    'prolapse: no stomping on the feet' => [fn () => having('pelvic_organ_prolapse'), 'stomp/counter', 'out', ''],
    'girdle pain: two feet on the floor' => [
        fn () => [...having('pregnancy_pelvic_girdle_pain'), 'pregnancy' => ['due_date' => '2027-02-03']],
        'heel_raise/two_hands',
        'fits',
        '',
    ],
    'girdle pain: no lunge' => [
        fn () => [...having('pregnancy_pelvic_girdle_pain'), 'pregnancy' => ['due_date' => '2027-02-03']],
        'split_squat/counter_part',
        'out',
        '',
    ],
    'girdle pain: the wide step is narrowed or left' => [
        fn () => [...having('pregnancy_pelvic_girdle_pain'), 'pregnancy' => ['due_date' => '2027-02-03']],
        'seated_stretch/straddle',
        'changes',
        'narrower_stance',
    ],
    'thirty weeks: the bridge with the trunk raised' => [
        fn () => ['pregnancy' => ['due_date' => '2027-02-03']], 'bridge/two_legs', 'changes', 'wedge_trunk',
    ],
    'thirty weeks: raised already' => [
        fn () => ['pregnancy' => ['due_date' => '2027-02-03']], 'bridge/raised_trunk', 'fits', '',
    ],
    'thirty weeks: not on the front' => [
        fn () => ['pregnancy' => ['due_date' => '2027-02-03']], 'prone_lift/press', 'out', '',
    ],
    'thirty weeks: fingertips on one leg' => [
        fn () => ['pregnancy' => ['due_date' => '2027-02-03']], 'stance_balance/one_leg', 'changes',
        'hold_on:fingertip',
    ],
    'doming seen: no plank' => [
        fn () => [...having('pregnancy_doming'), 'pregnancy' => ['due_date' => '2027-02-03']],
        'floor_push/knees',
        'out',
        '',
    ],
    'a withheld pregnancy: nothing at all' => [
        fn () => [...having('pregnancy_placenta_praevia'), 'pregnancy' => ['due_date' => '2027-02-03']],
        'arm_swing/seated',
        'out',
        '',
    ],
    'wheels: standing work is done seated where it can be' => [
        fn () => [
            ...having('wheelchair_user'),
            'function' => [
                'grip' => ['left' => 'full', 'right' => 'full'], 'standing' => 'none', 'floor_transfer' => 'none',
                'home' => 'carer',
            ],
        ],
        'march/two_hands',
        'out',
        'cannot stand',
    ],
    'wheels: and not where it cannot' => [
        fn () => [
            ...having('wheelchair_user'),
            'function' => [
                'grip' => ['left' => 'full', 'right' => 'full'], 'standing' => 'none', 'floor_transfer' => 'none',
                'home' => 'carer',
            ],
        ],
        'step_up/tap',
        'out',
        'stand',
    ],
    'no grip on the right: a strap there' => [
        fn () => [...having('hand_function_none', [], 'right')], 'curl/one_arm', 'out', '', 'right',
    ],
    'no grip on the right: the left is free' => [
        fn () => [...having('hand_function_none', [], 'right')], 'curl/one_arm', 'fits', '', 'left',
    ],
    'low sight: eyes stay open' => [fn () => having('low_vision'), 'stance_extras/eyes_closed', 'changes', 'eyes_open'],
    'latex: no band of it' => [fn () => having('latex_allergy'), 'band_row/seated', 'out', 'latex'],
    'insensate legs: a pad under the loop' => [
        fn () => [...having('insensate_skin', 'legs'), 'insensate' => ['legs']],
        'band_side_step/seated',
        'changes',
        'pad',
    ],
]);

it('lets a healthy trained adult do all of it but what needs someone there', function (): void {
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            expect(
                rungVerdict([], $family->code.'/'.$rung->code)->verdict,
            )->toBe('fits', $family->code.'/'.$rung->code);
        }
    }
});

it('keeps everything that needs a spotter or a helper from someone alone', function (): void {
    $alone = [
        'function' => [
            'grip' => ['left' => 'full', 'right' => 'full'], 'standing' => 'free', 'floor_transfer' => 'alone',
            'home' => 'alone',
        ],
    ];
    $kept = 0;
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            if ($rung->demands->setting->spotter || ! $rung->setUp->alone) {
                expect(
                    rungVerdict($alone, $family->code.'/'.$rung->code)->verdict,
                )->toBe('out', $family->code.'/'.$rung->code);
                $kept++;
            }
        }
    }
    expect($kept)->toBeGreaterThan(8);
});
