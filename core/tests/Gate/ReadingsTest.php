<?php

declare(strict_types=1);

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Gate\Asked;
use BuoyantStep\Core\Gate\BloodPressure;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\GateResult;
use BuoyantStep\Core\Gate\GateVerdict;
use BuoyantStep\Core\Gate\Readings;
use BuoyantStep\Core\Gate\Vital;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Watched;

require_once __DIR__.'/helpers.php';

/* What was read: how far a reading may go, what counts as entered, and what is said of the rest. */

it('takes a reading from end to end and no further', function (string $key, float $least, float $most): void {
    $read = static fn (float $value): Readings => Readings::read(new Bag([$key => $value]));
    expect($read($least))->toBeInstanceOf(Readings::class)->and($read($most))->toBeInstanceOf(Readings::class)
        ->and(fn () => $read($least - 0.1))->toThrow(InvalidInput::class)
        ->and(fn () => $read($most + 0.1))->toThrow(InvalidInput::class);
})->with([
    ['sbp', 40, 300], ['dbp', 20, 200], ['sbp_standing', 40, 300], ['dbp_standing', 20, 200], ['heart_rate', 20, 250],
    ['spo2', 30, 100], ['glucose_mmol', 0.3, 60], ['ketones_mmol', 0, 20], ['weight_kg', 20, 350], ['temp_c', 30, 44],
    ['fatigue', 0, 10],
]);

const EVERYTHING = [
    'blood pressure', 'heart rate', 'saturation', 'glucose', 'weight', 'temperature', 'a look at the skin',
    'the girth of the limb',
];

it('names all that was not entered, and nothing that was', function (array $readings, array $entered): void {
    expect(gateFor([], $readings, [], 0)->unknown)->toBe(array_values(array_diff(EVERYTHING, $entered)));
})->with([
    'nothing' => [[], []],
    'pressure' => [['sbp' => 120, 'dbp' => 70], ['blood pressure']],
    'half of it' => [['dbp' => 70], []],
    'pulse' => [['heart_rate' => 70], ['heart rate']],
    'saturation' => [['spo2' => 97], ['saturation']],
    'glucose' => [['glucose_mmol' => 6], ['glucose']],
    'weight' => [['weight_kg' => 70], ['weight']],
    'temperature' => [['temp_c' => 36.6], ['temperature']],
    'skin, sound' => [['skin_ok' => true], ['a look at the skin']],
    'skin, broken' => [['skin_ok' => false], ['a look at the skin']],
    'limb' => [['limb_change' => false], ['the girth of the limb']],
]);

it('never asks by a reading for what no reading stands for', function (): void {
    expect((new Readings)->has(Watched::Dysreflexia))->toBeTrue()
        ->and((new Readings)->has(Watched::PelvicFloor))->toBeTrue()
        ->and((new Readings)->has(Watched::Skin))->toBeFalse();
});

it('is over nothing where nothing was entered', function (): void {
    expect((new BloodPressure)->reaches(1, 1))->toBeFalse()
        ->and((new BloodPressure(systolic: 1))->reaches(1, 2))->toBeTrue()
        ->and((new BloodPressure(diastolic: 1))->reaches(2, 1))->toBeTrue();
});

