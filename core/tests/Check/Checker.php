<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Tests\Check;

/**
 * Holds one exercise, as it is written in the catalogue and as it was given (side, changes, dose), against what must
 * not happen to the client. Written from the reference and the data, not from the room that judges in the core.
 */
final class Checker
{
    private const JOINT = [
        'hip_flexion_past_90' => 'lower', 'hip_adduction_past_midline' => 'lower', 'hip_internal_rotation' => 'lower',
        'hip_extension_external_rotation' => 'lower', 'single_leg_load' => 'lower', 'wide_stance_load' => 'lower',
        'deep_knee_flexion_loaded' => 'lower', 'shoulder_past_90' => 'upper', 'arm_away_from_trunk_loaded' => 'upper',
        'chest_opening' => 'upper', 'one_sided_pull_loaded' => 'upper', 'grip_sustained_heavy' => 'upper',
        'wrist_extension_loaded' => 'upper', 'weight_on_hand' => 'upper',
    ];

    /** What a change takes away; nothing else does. */
    private const EASES = [
        'shorten_range' => [
            'deep_knee_flexion_loaded', 'hip_flexion_past_90', 'shoulder_past_90', 'spine_flexion_end_range',
            'spine_rotation_end_range', 'spine_extension_end_range',
        ],
        'narrower_stance' => ['wide_stance_load'],
        'grip_aid' => ['grip_sustained_heavy'],
    ];

    private const SUPPORT = ['free', 'fingertip', 'one_hand', 'two_hands', 'seated'];

    private const SPINE = ['low', 'moderate', 'high'];

    /** Parts of the body that a load goes through, from the hands that hold it to the feet that stand. */
    private const CARRIES = ['standing' => ['trunk', 'lower'], 'kneeling' => ['trunk', 'lower'], 'seated' => ['trunk']];

    /**
     * @param  array<string, mixed>  $rung  as in the file
     * @param  string  $side  the side that works: left, right or both
     * @param  list<string>  $changes  in the open form
     * @param  array{
     *     kind: string, hi: int, lo: int, effort: int, rest: int, load: int|null, hands: int, hold: bool,
     *     body: float
     * }|null  $dose
     * @param  int|null  $maxG  the estimated 1RM, where there is one
     * @return list<string> the fields that are broken
     */
    public static function broken(
        Must $must,
        array $rung,
        string $side,
        array $changes,
        ?array $dose = null,
        ?int $maxG = null,
    ): array {
        $broken = [];
        if ($must->noPlan) {
            $broken[] = 'clearance';
        }
        // A change may be for one side alone.
        $other = ['left' => ':right', 'right' => ':left'][$side] ?? ':nobody';
        $changes = array_values(array_filter($changes, static fn (string $c): bool => ! str_ends_with($c, $other)));
        $kinds = array_map(static fn (string $c): string => explode(':', $c)[0], $changes);
        foreach ($must->motions as [$motion, $limited]) {
            if (self::makes($rung, $motion, $side, $limited, $kinds)) {
                $broken[] = 'avoid_motions';
            }
        }
        foreach ($must->positions as $position) {
            if (in_array($position, self::positions($rung, $kinds), true)) {
                $broken[] = 'avoid_positions';
            }
        }
        foreach ($must->parts as [$part, $limited]) {
            $needed = $rung['demands']['parts'][$part] ?? null;
            $belted = $part === 'sitting' && in_array('trunk_belt', $kinds, true);
            if ($needed !== null && ! $belted && self::touches(self::resolve($needed, $side), $limited)) {
                $broken[] = 'avoid_parts';
            }
        }

        return array_values(array_unique([
            ...$broken, ...self::amounts($must, $rung, $kinds),
            ...self::footing($must, $rung, $changes, $kinds), ...self::touched($must, $rung, $side, $kinds),
            ...self::loads($must, $rung, $side, $dose, $maxG),
            ...($dose === null ? [] : self::dosed($must, $rung, $kinds, $dose)),
        ]));
    }

    /** @param  list<string>  $kinds */
    private static function makes(array $rung, string $motion, string $side, string $limited, array $kinds): bool
    {
        $demands = $rung['demands'];
        $made = in_array($motion, $demands['motions'] ?? [], true)
            || ($motion === 'weight_on_hand' && ($demands['hand_weight'] ?? 'none') !== 'none');
        foreach ($kinds as $kind) {
            $made = $made && ! in_array($motion, self::EASES[$kind] ?? [], true);
        }
        $where = isset(self::JOINT[$motion])
            ? self::resolve($demands['motion_sides'][$motion] ?? 'both', $side)
            : 'both';

        return $made && self::touches($where, $limited);
    }

