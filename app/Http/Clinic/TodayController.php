<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Http\Controller;
use App\Models\Client;
use App\Queries\FindExercises;
use App\Queries\FindNeeds;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

final class TodayController extends Controller
{
    /** Of a shorter word half the catalogue would be found. */
    private const LETTERS = 3;

    private const MOST_EXERCISES = 5;

    public function show(Request $request, FindNeeds $needs): Response
    {
        $clinic = $this->me($request)->clinic;

        return Inertia::render('clinic/Today', $needs->forClinic($clinic));
    }

    /** For the search in the top bar: clients of this clinic by part of a name, exercises by what they are called. */
    public function find(Request $request, FindExercises $exercises): JsonResponse
    {
        $words = $this->word($request, 'q');
        $like = '%'.addcslashes($words, '%_\\').'%';
        $clients = Client::query()
            ->where('clinic_id', $this->me($request)->clinic_id)
            ->whereRaw("concat(given_name, ' ', family_name) like ?", [$like])
            ->orderBy('family_name')->limit(8)
            ->get(['id', 'given_name', 'family_name', 'birth_date']);

        return response()->json(
            [
                'clients' => $clients->map(
                    static fn (Client $c): array => ['id' => $c->id, 'name' => $c->name(), 'born' => $c->birth_date],
                )->all(),
                'exercises' => mb_strlen(trim($words)) < self::LETTERS ? [] : array_map(
                    static fn (array $f): array => ['code' => $f['code'], 'name' => $f['name']],
                    array_slice($exercises->find($words)['families'], 0, self::MOST_EXERCISES),
                ),
            ],
        );
    }
}
