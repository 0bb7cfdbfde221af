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
    return array_map(static fn (Crossing $c): array => [(string) $c->date, $c->rule], RuleBook::standard()->waiting(factsOn($client, $on)));
}

it('announces a dated opening until its day, and from its day on waits for a word', function (string $code, int $days, string $word): void {
    $start = Day::of('2026-06-01');
    $client = ['conditions' => [['code' => $code, 'side' => 'left', 'since' => (string) $start]]];
    $eve = (string) $start->plus($days - 1);
    $day = (string) $start->plus($days);
    $ahead = array_column(RuleBook::standard()->crossings(factsOn($client, $eve)), 'rule');
    expect($ahead)->toContain($code)
        ->and(waitingOn($client, $eve))->toBe([])
        ->and(array_column(RuleBook::standard()->crossings(factsOn($client, $day)), 'rule'))->not->toContain($code)
        ->and(waitingOn($client, $day))->toBe([[$day, $code]]);
    $client['conditions'][0] += ['detail' => $word, ...($word === 'end_confirmed' ? ['until' => $eve] : [])];
    expect(waitingOn($client, $day))->toBe([]);
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
        $envelope = RuleBook::standard()->envelope(factsOn(['conditions' => [['code' => 'knee_replacement', 'side' => 'left', 'since' => '2026-06-01']]], $on));
        expect($envelope->number(Field::ImpactMax))->toBe(0, $on);
    }
});

it('asks for a symptom-free screen twelve weeks after a birth', function (array $symptoms, string $on, int $waits): void {
    $client = ['postpartum' => ['birth_date' => '2026-06-01', 'birth' => 'caesarean', 'symptoms' => $symptoms]];
    expect(waitingOn($client, $on))->toHaveCount($waits);
})->with([
    'a day before' => [[], '2026-08-23', 0],
    'on the day' => [[], '2026-08-24', 1],
    'with symptoms it still waits' => [['leaking'], '2026-08-24', 1],
    'screened' => [['symptom_free_screen'], '2026-08-24', 0],
    'screened, but leaking again' => [['symptom_free_screen', 'leaking'], '2026-08-24', 1],
]);

it('announces each date after a birth, the sooner one first', function (): void {
    $says = array_map(static fn (Crossing $c): string => $c->says, RuleBook::standard()->crossings(factsOn(['postpartum' => ['birth_date' => '2026-06-01', 'birth' => 'caesarean']], '2026-06-10')));
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
    expect(array_column(waitingOn($client, '2026-11-25'), 1))->toBe(['older_adult_new', 'hypertension_controlled', 'knee_replacement']);
});