    /**
     * @param  list<string>  $kinds
     * @return list<string>
     */
    private static function positions(array $rung, array $kinds): array
    {
        $demands = $rung['demands'];
        $position = match (true) {
            in_array('wedge_trunk', $kinds, true) => 'supine_raised',
            in_array('side_lying_instead', $kinds, true) => 'side_lying',
            default => $demands['position'],
        };

        return array_filter([
            $position, $position === 'quadruped' ? 'kneeling' : null,
            ($demands['floor_transfer'] ?? false) ? 'floor' : null, ...$demands['also'] ?? [],
        ]);
    }

    /**
     * @param  list<string>  $kinds
     * @return list<string>
     */
    private static function amounts(Must $must, array $rung, array $kinds): array
    {
        $demands = $rung['demands'];
        $broken = [];
        if (($demands['impact'] ?? 0) > $must->impact) {
            $broken[] = 'impact_max';
        }
        $order = array_flip(self::SPINE);
        if ($order[$demands['spine_load']] > $order[$must->spine]) {
            $broken[] = 'spine_load_max';
        }
        $loaded = isset($rung['holding']) || isset($rung['band']);
        $breathes = in_array('count_aloud', $kinds, true) || ($loaded && in_array('lighten', $kinds, true));
        if ($must->noHolding && $demands['breath'] === 'high' && ! $breathes) {
            $broken[] = 'breath';
        }
        if (in_array('lighten', $kinds, true) && ! $loaded) {
            $broken[] = 'lighten without a load';
        }

        return $broken;
    }

    /**
     * @param  list<string>  $changes
     * @param  list<string>  $kinds
     * @return list<string>
     */
    private static function footing(Must $must, array $rung, array $changes, array $kinds): array
    {
        $demands = $rung['demands'];
        $broken = [];
        if ($must->firm && $demands['surface'] !== 'firm' && ! in_array('firm_surface', $kinds, true)) {
            $broken[] = 'surface_max';
        }
        if ($must->eyesOpen && $demands['vision'] === 'eyes_closed' && ! in_array('eyes_open', $kinds, true)) {
            $broken[] = 'vision';
        }
        if ($must->alone && ($demands['spotter'] || ! ($rung['alone'] ?? true))) {
            $broken[] = 'supervision_min';
        }
        if ($demands['position'] !== 'standing') {
            return $broken;
        }
        if (in_array('seated_instead', $kinds, true)) {
            $broken[] = 'told to stand, and to sit';
        }
        $order = array_flip(self::SUPPORT);
        $given = $order[$demands['usual_support']];
        foreach ($changes as $change) {
            [$kind, $degree] = [...explode(':', $change), ''];
            if ($kind === 'hold_on') {
                // A hand that holds a load cannot hold on.
                $given = max($given, min($order[$degree], $order[$demands['support']]));
            }
        }
        // A hand steadies with a fair grip or better.
        $fair = count(array_filter($must->grip, static fn (string $g): bool => in_array($g, ['fair', 'full'], true)));
        $given = min($given, [1, 2, 3][$fair]);
        foreach ($must->support as [$needed, $binds]) {
            $bound = match ($binds) {
                'standing' => true,
                'balance_2' => $demands['balance'] >= 2,
                default => in_array('single_leg_load', $demands['motions'], true),
            };
            if ($bound && $given < $order[$needed]) {
                $broken[] = 'support_min';
            }
        }
        if ($must->someoneForBalance && $must->alone && $demands['balance'] >= 2 && $given === 0) {
            $broken[] = 'supervision_min';
        }

        return $broken;
    }

    /**
     * @param  list<string>  $kinds
     * @return list<string>
     */
    private static function touched(Must $must, array $rung, string $side, array $kinds): array
    {
        $demands = $rung['demands'];
        $broken = [];
        $materials = $demands['material'] ?? [];
        if ($must->latex && in_array('latex', $materials, true)) {
            $broken[] = 'avoid_material latex';
        }
        foreach ([...$must->straps, ...$must->noStraps] as $i => [$region, $limited]) {
            $never = $i >= count($must->straps);
            $here = ($region === 'any' || $region === $demands['region'] || $demands['region'] === 'whole')
                && self::touches($side, $limited);
            $padded = in_array('pad', $kinds, true) && ! $never;
            $strapped = in_array('tight_strap', $materials, true)
                || (! $never && in_array('hard_edge', $materials, true));
            if ($here && $strapped && ! $padded) {
                $broken[] = 'avoid_material';
            }
            // An aid for the grip is a strap on that hand.
            $hand = ($region === 'any' || $region === 'upper') && self::touches($side, $limited);
            if ($hand && in_array('grip_aid', $kinds, true)) {
                $broken[] = 'avoid_material by a change';
            }
        }

        return $broken;
    }

