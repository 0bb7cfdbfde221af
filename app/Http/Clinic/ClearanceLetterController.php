<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Exchange\Pdf;
use App\Http\Controller;
use App\Models\Client;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Clearance;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The letter that asks for clearance: exactly what is asked, why, what is planned, and room for the answer. As PDF. */
final class ClearanceLetterController extends Controller
{
    public function show(Request $request, Client $client, BuildSituation $build, RuleBook $rules): Response
    {
        $me = $this->me($request);
        $situation = $build->of($client);
        $labels = $rules->labels();
        $asks = array_values(
            array_filter(
                $situation->envelope->binding(Field::Clearance),
                static fn (Limit $l): bool => $l->value !== Clearance::None,
            ),
        );
        $html = view('clearance-letter', [
            'client' => $client, 'clinic' => $me->clinic->name, 'by' => $me->name, 'today' => $situation->on->label(),
            'born' => Day::of($client->birth_date)->label(),
            'asks' => array_map(
                static fn (Limit $l): array => [
                    'label' => $labels[$l->rule] ?? $l->rule, 'says' => $client->massUnit()->render($l->says),
                    'source' => $l->source,
                ],
                $asks,
            ),
            'effort' => $situation->envelope->atLeast(Field::EffortMax, 10),
            'load' => $situation->envelope->atLeast(Field::LoadPctMax, 100), 'days' => count($client->days),
            'minutes' => $client->minutes,
        ])->render();

        return Pdf::answer($html, 'clearance-request');
    }
}
