<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\Client;
use App\Models\GateCheck;
use App\Models\Plan;
use App\Models\SessionLog;
use App\Queries\CourseEvents;
use App\Queries\ReadCourse;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Measures\AllTests;
use BuoyantStep\Core\Progress\OverTime\SessionPoint;
use BuoyantStep\Core\Progress\OverTime\Span;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\MassUnit;
use Illuminate\Database\Eloquent\Collection;

/**
 * A client's course as pictures: panels of points over one time line, with what happened on it. Every number that is
 * drawn is here; the page only places it.
 *
 * @phpstan-type Point array{on: string, value: float, lo: float|null, hi: float|null}
 * @phpstan-type Series array{name: string, mark: string, points: list<Point>}
 * @phpstan-type Panel array{
 *     key: string, title: string, unit: string, series: list<Series>, norm: float|null, least: float|null,
 *     most: float|null
 * }
 */
final class CourseResource
{
    /** So far back, days: two years. */
    private const DAYS = 730;

    /** What may be drawn of every exercise side by side. */
    private const WHAT = [
        'load' => 'load', 'lifted' => 'load with the body', 'best' => 'best set', 'moved' => 'volume',
        'max' => 'estimated 1RM', 'effort' => 'effort', 'pain' => 'pain during',
    ];

    private const SPANS = [4, 6, 8, 12];

    /** In place of weeks: the block of the plan in use, beside the one before. */
    private const BLOCKS = 1;

    private const READINGS = [
        'sbp' => ['Systolic pressure', 'mmHg'], 'dbp' => ['Diastolic pressure', 'mmHg'],
        'heart_rate' => ['Resting heart rate', 'a minute'], 'spo2' => ['Saturation at rest', '%'],
        'glucose_mmol' => ['Glucose', 'mmol/L'], 'weight_kg' => ['Body mass', 'kg'],
    ];

    private const MARKS = ['left' => 'open', 'right' => 'square', 'both' => 'dot'];

    public function __construct(private readonly ReadCourse $course, private readonly CourseEvents $events)
    {
    }

    /**
     * @param  string  $key  family/rung of the one exercise to show; "" for all side by side
     * @param  string  $what  which of WHAT, where all are shown
     * @param  int  $weeks  of a span, which the one before is held beside; BLOCKS for the block and the one before
     * @return array{
     *     exercises: list<array{string, string}>, chosen: string, what: string, whats: list<array{string, string}>,
     *     panels: list<Panel>, others: list<Panel>, events: list<array{on: string, kind: string, says: string}>,
     *     from: string, to: string, weeks: int, spans: list<int>, compares: list<string>,
     *     compared: list<array<string, mixed>>
     * }
     */
    public function of(Client $client, Situation $situation, string $key, string $what, int $weeks): array
    {
        $today = $situation->on;
        $logs = $this->course->logs($client, $today->plus(-self::DAYS));
        $exercises = $this->course->exercises($logs, $situation);
        $unit = $client->massUnit();
        $key = isset($exercises[$key]) ? $key : '';
        $what = isset(self::WHAT[$what]) ? $what : 'load';
        $blocks = ReadCourse::blocks($client);
        $spans = count($blocks) > 1 ? [...self::SPANS, self::BLOCKS] : self::SPANS;
        $weeks = in_array($weeks, $spans, true) ? $weeks : self::SPANS[0];
        [$before, $since] = self::spans($blocks, $today, $weeks);
        $first = $logs->first()?->done_on;

        return [
            'exercises' => array_map(
                static fn (string $k, array $e): array => [$k, $e['rung']->name], array_keys($exercises), $exercises,
            ),
            'chosen' => $key,
            'what' => $what,
            'whats' => array_map(
                static fn (string $k, string $v): array => [$k, $v], array_keys(self::WHAT), self::WHAT,
            ),
            'panels' => array_values(array_filter([
                ...($key === ''
                    ? array_map(
                        fn (string $k, array $e): array => $this->panel(
                            $k, $e['rung']->name, $what, $e['points'], $unit,
                        ),
                        array_keys($exercises), $exercises,
                    )
                    : array_map(
                        fn (string $w): array => $this->panel(
                            $w, ucfirst(self::WHAT[$w]), $w, $exercises[$key]['points'], $unit,
                        ),
                        array_keys(self::WHAT),
                    )),
            ], self::isDrawn(...))),
            'others' => array_values(array_filter([
                self::sessionPain($logs), self::adherence($client, $logs, $today), ...self::readings($client, $today),
                ...self::tests($situation),
            ], self::isDrawn(...))),
            'events' => $this->events->of($client, $situation, $logs, $key, $today->plus(-self::DAYS)),
            'from' => $first === null ? (string) $today : substr($first, 0, 10),
            'to' => (string) $today,
            'weeks' => $weeks,
            'spans' => $spans,
            'compares' => [$before->label(), $since->label()],
            'compared' => self::compared($exercises, $before, $since, $today),
        ];
    }

