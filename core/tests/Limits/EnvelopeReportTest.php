<?php

declare(strict_types=1);

use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\EnvelopeReport;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Vision;
use BuoyantStep\Core\Vocabulary\Word;

it('reports a field for each part of the body where it is tighter', function (): void {
    $report = EnvelopeReport::of(Made::envelope([['code' => 'coronary_disease']]));
    $scoped = array_map(
        static fn (array $row): array => [$row['region'], $row['side'], $row['value']],
        $report['load_pct_max']['scoped'],
    );
    expect($scoped)->toEqualCanonicalizing([['upper', 'both', '40'], ['lower', 'both', '60'], ['trunk', 'both', '40']])
        ->and($report['effort_max'])->not->toHaveKey('scoped');
});

it('asks for no rest where nothing does', function (): void {
    expect((new Envelope)->restMin())->toBe(0)
        ->and(Made::envelope([['code' => 'heart_failure']])->restMin())->toBe(90);
});

it('says whether the heart rate tells anything', function (): void {
    $says = static fn (array $conditions): array => EnvelopeReport::of(Made::envelope($conditions))['heart_rate_valid'];
    expect($says([])['value'])->toBeTrue()
        ->and($says([['code' => 'beta_blocker']])['value'])->toBeFalse()
        ->and($says([['code' => 'beta_blocker']])['because'][0]['rule'])->toBe('beta_blocker');
});

it('says a value in words, with its unit', function (Field $field, int|bool|Word $value, string $says): void {
    expect((new Limit($field, $value, 'rule', 'Because.', ''))->label())->toBe($says);
})->with([
    'a word' => [Field::Vision, Vision::EyesOpen, 'eyes open'],
    'a mass' => [Field::LiftMaxG, 4500, Mass::say(4500)],
    'yes' => [Field::HeartRateValid, true, 'yes'], 'no' => [Field::HeartRateValid, false, 'no'],
    'a number' => [Field::RepsMin, 8, '8'],
]);

it('marks which of two asks for more where they bind the same work', function (): void {
    $rows = EnvelopeReport::of(Made::envelope([['code' => 'falls_risk_high'], ['code' => 'parkinsons']]));
    $balance = array_values(array_filter(
        $rows['support_min']['scoped'], static fn (array $row): bool => ($row['binds'] ?? null) === 'balance_2',
    ));
    expect($balance)->toHaveCount(1)->and($balance[0]['value'])->toBe('one_hand')
        ->and(array_column($balance[0]['because'], 'wins', 'rule'))
        ->toBe(['falls_risk_high' => true, 'parkinsons' => false]);
});
