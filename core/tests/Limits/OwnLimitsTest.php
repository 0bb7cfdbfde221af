<?php

declare(strict_types=1);

use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Fit\Verdict;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\OwnLimits;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Word;

/** @param  array<string, string>  $limit */
function withOwn(array $limit): Envelope
{
    $own = ['by' => 'Dr Amari, letter of 3 May 2026', 'why' => 'Until the wound has healed.', ...$limit];

    return RuleBook::standard()->envelope(
        new Facts(Made::client(['own_limits' => [$own]]), Day::of(Made::TODAY), Made::measures([])),
    );
}

it('sets every field it offers, at every word of it, with the letter as its source', function (Field $field): void {
    $words = array_map(static fn (Word $w): string => $w->code(), OwnLimits::words($field));
    $range = OwnLimits::range($field);
    expect($range === null)->toBe($words !== []);
    foreach ($range === null ? $words : [(string) (int) $range->min, (string) (int) $range->max] as $value) {
        $own = array_filter(
            withOwn(['field' => $field->value, 'value' => $value])->binding($field),
            static fn ($limit): bool => $limit->rule === OwnLimits::RULE,
        );
        expect(array_column($own, 'source'))->toBe(['Dr Amari, letter of 3 May 2026'])
            ->and(array_column($own, 'says')[0] ?? '')->toEndWith('. Until the wound has healed.');
    }
})->with(array_combine(
    array_column(OwnLimits::fields(), 'value'), array_map(static fn (Field $f): array => [$f], OwnLimits::fields()),
));

it('says it as the margin does', function (string $field, string $value, string $says): void {
    $own = array_filter(
        withOwn(['field' => $field, 'value' => $value])->binding(Field::from($field)),
        static fn ($limit): bool => $limit->rule === OwnLimits::RULE,
    );
    expect(array_column($own, 'says'))->toBe(["$says. Until the wound has healed."])
        ->and(OwnLimits::says(Field::from($field), $value))->toBe($says);
})->with([
    ['effort_max', '4', 'RPE up to 4 of 10'], ['load_pct_max', '50', 'Load up to 50 % of 1RM'],
    ['lift_max_g', '4500', 'Lift '.Mass::say(4500).' in all at most'], ['reps_min', '10', '10 reps or more'],
    ['reps_max', '12', '12 reps at most'],
    ['reps_max', '1', '1 rep at most'], ['hold_max_s', '6', 'Hard holds of 6 s at most'],
    ['rest_min_s', '90', 'Rest 90 s or more'], ['impact_max', '0', 'No impact'],
    ['breath', 'no_holding', 'Breathe out on effort, no holding'],
    ['support_min', 'one_hand', 'One hand on something fixed'],
    ['spine_load_max', 'moderate', 'Load on the spine: moderate at most'],
    ['avoid_positions', 'floor', 'Not on the floor'],
    ['avoid_motions', 'spine_flexion_loaded', 'No bending a loaded spine'],
    // What limits nothing is said by its field.
    ['impact_max', '3', 'Jumps allowed'], ['reps_min', '1', 'Reps at least: 1'],
]);

it('offers what a letter orders, and nothing else', function (): void {
    expect(array_column(OwnLimits::fields(), 'value'))->toBe([
        'effort_max', 'load_pct_max', 'lift_max_g', 'reps_min', 'reps_max', 'hold_max_s', 'rest_min_s', 'impact_max',
        'breath', 'support_min', 'spine_load_max', 'avoid_positions', 'avoid_motions',
    ]);
});

it('binds the part it is set for, and no other', function (): void {
    $envelope = withOwn(['field' => 'effort_max', 'value' => '3', 'region' => 'lower', 'side' => 'left']);
    expect($envelope->effortMax(new Scope(Region::Lower, Side::Left)))->toBe(3)
        ->and($envelope->effortMax(new Scope(Region::Lower, Side::Right)))->toBeGreaterThan(3)
        ->and($envelope->effortMax(new Scope(Region::Upper, Side::Left)))->toBeGreaterThan(3);
});

it('never loosens what a condition asks for', function (): void {
    $with = static fn (array $own): Envelope => RuleBook::standard()->envelope(new Facts(
        Made::client(['conditions' => [['code' => 'coronary_disease']], 'own_limits' => $own]),
        Day::of(Made::TODAY), Made::measures([]),
    ));
    $limit = static fn (string $value): array => [
        ['field' => 'effort_max', 'value' => $value, 'by' => 'R. Okonjo', 'why' => 'tried'],
    ];
    $before = $with([])->effortMax();
    expect($before)->toBeLessThan(10)
        ->and($with($limit((string) ($before + 1)))->effortMax())->toBe($before)
        ->and($with($limit((string) ($before - 1)))->effortMax())->toBe($before - 1);
});

