<?php

declare(strict_types=1);

namespace App\Actions;

use App\Editing\MeasuredMeanwhile;
use App\Models\Client;
use App\Models\Decision;
use App\Models\MeasureResult;
use App\Models\User;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Measures\AllTests;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Measures\Tests\EasySet;
use BuoyantStep\Core\Units\Mass;
use Illuminate\Support\Facades\DB;

/** Keeps the results of a visit, all or none; the core reads each first, so what is stored can be computed with. */
final class RecordMeasures
{
    public function __construct(private readonly Catalogue $catalogue, private readonly WorkOutReview $review)
    {
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @param  int|null  $seen  the newest result that the page showed; null where nobody else can have measured
     * @return int the number of the newest result
     *
     * @throws MeasuredMeanwhile
     */
    public function run(Client $client, User $by, array $rows, string $on, ?int $seen = null): int
    {
        foreach ($rows as $i => $row) {
            try {
                $result = Result::read(new Bag($row, "/results/$i"));
            } catch (CoreError $e) {
                $field = str_replace(['/', 'load_g'], ['.', 'load_kg'], ltrim($e->pointer, '/'));
                throw Refusal::at(
                    str_starts_with($field, 'results.') ? $field : "results.$i.".ltrim($field, '.'),
                    str_replace('load_g', 'load', $e->getMessage()),
                );
            }
            if (
                $result->test instanceof EasySet
                && ($result->family === null || ! $this->catalogue->has($result->family))
            ) {
                throw Refusal::at("results.$i.family", 'Choose the exercise that the easy set was done with.');
            }
        }

        return DB::transaction(function () use ($client, $by, $rows, $on, $seen): int {
            Client::query()->lockForUpdate()->findOrFail($client->id);
            if ($seen !== null) {
                $this->assertNotMeasured($client, $rows, $on, $seen);
            }
            $last = 0;
            $rungs = $this->rungs($client);
            foreach ($rows as $row) {
                $last = $client->measures()->create([
                    ...$row, 'rung' => $rungs[is_string($row['family'] ?? null) ? $row['family'] : ''] ?? null,
                    'measured_on' => $on, 'user_id' => $by->id,
                ])->id;
            }
            Decision::record(
                $by, $client, 'measured', count($rows).' results recorded.', ['on' => $on, 'results' => $rows],
            );
            $client->unsetRelation('measures');
            $this->review->run($client, 'results measured since.');

            return $last;
        });
    }

    /** @return array<string, string> family to the rung with a load that the newest plan has of it */
    private function rungs(Client $client): array
    {
        $rungs = [];
        foreach ($client->plans()->with('items')->first()->items ?? [] as $item) {
            if ($this->catalogue->family($item->family)->rung($item->rung)->takesLoad()) {
                $rungs[$item->family] = $item->rung;
            }
        }

        return $rungs;
    }

    /**
     * Results only add up; two of the same test on the same day that differ are somebody's mistake.
     *
     * @param  list<array<string, mixed>>  $rows
     */
    private function assertNotMeasured(Client $client, array $rows, string $on, int $seen): void
    {
        $since = MeasureResult::query()->where(
            'client_id', $client->id,
        )->where('id', '>', $seen)->where('measured_on', $on)->get();
        $clashes = [];
        foreach ($rows as $row) {
            $other = $since->last(
                static fn (MeasureResult $m): bool => [$m->test, $m->side, $m->family] === [
                    $row['test'] ?? null, $row['side'] ?? null, $row['family'] ?? null,
                ],
            );
            $theirs = $other === null
                ? ''
                : self::say($other->only(['value', 'second_value', 'load_g', 'reps', 'rir', 'not_tested']));
            if ($other !== null && $theirs !== self::say($row)) {
                $clashes[] = [
                    'label' => trim(AllTests::named($other->test)->about()->label.' '.$other->side),
                    'mine' => self::say($row),
                    'theirs' => $theirs,
                ];
            }
        }
        if ($clashes !== []) {
            throw new MeasuredMeanwhile($clashes);
        }
    }

    /** @param  array<string, mixed>  $row */
    private static function say(array $row): string
    {
        $number = static fn (string $key): string => is_numeric($row[$key] ?? null)
            ? Mass::trim(number_format((float) $row[$key], 2, '.', ''))
            : '';

        return match (true) {
            is_string($row['not_tested'] ?? null) => 'not tested: '.$row['not_tested'],
            is_numeric($row['load_g'] ?? null)
                && is_numeric($row['reps'] ?? null) => sprintf(
                    '%s × %s, %s left', Mass::say((float) $row['load_g']), $number('reps'), $number('rir'),
                ),
            default => trim($number('value').' '.$number('second_value')),
        };
    }
}
