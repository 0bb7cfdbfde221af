<?php

declare(strict_types=1);

use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

function factsOn(array $client, string $on): Facts
{
    return new Facts(Made::client($client), Day::of($on));
}

/** @return list<array{string, string}> date and rule of what waits for a word */
function waitingOn(array $client, string $on): array
{
    return array_map(
        static fn (Crossing $c): array => [(string) $c->date, $c->rule],
        RuleBook::standard()->waiting(factsOn($client, $on)),
    );
}

it('announces a dated opening until its day, and from its day on waits for a word', function (
    string $code, int $days, string $word,
): void {
    $start = Day::of('2026-06-01');
    $client = ['conditions' => [['code' => $code, 'side' => 'left', 'since' => (string) $start]]];
    $eve = (string) $start->plus($days - 1);
    $day = (string) $start->plus($days);
    $ahead = array_column(RuleBook::standard()->crossings(factsOn($client, $eve)), 'rule');
    expect($ahead)->toContain($code)
        ->and(waitingOn($client, $eve))->toBe([])
        ->and(array_column(RuleBook::standard()->crossings(factsOn($client, $day)), 'rule'))->not->toContain($code)
        ->and(waitingOn($client, $day))->toBe([[$day, $code]]);
    // What waits for a word loosens, whenever the word is given.
    $rules = RuleBook::standard();
    expect(array_column($rules->crossings(factsOn($client, $eve)), 'tightens', 'rule')[$code])->toBeFalse()
        ->and(array_column($rules->waiting(factsOn($client, $day)), 'tightens'))->toBe([false]);
    $client['conditions'][0] += ['detail' => $word, ...($word === 'end_confirmed' ? ['until' => $eve] : [])];
    expect(waitingOn($client, $day))->toBe([])
        // A word that was given early leaves nothing to announce.
        ->and(implode(' ', array_column($rules->crossings(factsOn($client, $eve)), 'says')))
        ->not->toContain('Opens when you confirm it.');
})->with([
    'sternotomy, twelve weeks' => ['sternotomy', 84, 'end_confirmed'],
    'knee replacement, twelve weeks' => ['knee_replacement', 84, 'impact_cleared'],
    'implant, six weeks' => ['device_pacemaker_icd', 42, 'arm_cleared'],
]);

it('knows nothing of a date that nobody gave', function (): void {
    expect(waitingOn(['conditions' => [['code' => 'knee_replacement']]], '2030-01-01'))->toBe([]);
});

it('holds what waits, however long it waits', function (): void {
    foreach (['2026-06-02', '2026-12-01', '2036-12-01'] as $on) {
        $envelope = RuleBook::standard()->envelope(
            factsOn(['conditions' => [['code' => 'knee_replacement', 'side' => 'left', 'since' => '2026-06-01']]], $on),
        );
        expect($envelope->number(Field::ImpactMax))->toBe(0, $on);
    }
});

it('asks for a symptom-free screen twelve weeks after a birth', function (
    array $symptoms, string $on, int $waits,
): void {
    $client = ['postpartum' => ['birth_date' => '2026-06-01', 'birth' => 'caesarean', 'symptoms' => $symptoms]];
    expect(waitingOn($client, $on))->toHaveCount($waits);
})->with([
    'a day before' => [[], '2026-08-23', 0],
    'on the day' => [[], '2026-08-24', 1],
    'with symptoms it still waits' => [['leaking'], '2026-08-24', 1],
    'screened' => [['symptom_free_screen'], '2026-08-24', 0],
    'screened, but leaking again' => [['symptom_free_screen', 'leaking'], '2026-08-24', 1],
]);

it('says how long loading and lifting wait after a birth, and what symptoms ask for', function (
    string $birth, string $loading, array $lift,
): void {
    $envelope = RuleBook::standard()->envelope(factsOn([
        'postpartum' => ['birth_date' => '2026-06-01', 'birth' => $birth, 'symptoms' => ['leaking']],
    ], '2026-06-10'));
    $lifts = array_column($envelope->binding(Field::LiftMaxG), 'says');
    expect($envelope->tightest(Field::Clearance)?->says)->toStartWith($loading)
        ->and(array_map(static fn (string $s): string => (string) strrchr($s, 'f'), $lifts))->toBe($lift)
        ->and(array_column($envelope->binding(Field::EffortMax), 'says', 'value'))->toHaveKey(6)
        ->and($envelope->words(Field::Notes))->toContain('Pelvic-health referral if symptoms last.');
})->with([
    'vaginal' => ['vaginal', 'Loading waits for clearance, 6 weeks after', []],
    'caesarean' => ['caesarean', 'Loading waits for clearance, 8 weeks after', ['for 6 weeks.']],
]);

