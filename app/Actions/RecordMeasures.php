<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\User;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Measures\Test;
use Illuminate\Support\Facades\DB;

/** Keeps the results of a visit, all or none; the core reads each first, so what is stored can be computed with. */
final class RecordMeasures
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @param  list<array<string, mixed>>  $rows */
    public function run(Client $client, User $by, array $rows, string $on): int
    {
        foreach ($rows as $i => $row) {
            try {
                $result = Result::read(new Bag($row, "/results/$i"));
            } catch (CoreError $e) {
                $field = str_replace(['/', 'load_g'], ['.', 'load_kg'], ltrim($e->pointer, '/'));
                throw Refusal::at(str_starts_with($field, 'results.') ? $field : "results.$i.".ltrim($field, '.'), str_replace('load_g', 'load', $e->getMessage()));
            }
            if ($result->test === Test::EasySet && ($result->family === null || ! $this->catalogue->has($result->family))) {
                throw Refusal::at("results.$i.family", 'Choose the exercise that the easy set was done with.');
            }
        }
        DB::transaction(function () use ($client, $by, $rows, $on): void {
            foreach ($rows as $row) {
                $client->measures()->create([...$row, 'measured_on' => $on, 'user_id' => $by->id]);
            }
            Decision::record($by, $client, 'measured', count($rows).' results recorded.', ['on' => $on, 'results' => $rows]);
        });

        return count($rows);
    }
}
