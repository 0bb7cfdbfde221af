<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Client;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Search\Found;
use BuoyantStep\Core\Exercises\Search\OpenFirst;

/**
 * Exercises by what somebody types; for a client, what is open for them first.
 *
 * @phpstan-type Row array{
 *     code: string, name: string, pattern: string, why: string, open: bool|null,
 *     rungs: list<array{rung: string, name: string, open: bool|null}>
 * }
 */
final class FindExercises
{
    /** More than this nobody reads; who types more words finds less. */
    private const MOST = 12;

    public function __construct(
        private readonly CatalogueIndex $index,
        private readonly Catalogue $catalogue,
        private readonly BuildSituation $build,
    ) {
    }

    /** @return array{families: list<Row>, nearest: list<Row>} */
    public function find(string $words, ?Client $client = null): array
    {
        $finder = $this->index->finder();
        $isOpen = $this->isOpen($client);
        $found = array_slice(OpenFirst::order($finder->find($words), $isOpen), 0, self::MOST);
        $nearest = $found === [] ? $finder->nearest($words) : [];
        $row = fn (Found $f): array => $this->row($f, $isOpen);

        return ['families' => array_map($row, $found), 'nearest' => array_map($row, $nearest)];
    }

    /**
     * @param  callable(string, string): (bool|null)  $isOpen
     * @return Row
     */
    private function row(Found $found, callable $isOpen): array
    {
        $family = $this->catalogue->family($found->family);
        $rungs = array_map(static fn (string $code): array => [
            'rung' => $code, 'name' => $family->rung($code)->name, 'open' => $isOpen($found->family, $code),
        ], $found->rungs);
        $open = array_column($rungs, 'open');

        return [
            'code' => $found->family, 'name' => $found->name, 'pattern' => $found->pattern, 'why' => $found->why,
            'open' => in_array(null, $open, true) ? null : in_array(true, $open, true),
            'rungs' => $rungs,
        ];
    }

    /** @return callable(string, string): (bool|null) */
    private function isOpen(?Client $client): callable
    {
        $situation = $client === null ? null : $this->build->of($client);

        return fn (string $family, string $rung): ?bool => $situation === null
            ? null
            : ! $situation->at($this->catalogue->family($family), $this->catalogue->family($family)->rung($rung))
                ->isOut();
    }
}
