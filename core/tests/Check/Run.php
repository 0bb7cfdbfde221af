<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Tests\Check;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\Side;

/**
 * Made-up clients go through the core; each rung that it opens and each exercise that it drafts is held against the
 * checker. Faults are planted in what it gave, and counted when the checker sees them.
 */
final class Run
{
    /** Shares of body mass that are lifted with a load: Alcazar 2018; Winter 2009; the bridge by house convention. */
    private const LIFTED = ['' => 0, 'rise' => 0.9, 'step_up' => 0.94, 'heel_raise' => 0.97, 'bridge' => 0.55];

    public int $exercises = 0;

    public int $violations = 0;

    public int $planted = 0;

    public int $caught = 0;

    /** @var array<string, array{int, int}> field to planted and caught */
    public array $byField = [];

    /** @var list<string> the first violations, to be read */
    public array $examples = [];

    /** @var array<string, array<string, mixed>> */
    private array $book;

    private Made $luck;

    private Sampler $sampler;

    public function __construct(int $seed)
    {
        $this->book = Book::rungs();
        $this->luck = new Made($seed);
        $this->sampler = new Sampler($this->luck);
    }

    public function next(): void
    {
        $form = $this->sampler->client();
        $rows = $this->sampler->measures();
        $kit = $this->luck->randomKit(8);
        $must = new Must($form, self::worse($rows), Made::TODAY);
        // A band that is free of latex asks nothing of the skin.
        $must->latex = $must->latex && ! self::hasLatexFree($kit);
        $situation = Made::situation(
            Profile::read(new Bag($form)),
            MeasureSet::read(array_map(static fn (array $r): Bag => new Bag($r), $rows)), $kit,
        );
        $open = $this->rungs($situation, $must, $form);
        $drafted = (new Drafter($situation))->draft(new Wishes)->items;
        foreach ($drafted as $item) {
            $this->item($item, $must, $rows, $form);
        }
        $this->plant($must, $open);
    }

