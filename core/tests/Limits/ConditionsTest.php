<?php

declare(strict_types=1);

use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;

it('sets what the table says for each condition', function (array $condition, array $numbers): void {
    $envelope = Made::envelope([$condition]);
    foreach ($numbers as $field => $value) {
        expect($envelope->number(Field::from($field)))->toBe($value, $field);
    }
})->with([
    'older adult, first block' => [['code' => 'older_adult_new'], ['load_pct_max' => 60, 'effort_max' => 6]],
    'older adult, after it' => [
        ['code' => 'older_adult_new', 'detail' => 'first_block_done'], ['load_pct_max' => 80, 'effort_max' => 8],
    ],
    'osteoporosis' => [['code' => 'osteoporosis'], ['impact_max' => 1, 'load_pct_max' => 100]],
    'vertebral fracture' => [
        ['code' => 'osteoporosis', 'detail' => ['vertebral_fracture']], ['impact_max' => 0, 'load_pct_max' => 60],
    ],
    'hypertension' => [
        ['code' => 'hypertension_controlled'],
        ['effort_max' => 7, 'reps_min' => 8, 'hold_max_s' => 10, 'rest_min_s' => 60],
    ],
    'knee' => [['code' => 'osteoarthritis_knee'], ['impact_max' => 1]],
    'stroke' => [
        ['code' => 'stroke_hemiparesis', 'side' => 'left'], ['load_pct_max' => 50, 'reps_min' => 10, 'reps_max' => 15],
    ],
    'stroke, first block done' => [
        ['code' => 'stroke_hemiparesis', 'side' => 'left', 'detail' => 'first_block_done'],
        ['load_pct_max' => 80, 'reps_min' => 10, 'reps_max' => 15],
    ],
]);

it('spares the spine in osteoporosis, and overhead only with a fracture', function (): void {
    expect(Made::envelope([['code' => 'osteoporosis']])->words(Field::AvoidMotions))->toBe(
        [
            'ballistic', 'spine_flexion_end_range', 'spine_flexion_loaded', 'spine_rotation_end_range',
            'spine_rotation_loaded',
        ],
    )
        ->and(
            Made::envelope([['code' => 'osteoporosis']])->words(Field::AvoidPositions),
        )->not->toContain('arms_overhead')
        ->and(
            Made::envelope(
                [['code' => 'osteoporosis', 'detail' => 'vertebral_fracture']],
            )->words(Field::AvoidPositions),
        )->toContain('arms_overhead')
        ->and(
            Made::envelope(
                [['code' => 'osteoporosis', 'detail' => ['vertebral_fracture', 'overhead_cleared']]],
            )->words(Field::AvoidPositions),
        )->not->toContain('arms_overhead');
});

it('asks for one hand in high falls risk, and for fingertips once tandem is held ten seconds', function (
    array $measures, string $support,
): void {
    $envelope = Made::envelope([['code' => 'falls_risk_high']], $measures);
    expect($envelope->word(Field::SupportMin))->toBe($support)
        ->and($envelope->word(Field::SurfaceMax))->toBe('firm')
        ->and($envelope->word(Field::Vision))->toBe('eyes_open')
        // No free standing on one leg, whatever the tandem says.
        ->and(array_map(
            static fn (Limit $l): string => $l->plain().' '.$l->binds?->value, $envelope->binding(Field::SupportMin),
        ))->toContain('fingertip single_leg');
})->with([
    'not measured' => [[], 'one_hand'],
    '9.9 s' => [[['test' => 'tandem_stand', 'value' => 9.9]], 'one_hand'],
    '10 s' => [[['test' => 'tandem_stand', 'value' => 10]], 'fingertip'],
]);

