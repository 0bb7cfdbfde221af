<?php

declare(strict_types=1);

namespace App\Actions;

use App\Editing\StaleRecord;
use App\Models\Client;
use App\Models\Decision;
use App\Models\User;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Kit\Band;
use Illuminate\Support\Facades\DB;

/**
 * Keeps the kit as one list: all of it or nothing.
 *
 * @phpstan-type BandFields array{
 *     rest_mm: int, max_elongation_pct: int, pulls: list<array{length_mm: int, force_mn: int}>, ...
 * }
 */
final class SaveKit
{
    /** What the page sends back at once. */
    public const MOST_PIECES = 100;

    public const MOST_CARRIERS = 40;

    /**
     * @param  list<array<string, mixed>>  $pieces
     * @param  list<array<string, mixed>>  $carriers
     * @param  list<BandFields>|null  $bands  null leaves the bands as they are
     * @param  array<string, mixed>|null  $home  place and aids; null leaves them as they are
     * @param  int|null  $version  of the kit that the change was made on; null where nobody else can have changed it
     *
     * @throws StaleRecord
     */
    public function run(
        Client $client,
        User $by,
        array $pieces,
        array $carriers,
        ?array $bands = null,
        ?array $home = null,
        ?int $version = null,
    ): void {
        self::assertBandsRise($bands ?? []);
        DB::transaction(function () use ($client, $by, $pieces, $carriers, $bands, $home, $version): void {
            self::next($client, $version);
            $client->pieces()->delete();
            $client->carriers()->delete();
            $client->pieces()->createMany($pieces);
            $client->carriers()->createMany($carriers);
            if ($bands !== null) {
                $client->bands()->delete();
                $client->bands()->createMany($bands);
            }
            $client->fill($home ?? [])->save();
            Decision::record(
                $by,
                $client,
                'kit.changed',
                sprintf(
                    'Kit: %d pieces, %d carriers%s.', count($pieces), count($carriers),
                    $bands === null ? '' : sprintf(', %d bands', count($bands)),
                ),
                array_filter(
                    ['pieces' => $pieces, 'carriers' => $carriers, 'bands' => $bands, 'home' => $home],
                    static fn (?array $v): bool => $v !== null,
                ),
            );
        });
    }

    /**
     * Adds what a file lists to what is there: all of it or nothing, and never more than the page can save again.
     *
     * @param  list<array<string, mixed>>  $pieces
     * @param  list<array<string, mixed>>  $carriers
     */
    public function add(Client $client, User $by, array $pieces, array $carriers): void
    {
        DB::transaction(function () use ($client, $by, $pieces, $carriers): void {
            self::next($client);
            foreach ([
                ['pieces', $pieces, self::MOST_PIECES], ['carriers', $carriers, self::MOST_CARRIERS],
            ] as [$list, $rows, $most]) {
                $has = $client->{$list}()->count();
                if ($has + count($rows) > $most) {
                    throw Refusal::at(
                        'file',
                        sprintf(
                            'A kit holds %d %s: there are %d, and the file adds %d. Nothing was added; take some out '
                                .'first, or shorten the file to %d.',
                            $most,
                            $list,
                            $has,
                            count($rows),
                            max(0, $most - $has),
                        ),
                    );
                }
            }
            $client->save();
            $client->pieces()->createMany($pieces);
            $client->carriers()->createMany($carriers);
            Decision::record(
                $by,
                $client,
                'kit.imported',
                sprintf('Kit: %d pieces and %d carriers added from a file.', count($pieces), count($carriers)),
                ['pieces' => $pieces, 'carriers' => $carriers],
            );
        });
    }

    /**
     * Locks the client and takes the kit to its next version.
     *
     * @throws StaleRecord
     */
    public static function next(Client $client, ?int $version = null): void
    {
        $now = Client::query()->lockForUpdate()->findOrFail($client->id)->kit_version;
        if ($version !== null && $version !== $now) {
            throw StaleRecord::of($client->clinic_id, $client->id, ['kit.', 'record.mended']);
        }
        $client->kit_version = $now + 1;
    }

    /** @param  list<BandFields>  $bands */
    private static function assertBandsRise(array $bands): void
    {
        foreach ($bands as $i => $band) {
            $pulls = array_map(
                static fn (array $p): array => [(float) $p['length_mm'], $p['force_mn'] / 1000], $band['pulls'],
            );
            try {
                Band::fromPulls((float) $band['rest_mm'], $pulls);
            } catch (InvalidInput $error) {
                throw Refusal::at("bands.$i.pulls", $error->getMessage());
            }
        }
    }
}
