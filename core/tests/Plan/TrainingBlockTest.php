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
