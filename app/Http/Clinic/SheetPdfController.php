<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\StopSigns;
use App\Exchange\Pdf;
use App\Http\Clinic\Resources\FigureSvg;
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
    private const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

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
                $light = is_array($item['light'] ?? null) ? $item['light'] : null;
                $items[$item['id']] = [
                    ...$item, 'picture_uri' => FigureSvg::uri($figure), 'light_says' => self::light($light),
                    // One position alone would stand twice as high as two beside each other.
                    'picture_mm' => count(is_array($figure['frames'] ?? null) ? $figure['frames'] : []) > 1 ? 52 : 26,
                ];
            }
        }
        $names = array_combine($plan->days, self::names($plan->days));
        $html = view('sheet', [
            'sheet' => $sheet, 'items' => $items, 'dayNames' => $names, 'days' => implode(' · ', $names),
            'dayList' => static fn (array $days): string => implode(' · ', self::names($days)),
            'issued' => $plan->issued_on === null ? '' : Day::of($plan->issued_on)->label(),
            'locale' => $client->clinic->locale,
        ])->render();

        return Pdf::answer($client->massUnit()->render($html), 'exercises');
    }

    /**
     * @param  array<array-key, mixed>  $days  1 Monday to 7 Sunday
     * @return list<string>
     */
    private static function names(array $days): array
    {
        return array_values(array_map(
            static fn (mixed $d): string => is_int($d) ? self::DAYS[$d - 1] ?? '' : '', $days,
        ));
    }

    /** @param  array<array-key, mixed>|null  $light */
    private static function light(?array $light): string
    {
        $dose = $light['dose'] ?? null;
        if ($light === null || ! is_array($dose) || ! is_array($light['days'] ?? null)) {
            return '';
        }
        $days = self::names($light['days']);
        $said = array_filter([$dose['amount'] ?? null, $dose['load'] ?? null], is_string(...));

        return sprintf('On %s, lighter: %s.', implode(', ', $days), implode(', ', $said));
    }
}
