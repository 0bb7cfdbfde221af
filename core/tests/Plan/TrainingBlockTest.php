<?php

declare(strict_types=1);

use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Plan\TrainingBlock;
use BuoyantStep\Core\Units\Day;

function block(string $today, int $weeks = 4): array
{
    $crossings = [
        new Crossing(Day::of('2026-11-08'), 'a', 'Seventh day.', true),
        new Crossing(Day::of('2026-11-09'), 'b', 'Eighth day.', false),
        new Crossing(Day::of('2026-11-30'), 'c', 'After four weeks.', true),
    ];
    $made = new TrainingBlock(Day::of('2026-11-02'), $weeks, $crossings, Day::of($today));

    return [$made, $made->jsonSerialize()];
}

it('counts the weeks from its first day, and says which one today is in', function (string $today, ?int $week): void {
    expect(block($today)[0]->week())->toBe($week);
})->with([
    ['2026-11-01', null], ['2026-11-02', 1], ['2026-11-08', 1], ['2026-11-09', 2], ['2026-11-29', 4],
    ['2026-11-30', null],
]);

it('puts the dates ahead into their weeks, and the re-test at the end', function (): void {
    [, $four] = block('2026-11-10');
    expect(array_column($four['weeks'], 'from'))->toBe([
        '2 November 2026', '9 November 2026', '16 November 2026', '23 November 2026',
    ])
        ->and(array_column($four['weeks'][0]['dates'], 'says'))->toBe(['Seventh day.'])
        ->and(array_column($four['weeks'][1]['dates'], 'tightens'))->toBe([false])
        ->and($four['weeks'][3]['dates'])->toBe([])
        ->and([$four['retest'], $four['over']])->toBe(['30 November 2026', false]);
    [, $six] = block('2026-11-10', 6);
    expect($six['weeks'])->toHaveCount(6)
        ->and(array_column($six['weeks'][4]['dates'], 'says'))->toBe(['After four weeks.'])
        ->and($six['retest'])->toBe('14 December 2026');
    expect(block('2026-11-30')[1]['over'])->toBeTrue()->and(block('2026-11-29')[1]['over'])->toBeFalse();
});

it('makes every fourth week an easier one where that is wished for', function (
    int $weeks, bool $easier, array $expected,
): void {
    $made = new TrainingBlock(Day::of('2026-11-02'), $weeks, [], Day::of('2026-11-10'), $easier);
    expect(array_map(static fn (array $w): string => $w[0].' '.$w[1], $made->easierWeeks()))->toBe($expected);
    $marked = array_filter($made->jsonSerialize()['weeks'], static fn (array $w): bool => $w['easier']);
    expect($marked)->toHaveCount(count($expected));
})->with([
    [4, true, ['2026-11-23 2026-11-29']], [6, true, ['2026-11-23 2026-11-29']],
    [8, true, ['2026-11-23 2026-11-29', '2026-12-21 2026-12-27']], [8, false, []],
]);

it('knows which days are in an easier week', function (string $day, bool $easier): void {
    $block = new TrainingBlock(Day::of('2026-11-02'), 6, [], Day::of('2026-11-10'), true);
    expect($block->isEasierOn(Day::of($day)))->toBe($easier);
})->with([
    ['2026-11-22', false], ['2026-11-23', true], ['2026-11-29', true], ['2026-11-30', false], ['2026-11-01', false],
    ['2026-12-25', false],
]);
