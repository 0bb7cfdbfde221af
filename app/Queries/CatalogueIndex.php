<?php

declare(strict_types=1);

namespace App\Queries;

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Exercises\Search\Finder;
use BuoyantStep\Core\Exercises\Search\Index;
use Illuminate\Support\Facades\Cache;

/**
 * The catalogue's table of contents. Reading ninety families takes some 20 ms; a page that only names them reads this
 * instead, kept in the cache until a file of the catalogue changes.
 *
 * @phpstan-type Heading array{
 *     code: string, name: string, pattern: string, purpose: string, loaded: bool, rungs: int, own: bool,
 *     gym: list<string>,
 *     bands: list<array{code: string, name: string}>
 * }
 */
final class CatalogueIndex
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @return list<Heading> */
    public function families(): array
    {
        return Cache::rememberForever(
            'catalogue.'.$this->fingerprint(),
            fn (): array => array_map(self::heading(...), $this->catalogue->families()),
        );
    }

    /** What people type leads to: kept as well, since making it takes longer than a page may. */
    public function finder(): Finder
    {
        return new Finder(Cache::rememberForever(
            'catalogue.index.'.$this->fingerprint(), fn (): Index => Index::of($this->catalogue),
        ));
    }

    /** @return list<array{code: string, name: string}> every rung that uses a band, as family/rung */
    public function bandRungs(): array
    {
        return array_merge(...array_column($this->families(), 'bands'));
    }

    /** @return Heading */
    public static function heading(Family $family): array
    {
        return [
            'code' => $family->code, 'name' => $family->name, 'pattern' => $family->pattern->label(),
            'purpose' => $family->purpose, 'loaded' => $family->isLoaded(), 'rungs' => count($family->rungs),
            'gym' => $family->gymMachines, 'own' => $family->copiedFrom !== null,
            'bands' => array_values(array_map(
                static fn (Rung $r): array => ['code' => $family->code.'/'.$r->code, 'name' => $r->name],
                array_filter($family->rungs, static fn (Rung $r): bool => $r->work->band !== null),
            )),
        ];
    }

    private function fingerprint(): string
    {
        return md5($this->catalogue->mark().implode(' ', array_map(
            static fn (string $f): string => basename($f).filemtime($f),
            glob(base_path('core/catalogue/*.json')) ?: [],
        )));
    }
}
