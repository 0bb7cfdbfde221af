<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Http\Controller;
use App\Models\Client;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Plan\Stair;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** One family's stair for one client: looked at before it is added to the plan. */
final class StepsController extends Controller
{
    public function show(Request $request, Client $client, BuildSituation $build, Catalogue $catalogue): JsonResponse
    {
        $code = $this->word($request, 'family');
        abort_unless($catalogue->has($code), 404);
        $family = $catalogue->family($code);

        return response()->json([
            'code' => $family->code, 'name' => $family->name, 'purpose' => $family->purpose,
            'stair' => Stair::of($family, $build->of($client), $build->wishes($client)),
            'figures' => array_map(
                static fn (Rung $r): array => ['code' => $r->code, 'figure' => $r->figure->draw()], $family->rungs,
            ),
        ]);
    }
}
