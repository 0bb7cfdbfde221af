<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\Client;
use App\Models\MeasureResult;
use App\Queries\CatalogueIndex;
use App\Rows\ClearanceRows;
use BuoyantStep\Core\Fit\TestSafety;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Measures\AllTests;
use BuoyantStep\Core\Measures\Appraisal;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\Tests\EasySet;
use BuoyantStep\Core\Situation\RungEstimates;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Side;

/** The tests with what was measured last, what it means, and how to do each. */
final class MeasureResource
{
    /** @return array<string, mixed> */
    public static function of(Client $client, Situation $situation): array
    {
        $state = ClearanceRows::state($client, $situation);
        $clearance = $state->holdsBack() ? $state->missing() : null;
        $tests = [];
        foreach (AllTests::list() as $test) {
            $about = $test->about();
            $tests[] = [
                'code' => $about->code, 'label' => $about->label, 'unit' => $about->unit, 'sides' => $about->sides,
                'safety' => TestSafety::of($test, $situation->envelope, $clearance), 'clock' => $about->clock->value,
                'core' => $about->usual, 'takes_load' => $about->takesLoad, 'second' => $about->second,
                'easy_set' => $test instanceof EasySet, 'series' => self::series($test, $situation),
                'script' => self::script($test, $situation), 'source' => $about->source,
                'latest' => $test instanceof EasySet ? [] : self::latest($test, $situation),
                'symmetry' => $about->sides ? $situation->measures->symmetry($test) : null,
            ];
        }

        $isGrip = static fn (array $r): bool => $r['usable'] === true && is_array($r['values'])
            && isset($r['values']['grip_kg']);

        return [
            'seen' => max([0, ...$client->measures->modelKeys()]),
            'tests' => $tests,
            'readings' => array_values(array_filter(ReadingResource::latest($client), $isGrip)),
            'easy_sets' => self::easySets($situation),
            'families' => array_values(
                array_map(
                    static fn (array $f): array => ['code' => $f['code'], 'name' => $f['name']],
                    array_filter(app(CatalogueIndex::class)->families(), static fn (array $f): bool => $f['loaded']),
                ),
            ),
            'effort_cap' => $situation->envelope->number(Field::EffortMax) ?? 10,
            'history' => self::history($client, $situation),
        ];
    }

    /** How it is done, and how hard this client may go. */
    private static function script(Test $test, Situation $situation): string
    {
        $effort = TestSafety::effort($test, $situation->envelope);

        return $test->about()->script.($effort === null ? '' : sprintf(' For this client: stop at RPE %d.', $effort));
    }

    /** @return list<array<string, mixed>> what was measured, newest first */
    private static function history(Client $client, Situation $situation): array
    {
        return array_values($client->measures->reverse()->take(40)->map(static fn (MeasureResult $m): array => [
            'id' => $m->id, 'on' => $m->measured_on, 'test' => AllTests::named($m->test)->about()->label,
            'side' => $m->side,
            'says' => $m->not_tested !== null
                ? 'not tested: '.$m->not_tested
                : (
                    $m->load_g !== null
                        ? sprintf('%s × %d, %d left', Mass::say($m->load_g), $m->reps, $m->rir)
                        : rtrim(rtrim((string) $m->value, '0'), '.').' '.AllTests::named($m->test)->about()->unit
                ),
            'family' => $m->family !== null && $situation->catalogue->has($m->family)
                ? $situation->catalogue->family($m->family)->name
                : null,
        ])->values()->all());
    }

    /** @return list<array<string, mixed>> */
    private static function latest(Test $test, Situation $situation): array
    {
        $rows = [];
        foreach ($test->about()->sides ? [Side::Left, Side::Right] : [null] as $side) {
            $result = $situation->measures->latest($test, $side);
            if ($result !== null) {
                $cap = TestSafety::cap($test, $situation->envelope);
                $capped = $cap !== null && $result->value !== null && $result->value >= $cap;
                $rows[] = [
                    'side' => $side?->value, 'value' => $result->value, 'on' => $result->on === null
                        ? null
                        : (string) $result->on, ...self::appraise($result, $situation),
                    'change' => $capped ? null : $situation->measures->change($test, $side)?->says($test),
                    ...(
                        $capped
                            ? ['norm' => sprintf('stopped at the cap of %d s: not compared', $cap), 'flag' => null]
                            : []
                    ),
                ];
            }
        }

        return $rows;
    }

    /**
     * All results of a test, oldest first, with the band of the norm where there is one: for the picture over time.
     *
     * @return array{
     *     points: list<array{on: string, side: string|null, value: float}>, norm: float|null, less_is_better: bool
     * }
     */
    private static function series(Test $test, Situation $situation): array
    {
        $points = [];
        foreach ($situation->measures->results as $result) {
            if ($result->test->is($test) && $result->value !== null && $result->on !== null) {
                $points[] = ['on' => (string) $result->on, 'side' => $result->side?->value, 'value' => $result->value];
            }
        }
        $norm = $test->line($situation->client, $situation->on);

        return [
            'points' => $points, 'norm' => $norm,
            'less_is_better' => $test->about()->lessIsBetter,
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function easySets(Situation $situation): array
    {
        $rows = [];
        $measured = array_unique(array_filter(array_column($situation->measures->results, 'family'), is_string(...)));
        foreach (array_filter($measured, $situation->catalogue->has(...)) as $code) {
            $family = $situation->catalogue->family($code);
            $latest = [];
            foreach ($situation->measures->easySets($code) as $result) {
                $latest[$result->side->value ?? ''] = $result;
            }
            foreach ($latest as $side => $result) {
                $rung = RungEstimates::rungOf($family, $result);
                $max = $rung === null ? $result->oneRepMax : RungEstimates::lifted($rung, $result, $situation->client);
                $body = $rung?->work->system($situation->client)->movesBody() === true ? ' with the body' : '';
                $rows[] = [
                    'family' => $family->name, 'side' => $side,
                    'on' => $result->on === null ? null : (string) $result->on,
                    'e1rm' => $max?->grams === null ? null : Mass::say($max->grams).$body,
                    'confidence' => $max->confidence->value ?? 'none', 'says' => $max->says ?? '',
                    'load' => Mass::say((int) $result->loadG),
                ];
            }
        }

        return $rows;
    }

    /** @return array{norm: string, flag: string|null, derived: string|null, source: string} */
    private static function appraise(Result $result, Situation $situation): array
    {
        return Appraisal::of($result, $situation->client, $situation->on)->jsonSerialize();
    }
}
