<?php

declare(strict_types=1);

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Tests\Support\ReadingAge;

/*
 * How easy the words are that a client reads. Flesch reading ease and the Flesch-Kincaid grade (Flesch 1948; Kincaid
 * 1975): a grade of 6 or less suits a reader of twelve.
 */

/** @return list<string> what a client reads of a rung */
function toClient(Rung $rung): array
{
    $teaching = $rung->teaching;

    return array_values(array_filter([
        $rung->setUp->says, ...$teaching->cues, ...$teaching->mistakes, $teaching->tooHardIf, $teaching->tooEasyIf,
        $teaching->feel, $teaching->picture, $teaching->target, $teaching->fade, $rung->helper?->says(),
    ]));
}

it('counts syllables as they are spoken', function (string $word, int $syllables): void {
    expect(ReadingAge::syllables($word))->toBe($syllables);
})->with([
    ['sit', 1], ['counter', 2], ['slowly', 2], ['shoulder', 2], ['knees', 1], ['backwards', 2], ['elbow', 2],
    ['lower', 2], ['table', 2], ['exercise', 3],
]);

it('is easy enough for a reader of twelve', function (): void {
    $grades = [];
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            $grades[$family->code.'/'.$rung->code] = ReadingAge::grade(toClient($rung));
        }
    }
    sort($grades);
    $at = static fn (float $share): float => $grades[(int) floor($share * (count($grades) - 1))];
    // Printed in docs/catalogue.md: the middle, nine in ten, and the hardest.
    expect($at(0.5))->toBeLessThan(1.5)->and($at(0.9))->toBeLessThan(2.5)->and(end($grades))->toBeLessThan(4.0);
});

it('is as easy in the words around the exercises, line by line', function (): void {
    $lang = dirname(__DIR__, 3).'/lang/en/';
    $lines = [];
    foreach ([require $lang.'sheet.php', require $lang.'session.php', require $lang.'home.php'] as $words) {
        array_walk_recursive($words, static function (string $line) use (&$lines): void {
            $line = (string) preg_replace('/:[a-z]+/', 'two', $line);
            // A fragment says little about how hard it is.
            if (str_word_count($line) > 5) {
                $lines[] = $line;
            }
        });
    }
    expect(count($lines))->toBeGreaterThan(40)->and(ReadingAge::grade($lines))->toBeLessThanOrEqual(6.0);
    foreach ($lines as $line) {
        expect(ReadingAge::grade([$line]))->toBeLessThanOrEqual(9.0, $line);
    }
});
