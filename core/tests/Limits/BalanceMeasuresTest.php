<?php

declare(strict_types=1);

use BuoyantStep\Core\Limits\Always\BalanceMeasures;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Vision;

/** @param  array<string, mixed>  $client */
function balanceFacts(array $measure, array $client = []): Facts
{
    return new Facts(
        Made::client($client), Day::of(Made::TODAY),
        Made::measures($measure === [] ? [] : [['on' => Made::TODAY, ...$measure]]),
    );
}

/** A fall, yes or no, for somebody who can do everything else. */
function fallen(?bool $fallen): array
{
    $function = Made::form()['function'];

    return ['function' => $fallen === null ? $function : [...$function, 'fallen_in_year' => $fallen]];
}

it('asks for a hand on something fixed at each flag, and not a step before', function (
    array $measure, array $client, bool $flagged,
): void {
    $facts = balanceFacts($measure, $client);
    $envelope = RuleBook::standard()->envelope($facts);
    $held = array_filter($envelope->all(), static fn ($l): bool => $l->rule === BalanceMeasures::RULE
        && $l->value === Support::OneHand && $l->binds === Binds::Balance);
    $open = array_filter($envelope->all(), static fn ($l): bool => $l->rule === BalanceMeasures::RULE
        && $l->value === Vision::EyesOpen);
    expect($held !== [])->toBe($flagged)->and($open !== [])->toBe($flagged)
        ->and(BalanceMeasures::ask($facts) !== [])->toBe($flagged);
})->with([
    'tandem 9 s' => [['test' => 'tandem_stand', 'value' => 9], [], true],
    'tandem 10 s' => [['test' => 'tandem_stand', 'value' => 10], [], false],
    'the tandem stage not held' => [['test' => 'four_stage_balance', 'value' => 2], [], true],
    'the tandem stage held' => [['test' => 'four_stage_balance', 'value' => 3], [], false],
    'up and go 12.0 s' => [['test' => 'timed_up_and_go', 'value' => 12], [], true],
    'up and go 11.9 s' => [['test' => 'timed_up_and_go', 'value' => 11.9], [], false],
    'one leg 4 s' => [['test' => 'one_leg_stand', 'side' => 'left', 'value' => 4], [], true],
    'one leg 5 s' => [['test' => 'one_leg_stand', 'side' => 'left', 'value' => 5], [], false],
    'a fall' => [[], fallen(true), true],
    'no fall' => [[], fallen(false), false],
    'not asked' => [[], fallen(null), false],
]);

it('asks no longer once the risk is on the screen, and asks again when it ended', function (): void {
    $risk = static fn (array $with): array => [
        ...fallen(true), 'conditions' => [['code' => 'falls_risk_high', ...$with]],
    ];
    expect(BalanceMeasures::ask(balanceFacts([], $risk([]))))->toBe([])
        ->and(BalanceMeasures::ask(balanceFacts([], $risk([
            'until' => '2020-01-01', 'detail' => ['end_confirmed'],
        ]))))->toBe(['A fall in the last year']);
});

it('keeps a fall for a client whose hands a condition weakens', function (): void {
    $facts = balanceFacts([], [...fallen(true), 'conditions' => [['code' => 'hand_function_weak', 'side' => 'left']]]);
    expect(BalanceMeasures::ask($facts))->toBe(['A fall in the last year']);
});
