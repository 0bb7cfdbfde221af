<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Http\Clinic\Resources\FamilyResource;
use App\Http\Controller;
use App\Models\Client;
use App\Queries\CatalogueIndex;
use App\Queries\FindExercises;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Pattern;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The catalogue to read: every family, every rung, every figure, for no client in particular. */
final class ExerciseController extends Controller
{
    public function index(CatalogueIndex $index): Response
    {
        return Inertia::render(
            'clinic/Exercises',
            [
                'families' => array_map(
                    static fn (array $f): array => array_diff_key($f, ['bands' => 1]), $index->families(),
                ),
            ],
        );
    }

    public function family(Catalogue $catalogue, string $family): Response
    {
        abort_unless($catalogue->has($family), 404);

        return Inertia::render(
            'clinic/Family', ['family' => FamilyResource::of($catalogue->family($family), $catalogue)],
        );
    }

    /** All figures of a pattern on one page, to look them over. */
    public function figures(Request $request, Catalogue $catalogue): Response
    {
        $pattern = Pattern::tryFrom($this->word($request, 'pattern')) ?? Pattern::Rise;

        return Inertia::render('clinic/Figures', [
            'pattern' => $pattern->value,
            'patterns' => array_map(
                static fn (Pattern $p): array => ['code' => $p->value, 'name' => $p->label()], Pattern::cases(),
            ),
            'families' => array_values(
                array_map(
                    FamilyResource::figures(...),
                    array_filter($catalogue->families(), static fn (Family $f): bool => $f->pattern === $pattern),
                ),
            ),
        ]);
    }

    public function search(Request $request, FindExercises $find): JsonResponse
    {
        return response()->json($find->find($this->word($request, 'q')));
    }

    /** The same for one client: what is open for them first. */
    public function searchFor(Request $request, Client $client, FindExercises $find): JsonResponse
    {
        return response()->json($find->find($this->word($request, 'q'), $client));
    }
}
