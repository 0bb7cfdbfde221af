<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Sex;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Fit\TestSafety;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Field as LimitField;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Measures\Appraisal;
use BuoyantStep\Core\Measures\ArmCurlNorm;
use BuoyantStep\Core\Measures\ChairStandNorm;
use BuoyantStep\Core\Measures\Change;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Measures\SitToStandPower;
use BuoyantStep\Core\Measures\Symmetry;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\Tests\AnkleRange;
use BuoyantStep\Core\Measures\Tests\ArmCurl;
use BuoyantStep\Core\Measures\Tests\ChairStand;
use BuoyantStep\Core\Measures\Tests\FiveChairStands;
use BuoyantStep\Core\Measures\Tests\FrontPlank;
use BuoyantStep\Core\Measures\Tests\Grip;
use BuoyantStep\Core\Measures\Tests\OneLegStand;
use BuoyantStep\Core\Measures\Tests\PushUp;
use BuoyantStep\Core\Measures\Tests\ShoulderReach;
use BuoyantStep\Core\Measures\Tests\SidePlank;
use BuoyantStep\Core\Measures\Tests\Tandem;
use BuoyantStep\Core\Measures\Tests\TimedUpAndGo;
use BuoyantStep\Core\Measures\Tests\WallSit;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Side;

$rows = [];
foreach (['male' => [14, 12, 12, 11, 10, 8, 7], 'female' => [12, 11, 10, 10, 9, 8, 4]] as $sex => $cuts) {
    foreach ($cuts as $i => $cut) {
        $from = 60 + 5 * $i;
        $rows["$sex $from"] = [$sex, $from, $cut];
        $rows["$sex ".($from + 4)] = [$sex, $from + 4, $cut];
    }
}

it('holds the chair stand against every row of the table', function (string $sex, int $age, int $cut): void {
    expect(ChairStandNorm::cutOff($age, Sex::from($sex)))->toBe($cut);
    $client = Made::client(['sex' => $sex, 'birth_date' => sprintf('%d-11-25', 2026 - $age)]);
    $flag = static fn (int $stands): ?string => Appraisal::of(
        Result::read(new Bag(['test' => 'chair_stand_30s', 'value' => $stands])), $client, Day::of(Made::TODAY),
    )->flag;
    expect($flag($cut))->toBeNull()->and($flag($cut - 1))->toContain('falls risk');
})->with($rows);

it('has no chair-stand norm outside 60 to 94 or for sex other', function (int $age, Sex $sex): void {
    expect(ChairStandNorm::cutOff($age, $sex))->toBeNull();
})->with([[59, Sex::Male], [95, Sex::Female], [70, Sex::Other]]);

it('meets the golden figure of sit-to-stand power', function (): void {
    expect(SitToStandPower::watts(70, 1.65, 0.45, 2.5))->toEqualWithDelta(185.3, 0.05);
});

it('has no power without a stand, and refuses a seat as high as the hips', function (): void {
    expect(fn () => SitToStandPower::watts(70, 1.65, 0.45, 0))->toThrow(InvalidInput::class)
        ->and(fn () => SitToStandPower::watts(70, 0.9, 0.45, 2))->toThrow(InvalidInput::class);
    $none = Appraisal::of(
        Result::read(new Bag(['test' => 'chair_stand_30s', 'value' => 0])), Made::client(), Day::of(Made::TODAY),
    );
    expect($none->derived)->toBeNull();
});

it('flags on the right side of each cut-off', function (array $row, bool $flagged): void {
    $client = Made::client(['sex' => $row['sex'] ?? 'female']);
    unset($row['sex']);
    expect(Appraisal::of(Result::read(new Bag($row)), $client, Day::of(Made::TODAY))->flag !== null)->toBe($flagged);
})->with([
    'one leg 4.9 s' => [['test' => 'one_leg_stand', 'side' => 'left', 'value' => 4.9], true],
    'one leg 5 s' => [['test' => 'one_leg_stand', 'side' => 'left', 'value' => 5], false],
    'tandem 9.9 s' => [['test' => 'tandem_stand', 'value' => 9.9], true],
    'tandem 10 s' => [['test' => 'tandem_stand', 'value' => 10], false],
    'grip woman 15.9 kg' => [['test' => 'grip', 'side' => 'left', 'value' => 15.9], true],
    'grip woman 16 kg' => [['test' => 'grip', 'side' => 'left', 'value' => 16], false],
    'grip man 26.9 kg' => [['sex' => 'male', 'test' => 'grip', 'side' => 'left', 'value' => 26.9], true],
    'grip man 27 kg' => [['sex' => 'male', 'test' => 'grip', 'side' => 'left', 'value' => 27], false],
    'grip other' => [['sex' => 'other', 'test' => 'grip', 'side' => 'left', 'value' => 5], false],
]);