it('keeps a painful shoulder below ninety degrees on its own side only', function (): void {
    $envelope = Made::envelope([['code' => 'stroke_hemiparesis', 'side' => 'left', 'detail' => 'painful_shoulder']]);
    expect($envelope->words(Field::AvoidMotions, new Scope(Region::Upper, Side::Left)))->toContain('shoulder_past_90')
        ->and(
            $envelope->words(Field::AvoidMotions, new Scope(Region::Upper, Side::Right)),
        )->not->toContain('shoulder_past_90')
        ->and(
            $envelope->words(Field::AvoidMotions, new Scope(Region::Lower, Side::Left)),
        )->not->toContain('shoulder_past_90')
        ->and(
            $envelope->words(Field::AvoidMotions, new Scope(Region::Upper, Side::Both)),
        )->toContain('shoulder_past_90')
        ->and($envelope->words(Field::AvoidMotions))->toBe([]);
});

it('binds both sides when the side is not known', function (): void {
    $envelope = Made::envelope([['code' => 'osteoarthritis_knee']]);
    expect(
        $envelope->avoids(Motion::DeepKneeFlexionLoaded, new Scope(Region::Lower, Side::Right)),
    )->not->toBeNull()
        ->and(
            Made::envelope(
                [['code' => 'osteoarthritis_knee', 'detail' => 'pain_free']],
            )->avoids(Motion::DeepKneeFlexionLoaded, new Scope(Region::Lower, Side::Right),
            ),
        )->toBeNull();
});

it(
    'keeps latex away',
    fn () => expect(Made::envelope([['code' => 'latex_allergy']])->words(Field::AvoidMaterial))->toBe(['latex']),
);

it('treats unknown function as unable', function (): void {
    $envelope = RuleBook::standard()->envelope(new Facts(Made::client(['function' => []]), Day::of(Made::TODAY)));
    expect($envelope->words(Field::AvoidPositions))->toContain('standing', 'floor')
        ->and($envelope->word(Field::SupportMin))->toBe('seated');
});

it('keeps someone off the floor who cannot get up with the help that is there', function (
    array $function, bool $out,
): void {
    $envelope = RuleBook::standard()->envelope(
        new Facts(Made::client(['function' => ['standing' => 'free', ...$function]]), Day::of(Made::TODAY)),
    );
    expect(in_array('floor', $envelope->words(Field::AvoidPositions), true))->toBe($out);
})->with([
    [['floor_transfer' => 'alone', 'home' => 'alone'], false],
    [['floor_transfer' => 'helped', 'home' => 'alone'], true],
    [['floor_transfer' => 'helped', 'home' => 'carer'], false],
    [['floor_transfer' => 'none', 'home' => 'carer'], true],
    [['home' => 'carer'], true],
]);

it('leaves out what the body cannot, and no more', function (
    array $function, Field $field, array $has, array $hasNot,
): void {
    $client = Made::client(['function' => [...Made::form()['function'], ...$function]]);
    $envelope = RuleBook::standard()->envelope(new Facts($client, Day::of(Made::TODAY)));
    $words = $envelope->words($field);
    expect(array_values(array_intersect($has, $words)))->toBe($has)->and(array_intersect($hasNot, $words))->toBe([]);
})->with([
    'no standing' => [['standing' => 'none'], Field::AvoidPositions, ['standing', 'long_static_standing'], []],
    'standing not asked about' => [
        ['standing' => null], Field::AvoidPositions, ['standing', 'long_static_standing'], [],
    ],
    'standing' => [['standing' => 'free'], Field::AvoidPositions, [], ['standing', 'long_static_standing']],
    'no trunk' => [['trunk' => 'none'], Field::AvoidParts, ['trunk', 'sitting'], []],
    'no trunk, beside a limb without movement' => [
        ['trunk' => 'none', 'limbs' => ['leg_right' => 'none']], Field::AvoidParts, ['trunk', 'sitting'], [],
    ],
    'a poor trunk' => [['trunk' => 'poor'], Field::AvoidParts, ['sitting'], ['trunk']],
    'a fair trunk' => [['trunk' => 'fair'], Field::AvoidParts, [], ['trunk', 'sitting']],
    'simple steps' => [
        ['cognition' => 'needs_simple'], Field::Notes, ['One simple step at a time; pictures, few exercises.'], [],
    ],
    'no simple steps needed' => [
        [], Field::Notes, [], ['One simple step at a time; pictures, few exercises.'],
    ],
]);

