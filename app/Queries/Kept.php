<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Client;
use App\Rows\BuildSituation;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Cache;
use LogicException;

/**
 * What has been worked out for a client, kept until anything changes that it was worked out from: limits, stairs and
 * room cost the same whether or not anything moved since the last look. Never a place to read a fact from; a cache that
 * is thrown away loses nothing.
 */
final class Kept
{
    private const DAYS = 30;

    public function __construct(private readonly ClinicCatalogue $catalogues)
    {
    }

    /**
     * @param  string  $what  which part of which page
     * @param  list<mixed>  $more  what else it is worked out from than the client's record and the clinic's:
     *     rows, words
     * @param  callable(): array<string, mixed>  $work
     * @return array<string, mixed> as the page gets it: lists and plain objects
     */
    public function of(string $what, Client $client, array $more, callable $work): array
    {
        $key = "kept.$what.$client->id";
        $from = $this->mark($client, $more);
        $kept = Cache::get($key);
        if (is_array($kept) && ($kept['from'] ?? '') === $from && is_string($kept['json'] ?? null)) {
            // While testing each kept answer is doubted: what it depends on and the mark leaves out shows.
            if (config('app.doubt_kept') === true && self::json($work()) !== $kept['json']) {
                throw new LogicException("What is kept of $what is not what would be worked out now.");
            }

            return self::plain($kept['json']);
        }
        $json = self::json($work());
        Cache::put($key, ['from' => $from, 'json' => $json], now()->addDays(self::DAYS));

        return self::plain($json);
    }

    /** @param  list<mixed>  $more */
    private function mark(Client $client, array $more): string
    {
        $client->loadMissing(BuildSituation::RELATIONS);
        $rows = [$client->getAttributes(), self::rows($client->clinic), self::rows($client->clinic->figures)];
        foreach (BuildSituation::RELATIONS as $relation) {
            $rows[] = str_contains($relation, '.') ? [] : self::rows($client->getRelation($relation));
        }

        return hash('xxh128', serialize([
            (string) $client->clinic->today(), $this->catalogues->mark($client->clinic_id), $rows,
            array_map(static fn (mixed $m): mixed => is_object($m) ? self::rows($m) : $m, $more),
        ]));
    }

    /** @return array<mixed> the rows as they are stored */
    private static function rows(mixed $of): array
    {
        return match (true) {
            $of instanceof Model => $of->getAttributes(),
            $of instanceof Collection => $of->map(static fn (Model $m): array => $m->getAttributes())->all(),
            default => [],
        };
    }

    /** @param  array<string, mixed>  $worked */
    private static function json(array $worked): string
    {
        return json_encode($worked, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @return array<string, mixed> */
    private static function plain(string $json): array
    {
        /** @var array<string, mixed> $plain */
        $plain = (array) json_decode($json, false, 512, JSON_THROW_ON_ERROR);

        return $plain;
    }
}
