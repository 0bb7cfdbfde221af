<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\User;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Kit\Band;
use Illuminate\Support\Facades\DB;

/** Keeps the kit as one list: all of it or nothing. */
final class SaveKit
{
    /**
     * @param  list<array<string, mixed>>  $pieces
     * @param  list<array<string, mixed>>  $carriers
     * @param  list<array<string, mixed>>|null  $bands  null leaves the bands as they are
     * @param  array<string, mixed>|null  $home  place and aids; null leaves them as they are
     */
    public function run(Client $client, User $by, array $pieces, array $carriers, ?array $bands = null, ?array $home = null): void
    {
        self::assertBandsRise($bands ?? []);
        DB::transaction(function () use ($client, $by, $pieces, $carriers, $bands, $home): void {
            $client->pieces()->delete();
            $client->carriers()->delete();
            $client->pieces()->createMany($pieces);
            $client->carriers()->createMany($carriers);
            if ($bands !== null) {
                $client->bands()->delete();
                $client->bands()->createMany($bands);
            }
            if ($home !== null) {
                $client->update($home);
            }
            Decision::record($by, $client, 'kit.changed', sprintf('Kit: %d pieces, %d carriers%s.', count($pieces), count($carriers), $bands === null ? '' : sprintf(', %d bands', count($bands))), array_filter(['pieces' => $pieces, 'carriers' => $carriers, 'bands' => $bands, 'home' => $home], static fn (?array $v): bool => $v !== null));
        });
    }

    /** @param  list<array<string, mixed>>  $bands */
    private static function assertBandsRise(array $bands): void
    {
        foreach ($bands as $i => $band) {
            $pulls = [];
            foreach (is_array($band['pulls'] ?? null) ? $band['pulls'] : [] as $pull) {
                if (is_array($pull) && is_int($pull['length_mm'] ?? null) && is_int($pull['force_mn'] ?? null)) {
                    $pulls[] = [(float) $pull['length_mm'], $pull['force_mn'] / 1000];
                }
            }
            try {
                Band::fromPulls(is_int($band['rest_mm'] ?? null) ? (float) $band['rest_mm'] : 1000.0, $pulls);
            } catch (InvalidInput $error) {
                throw Refusal::at("bands.$i.pulls", $error->getMessage());
            }
        }
    }
}
