<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\FunctionStatus;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Demands;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Judge;
use BuoyantStep\Core\Limits\LimitLines;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Limits\Verdict;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

function verdictOn(array $demands, array $client = [], ?array $changes = null): Verdict
{
    $profile = Made::client($client);
    $envelope = RuleBook::standard()->envelope(new Facts($profile, Day::of(Made::TODAY)));

    return (new Judge($envelope, $profile->function))->verdict(Demands::read(new Bag(['position' => 'standing', 'region' => 'lower', ...$demands]), $changes));
}

it('fits what nothing forbids', fn () => expect(verdictOn(['motions' => ['deep_knee_flexion_loaded']])->verdict)->toBe('fits'));

it('prefers a change to a refusal, and names it', function (array $demands, array $client, array $changes): void {
    $verdict = verdictOn($demands, $client);
    expect($verdict->verdict)->toBe('changes')
        ->and(array_column($verdict->changes, 'change'))->toBe($changes)
        ->and($verdict->because)->not->toBe([]);
})->with([
    'deep knee bend on a sore knee' => [['motions' => ['deep_knee_flexion_loaded']], ['conditions' => [['code' => 'osteoarthritis_knee']]], ['shorten_range']],
    'flat on the back at 30 weeks' => [['position' => 'supine_flat', 'region' => 'trunk'], ['pregnancy' => ['due_date' => '2027-02-03']], ['wedge_trunk']],
    'free balance with falls risk' => [['balance' => 3, 'support' => 'two_hands'], ['conditions' => [['code' => 'falls_risk_high']]], ['hold_on:one_hand']],
    'foam with falls risk' => [['surface' => 'foam'], ['conditions' => [['code' => 'falls_risk_high']]], ['firm_surface']],
    'eyes closed with falls risk' => [['vision' => 'eyes_closed'], ['conditions' => [['code' => 'falls_risk_high']]], ['eyes_open']],
    'a long hold in hypertension' => [['hold_s' => 30], ['conditions' => [['code' => 'hypertension_controlled']]], ['shorter_hold:10']],
    'power grip with a weak hand' => [['grip' => 'power', 'region' => 'upper', 'side' => 'left'], ['function' => ['grip' => ['left' => 'weak', 'right' => 'full'], 'standing' => 'free', 'floor_transfer' => 'alone']], ['grip_aid']],
]);

it('refuses what no change can mend', function (array $demands, array $client, ?array $changes): void {
    $verdict = verdictOn($demands, $client, $changes);
    expect($verdict->verdict)->toBe('out')
        ->and($verdict->changes)->toBe([])
        ->and($verdict->because)->not->toBe([]);
})->with([
    'bending a fragile spine' => [['motions' => ['spine_flexion_loaded']], ['conditions' => [['code' => 'osteoporosis']]], null],
    'a hop after a fracture' => [['impact' => 1], ['conditions' => [['code' => 'osteoporosis', 'detail' => 'vertebral_fracture']]], null],
    'balance with no hand free, and no seat for it' => [['balance' => 2, 'support' => 'free'], ['conditions' => [['code' => 'falls_risk_high']]], ['hold_on']],
    'a latex band' => [['material' => ['latex']], ['conditions' => [['code' => 'latex_allergy']]], null],
    'the floor, unable to rise' => [['floor_transfer' => true], ['function' => ['standing' => 'free', 'floor_transfer' => 'none']], null],
    'a change this exercise cannot take' => [['motions' => ['deep_knee_flexion_loaded']], ['conditions' => [['code' => 'osteoarthritis_knee']]], ['hold_on']],
    'a rung defined by less support than is needed' => [['balance' => 2, 'support' => 'two_hands', 'usual_support' => 'fingertip'], ['conditions' => [['code' => 'falls_risk_high']]], null],
    'someone to spot, alone at home' => [['spotter' => true], ['function' => ['standing' => 'free', 'home' => 'alone', 'floor_transfer' => 'alone']], null],
]);

it('asks for support only where balance is at stake', function (int $balance, string $verdict): void {
    expect(verdictOn(['balance' => $balance, 'support' => 'two_hands'], ['conditions' => [['code' => 'falls_risk_high']]])->verdict)->toBe($verdict);
})->with([[1, 'fits'], [2, 'changes']]);

it('takes an unknown hand for one that cannot grip', function (): void {
    $judge = new Judge(Made::envelope([]), new FunctionStatus);
    expect($judge->verdict(Demands::read(new Bag(['position' => 'seated', 'region' => 'upper', 'grip' => 'hook']), []))->verdict)->toBe('out');
});

it('writes the limits as lines with the rule that set each', function (): void {
    $lines = LimitLines::of(Made::envelope([['code' => 'osteoporosis', 'detail' => 'vertebral_fracture'], ['code' => 'older_adult_new'], ['code' => 'stroke_hemiparesis', 'side' => 'left', 'detail' => 'painful_shoulder']]), RuleBook::standard()->labels());
    $titles = array_column($lines, 'title');
    expect($titles)->toContain('Load up to 50 % of 1RM', 'Effort up to 6 of 10', 'Left arm: no arm above shoulder height')
        ->and(array_column($lines, 'by', 'title')['Load up to 50 % of 1RM'])->toBe('Stroke, hemiparesis')
        ->and(implode(' ', $titles))->not->toContain('_');
});