    /**
     * @param  list<Day>  $blocks  first days, oldest first
     * @return array{Day, Day} the first day of what was before, and of what is held beside it
     */
    private static function spans(array $blocks, Day $today, int $weeks): array
    {
        $last = array_slice($blocks, -2);

        return $weeks === self::BLOCKS && isset($last[0], $last[1])
            ? [$last[0], $last[1]]
            : [$today->plus(1 - 14 * $weeks), $today->plus(1 - 7 * $weeks)];
    }

    /** @param  Panel  $panel */
    private static function isDrawn(array $panel): bool
    {
        return $panel['series'] !== [];
    }

    /**
     * @param  list<SessionPoint>  $points
     * @return Panel
     */
    private function panel(string $key, string $title, string $what, array $points, MassUnit $unit): array
    {
        $value = static fn (SessionPoint $p): int|float|null => match ($what) {
            'load' => $p->loadG === null ? null : $unit->of($p->loadG),
            'lifted' => $p->liftedG === null || $p->liftedG === $p->loadG ? null : $unit->of($p->liftedG),
            'best' => $p->best,
            'moved' => $p->movedKg === null ? null : $unit->of($p->movedKg * 1000),
            'max' => $p->max === null ? null : $unit->of($p->max['grams']),
            'effort' => round($p->effort, 2),
            default => $p->pain,
        };
        $series = [];
        foreach (self::MARKS as $side => $mark) {
            $drawn = [];
            foreach ($points as $point) {
                $at = $point->side->value === $side ? $value($point) : null;
                if ($at !== null) {
                    $band = $what === 'max' ? $point->max : null;
                    $drawn[] = self::at(
                        $point->on, $at, $band === null ? null : $unit->of($band['lo']),
                        $band === null ? null : $unit->of($band['hi']),
                    );
                }
            }
            if ($drawn !== []) {
                $series[] = ['name' => $side === 'both' ? '' : $side, 'mark' => $mark, 'points' => $drawn];
            }
        }

        return self::frame($key, $title, match ($what) {
            'load', 'lifted', 'max' => $unit->value,
            'moved' => $unit->value.' × '.($points === [] ? 'reps' : $points[0]->kind->unit()),
            'best' => $points === [] ? '' : $points[0]->kind->unit(),
            'effort' => 'RPE',
            default => 'of 10',
        }, $series, most: in_array($what, ['effort', 'pain'], true) ? 10 : null);
    }

    /**
     * @param  list<Series>  $series
     * @return Panel
     */
    private static function frame(
        string $key,
        string $title,
        string $unit,
        array $series,
        ?float $norm = null,
        ?float $least = 0,
        ?float $most = null,
    ): array {
        return [
            'key' => $key, 'title' => $title, 'unit' => $unit, 'series' => $series, 'norm' => $norm, 'least' => $least,
            'most' => $most,
        ];
    }

    /** @return Point */
    private static function at(Day|string $on, int|float $value, ?float $lo = null, ?float $hi = null): array
    {
        return ['on' => substr((string) $on, 0, 10), 'value' => (float) $value, 'lo' => $lo, 'hi' => $hi];
    }

    /**
     * @param  Collection<int, SessionLog>  $logs
     * @return Panel
     */
    private static function sessionPain(Collection $logs): array
    {
        $series = [];
        foreach ([
            'before' => ['dot', static fn (SessionLog $l): mixed => $l->pain_before],
            'most during' => ['square', static fn (SessionLog $l): mixed => $l->items->max('pain_during')],
            'next morning' => ['open', static fn (SessionLog $l): mixed => $l->pain_next_morning],
        ] as $name => [$mark, $of]) {
            $points = [];
            foreach ($logs as $log) {
                $value = $of($log);
                if (is_int($value)) {
                    $points[] = self::at($log->done_on, $value);
                }
            }
            if ($points !== []) {
                $series[] = ['name' => $name, 'mark' => $mark, 'points' => $points];
            }
        }

        return self::frame('session_pain', 'Pain of the sessions', 'of 10', $series, most: 10);
    }