it('foresees the day of impact also for who was screened before it', function (int $days, int $ahead): void {
    $born = Day::of('2026-06-01');
    $client = ['postpartum' => [
        'birth_date' => (string) $born, 'birth' => 'vaginal', 'symptoms' => ['symptom_free_screen'],
    ]];
    expect(RuleBook::standard()->crossings(factsOn($client, (string) $born->plus($days))))->toHaveCount($ahead);
})->with([[41, 2], [42, 1], [83, 1], [84, 0]]);

it('announces each date after a birth, the sooner one first', function (): void {
    $says = array_map(
        static fn (Crossing $c): string => $c->says,
        RuleBook::standard()->crossings(
            factsOn(['postpartum' => ['birth_date' => '2026-06-01', 'birth' => 'caesarean']], '2026-06-10'),
        ),
    );
    expect($says)->toHaveCount(4)
        ->and($says[0])->toStartWith('6 weeks after the birth')
        ->and($says[3])->toStartWith('12 weeks after the birth');
});

it('lists what waits oldest first', function (): void {
    $client = ['conditions' => [
        ['code' => 'knee_replacement', 'side' => 'left', 'since' => '2026-06-01'],
        ['code' => 'hypertension_controlled', 'until' => '2026-05-01'],
        ['code' => 'older_adult_new', 'since' => '2026-03-01'],
    ]];
    expect(array_column(waitingOn($client, '2026-11-25'), 1))->toBe(
        ['older_adult_new', 'hypertension_controlled', 'knee_replacement'],
    );
});

it('foresees what may open after a birth, each on its day', function (string $birth, int $days, array $expected): void {
    $born = Day::of('2026-06-01');
    $on = $born->plus($days);
    $crossings = RuleBook::standard()->crossings(
        factsOn(['postpartum' => ['birth_date' => (string) $born, 'birth' => $birth]], (string) $on),
    );
    $seen = [];
    foreach ($crossings as $crossing) {
        expect($crossing->tightens)->toBeFalse();
        $seen[] = [$born->daysTo($crossing->date), strtok($crossing->says, '.')];
    }
    expect($seen)->toBe($expected);
})->with([
    'vaginal, at once' => [
        'vaginal',
        0,
        [
            [42, '6 weeks after the birth: loading may begin once cleared'],
            [84, '12 weeks after the birth: impact may begin after a symptom-free screen'],
        ],
    ],
    'vaginal, on the day' => [
        'vaginal', 42, [[84, '12 weeks after the birth: impact may begin after a symptom-free screen']],
    ],
    'vaginal, a day before' => [
        'vaginal', 83, [[84, '12 weeks after the birth: impact may begin after a symptom-free screen']],
    ],
    'vaginal, past all' => ['vaginal', 84, []],
    'caesarean, at once' => ['caesarean', 1, [
        [42, '6 weeks after the birth: the lift limit may end'],
        [56, '8 weeks after the birth: loaded bending of the trunk may begin'],
        [56, '8 weeks after the birth: loading may begin once cleared'],
        [84, '12 weeks after the birth: impact may begin after a symptom-free screen'],
    ]],
    'caesarean, after the lift limit' => ['caesarean', 42, [
        [56, '8 weeks after the birth: loaded bending of the trunk may begin'],
        [56, '8 weeks after the birth: loading may begin once cleared'],
        [84, '12 weeks after the birth: impact may begin after a symptom-free screen'],
    ]],
]);

it('says what still holds twelve weeks after a birth', function (string $birth, string $holds): void {
    $waiting = RuleBook::standard()->waiting(
        factsOn(['postpartum' => ['birth_date' => '2026-06-01', 'birth' => $birth]], '2026-09-01'),
    );
    expect($waiting[0]->says)->toBe("12 weeks after the birth have passed: $holds until a symptom-free screen.")
        ->and($waiting[0]->tightens)->toBeFalse();
})->with([['vaginal', 'impact holds'], ['caesarean', 'impact, lifting and loaded bending hold']]);

it('says of an order whose end has come, and of a first block, that they hold until somebody confirms '
    .'it', function (): void {
        $facts = factsOn(['conditions' => [
            ['code' => 'hip_replacement_posterior', 'side' => 'left', 'since' => '2026-08-01', 'until' => '2026-11-01'],
            ['code' => 'older_adult_new', 'since' => '2026-10-01'],
        ]], '2026-11-25');
        $waiting = RuleBook::standard()->waiting($facts);
        expect(array_column($waiting, 'rule'))->toContain('hip_replacement_posterior', 'older_adult_new')
            ->and(
                implode(' ', array_column($waiting, 'says')),
            )->toContain('its end date has passed')->toContain('the first block is over')
            ->and(array_unique(array_column($waiting, 'tightens')))->toBe([false]);
    });

it('lets a first block wait on its day and not before', function (string $on, int $waits): void {
    expect(
        waitingOn(['conditions' => [['code' => 'older_adult_new', 'since' => '2026-10-01']]], $on),
    )->toHaveCount($waits);
})->with([['2026-10-28', 0], ['2026-10-29', 1]]);
