<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Gate\Asked;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Gate;
use BuoyantStep\Core\Gate\GateResult;
use BuoyantStep\Core\Gate\GateVerdict;
use BuoyantStep\Core\Gate\Readings;
use BuoyantStep\Core\Gate\Seen;
use BuoyantStep\Core\Gate\Vital;
use BuoyantStep\Core\Home\GateTable;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Home\LooksUp;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Sign;

/** @return array<string, mixed> answers as somebody at home gives them, some of them alarming, some left open */
function answersOf(Made $made, Asked $asked): array
{
    $answers = ['repeat' => $made->chance(30), 'signs' => []];
    foreach ($asked->numbers as $vital) {
        $range = $vital->range();
        $parts = in_array($vital, [Vital::Glucose, Vital::Ketones, Vital::Weight, Vital::Temperature], true) ? 10 : 1;
        // Around what is usual more often than anywhere.
        [$low, $high] = $made->chance(70) ? match ($vital) {
            Vital::Systolic, Vital::SystolicStanding => [70, 190],
            Vital::Diastolic, Vital::DiastolicStanding => [45, 115],
            Vital::HeartRate => [35, 130], Vital::Saturation => [84, 100], Vital::Glucose => [2, 20],
            Vital::Ketones => [0, 3], Vital::Weight => [55, 90], Vital::Temperature => [35, 40],
            default => [$range->min, $range->max],
        } : [$range->min, $range->max];
        if ($made->chance(85)) {
            $answers[$vital->value] = $made->int((int) ceil($low * $parts), (int) floor($high * $parts)) / $parts;
        }
    }
    foreach ([['sbp', 'dbp'], ['sbp_standing', 'dbp_standing']] as [$upper, $lower]) {
        if (isset($answers[$upper], $answers[$lower]) && $answers[$lower] >= $answers[$upper]) {
            unset($answers[$lower]);
        }
    }
    foreach ($asked->seen as $seen) {
        if ($made->chance(85)) {
            $answers[$seen->value] = $made->chance(30);
        }
    }
    foreach ($asked->signs as $sign) {
        if ($made->chance(3)) {
            $answers['signs'][] = $sign->value;
        }
    }

    return $answers;
}

/** @param  array<string, mixed>  $answers */
function gateSays(Gate $gate, array $answers): GateResult
{
    $readings = array_diff_key($answers, ['signs' => true, 'pain' => true]);
    $pain = isset($answers['pain']) ? (int) $answers['pain'] : null;

    return $gate->check(Readings::read(new Bag($readings)), Sign::readAll($answers['signs'], ''), $pain);
}

/** @return array{Gate, Envelope} */
function gateOf(array $form): array
{
    $on = Day::of(Made::TODAY);
    $client = Profile::read(new Bag($form));
    $envelope = RuleBook::standard()->envelope(new Facts($client, $on));

    return [new Gate($client, $on, $envelope), $envelope];
}

/** @return list<array<string, mixed>> as they are sent */
function sentRows(Gate $gate, Envelope $envelope): array
{
    return json_decode(json_encode(GateTable::of($gate, $envelope), JSON_PRESERVE_ZERO_FRACTION), true);
}

/**
 * @param  list<array{string, string, int|null}>  $all  rule, verdict, minutes
 * @return array<string, array{string, int|null}> the most cautious of each rule
 */
function worstOfEach(array $all): array
{
    $worst = [];
    foreach ($all as [$rule, $verdict, $again]) {
        $rank = GateVerdict::from($verdict)->rank();
        if (! isset($worst[$rule]) || $rank > GateVerdict::from($worst[$rule][0])->rank()) {
            $worst[$rule] = [$verdict, $again];
        }
    }
    ksort($worst);

    return $worst;
}

it('says what the gate says, for ten thousand answers of many clients', function (): void {
    $made = new Made(811);
    $watching = [
        'hypertension_controlled', 'heart_failure', 'chronic_lung_disease', 'diabetes_glucose_lowering', 'parkinsons',
        'orthostatic_drop', 'spinal_cord_injury_t6_or_above', 'insensate_skin', 'lymphedema', 'atrial_fibrillation',
        'peripheral_neuropathy', 'pelvic_organ_prolapse', 'anticoagulant', 'cancer', 'coronary_disease',
    ];
    $met = [];
    for ($i = 0; $i < 40; $i++) {
        $form = $made->randomForm();
        $form['conditions'] = array_map(
            static fn (string $code): array => ['code' => $code, 'side' => 'left'],
            array_values(array_unique([$made->one($watching), $watching[$i % count($watching)]])),
        );
        $form['usual'] = $made->chance(60)
            ? [
                'sbp' => $made->int(80, 150), 'heart_rate' => $made->int(38, 90), 'weight_kg' => $made->int(60, 80),
            ] : [];
        [$gate, $envelope] = gateOf($form);
        [$rows, $asked] = [sentRows($gate, $envelope), Asked::of($envelope)];
        for ($n = 0; $n < 250; $n++) {
            $answers = answersOf($made, $asked);
            $said = worstOfEach(array_map(
                static fn (Finding $f): array => [$f->rule, $f->verdict->value, $f->againInMinutes],
                gateSays($gate, $answers)->findings,
            ));
            $found = worstOfEach(array_map(
                static fn (array $r): array => [$r['rule'], $r['verdict'], $r['again']],
                LooksUp::of($rows, $answers),
            ));
            expect($found)->toBe($said, json_encode([$form, $answers]));
            foreach ($said as $rule => [$verdict]) {
                $met["$rule $verdict"] = true;
            }
        }
    }
    // It was not easy: more than every verdict of every check was met.
    expect(count($met))->toBeGreaterThan(30);
});

it('asks only what this client has to look at', function (array $conditions, array $numbers, array $seen): void {
    $asked = Asked::of(gateOf([...Made::form(), 'conditions' => $conditions])[1]);
    expect(array_map(static fn (Vital $v): string => $v->value, $asked->numbers))->toBe($numbers)
        ->and(array_map(static fn (Seen $s): string => $s->value, $asked->seen))->toBe($seen);
})->with([
    'nothing' => [[], ['pain'], ['unwell', 'slept_badly']],
    'pressure' => [[['code' => 'hypertension_controlled']], ['sbp', 'dbp', 'pain'], ['unwell', 'slept_badly']],
    'lying and standing' => [
        [['code' => 'orthostatic_drop']], ['sbp', 'dbp', 'sbp_standing', 'dbp_standing', 'pain'],
        ['unwell', 'slept_badly'],
    ],
    'glucose' => [
        [['code' => 'diabetes_glucose_lowering']], ['glucose_mmol', 'ketones_mmol', 'pain'],
        ['unwell', 'slept_badly'],
    ],
    'skin' => [[['code' => 'insensate_skin']], ['pain'], ['skin_ok', 'unwell', 'slept_badly']],
]);

it('stays small', function (): void {
    [$gate, $envelope] = gateOf([...Made::form(), 'conditions' => array_map(
        static fn (string $code): array => ['code' => $code],
        ['diabetes_glucose_lowering', 'heart_failure', 'chronic_lung_disease', 'parkinsons'],
    )]);
    expect(strlen((string) json_encode(sentRows($gate, $envelope))))->toBeLessThan(16_000);
});