it('refuses what is no limit, and says what would be', function (string $field, string $value, string $says): void {
    expect(static fn () => withOwn(['field' => $field, 'value' => $value]))->toThrow(CoreError::class, $says);
})->with([
    'no such field' => ['watches', 'pain', 'watches'],
    'a misspelt field' => ['effort_mx', '5', 'effort_max'],
    'not a number' => ['effort_max', 'five', 'from 0 to 10'],
    'above the range' => ['effort_max', '11', 'from 0 to 10'],
    'below the range' => ['reps_max', '0', 'from 1 to 60'],
    'half a rep' => ['reps_max', '8.5', 'whole number'],
    'a misspelt word' => ['avoid_positions', 'invertd', 'inverted'],
]);

/** @return array<string, string> how each rung stands for a client with this one limit */
function verdictsUnder(array $own): array
{
    $situation = Made::situation(Made::client($own === [] ? [] : [
        'own_limits' => [['by' => 'test', 'why' => 'test', ...$own]],
    ]));
    $verdicts = [];
    foreach ($situation->catalogue->families() as $family) {
        foreach ($family->rungs as $rung) {
            $verdicts["{$family->code}/{$rung->code}"] = implode(' ', array_map(
                static fn (Verdict $v): string => $v->verdict.' '.$v->says(),
                $situation->at($family, $rung)->verdicts(),
            ));
        }
    }

    return $verdicts;
}

it('finds rungs of the catalogue for every word it can set: no word is demanded by none', function (): void {
    $free = verdictsUnder([]);
    $idle = [];
    foreach (OwnLimits::fields() as $field) {
        foreach (OwnLimits::words($field) as $word) {
            if (verdictsUnder(['field' => $field->value, 'value' => $word->code()]) === $free) {
                $idle[] = $field->value.' '.$word->code();
            }
        }
    }
    expect($idle)->toBe([]);
});

it('takes lying on the side for either side', function (): void {
    $avoids = static fn (array $words, Position $p): bool => RuleBook::standard()->envelope(new Facts(
        Made::client(['own_limits' => array_map(static fn (string $w): array => [
            'field' => 'avoid_positions', 'value' => $w, 'by' => 'test', 'why' => 'test',
        ], $words)]),
        Day::of(Made::TODAY), Made::measures([]),
    ))->avoids($p) !== null;
    foreach ([Position::SideLying, Position::SideLyingLeft, Position::SideLyingRight] as $position) {
        expect($avoids(['side_lying'], $position))->toBeTrue()
            ->and($avoids(['side_lying_left', 'side_lying_right'], $position))->toBeTrue()
            ->and($avoids([], $position))->toBeFalse()
            ->and($avoids(['side_lying_left'], $position))->toBe($position === Position::SideLyingLeft);
    }
});

it('announces the day up to which it was ordered, and holds past it', function (): void {
    $facts = static fn (string $on): Facts => new Facts(Made::client(['own_limits' => [[
        'field' => 'effort_max', 'value' => '4', 'by' => 'Dr Amari', 'why' => 'wound', 'until' => '2026-06-10',
    ]]]), Day::of($on), Made::measures([]));
    $says = static fn (string $on): array => array_column(RuleBook::standard()->crossings($facts($on)), 'says');
    $told = 'RPE up to 4 of 10: may end (Dr Amari). It holds until you end it.';
    expect($says('2026-06-09'))->toContain($told)
        ->and($says('2026-06-10'))->toContain($told)
        ->and($says('2026-06-11'))->not->toContain($told)
        ->and(RuleBook::standard()->envelope($facts('2026-07-01'))->effortMax())->toBe(4);
});

it('takes the numbers that its field can have, and none outside', function (
    string $field, int $least, int $most,
): void {
    foreach ([$least, $most] as $value) {
        expect(withOwn(['field' => $field, 'value' => (string) $value])->binding(Field::from($field)))->not->toBe([]);
    }
    foreach ([$least - 1, $most + 1] as $value) {
        expect(static fn (): Envelope => withOwn(['field' => $field, 'value' => (string) $value]))
            ->toThrow(CoreError::class);
    }
})->with([
    ['effort_max', 0, 10], ['load_pct_max', 0, 100], ['lift_max_g', 0, 100_000], ['reps_min', 1, 60],
    ['reps_max', 1, 60], ['hold_max_s', 0, 600], ['rest_min_s', 0, 600], ['impact_max', 0, 3],
]);