    /** @return list<array{string, string}> region and side of all that a load from outside goes through */
    private static function through(array $rung, string $side): array
    {
        $one = $rung['sides'] === 'each' ? $side : 'both';
        $on = array_map(
            static fn (string $r): array => [$r, 'both'], self::CARRIES[$rung['demands']['position']] ?? [],
        );

        return match ($rung['holding'] ?? (isset($rung['band']) ? 'band_'.$rung['band']['placement'] : null)) {
            null => [],
            'one_hand', 'band_hand' => [['upper', $one], ...$on],
            'each_hand', 'both_hands' => [['upper', 'both'], ...$on],
            'worn' => [['trunk', 'both'], ...$on],
            'lap' => [['lower', 'both']],
            'cuff' => [[$rung['demands']['region'], $one]],
            default => [['lower', $one]],
        };
    }

    /** @param  array<string, mixed>  $dose */
    private static function lifted(array $dose): float
    {
        return $dose['body'] + $dose['load'] * ($dose['body'] > 0 ? $dose['hands'] : 1);
    }

    /** @return list<string> */
    private static function loads(Must $must, array $rung, string $side, ?array $dose, ?int $maxG): array
    {
        $broken = [];
        $own = [[$rung['demands']['region'], $side], ...self::through($rung, $side)];
        $pressed = array_map(static fn (string $r): array => [$r, 'both'], $rung['demands']['self_load'] ?? []);
        $hand = ['working' => $side, 'both' => 'both'][$rung['demands']['carries'] ?? ''] ?? null;
        $carried = $hand === null ? [] : [['upper', $hand]];
        $through = [...self::through($rung, $side), ...$pressed, ...$carried];
        $isAt = static fn (array $limit, array $parts): bool => array_filter(
            $parts,
            static fn (array $p): bool => ($limit[0] === 'any' || $limit[0] === $p[0] || $p[0] === 'whole')
                && self::touches($p[1], $limit[1]),
        ) !== [];
        foreach ($must->liftG as $limit) {
            if ($limit[2] === 0 ? $isAt($limit, $through) : false) {
                $broken[] = 'lift_max_g';
            }
            if ($dose !== null && $dose['load'] !== null && $isAt($limit, $own)
                && $limit[2] < $dose['load'] * $dose['hands']) {
                $broken[] = 'lift_max_g';
            }
            if (($rung['demands']['hand_weight'] ?? '') === 'full' && $limit[0] === 'any'
                && ! isset($rung['lever'])) {
                $broken[] = 'lift_max_g by the body';
            }
        }
        foreach ($must->loadPct as $limit) {
            // What is not done with the part is not asked about its share of the 1RM.
            if ($limit[2] === 0 && $isAt($limit, $through)) {
                $broken[] = 'load_pct_max';
            }
            // The 1RM is that of the exercise: its share is asked of what the exercise trains.
            if ($dose !== null && $dose['load'] !== null && $maxG !== null && $isAt($limit, [$own[0]])
                && self::lifted($dose) > $maxG * $limit[2] / 100 + 1) {
                $broken[] = 'load_pct_max';
            }
        }

        return $broken;
    }

    /**
     * @param  list<string>  $kinds
     * @return list<string>
     */
    private static function dosed(Must $must, array $rung, array $kinds, array $dose): array
    {
        $broken = [];
        $effort = in_array('count_aloud', $kinds, true) ? min(5, $must->effort) : $must->effort;
        if ($dose['effort'] > $effort) {
            $broken[] = 'effort_max';
        }
        if ($dose['kind'] === 'reps' && $dose['lo'] < $must->repsMin) {
            $broken[] = 'reps_min';
        }
        if ($dose['kind'] === 'reps' && $dose['hi'] > $must->repsMax) {
            $broken[] = 'reps_max';
        }
        if ($dose['hold'] && $dose['hi'] > $must->holdS) {
            $broken[] = 'hold_max_s';
        }
        if ($dose['rest'] < $must->restS) {
            $broken[] = 'rest_min_s';
        }

        return $broken;
    }

    private static function resolve(string $which, string $side): string
    {
        return match (true) {
            $which === 'both' || $side === 'both' => 'both',
            $which === 'working' => $side,
            default => $side === 'left' ? 'right' : 'left',
        };
    }

    private static function touches(string $made, string $limited): bool
    {
        return $made === 'both' || $limited === 'both' || $made === $limited;
    }
}
