<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Http\Controller;
use App\Models\Client;
use App\Queries\FindNeeds;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

final class TodayController extends Controller
{
    public function show(Request $request, FindNeeds $needs): Response
    {
        $clinic = $this->me($request)->clinic;

        return Inertia::render('clinic/Today', $needs->forClinic($clinic));
    }

    /** For the search in the top bar: clients of this clinic by part of a name. */
    public function find(Request $request): JsonResponse
    {
        $like = '%'.addcslashes($this->word($request, 'q'), '%_\\').'%';
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
            ],
        );
    }
}
