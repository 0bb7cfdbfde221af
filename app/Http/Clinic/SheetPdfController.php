<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\StopSigns;
use App\Exchange\Pdf;
use App\Http\Clinic\Resources\FigureSvg;
use App\Http\Clinic\Resources\HomePageResource;
use App\Http\Clinic\Resources\SheetResource;
use App\Http\Controller;
use App\Models\Client;
use App\Models\Plan;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Units\Day;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\App;

/** The sheet as PDF: the same words as on the page, figures in black and white. */
final class SheetPdfController extends Controller
{
    public function show(Client $client, BuildSituation $build, SheetResource $resource): Response
    {
        App::setLocale($client->clinic->locale);
        $plan = $client->plans()->whereIn('status', [Plan::ISSUED, Plan::DRAFT])->with('items')
            ->orderByRaw('status = ? desc', [Plan::ISSUED])->firstOrFail();
        // As the page gets it: what the core drew is plain by then.
        $sheet = (array) json_decode((string) json_encode(
            $resource->of($plan, $client, $build->of($client), StopSigns::open($client)),
        ), true);
        $items = [];
        foreach (is_array($sheet['items'] ?? null) ? $sheet['items'] : [] as $item) {
            if (is_array($item) && is_array($item['figure'] ?? null) && is_int($item['id'] ?? null)) {
                /** @var array<string, mixed> $figure */
                $figure = $item['figure'];
                $items[$item['id']] = [
                    ...$item, 'picture_uri' => FigureSvg::uri($figure),
                    // One position alone would stand twice as high as two beside each other.
                    'picture_mm' => count(is_array($figure['frames'] ?? null) ? $figure['frames'] : []) > 1 ? 52 : 26,
                ];
            }
        }
        $html = view('sheet', [
            'sheet' => $sheet, 'items' => $items, 'home' => HomePageResource::of($client),
            'issued' => $plan->issued_on === null ? '' : Day::of($plan->issued_on)->label(),
            'locale' => $client->clinic->locale,
        ])->render();

        return Pdf::answer($client->massUnit()->render($html), 'exercises');
    }
}
