<?php

declare(strict_types=1);

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Position;

/** The envelope on a day of gestation: day 0 lies 280 days before the due date. */
function onGestationDay(int $day, array $with = []): Envelope
{
    $today = Day::of(Made::TODAY);

    return RuleBook::standard()->envelope(
        new Facts(Made::client([...$with, 'pregnancy' => ['due_date' => (string) $today->plus(280 - $day)]]), $today),
    );
}

it('changes on the day and not the day before', function (int $day, Field $field, string|int $value, bool $in): void {
    $envelope = onGestationDay($day);
    $has = match (true) {
        is_int($value) => $envelope->number($field) === $value,
        $field->isList() => in_array($value, $envelope->words($field), true),
        default => $envelope->word($field) === $value,
    };
    expect($has)->toBe($in);
})->with([
    'day 139: flat on the back still allowed' => [139, Field::AvoidPositions, 'supine_flat', false],
    'day 140: raised' => [140, Field::AvoidPositions, 'supine_flat', true],
    'day 111: prone allowed' => [111, Field::AvoidPositions, 'prone', false],
    'day 112: prone out' => [112, Field::AvoidPositions, 'prone', true],
    'day 139: impact 2' => [139, Field::ImpactMax, 2, true],
    'day 140: impact 1' => [140, Field::ImpactMax, 1, true],
    'day 195: free on one leg' => [195, Field::SupportMin, 'fingertip', false],
    'day 196: fingertips on one leg' => [196, Field::SupportMin, 'fingertip', true],
    'day 139: standing still' => [139, Field::AvoidPositions, 'long_static_standing', false],
    'day 140: not for long' => [140, Field::AvoidPositions, 'long_static_standing', true],
    'day 300: everything still holds' => [300, Field::AvoidPositions, 'supine_flat', true],
]);

it('goes by how someone trained before, and says so', function (
    string $level, int $effort, int $impact, string $says,
): void {
    $envelope = onGestationDay(100, ['training' => ['level' => $level]]);
    expect($envelope->number(Field::EffortMax))->toBe($effort)
        ->and($envelope->tightest(Field::EffortMax)?->says)->toBe("$says, able to talk throughout.")
        ->and($envelope->number(Field::ImpactMax))->toBe($impact);
})->with([
    ['trained', 7, 2, 'Trained before pregnancy: RPE up to 7'], ['new', 6, 1, 'RPE up to 6'],
]);

it('says from which week on a contraindication holds', function (string $code, int $day, string $says): void {
    $held = onGestationDay($day, ['conditions' => [['code' => $code]]])->binding(Field::Clearance);
    expect(array_column($held, 'says'))->toContain($says);
})->with([
    [
        'pregnancy_placenta_praevia', 181,
        'Placenta praevia: cleared by the maternity team first; withheld from 26 weeks.',
    ],
    ['pregnancy_placenta_praevia', 182, 'Placenta praevia: exercise is withheld; the maternity team decides.'],
    'from the first day' => [
        'pregnancy_ruptured_membranes', 0, 'Ruptured membranes: exercise is withheld; the maternity team decides.',
    ],
    'relative, from the first day' => [
        'pregnancy_malnutrition', 0, 'Malnutrition: the maternity team clears exercise first.',
    ],
    ['pregnancy_twins', 195, 'Twins: ask the maternity team; required from 28 weeks.'],
    ['pregnancy_twins', 196, 'Twins: the maternity team clears exercise first.'],
]);

it('caps effort at 7 for the trained and 6 otherwise', function (): void {
    expect(onGestationDay(100)->number(Field::EffortMax))->toBe(7)
        ->and(onGestationDay(100, ['training' => ['level' => 'returning']])->number(Field::EffortMax))->toBe(6)
        ->and(onGestationDay(100, ['training' => []])->number(Field::EffortMax))->toBe(6);
});

it('asks for clearance, reps, short holds and no breath holding from the first day', function (): void {
    $envelope = onGestationDay(0);
    expect($envelope->word(Field::Clearance))->toBe('advised')
        ->and($envelope->number(Field::RepsMin))->toBe(10)
        ->and($envelope->number(Field::HoldMaxS))->toBe(10)
        ->and($envelope->word(Field::Breath))->toBe('no_holding')
        ->and($envelope->words(Field::StopSigns))->toContain(
            'vaginal_bleeding', 'fluid_leaking', 'abdominal_pain', 'baby_moves_less',
        );
});