it('refuses results that cannot be', function (array $row, string $pointer): void {
    try {
        Result::read(new Bag($row));
        $this->fail('accepted');
    } catch (CoreError $e) {
        expect($e->pointer)->toBe($pointer)->and($e->getMessage())->not->toBe('');
    }
})->with([
    [['test' => 'chair_stand_30s', 'value' => 61], '/value'],
    [['test' => 'chair_stand_30s', 'value' => 10.5], '/value'],
    [['test' => 'chair_stand_30s', 'value' => -1], '/value'],
    [['test' => 'one_leg_stand', 'value' => 10], '/side'],
    [['test' => 'one_leg_stand', 'side' => 'both', 'value' => 10], '/side'],
    [['test' => 'tandem_stand', 'value' => 11], '/value'],
    [['test' => 'easy_set', 'load_g' => 3000, 'reps' => 5.5, 'rir' => 1], '/reps'],
    [['test' => 'planking', 'value' => 10], '/test'],
]);

it('keeps a test that was not done apart from zero', function (): void {
    $set = Made::measures([['test' => 'chair_stand_30s', 'not_tested' => 'cannot stand']]);
    expect($set->value(new ChairStand))->toBeNull()
        ->and(
            Appraisal::of($set->results[0], Made::client(), Day::of(Made::TODAY))->norm,
        )->toBe('not tested: cannot stand');
});

it('compares sides, and acts below 80 percent', function (
    float $left, float $right, float $percent, bool $acts, ?Side $weaker,
): void {
    $symmetry = Symmetry::of($left, $right);
    expect(round((float) $symmetry?->percent, 1))->toBe($percent)
        ->and($symmetry?->acts())->toBe($acts)
        ->and($symmetry?->weaker)->toBe($weaker);
})->with(
    [
        [20.0, 16.0, 80.0, false, Side::Right], [15.8, 20.0, 79.0, true, Side::Left], [10.0, 10.0, 100.0, false, null],
        [0.0, 5.0, 0.0, true, Side::Left],
    ],
);

it(
    'needs both sides to compare',
    fn () => expect(Symmetry::of(null, 5.0))->toBeNull()->and(Symmetry::of(0.0, 0.0))->toBeNull(),
);

it('takes the latest usable estimate of a family, and none when the latest gave none', function (): void {
    $set = Made::measures([
        ['test' => 'easy_set', 'family' => 'curl', 'load_g' => 3000, 'reps' => 8, 'rir' => 2],
        ['test' => 'easy_set', 'family' => 'tote_row', 'load_g' => 3000, 'reps' => 8, 'rir' => 2],
        ['test' => 'easy_set', 'family' => 'curl', 'load_g' => 3000, 'reps' => 25, 'rir' => 2],
    ]);
    expect($set->oneRepMax('tote_row')?->grams)->toBe(4000)
        ->and($set->oneRepMax('curl'))->toBeNull()
        ->and($set->oneRepMax('hinge'))->toBeNull();
});

$curls = [];
foreach ([
    'female' => [[13, 19], [12, 18], [12, 17], [11, 17], [10, 16], [10, 15], [8, 13]],
    'male' => [[16, 22], [15, 21], [14, 21], [13, 19], [13, 19], [11, 17], [10, 14]],
] as $sex => $bands) {
    foreach ($bands as $i => [$lo, $hi]) {
        $curls["$sex ".(60 + 5 * $i)] = [$sex, 60 + 5 * $i, $lo, $hi];
    }
}

it('holds the arm curl against every row of its table, with the norm\'s load only', function (
    string $sex, int $age, int $lo, int $hi,
): void {
    $load = $sex === 'female' ? 2270 : 3630;
    expect(ArmCurlNorm::middleHalf($age, Sex::from($sex), $load)?->label())->toBe("$lo-$hi")
        ->and(ArmCurlNorm::middleHalf($age, Sex::from($sex), 1000))->toBeNull();
    $client = Made::client(['sex' => $sex, 'birth_date' => sprintf('%d-11-25', 2026 - $age)]);
    $flag = static fn (int $curls): ?string => Appraisal::of(
        Result::read(new Bag(['test' => 'arm_curl_30s', 'side' => 'right', 'value' => $curls, 'load_g' => $load])),
        $client,
        Day::of(Made::TODAY),
    )->flag;
    expect($flag($lo))->toBeNull()->and($flag($lo - 1))->toContain('below the middle half');
})->with($curls);