it('fires the same rule whether the box was ticked or the facts say so', function (): void {
    $rules = RuleBook::standard();
    $old = ['birth_date' => '1955-01-01', 'training' => ['level' => 'new']];
    $implied = $rules->envelope(new Facts(Made::client($old), Day::of(Made::TODAY)));
    $ticked = $rules->envelope(
        new Facts(Made::client([...$old, 'conditions' => [['code' => 'older_adult_new']]]), Day::of(Made::TODAY)),
    );
    expect($implied->number(Field::LoadPctMax))->toBe(60)->and($implied)->toEqual($ticked);
});

it('does not take 64 for 65', function (): void {
    $young = Made::client(['birth_date' => '1961-11-26', 'training' => ['level' => 'new']]);
    $old = Made::client(['birth_date' => '1961-11-25', 'training' => ['level' => 'new']]);
    $cap = static fn ($client): ?int => RuleBook::standard()->envelope(
        new Facts($client, Day::of(Made::TODAY)),
    )->number(Field::LoadPctMax);
    expect($cap($young))->toBe(100)->and($cap($old))->toBe(60);
});

it('refuses a condition it has no rules for, and guesses what was meant', function (): void {
    Made::envelope([['code' => 'osteoporose']]);
})->throws(UnknownCode::class, 'Did you mean "osteoporosis"');

it('loosens nothing by date alone', function (): void {
    $ended = ['code' => 'hypertension_controlled', 'until' => '2026-01-01'];
    expect(Made::envelope([$ended])->number(Field::EffortMax))->toBe(7)
        ->and(Made::envelope([[...$ended, 'detail' => 'end_confirmed']])->number(Field::EffortMax))->toBe(10)
        ->and(
            Made::envelope([['code' => 'older_adult_new', 'since' => '2025-01-01']])->number(Field::LoadPctMax),
        )->toBe(60);
});

it('lets what tightens begin by itself on its date', function (): void {
    $later = [['code' => 'osteoporosis', 'since' => '2026-12-01']];
    expect(Made::envelope($later, on: '2026-11-30')->words(Field::AvoidMotions))->toBe([])
        ->and(Made::envelope($later, on: '2026-12-01')->words(Field::AvoidMotions))->toContain('spine_flexion_loaded');
});

it('announces the dates ahead', function (): void {
    $client = Made::client(
        [
            'conditions' => [
                ['code' => 'older_adult_new', 'since' => '2026-11-20'],
                ['code' => 'osteoporosis', 'since' => '2026-12-24'],
                ['code' => 'hypertension_controlled', 'until' => '2027-01-02'],
            ],
        ],
    );
    $crossings = RuleBook::standard()->crossings(new Facts($client, Day::of(Made::TODAY)));
    expect(array_map(static fn ($c): array => [(string) $c->date, $c->rule, $c->tightens], $crossings))->toBe([
        ['2026-12-18', 'older_adult_new', false],
        ['2026-12-24', 'osteoporosis', true],
        ['2027-01-02', 'hypertension_controlled', false],
    ]);
});

it('gives every limit a reason and a source', function (): void {
    foreach (RuleBook::standard()->conditions() as $about) {
        foreach ([[], array_keys($about->details)] as $details) {
            foreach (Made::envelope([['code' => $about->code, 'detail' => $details]])->all() as $limit) {
                expect(trim($limit->says))->not->toBe('')
                    ->and(trim($limit->source))->not->toBe('', $limit->rule);
            }
        }
    }
});
