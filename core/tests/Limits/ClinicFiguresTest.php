<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\ClinicFigures;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

it('only narrows with a tighter figure, for thousands of clients', function (): void {
    $made = new Made(101);
    $rules = RuleBook::standard();
    $on = Day::of(Made::TODAY);
    $acted = 0;
    for ($i = 0; $i < 5000; $i++) {
        $facts = new Facts(Profile::read(new Bag($made->randomForm())), $on, $made->randomMeasures());
        $before = $rules->envelope($facts);
        $numbered = array_values(
            array_filter(
                $before->all(),
                static fn ($l): bool => is_int($l->value) && isset(ClinicFigures::RANGES[$l->field->value]),
            ),
        );
        $limit = $made->one($numbered);
        [$min, $max] = ClinicFigures::RANGES[$limit->field->value];
        $value = $made->int($min, $max);
        if (ClinicFigures::loosens($limit, $value)) {
            continue;
        }
        $acted++;
        $after = $rules->envelope(
            $facts,
            new ClinicFigures(
                [
                    [
                        'rule' => $limit->rule, 'field' => $limit->field->value, 'value' => $value, 'loosens' => false,
                        'reason' => null,
                    ],
                ],
            ),
        );
        foreach (Field::cases() as $field) {
            $old = $before->tightest($field, $limit->scope);
            $new = $after->tightest($field, $limit->scope);
            if (
                ! $field->isList()
                && $old !== null
                && ($new === null || $field->tightness($new->value) < $field->tightness($old->value))
            ) {
                $this->fail("client $i: {$field->value} loosened by {$limit->rule} {$limit->field->value} $value");
            }
        }
    }
    expect($acted)->toBeGreaterThan(1000);
});

it('marks a looser figure wherever it acts, and still lets other rules win', function (): void {
    $facts = new Facts(
        Made::client(['conditions' => [['code' => 'hypertension_controlled'], ['code' => 'multiple_sclerosis']]]),
        Day::of(Made::TODAY),
    );
    $loose = new ClinicFigures(
        [
            [
                'rule' => 'hypertension_controlled', 'field' => 'effort_max', 'value' => 9, 'loosens' => true,
                'reason' => 'Protocol 7',
            ],
        ],
    );
    $envelope = RuleBook::standard()->envelope($facts, $loose);
    $says = array_map(static fn ($l): string => $l->says, $envelope->binding(Field::EffortMax));
    expect($envelope->number(Field::EffortMax))->toBe(6)
        ->and(implode(' ', $says))->toContain('Loosened by the clinic to 9: Protocol 7');
});

it('keeps to the rule and the field it was set for', function (): void {
    $facts = new Facts(Made::client(['conditions' => [['code' => 'hypertension_controlled']]]), Day::of(Made::TODAY));
    $envelope = RuleBook::standard()->envelope(
        $facts,
        new ClinicFigures(
            [
                [
                    'rule' => 'hypertension_controlled', 'field' => 'rest_min_s', 'value' => 90, 'loosens' => false,
                    'reason' => null,
                ],
            ],
        ),
    );
    expect($envelope->number(Field::RestMinS))->toBe(90)
        ->and($envelope->number(Field::EffortMax))->toBe(7)
        ->and($envelope->number(Field::HoldMaxS))->toBe(10);
});

it('lists every rule once in the catalogue of the book', function (): void {
    $book = RuleBook::standard()->catalogue(
        new Facts(Made::client(['pregnancy' => ['due_date' => '2027-01-10']]), Day::of(Made::TODAY)),
    );
    expect(array_keys($book))->toContain('default', 'pregnancy', 'sternotomy', 'platelets_low')
        ->and(count($book))->toBeGreaterThan(60);
    foreach ($book as $limits) {
        $keys = array_map(static fn ($l): string => $l->key(), $limits);
        expect(array_unique($keys))->toBe($keys);
    }
});

it('loosens no step of a rule by a figure meant to tighten another', function (): void {
    $today = Day::of(Made::TODAY);
    $facts = new Facts(Made::client(['pregnancy' => ['due_date' => (string) $today->plus(70)]]), $today);
    $figure = static fn (bool $loosens): ClinicFigures => new ClinicFigures(
        [
            [
                'rule' => 'pregnancy', 'field' => 'impact_max', 'value' => 2, 'loosens' => $loosens,
                'reason' => 'Protocol 7 of the clinic',
            ],
        ],
    );
    expect(RuleBook::standard()->envelope($facts)->number(Field::ImpactMax))->toBe(1)
        ->and(RuleBook::standard()->envelope($facts, $figure(false))->number(Field::ImpactMax))->toBe(1)
        ->and(RuleBook::standard()->envelope($facts, $figure(true))->number(Field::ImpactMax))->toBe(2);
});

it('keeps the published figure beside the one that the clinic tightened', function (): void {
    $facts = new Facts(
        Made::client(['conditions' => [['code' => 'hypertension_controlled']]]), Day::of(Made::TODAY),
        Made::measures([]),
    );
    $envelope = RuleBook::standard()->envelope($facts, new ClinicFigures([[
        'rule' => 'hypertension_controlled', 'field' => 'rest_min_s', 'value' => 90, 'loosens' => false,
        'reason' => 'Protocol 4.',
    ]]));
    $asked = array_values(array_filter(
        $envelope->all(),
        static fn ($l): bool => $l->field === Field::RestMinS && $l->rule === 'hypertension_controlled',
    ));
    expect(array_map(static fn ($l): int => $l->value, $asked))->toEqualCanonicalizing([60, 90])
        ->and($envelope->restMin())->toBe(90);
});

it('lets a clinic set the figures that make sense, and no others', function (): void {
    expect(ClinicFigures::RANGES)->toBe([
        'effort_max' => [0, 10], 'load_pct_max' => [0, 100], 'lift_max_g' => [0, 50_000], 'reps_min' => [1, 30],
        'reps_max' => [1, 50], 'hold_max_s' => [1, 120], 'impact_max' => [0, 3], 'step_pct_max' => [1, 20],
        'sessions_between_steps' => [1, 10], 'rest_min_s' => [0, 600], 'hours_between_same_muscle' => [24, 120],
    ]);
});

it('takes a figure for looser only where it is, not where it stays', function (int $value, bool $loosens): void {
    $limit = new Limit(Field::EffortMax, 7, 'hypertension_controlled', 'RPE up to 7.', 'AHA');
    expect(ClinicFigures::loosens($limit, $value))->toBe($loosens);
})->with([[6, false], [7, false], [8, true]]);
