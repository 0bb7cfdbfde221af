<?php

declare(strict_types=1);

use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;

it('is found by the words that a clinic uses', function (string $word, string $code): void {
    $found = array_filter(RuleBook::standard()->conditions(), static fn (ConditionAbout $a): bool => array_filter(
        [$a->label, ...$a->words, ...$a->medicines],
        static fn (string $name): bool => str_contains(mb_strtolower($name), mb_strtolower($word)),
    ) !== []);
    expect(array_map(static fn (ConditionAbout $a): string => $a->code, array_values($found)))->toContain($code);
})->with([
    ['AF', 'atrial_fibrillation'], ['COPD', 'chronic_lung_disease'], ['OA', 'osteoarthritis_knee'],
    ['OA', 'osteoarthritis_hip'], ['MS', 'multiple_sclerosis'], ['tetraplegia', 'spinal_cord_injury_t6_or_above'],
    ['paraplegia', 'spinal_cord_injury_below_t6'], ['warfarin', 'anticoagulant'], ['apixaban', 'anticoagulant'],
    ['metoprolol', 'beta_blocker'], ['gliclazide', 'diabetes_glucose_lowering'],
    ['high blood pressure', 'hypertension_controlled'],
    ['heart attack', 'coronary_disease'], ['amputation', 'limb_loss'], ['dementia', 'cognitive_impairment'],
    ['long COVID', 'post_exertional_fatigue'], ['claudication', 'peripheral_artery_disease'],
]);

it('acts on a medicine by its generic name, or says that it knows none', function (
    string $medicine, string $field, bool $known,
): void {
    $client = Made::client(['medicines' => [$medicine]]);
    $envelope = Made::situation($client)->envelope;
    $notes = implode(' ', $envelope->words(Field::Notes));
    expect(str_contains($notes, "knows the medicine \"$medicine\""))->toBe(! $known);
    if ($field === 'heart_rate_valid') {
        expect($envelope->flag(Field::HeartRateValid))->toBeFalse();
    } elseif ($field !== '') {
        expect($envelope->number(Field::from($field)))->toBe(1);
    }
})->with([
    ['Metoprolol 50 mg', 'heart_rate_valid', true], ['warfarin', 'impact_max', true],
    ['beta_blocker', 'heart_rate_valid', true],
    ['statin', '', false], ['metformin', '', false],
]);

it('says of a condition in the clinician\'s own words that no rules are known', function (): void {
    $envelope = Made::envelope([['code' => 'other_condition', 'detail' => ['gout']]]);
    expect(implode(' ', $envelope->words(Field::Notes)))->toContain('Gout: no rules known here');
});