it('flags the remaining tests on the right side of each cut-off', function (
    array $row, bool $flagged, array $client = [],
): void {
    expect(
        Appraisal::of(Result::read(new Bag($row)), Made::client($client), Day::of(Made::TODAY))->flag !== null,
    )->toBe($flagged);
})->with([
    'five stands 15 s' => [['test' => 'five_chair_stands', 'value' => 15], false],
    'five stands 15.1 s' => [['test' => 'five_chair_stands', 'value' => 15.1], true],
    'up and go 11.9 s' => [['test' => 'timed_up_and_go', 'value' => 11.9], false],
    'up and go 12 s' => [['test' => 'timed_up_and_go', 'value' => 12], true],
    'stage 3' => [['test' => 'four_stage_balance', 'value' => 3], false],
    'stage 2' => [['test' => 'four_stage_balance', 'value' => 2], true],
    'heel raises 25 at 46' => [['test' => 'heel_raise', 'side' => 'left', 'value' => 25], false],
    'heel raises 24 at 46' => [['test' => 'heel_raise', 'side' => 'left', 'value' => 24], true],
    'heel raises 5 at 60' => [
        ['test' => 'heel_raise', 'side' => 'left', 'value' => 5], false, ['birth_date' => '1966-11-25'],
    ],
    'heel raises 5 at 59' => [
        ['test' => 'heel_raise', 'side' => 'left', 'value' => 5], true, ['birth_date' => '1966-11-26'],
    ],
    'drop 19 and 9' => [['test' => 'bp_lying_standing', 'value' => 19, 'second_value' => 9], false],
    'drop 20' => [['test' => 'bp_lying_standing', 'value' => 20, 'second_value' => 0], true],
    'lower drop 10' => [['test' => 'bp_lying_standing', 'value' => 0, 'second_value' => 10], true],
    'plank' => [['test' => 'front_plank', 'value' => 3], false],
]);

it('derives power from five stands as published', function (): void {
    $appraisal = Appraisal::of(
        Result::read(new Bag(['test' => 'five_chair_stands', 'value' => 12.5])),
        Made::client(['body_mass_kg' => 70, 'height_mm' => 1650]),
        Day::of(Made::TODAY),
    );
    expect($appraisal->derived)->toStartWith(round(SitToStandPower::watts(70, 1.65, 0.43, 2.5)).' W');
});

it('believes a change only beyond the noise of the test', function (
    Test $test, float $before, float $after, ?bool $believable, bool $better,
): void {
    $change = Change::between($test, $before, $after);
    expect($change->believable)->toBe($believable)->and($change->better)->toBe($better);
})->with([
    [new ChairStand, 9, 10, false, true],
    [new ChairStand, 9, 11, true, true],
    [new ChairStand, 11, 9, true, false],
    [new FiveChairStands, 15, 12.8, false, true],
    [new FiveChairStands, 15, 12.7, true, true],
    [new Grip, 40, 43.9, false, true],
    [new Grip, 40, 44, true, true],
    [new Grip, 60, 65, true, true],
    [new TimedUpAndGo, 14, 12.1, false, true],
    [new TimedUpAndGo, 14, 12, true, true],
    [new WallSit, 10, 30, null, true],
]);

it(
    'says a change in words',
    fn () => expect(
        Change::between(new ChairStand, 9, 10)->says(new ChairStand),
    )->toBe('+1 stands, within test noise')->and(
        Change::between(new TimedUpAndGo, 14, 11)->says(new TimedUpAndGo),
    )->toBe('-3 s, better'),
);

it('offers no test with a load where nothing may be lifted, or no share of it', function (LimitField $field): void {
    $none = new Envelope([new Limit($field, 0, 'own', 'Nothing is lifted.', 'House convention, cautious')]);
    $some = new Envelope([new Limit($field, 50, 'own', 'Little is lifted.', 'House convention, cautious')]);
    expect(TestSafety::of(new ArmCurl, $none))->toContain('nothing is lifted')
        ->and(TestSafety::of(new ArmCurl, $some))->toBeNull()
        ->and(TestSafety::of(new ChairStand, $none))->toBeNull();
})->with([LimitField::LiftMaxG, LimitField::LoadPctMax]);

