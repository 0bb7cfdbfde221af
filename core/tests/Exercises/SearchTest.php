<?php

declare(strict_types=1);

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Search\Finder;
use BuoyantStep\Core\Exercises\Search\Found;
use BuoyantStep\Core\Exercises\Search\Index;

function finder(): Finder
{
    static $finder = null;

    return $finder ??= new Finder(Index::of(Catalogue::standard()));
}

/** @return list<string> */
function familiesFor(string $typed, int $first = 99): array
{
    return array_slice(array_map(static fn (Found $f): string => $f->family, finder()->find($typed)), 0, $first);
}

it('finds what is meant in the first three for what gyms, clinics and kitchens say', function (): void {
    $terms = require __DIR__.'/terms.php';
    $missed = [];
    foreach ($terms as $typed => $meant) {
        $first = familiesFor($typed, 3);
        if (array_intersect($first, $meant) === []) {
            $missed[] = "$typed: ".implode(', ', $first);
        }
    }
    expect(count($terms))->toBeGreaterThanOrEqual(200)
        ->and(count($missed))->toBeLessThanOrEqual((int) (0.025 * count($terms)), implode("\n", $missed));
});