    /**
     * By week from Monday: sessions done, beside those that the plan in use on its last day asks for.
     *
     * @param  Collection<int, SessionLog>  $logs
     * @return Panel
     */
    private static function adherence(Client $client, Collection $logs, Day $today): array
    {
        if ($logs->isEmpty()) {
            return self::frame('adherence', 'Sessions a week', 'sessions', []);
        }
        $done = [];
        foreach ($logs as $log) {
            $on = Day::of(substr($log->done_on, 0, 10));
            $week = (string) $on->plus(1 - $on->weekday());
            $done[$week] = ($done[$week] ?? 0) + ($log->skipped === null ? 1 : 0);
        }
        $plans = ReadCourse::issued($client);
        $did = $asked = [];
        $first = Day::of((string) array_key_first($done));
        for ($week = $first; ! $week->isAfter($today); $week = $week->plus(7)) {
            $did[] = self::at($week, $done[(string) $week] ?? 0);
            $plan = $plans->last(static fn (Plan $p): bool => (string) $p->issued_on <= (string) $week->plus(6));
            if ($plan !== null) {
                $asked[] = self::at($week, count($plan->days));
            }
        }

        return self::frame('adherence', 'Sessions a week', 'sessions', [
            ['name' => 'done', 'mark' => 'dot', 'points' => $did],
            ['name' => 'planned', 'mark' => 'open', 'points' => $asked],
        ]);
    }

    /** @return list<Panel> */
    private static function readings(Client $client, Day $today): array
    {
        $checks = GateCheck::query()->where('client_id', $client->id)
            ->where('checked_on', '>=', (string) $today->plus(-self::DAYS))->orderBy('checked_on')->orderBy('id')
            ->get();
        $panels = [];
        foreach (self::READINGS as $field => [$title, $unit]) {
            $points = [];
            foreach ($checks as $check) {
                $value = $check->readings[$field] ?? null;
                if (is_int($value) || is_float($value)) {
                    $points[] = self::at($check->checked_on, $value);
                }
            }
            $panels[] = self::frame(
                $field, $title, $unit, $points === [] ? [] : [['name' => '', 'mark' => 'dot', 'points' => $points]],
                least: null,
            );
        }

        return $panels;
    }

    /** @return list<Panel> tests with more than one result, against their cut-off */
    private static function tests(Situation $situation): array
    {
        $panels = [];
        foreach (AllTests::list() as $test) {
            $by = [];
            foreach ($situation->measures->results as $result) {
                if ($result->test->is($test) && $result->value !== null && $result->on !== null) {
                    $by[$result->side->value ?? 'both'][] = self::at($result->on, $result->value);
                }
            }
            $series = [];
            foreach (self::MARKS as $side => $mark) {
                if (count($by[$side] ?? []) > 1) {
                    $series[] = ['name' => $side === 'both' ? '' : $side, 'mark' => $mark, 'points' => $by[$side]];
                }
            }
            $about = $test->about();
            $norm = $test->line($situation->client, $situation->on);
            $panels[] = self::frame($about->code, $about->label, $about->unit, $series, $norm);
        }

        return $panels;
    }

    /**
     * What was done since a day, beside what was done from another one until then.
     *
     * @param  array<string, array{rung: Rung, points: list<SessionPoint>}>  $exercises
     * @return list<array<string, mixed>>
     */
    private static function compared(array $exercises, Day $from, Day $since, Day $today): array
    {
        $rows = [];
        foreach ($exercises as $exercise) {
            $now = Span::of($exercise['points'], $since, $today);
            $before = Span::of($exercise['points'], $from, $since->plus(-1));
            if ($now->sessions + $before->sessions > 0) {
                $rows[] = [
                    'name' => $exercise['rung']->name, 'unit' => $exercise['points'][0]->kind->unit(),
                    'before' => self::span($before), 'now' => self::span($now),
                ];
            }
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private static function span(Span $span): array
    {
        $mass = static fn (?int $grams): ?string => $grams === null ? null : Mass::say($grams);

        return [
            'sessions' => $span->sessions, 'load' => $mass($span->loadG), 'best' => $span->best,
            'max' => $mass($span->maxG),
            'effort' => $span->effort === null ? null : round($span->effort, 1), 'pain' => $span->pain,
        ];
    }
}
