<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Tests\Check;

/** The rungs as the catalogue's files write them, read here on their own and not by the core. */
final class Book
{
    /** @return array<string, array<string, mixed>> "family/rung" to the rung with what its family shares */
    public static function rungs(): array
    {
        $rungs = [];
        foreach (glob(dirname(__DIR__, 2).'/catalogue/*.json') ?: [] as $file) {
            $family = json_decode((string) file_get_contents($file), true);
            $shared = $family['shared'] ?? [];
            foreach ($family['rungs'] as $rung) {
                $rungs[$family['code'].'/'.$rung['code']] = [
                    ...$shared, ...$rung, 'demands' => [...$shared['demands'] ?? [], ...$rung['demands'] ?? []],
                ];
            }
        }

        return $rungs;
    }
}