it('follows the stricter school from 16 weeks when it is chosen', function (int $day, bool $out): void {
    expect(
        in_array(
            'supine_flat',
            onGestationDay($day, ['schools' => ['pregnancy_supine' => 'from_16']])->words(Field::AvoidPositions),
            true,
        ),
    )->toBe($out);
})->with([[111, false], [112, true]]);

it('foresees its crossings, each once', function (): void {
    $today = Day::of(Made::TODAY);
    $client = Made::client(['pregnancy' => ['due_date' => (string) $today->plus(280 - 130)]]);
    $crossings = RuleBook::standard()->crossings(new Facts($client, $today));
    expect(array_map(static fn ($c): int => $today->daysTo($c->date), $crossings))->toBe([10, 10, 66, 150]);
});

it('refuses a due date more than forty weeks ahead', function (): void {
    Made::client(['pregnancy' => ['due_date' => '2027-09-02']])->assertPlausible(Day::of(Made::TODAY));
})->throws(InvalidInput::class, 'more than 40 weeks');

it('never loosens from one day to the next', function (): void {
    $tighter = static function (Envelope $before, Envelope $after): void {
        foreach (Field::cases() as $field) {
            if ($field->isList()) {
                expect(array_diff($before->words($field), $after->words($field)))->toBe([], $field->value);
            } elseif ($before->tightest($field) !== null) {
                expect($field->tightness($after->tightest($field)->value))->toBeGreaterThanOrEqual(
                    $field->tightness($before->tightest($field)->value),
                );
            }
        }
    };
    $before = onGestationDay(0);
    for ($day = 1; $day <= 300; $day++) {
        $after = onGestationDay($day);
        $tighter($before, $after);
        $before = $after;
    }
});

it('names the week in which lying flat on the back ends, by the school', function (
    array $schools, int $day, string $says,
): void {
    $limit = onGestationDay($day, ['schools' => $schools])->avoids(Position::SupineFlat);
    expect($limit?->says)->toStartWith($says);
})->with([
    [[], 140, 'From 20 weeks:'],
    [['pregnancy_supine' => 'from_16'], 112, 'From 16 weeks:'],
]);

it('asks for the birth once the due date has passed, and not on the day', function (int $day, bool $asks): void {
    $notes = implode(' ', onGestationDay($day)->words(Field::Notes));
    expect(str_contains($notes, 'record the birth'))->toBe($asks);
})->with([[280, false], [281, true]]);

it('foresees the week of a contraindication until its first day', function (int $day, array $days): void {
    $today = Day::of(Made::TODAY);
    $facts = new Facts(Made::client([
        'pregnancy' => ['due_date' => (string) $today->plus(280 - $day)],
        'conditions' => [['code' => 'pregnancy_placenta_praevia']],
    ]), $today);
    $own = array_filter(
        RuleBook::standard()->crossings($facts), static fn ($c): bool => $c->rule === 'pregnancy_placenta_praevia',
    );
    expect(array_map(static fn ($c): int => $today->daysTo($c->date), array_values($own)))->toBe($days);
})->with(['the day before' => [181, [1]], 'the day' => [182, []], 'the day after' => [183, []]]);

it('does not foresee what is already there, and calls all of it tightening', function (): void {
    $today = Day::of(Made::TODAY);
    $ahead = static fn (int $day): array => RuleBook::standard()->crossings(
        new Facts(Made::client(['pregnancy' => ['due_date' => (string) $today->plus(280 - $day)]]), $today),
    );
    expect(
        array_map(static fn ($c): string => strtok($c->says, ':'), $ahead(111)),
    )->toBe(['16 weeks', '20 weeks', '20 weeks', '28 weeks', 'Due date'])
        ->and(
            array_map(static fn ($c): string => strtok($c->says, ':'), $ahead(112)),
        )->toBe(['20 weeks', '20 weeks', '28 weeks', 'Due date'])
        ->and(array_map(static fn ($c): string => strtok($c->says, ':'), $ahead(140)))->toBe(['28 weeks', 'Due date'])
        ->and($ahead(280))->toBe([])
        ->and(array_unique(array_column($ahead(0), 'tightens')))->toBe([true]);
});
