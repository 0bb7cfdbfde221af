<?php

declare(strict_types=1);

use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\LimitLines;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\Part;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;

/** @param  list<array{Field, int|string|bool, string, Scope?}>  $limits each with the rule that asks for it */
function linesOf(array $limits): array
{
    $all = array_map(
        static fn (array $l): Limit => new Limit(
            $l[0], Made::word($l[0], $l[1]), $l[2], ucfirst($l[2]).' says '.(is_bool($l[1]) ? 'so' : $l[1]).'.',
            'a source',
            $l[3] ?? new Scope,
        ),
        $limits,
    );

    return LimitLines::of(new Envelope($all), ['knee' => 'Sore knee', 'heart' => 'Heart']);
}

it('says each field in one short sentence', function (Field $field, int|string|bool $value, string $title): void {
    expect(array_column(linesOf([[$field, $value, 'knee']]), 'title'))->toBe([$title]);
})->with([
    [Field::Clearance, 'advised', 'Clearance advised'],
    [Field::Clearance, 'required', 'Clearance required before a plan is issued'],
    [Field::Clearance, 'withheld', 'No exercise: absolute contraindication'],
    [Field::EffortMax, 6, 'RPE up to 6 of 10'],
    [Field::LoadPctMax, 60, 'Load up to 60 % of 1RM'],
    [Field::LiftMaxG, 4500, Made::said('Lift 4.5 kg in all at most')],
    [Field::RepsMin, 2, '2 reps or more'],
    [Field::RepsMax, 15, '15 reps at most'],
    [Field::HoldMaxS, 10, 'Hard holds of 10 s at most'],
    [Field::Breath, 'no_holding', 'Breathe out on effort, no holding'],
    [Field::AvoidPositions, 'supine_flat', 'Not flat on the back'],
    [Field::AvoidMotions, 'ballistic', 'No swinging or throwing'],
    [Field::AvoidParts, 'leg', 'Cannot be used'],
    [Field::AvoidParts, 'sitting', 'Not by itself: '.Part::Sitting->label()],
    [Field::SpineLoadMax, 'moderate', 'Load on the spine: moderate at most'],
    [Field::ImpactMax, 0, 'No impact'],
    [Field::ImpactMax, 1, 'Stamps and heel drops at most'],
    [Field::ImpactMax, 2, 'Hops at most'],
    [Field::SupportMin, 'fingertip', 'Fingertips on something fixed'],
    [Field::SupportMin, 'one_hand', 'One hand on something fixed'],
    [Field::SupportMin, 'two_hands', 'Both hands on something fixed'],
    [Field::SupportMin, 'seated', 'Seated work only'],
    [Field::SurfaceMax, 'firm', 'Firm floor, shoes on'],
    [Field::SurfaceMax, 'foam', 'Nothing softer than foam'],
    [Field::Vision, 'eyes_open', 'Eyes open'],
    [Field::SupervisionMin, 'someone_home', 'Someone at home'],
    [Field::SupervisionMin, 'clinician_present', 'Clinician present'],
    [Field::StepPctMax, 5, 'Load steps of 5 % at most'],
    [Field::SessionsBetweenSteps, 4, '4 good sessions before a step'],
    [Field::RestMinS, 1, 'Rest 1 s or more'],
    [Field::HoursBetweenSameMuscle, 72, '72 h between work for the same muscles'],
    [Field::AvoidMaterial, 'latex', 'No latex'],
    [Field::Watches, 'bp|before', 'Blood pressure before each session'],
    [Field::Watches, 'limb_girth|after', 'Limb girth after each session'],
    [Field::HeartRateValid, false, 'Heart rate misleads: use RPE and talking'],
]);

it('leaves out what limits nothing and what has a page of its own', function (
    Field $field, int|string|bool $value,
): void {
    expect(linesOf([[$field, $value, 'knee']]))->toBe([]);
})->with([
    [Field::Clearance, 'none'],
    [Field::RepsMin, 1],
    [Field::RestMinS, 0],
    [Field::SupportMin, 'free'],
    [Field::HeartRateValid, true],
    [Field::Notes, 'Rise slowly.'],
    [Field::StopSigns, 'chest_pain'],
]);

it('names the tightest, everyone who asked for that, and nobody else', function (): void {
    $line = linesOf(
        [[Field::EffortMax, 7, 'knee'], [Field::EffortMax, 5, 'heart'], [Field::EffortMax, 5, 'other_rule']],
    )[0];
    expect($line->jsonSerialize())->toBe(
        [
            'key' => 'effort_max', 'field' => 'effort_max', 'title' => 'RPE up to 5 of 10',
            'by' => 'Heart · Other rule', 'says' => 'Heart says 5. Other_rule says 5.',
        ],
    );
    // In whichever order they were asked for.
    expect(
        linesOf(
            [[Field::EffortMax, 5, 'other_rule'], [Field::EffortMax, 7, 'knee'], [Field::EffortMax, 5, 'heart']],
        )[0]->title,
    )->toBe('RPE up to 5 of 10')
        ->and(
            linesOf([[Field::RepsMin, 8, 'knee'], [Field::RepsMin, 12, 'heart']])[0]->title,
        )->toBe('12 reps or more');
});

it('collects the words of a list from all who asked', function (): void {
    $line = linesOf(
        [
            [Field::AvoidPositions, 'floor', 'knee'], [Field::AvoidPositions, 'arms_overhead', 'heart'],
            [Field::AvoidPositions, 'floor', 'heart'],
        ],
    )[0];
    expect($line->title)->toContain('ot on the floor')->toContain('ot arms overhead')
        ->and(substr_count($line->title, 'on the floor'))->toBe(1)
        ->and($line->by)->toContain('Sore knee')->toContain('Heart');
});

it('gives a part of the body a line of its own', function (): void {
    $left = new Scope(Region::Lower, Side::Left);
    $lines = linesOf([[Field::EffortMax, 7, 'heart'], [Field::EffortMax, 5, 'knee', $left]]);
    expect(array_column($lines, 'title'))->toBe(['RPE up to 7 of 10', 'Left leg: RPE up to 5 of 10'])
        ->and($lines[0]->key)->toBe('effort_max')
        ->and($lines[1]->key)->not->toBe('effort_max')
        // What binds everything is not said again for the leg.
        ->and($lines[1]->by)->toBe('Sore knee');
});

it('has words for every motion and position that any condition asks to avoid', function (): void {
    foreach (RuleBook::standard()->conditions() as $about) {
        $envelope = Made::envelope(
            [
                [
                    'code' => $about->code,
                    'detail' => array_map(strval(...), array_keys($about->details)),
                    ...($about->sided ? ['side' => 'left'] : []),
                ],
            ],
        );
        foreach (LimitLines::of($envelope, RuleBook::standard()->labels()) as $line) {
            if (in_array($line->field, [Field::AvoidMotions, Field::AvoidPositions], true)) {
                expect($line->title)->not->toContain('_', $about->code);
            }
            expect($line->by)->not->toBe('')->and($line->says)->not->toBe('');
        }
    }
});
