<?php

declare(strict_types=1);

use BuoyantStep\Core\Units\Phrase;

it('begins small inside another sentence, but for an abbreviation and a name', function (
    string $alone, string $within,
): void {
    expect(Phrase::within($alone))->toBe($within);
})->with([
    ['Hard holds up to 10 s.', 'hard holds up to 10 s.'],
    ['A fall in the last year', 'a fall in the last year'],
    ['Or sit.', 'or sit.'],
    ['Drain in place', 'drain in place'],
    ['RPE up to 4 of 10.', 'RPE up to 4 of 10.'],
    ['T6 or above', 'T6 or above'],
    ['Dr Amari, by telephone', 'Dr Amari, by telephone'],
    ['10 s or more', '10 s or more'],
    ['until cleared', 'until cleared'],
    ['', ''],
]);