    /**
     * @param  array<string, mixed>  $form
     * @return list<array{string, string, list<string>}> path, side, changes
     */
    private function rungs(Situation $situation, Must $must, array $form): array
    {
        $open = [];
        foreach ($situation->catalogue->families() as $family) {
            foreach ($family->rungs as $rung) {
                $path = $family->code.'/'.$rung->code;
                foreach ($situation->at($family, $rung)->verdicts() as $side => $verdict) {
                    if ($verdict->isOut()) {
                        continue;
                    }
                    $changes = array_map(static fn (Change $c): string => $c->code(), $verdict->changes);
                    $this->exercises++;
                    $this->hold($path, Checker::broken($must, $this->book[$path], $side, $changes), $side, $form);
                    $open[] = [$path, $side, $changes];
                }
            }
        }

        return $open;
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @param  array<string, mixed>  $form
     */
    private function item(PlanItem $item, Must $must, array $rows, array $form): void
    {
        $path = $item->family->code.'/'.$item->rung->code;
        $rung = $this->book[$path];
        $changes = array_map(static fn (Change $c): string => $c->code(), $item->changes);
        $dose = $item->dose;
        $given = [
            'kind' => $dose->kind->value, 'lo' => $dose->amount->lo, 'hi' => $dose->amount->hi,
            'effort' => $dose->effort->hi, 'rest' => $dose->restS, 'load' => $dose->loadG,
            'hands' => ($rung['holding'] ?? '') === 'each_hand' ? 2 : 1, 'hold' => $item->family->kind === 'hold',
            // Body weight counts: the share of it that is lifted with the load.
            'body' => self::LIFTED[$rung['moves'] ?? ''] * $form['body_mass_kg'] * 1000,
        ];
        foreach ($item->sides as $side) {
            $this->exercises++;
            $broken = Checker::broken(
                $must, $rung, $side->value, $changes, $given,
                $this->oneRepMax($rows, $item->family->code, $rung, $given),
            );
            $this->hold($path.' drafted '.json_encode($given), $broken, $side->value, $form);
        }
        foreach ([
            'effort' => 'effort_max', 'rest' => 'rest_min_s', 'lo' => 'reps_min', 'hi' => 'reps_max',
        ] as $key => $field) {
            $worse = match ($key) {
                'effort' => $must->effort < 10 ? $must->effort + 1 : null,
                'rest' => $must->restS > 0 ? $must->restS - 1 : null,
                'lo' => $must->repsMin > 1 && $given['kind'] === 'reps' ? $must->repsMin - 1 : null,
                default => $must->repsMax < 999 && $given['kind'] === 'reps' ? $must->repsMax + 1 : null,
            };
            if ($worse !== null) {
                $side = $item->sides[0]->value;
                $this->count($field, Checker::broken($must, $rung, $side, $changes, [...$given, $key => $worse]));
            }
        }
        if ($given['hold'] && $must->holdS < 9999) {
            $worse = [...$given, 'hi' => $must->holdS + 1];
            $this->count('hold_max_s', Checker::broken($must, $rung, $item->sides[0]->value, $changes, $worse));
        }
        foreach ($given['load'] === null ? [] : $must->liftG as $limit) {
            if ($limit[0] === 'any' && $limit[2] > 0) {
                $worse = [...$given, 'load' => $limit[2] + 1];
                $this->count('lift_max_g', Checker::broken($must, $rung, $item->sides[0]->value, $changes, $worse));
            }
        }
    }

    /**
     * A demand that nobody has seen, in something that was open.
     *
     * @param  list<array{string, string, list<string>}>  $open
     */
    private function plant(Must $must, array $open): void
    {
        if ($open === []) {
            return;
        }
        [$path, $side] = $this->luck->one($open);
        $rung = $this->book[$path];
        $with = fn (array $demands): array => [...$rung, 'demands' => [...$rung['demands'], ...$demands]];
        $faults = [];
        // The side that a fault is planted on, where its limit holds on one side alone.
        $at = [];
        foreach ($must->motions as [$motion]) {
            $faults['avoid_motions'] = $with(['motions' => [$motion], 'motion_sides' => []]);
        }
        foreach ($must->positions as $position) {
            $faults['avoid_positions'] = $with(['also' => [$position], 'floor_transfer' => $position === 'floor']);
        }
        foreach ($must->parts as [$part]) {
            $faults['avoid_parts'] = $with(['parts' => [$part => 'both']]);
        }
        foreach ([...$must->straps, ...$must->noStraps] as [$region, $limited]) {
            if ($region === 'any' || $region === $rung['demands']['region']) {
                $faults['avoid_material'] = $with(['material' => ['tight_strap']]);
                $at['avoid_material'] = $limited === 'both' ? $side : $limited;
            }
        }
        $faults += array_filter([
            'impact_max' => $must->impact < 3 ? $with(['impact' => $must->impact + 1]) : null,
            'spine_load_max' => $must->spine === 'high' ? null : $with(['spine_load' => 'high']),
            'breath' => $must->noHolding ? $with(['breath' => 'high']) : null,
            'surface_max' => $must->firm ? $with(['surface' => 'foam']) : null,
            'vision' => $must->eyesOpen ? $with(['vision' => 'eyes_closed']) : null,
            'support_min' => $must->support === []
                ? null
                : $with([
                    'position' => 'standing', 'balance' => 3, 'usual_support' => 'free',
                    'motions' => ['single_leg_load'],
                ]),
            'supervision_min' => $must->someoneForBalance && $must->alone
                ? $with(['position' => 'standing', 'balance' => 2, 'usual_support' => 'free'])
                : null,
            'avoid_material latex' => $must->latex ? $with(['material' => ['latex']]) : null,
        ]);
        foreach ($must->loadPct as $limit) {
            if ($limit[2] === 0) {
                $region = $limit[0] === 'any' ? 'lower' : $limit[0];
                $at['load_pct_max'] = $limit[1] === 'both' ? $side : $limit[1];
                $faults['load_pct_max'] = [
                    ...$rung, 'holding' => $region === 'upper' ? 'both_hands' : 'cuff', 'sides' => 'each',
                    'demands' => [...$rung['demands'], 'region' => $region],
                ];
            }
        }
        foreach ($faults as $field => $fault) {
            $this->count($field, Checker::broken($must, $fault, $at[$field] ?? $side, []));
        }
    }

    /** @param  list<string>  $broken */
    private function count(string $field, array $broken): void
    {
        $seen = in_array($field, $broken, true) ? 1 : 0;
        $this->planted++;
        $this->caught += $seen;
        $this->byField[$field] = [($this->byField[$field][0] ?? 0) + 1, ($this->byField[$field][1] ?? 0) + $seen];
    }

    /**
     * @param  list<string>  $broken
     * @param  array<string, mixed>  $form
     */
    private function hold(string $path, array $broken, string $side, array $form): void
    {
        $this->violations += count($broken);
        if ($broken !== [] && count($this->examples) < 200) {
            $this->examples[] = sprintf(
                '%s, %s: %s for %s', $path, $side, implode(', ', $broken),
                json_encode(array_intersect_key($form, ['conditions' => 1, 'function' => 1, 'pregnancy' => 1])),
            );
        }
    }

    private static function hasLatexFree(Kit $kit): bool
    {
        foreach ($kit->bands as $band) {
            if ($band->material->value === 'latex_free') {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return array<string, float> a test to its value; where it has sides, the worse one
     */
    private static function worse(array $rows): array
    {
        $values = [];
        foreach ($rows as $row) {
            if (isset($row['value'])) {
                $values[$row['test']] = min($values[$row['test']] ?? INF, (float) $row['value']);
            }
        }

        return $values;
    }

    /**
     * By the formulas of Brzycki (to ten reps) and Epley, from the newest of the most trustworthy easy sets of the
     * family; of all that is lifted, and never from two limbs to one.
     *
     * @param  list<array<string, mixed>>  $rows
     * @param  array<string, mixed>  $rung
     * @param  array<string, mixed>  $given
     */
    private function oneRepMax(array $rows, string $family, array $rung, array $given): ?int
    {
        $loaded = array_filter(
            $this->book,
            static fn (array $r, string $path): bool => str_starts_with($path, $family.'/') && isset($r['holding']),
            ARRAY_FILTER_USE_BOTH,
        );
        $first = array_values($loaded)[0] ?? null;
        if ($first === null || self::limbs($first) !== self::limbs($rung)) {
            return null;
        }
        $best = null;
        foreach ($rows as $row) {
            if (($row['family'] ?? '') !== $family) {
                continue;
            }
            $n = $row['reps'] + $row['rir'];
            // More than four left is judged poorly: one grade less.
            $grade = ($n <= 10 ? 3 : ($n <= 15 ? 2 : ($n <= 20 ? 1 : 0))) - ($row['rir'] > 4 ? 1 : 0);
            $hands = ($first['holding'] ?? '') === 'each_hand' ? 2 : 1;
            $lifted = $given['body'] + $row['load_g'] * ($given['body'] > 0 ? $hands : 1);
            $max = $n <= 10 ? 36 * $lifted / (37 - $n) : $lifted * (1 + $n / 30);
            if ($grade > 0 && ($best === null || [$grade, $max] > $best)) {
                $best = [$grade, $max];
            }
        }

        return $best === null ? null : (int) ceil($best[1]);
    }

    /** @param  array<string, mixed>  $rung */
    private static function limbs(array $rung): int
    {
        $apart = in_array($rung['holding'] ?? '', ['one_hand', 'each_hand'], true)
            && $rung['demands']['region'] === 'upper';

        return $apart || $rung['sides'] === 'each' ? 1 : 2;
    }
}