it('gives the verdict of its row where two rows meet', function (
    array $client, array $readings, array $symptoms, string $verdict, string $says,
): void {
    $result = gateFor($client, $readings, $symptoms);
    expect($result->verdict->value)->toBe($verdict)
        ->and(implode(' ', array_column($result->findings, 'says')))->toContain($says);
})->with([
    'low 90, usual not known' => [[], ['sbp' => 90, 'dbp' => 60], [], 'lighter', 'Systolic pressure 90'],
    'low 90, usual 110' => [['usual' => ['sbp' => 110]], ['sbp' => 90, 'dbp' => 60], [], 'lighter', 'usual 110'],
    'low saturation and breathless says both' => [
        [], ['spo2' => 91], ['breathless_at_rest'], 'stop_and_call', 'Saturation 91 %. Breathless at rest.',
    ],
    'low saturation, new breathlessness' => [
        [], ['spo2' => 91], ['new_breathlessness'], 'stop_and_call', 'Saturation 91 %. Breathless at rest.',
    ],
    'saturation beside its usual' => [
        ['usual' => ['spo2' => 96]], ['spo2' => 91], [], 'wait', 'Saturation 91 %, usual 96 %.',
    ],
    'pressure beside its usual' => [
        ['usual' => ['sbp' => 132, 'dbp' => 84]], ['sbp' => 182, 'dbp' => 90], [], 'wait',
        'Blood pressure 182/90, usual 132/84.',
    ],
    'a usual of one alone' => [
        ['usual' => ['dbp' => 84]], ['sbp' => 182, 'dbp' => 90], [], 'wait', 'Blood pressure 182/90, usual ?/84.',
    ],
    'ketones to be tested' => [
        GLIFLOZIN,
        ['glucose_mmol' => 8, 'unwell' => true],
        [],
        'wait',
        'Unwell on an SGLT2 inhibitor, ketones not known.',
    ],
    'weight goes up where nobody watches fluid' => [
        ['usual' => ['weight_kg' => 60], 'conditions' => [['code' => 'hypertension_controlled']]],
        ['weight_kg' => 70, 'sbp' => 120, 'dbp' => 70], [], 'go', '',
    ],
    'dysreflexia, still' => [
        CORD, ['sbp' => 115, 'dbp' => 60, 'skin_ok' => true, 'repeat' => true], [], 'stop_and_call',
        'Systolic pressure 115, usual 95. Still.',
    ],
    'dysreflexia, with signs' => [
        CORD, ['sbp' => 115, 'dbp' => 60, 'skin_ok' => true], ['headache'], 'stop_and_call',
        'Systolic pressure 115, usual 95. With signs.',
    ],
]);

it('tells to begin only where nothing else is to be done and the verdict is go', function (): void {
    $note = Finding::lighter('r', 'says', 'Drink.');
    expect((new GateResult(GateVerdict::Go, [], []))->actions())
        ->toBe(['Begin with the warm-up.'])
        ->and((new GateResult(GateVerdict::Go, [$note], []))->actions())
        ->toBe(['Drink.'])
        ->and((new GateResult(GateVerdict::Wait, [], []))->actions())
        ->toBe([])
        ->and((new GateResult(GateVerdict::Lighter, [Finding::lighter('r', 'says', ''), $note], []))->actions())
        ->toBe(['Drink.']);
});

it('asks at home for what is watched, and how they feel and where it hurts in any case', function (
    array $conditions, array $numbers, array $seen,
): void {
    $asked = Asked::of(Made::envelope($conditions));
    expect(array_column($asked->numbers, 'value'))
        ->toBe($numbers)
        ->and(array_column($asked->seen, 'value'))
        ->toBe($seen);
})->with([
    'nothing watched' => [[], ['pain'], ['unwell', 'slept_badly']],
    'pressure' => [[['code' => 'hypertension_controlled']], ['sbp', 'dbp', 'pain'], ['unwell', 'slept_badly']],
    'pressure lying and standing' => [
        [['code' => 'orthostatic_drop']],
        ['sbp', 'dbp', 'sbp_standing', 'dbp_standing', 'pain'],
        ['unwell', 'slept_badly'],
    ],
    'glucose' => [
        [['code' => 'diabetes_glucose_lowering']], ['glucose_mmol', 'ketones_mmol', 'pain'], ['unwell', 'slept_badly'],
    ],
    'skin' => [[['code' => 'peripheral_neuropathy']], ['pain'], ['skin_ok', 'unwell', 'slept_badly']],
    'a limb' => [
        [['code' => 'lymphedema', 'side' => 'left', 'detail' => ['arms']]],
        ['pain'],
        ['limb_change', 'unwell', 'slept_badly'],
    ],
]);

it('says a reading to one decimal, with its unit', function (): void {
    expect(Vital::Temperature->say(36.66))->toBe('temperature 36.7 °C')
        ->and(Vital::Systolic->say(152))->toBe('systolic pressure 152 mmHg')
        ->and(Vital::Fatigue->say(7))->toBe('fatigue 7');
});

it('asks for the feel of a pulse where the pulse is counted', function (): void {
    $counted = (new Rules('order', 'an order'))->watch(
        Watched::HeartRate,
        Moment::Before,
        'The pulse before each session.',
    );
    $asked = Asked::of(new Envelope($counted->all()));
    expect(array_column($asked->numbers, 'value'))->toBe(['heart_rate', 'pain'])
        ->and(array_column($asked->seen, 'value'))->toBe(['irregular_pulse', 'unwell', 'slept_badly']);
});
