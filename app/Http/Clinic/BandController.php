<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\Refusal;
use App\Editing\MassFields;
use App\Http\Controller;
use App\Models\Client;
use App\Queries\WorkOutBand;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Kit\PullAt;
use BuoyantStep\Core\Units\Mass;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Where to stand with a band, or how short to grip it: asked for while the Kit stage is open, answered by the core. */
final class BandController extends Controller
{
    public function show(Request $request, Client $client, BuildSituation $build, WorkOutBand $work): JsonResponse
    {
        $request->merge(['kgf' => MassFields::kilograms($request->query('kgf'))]);
        $request->validate([
            'band' => ['required', 'integer'], 'rung' => ['required', 'string', 'max:80'],
            'at' => ['nullable', Rule::enum(PullAt::class)], 'kgf' => ['nullable', 'numeric', 'between:0.05,200'],
        ], [
            'kgf.*' => sprintf(
                'The pull must be from %s to %s, for example %s.', Mass::say(50), Mass::say(200_000),
                Mass::say(2500),
            ),
        ]);
        $situation = $build->of($client);
        $band = $client->bands()->whereKey($request->integer('band'))->firstOrFail();
        try {
            return response()->json(
                $work->run(
                    $situation, $build->wishes($client), $band, $request->string('rung')->value(),
                    $request->input('at') === 'end' ? 'end' : 'mean',
                    $request->filled('kgf') ? $request->float('kgf') : null,
                ),
            );
        } catch (CoreError $error) {
            throw Refusal::at(
                $error->pointer === '/target/force_n' ? 'kgf' : 'rung', $error->getMessage(),
            );
        }
    }
}