it('judges a test against the envelope first', function (Test $test, array $conditions, ?string $says): void {
    $found = TestSafety::of($test, Made::envelope($conditions));
    expect($says === null ? $found === null : str_contains((string) $found, $says))->toBeTrue((string) $found);
})->with([
    [new ChairStand, [], null],
    [new ChairStand, [['code' => 'wheelchair_user']], 'Not for this client now'],
    [new OneLegStand, [['code' => 'pregnancy_pelvic_girdle_pain']], 'Not for this client now'],
    [new FrontPlank, [['code' => 'hypertension_controlled']], 'Stop at 10 s'],
    [new Grip, [['code' => 'wheelchair_user']], null],
    'withheld' => [new Grip, [['code' => 'unstable_heart']], 'Not for this client now'],
    'platelets under 50' => [
        new Grip, [['code' => 'platelets_low', 'detail' => 'count:49']], 'Not for this client now',
    ],
    'platelets of 50' => [new Grip, [['code' => 'platelets_low', 'detail' => 'count:50']], null],
    'RPE up to 5 leaves it in, with a script that says so' => [
        new ChairStand, [['code' => 'valve_or_aortic_disease']], null,
    ],
    'RPE up to 4 leaves it out' => [
        new ChairStand, [['code' => 'rheumatoid_arthritis', 'detail' => 'flare']], 'Not for this client now',
    ],
    'no weight on the hands' => [new PushUp, [['code' => 'sternotomy']], 'Not for this client now'],
    'a load where none may be' => [
        new ArmCurl, [['code' => 'bone_metastasis', 'detail' => 'arm', 'side' => 'left']], 'Not for this client now',
    ],
]);

it('goes without what is out, and says how; where nothing is out, it goes as it is', function (
    Test $test, LimitField $field, Motion|Position $word, string $says,
): void {
    $out = new Envelope([new Limit($field, $word, 'own', 'Not yet.', 'House convention, cautious')]);
    expect(TestSafety::of($test, $out))->toBe("$says: not yet.")
        ->and(TestSafety::of($test, new Envelope([])))->toBeNull();
})->with([
    'an arm that goes to the shoulder only' => [
        new ShoulderReach, LimitField::AvoidMotions, Motion::ShoulderPast90, 'Stop at shoulder height',
    ],
    'no way down to the floor' => [
        new SidePlank, LimitField::AvoidPositions, Position::Floor, 'On the bed, not on the floor',
    ],
]);

it('offers no test without hands to who stands only with support; limits on balance keep it', function (
    Test $test, bool $out,
): void {
    $function = ['function' => [...Made::form()['function'], 'standing' => 'supported']];
    $held = RuleBook::standard()->envelope(new Facts(Made::client($function), Day::of(Made::TODAY)));
    expect(str_contains((string) TestSafety::of($test, $held), 'Not for this client now'))->toBe($out)
        ->and(TestSafety::of($test, Made::envelope([['code' => 'falls_risk_high']])))->toBeNull();
})->with([
    [new ChairStand, true], [new Tandem, true], [new OneLegStand, true], [new Grip, false], [new ArmCurl, false],
]);

it('names the effort that keeps a test out as the field writes it', function (): void {
    $says = TestSafety::of(new ChairStand, Made::envelope([['code' => 'post_exertional_fatigue']]));
    expect($says)->toBe('Not for this client now: RPE up to 3, short bouts.');
});

it('waits with a test that asks for effort until the clearance is on record', function (): void {
    $envelope = Made::envelope([['code' => 'coronary_disease']]);
    $missing = 'Clearance is required and not recorded.';
    expect(TestSafety::of(new ChairStand, $envelope, $missing))->toContain('Not before it is cleared')
        ->and(TestSafety::of(new ChairStand, $envelope))->toBeNull()
        ->and(TestSafety::of(new AnkleRange, $envelope, $missing))->toBeNull()
        // And it says how hard this client may go.
        ->and(TestSafety::effort(new ChairStand, $envelope))->toBe(6)
        ->and(TestSafety::effort(new AnkleRange, $envelope))->toBeNull();
});

it('takes the worse of tandem and four-stage for the support in falls risk', function (
    array $measures, string $support,
): void {
    expect(Made::envelope([['code' => 'falls_risk_high']], $measures)->word(Field::SupportMin))->toBe($support);
})->with([
    [[['test' => 'four_stage_balance', 'value' => 3]], 'fingertip'],
    [[['test' => 'four_stage_balance', 'value' => 2]], 'one_hand'],
    [[['test' => 'four_stage_balance', 'value' => 4], ['test' => 'tandem_stand', 'value' => 9]], 'one_hand'],
    [[['test' => 'four_stage_balance', 'value' => 2], ['test' => 'tandem_stand', 'value' => 10]], 'one_hand'],
]);

