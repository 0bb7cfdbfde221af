<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Exchange\ChartSvg;
use App\Exchange\Pdf;
use App\Http\Clinic\Resources\CourseResource;
use App\Models\Client;
use App\Models\Decision;
use App\Models\Standing;
use App\Queries\Kept;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Units\Day;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Answer;
use Inertia\Response;

/** Review over time, drawn. */
final class CourseController extends StageController
{
    public function show(Request $request, Client $client, CourseResource $resource, Kept $kept): Response
    {
        $asked = [
            $this->word($request, 'exercise'), $this->word($request, 'what'), (int) $this->word($request, 'weeks'),
        ];
        // What was counted as changed, and what was decided: two years of sessions are not read again for nothing.
        $since = [
            Standing::query()->whereKey($client->id)->value('changes'),
            Decision::query()->where('client_id', $client->id)->max('id'),
        ];

        return $this->kept('clinic/Course', $client, static fn (Closure $situation): array => $kept->of(
            'course', $client, [...$asked, ...$since, $client->massUnit()->value],
            static fn (): array => $resource->of($client, $situation(), ...$asked),
        ));
    }

    public function pdf(Request $request, Client $client, CourseResource $resource, BuildSituation $build): Answer
    {
        $page = $resource->of(
            $client, $build->of($client), $this->word($request, 'exercise'), $this->word($request, 'what'),
            (int) $this->word($request, 'weeks'),
        );
        $events = array_map(static fn (array $e): array => [
            ...$e, 'label' => Day::of($e['on'])->label(),
            'says' => $client->massUnit()->render($e['says']),
        ], $page['events']);
        $html = view('course', [
            'name' => $client->name(), 'clinic' => $client->clinic->name, 'today' => $client->clinic->today()->label(),
            'chosen' => array_column($page['exercises'], 1, 0)[$page['chosen']] ?? '',
            'what' => array_column($page['whats'], 1, 0)[$page['what']] ?? '',
            'panels' => array_map(static function (array $panel) use ($events, $page): array {
                $chart = ChartSvg::of($panel, $events, $page['from'], $page['to']);

                return [$panel, [
                    ...$chart, 'from' => Day::of($chart['from'])->label(), 'to' => Day::of($chart['to'])->label(),
                ]];
            }, [...$page['panels'], ...$page['others']]),
            'events' => $events,
        ])->render();

        return Pdf::answer($html, 'over-time');
    }
}