it('works out the power of a rise from either test, and per kilogram', function (
    array $row, array $client, ?string $derived,
): void {
    expect(
        Appraisal::of(Result::read(new Bag($row)), Made::client($client), Day::of(Made::TODAY))->derived,
    )->toBe($derived);
})->with([
    // 0.9 × 70 × 9.80665 × (0.825 - 0.43) / (30 / 12 × 0.5) = 195.2 W.
    'twelve stands in 30 s' => [
        ['test' => 'chair_stand_30s', 'value' => 12], ['body_mass_kg' => 70, 'height_mm' => 1650], '195 W, 2.8 W/kg',
    ],
    'one stand' => [
        ['test' => 'chair_stand_30s', 'value' => 1], ['body_mass_kg' => 70, 'height_mm' => 1650], '16 W, 0.2 W/kg',
    ],
    'none' => [['test' => 'chair_stand_30s', 'value' => 0], ['body_mass_kg' => 70, 'height_mm' => 1650], null],
    // 244.04 / (12.5 / 5 × 0.5).
    'five in 12.5 s' => [
        ['test' => 'five_chair_stands', 'value' => 12.5], ['body_mass_kg' => 70, 'height_mm' => 1650],
        '195 W, 2.8 W/kg',
    ],
    'just tall enough for the usual chair' => [
        ['test' => 'chair_stand_30s', 'value' => 12], ['body_mass_kg' => 40, 'height_mm' => 900], '6 W, 0.1 W/kg',
    ],
]);

it('says what it compares with, or that there is nothing to compare with', function (
    array $row, array $client, string $norm, ?string $flag,
): void {
    $appraisal = Appraisal::of(Result::read(new Bag($row)), Made::client($client), Day::of(Made::TODAY));
    expect([$appraisal->norm, $appraisal->flag])->toBe([$norm, $flag])->and($appraisal->source)->not->toBe('');
})->with([
    'stands, 76' => [
        ['test' => 'chair_stand_30s', 'value' => 9], ['birth_date' => '1950-02-28'], 'average from 10 stands',
        '9 is below 10 for age 76: falls risk',
    ],
    'stands, sex other' => [
        ['test' => 'chair_stand_30s', 'value' => 9], ['sex' => 'other'],
        'no norm for this age and sex; compare with own baseline', null,
    ],
    'five stands' => [
        ['test' => 'five_chair_stands', 'value' => 15.1], [], '15 s or less', 'over 15 s: low lower-limb strength',
    ],
    'grip, man' => [
        ['test' => 'grip', 'side' => 'left', 'value' => 26], ['sex' => 'male'], '27 kg or more',
        'under 27 kg: low grip strength',
    ],
    'grip, other' => [
        ['test' => 'grip', 'side' => 'left', 'value' => 5], ['sex' => 'other'], 'no norm; compare with own baseline',
        null,
    ],
    'curls with the load of the norm' => [
        ['test' => 'arm_curl_30s', 'side' => 'left', 'value' => 10, 'load_g' => 2270],
        ['birth_date' => '1950-02-28'],
        'middle half of this age 11-17',
        '10 is below the middle half',
    ],
    'curls with five pounds' => [
        ['test' => 'arm_curl_30s', 'side' => 'left', 'value' => 11, 'load_g' => 2268],
        ['birth_date' => '1950-02-28'],
        'middle half of this age 11-17',
        null,
    ],
    'curls with another load' => [
        ['test' => 'arm_curl_30s', 'side' => 'left', 'value' => 10, 'load_g' => 3000],
        ['birth_date' => '1950-02-28'],
        'no norm for this age, sex or load; compare with own baseline',
        null,
    ],
    'heels at 59' => [
        ['test' => 'heel_raise', 'side' => 'left', 'value' => 24], ['birth_date' => '1967-01-01'], '25 or more',
        'under 25',
    ],
    'heels at 60' => [
        ['test' => 'heel_raise', 'side' => 'left', 'value' => 24], ['birth_date' => '1966-11-25'],
        'from 60: own baseline and symmetry', null,
    ],
    'a wall sit' => [['test' => 'wall_sit', 'value' => 20], [], 'own baseline', null],
]);
