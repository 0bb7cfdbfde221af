<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

/**
 * What a copy of a rung asks less of than the rung it was copied from. A demand that understates the risk defeats every
 * limit, so each of these needs a lead's reason.
 */
final class Lowered
{
    /** From least to most demanding. */
    private const ORDERS = [
        'support' => ['seated', 'two_hands', 'one_hand', 'fingertip', 'free'],
        'usual_support' => ['seated', 'two_hands', 'one_hand', 'fingertip', 'free'],
        'surface' => ['firm', 'foam', 'unstable'],
        'vision' => ['any', 'eyes_open', 'eyes_closed'],
        'grip' => ['none', 'hook', 'soft', 'power', 'pinch'],
        'spine_load' => ['low', 'moderate', 'high'],
        'breath' => ['low', 'high'],
        'hand_weight' => ['none', 'some', 'full'],
        'impact' => [0, 1, 2, 3],
        'balance' => [0, 1, 2, 3, 4],
        'floor_transfer' => [false, true],
        'anchor' => [false, true],
        'spotter' => [false, true],
        'trains_grip' => [true, false],
        'carries' => [null, 'working', 'both'],
    ];

    private const WORDS = [
        'usual_support' => 'how it is held on to', 'support' => 'the most that is held on to',
        'spine_load' => 'load on the spine', 'hand_weight' => 'weight on the hands', 'breath' => 'held breath',
        'floor_transfer' => 'going to the floor', 'anchor' => 'an anchor', 'spotter' => 'somebody beside it',
        'trains_grip' => 'the grip it needs', 'motions' => 'motions', 'also' => 'positions', 'material' => 'materials',
        'carries' => 'a thing in the hand', 'self_load' => 'parts that press', 'parts' => 'limbs it needs',
    ];

    /**
     * @param  array<string, mixed>  $copy  a whole rung as it is written
     * @param  array<string, mixed>  $source
     * @return list<string> in words; none where it asks at least as much
     */
    public static function of(array $copy, array $source): array
    {
        $now = is_array($copy['demands'] ?? null) ? $copy['demands'] : [];
        $was = is_array($source['demands'] ?? null) ? $source['demands'] : [];
        $lowered = ($now['position'] ?? null) === ($was['position'] ?? null) ? [] : ['position'];
        foreach (self::ORDERS as $field => $order) {
            $least = $field === 'trains_grip' ? false : $order[0];
            $rank = static fn (array $of): int => (int) array_search($of[$field] ?? $least, $order, true);
            if ($rank($now) < $rank($was)) {
                $lowered[] = self::WORDS[$field] ?? $field;
            }
        }
        foreach (['motions', 'also', 'material', 'self_load'] as $field) {
            if (array_diff(self::words($was, $field), self::words($now, $field)) !== []) {
                $lowered[] = self::WORDS[$field];
            }
        }
        if (array_diff_key(self::map($was, 'parts'), self::map($now, 'parts')) !== []) {
            $lowered[] = self::WORDS['parts'];
        }
        foreach (self::map($now, 'motion_sides') as $motion => $side) {
            if ((self::map($was, 'motion_sides')[$motion] ?? 'both') === 'both' && $side !== 'both') {
                $lowered[] = 'the sides of '.str_replace('_', ' ', $motion);
            }
        }

        return [...$lowered, ...self::around($copy, $source)];
    }

    /**
     * @param  array<string, mixed>  $copy
     * @param  array<string, mixed>  $source
     * @return list<string> beside the demands: who sets it up, who helps, what opens it
     */
    private static function around(array $copy, array $source): array
    {
        $now = self::needs($copy);
        $fewer = false;
        foreach (self::needs($source) as $test => $least) {
            $fewer = $fewer || ($now[$test] ?? 0) < $least;
        }

        return array_values(array_filter([
            ($source['alone'] ?? true) === false && ($copy['alone'] ?? true) !== false ? 'set up alone' : null,
            isset($source['helper']) && ! isset($copy['helper']) ? 'a helper' : null,
            $fewer ? 'the measures that open it' : null,
        ]));
    }

    /**
     * @param  array<array-key, mixed>  $demands
     * @return list<string>
     */
    private static function words(array $demands, string $field): array
    {
        return array_values(array_filter(is_array($demands[$field] ?? null) ? $demands[$field] : [], is_string(...)));
    }

    /**
     * @param  array<string, mixed>  $rung
     * @return array<string, int> test to the least that opens it
     */
    private static function needs(array $rung): array
    {
        $needs = [];
        foreach (is_array($rung['needs'] ?? null) ? $rung['needs'] : [] as $need) {
            if (is_array($need) && is_string($need['test'] ?? null) && is_int($need['at_least'] ?? null)) {
                $needs[$need['test']] = $need['at_least'];
            }
        }

        return $needs;
    }

    /**
     * @param  array<array-key, mixed>  $demands
     * @return array<array-key, string>
     */
    private static function map(array $demands, string $field): array
    {
        return array_filter(is_array($demands[$field] ?? null) ? $demands[$field] : [], is_string(...));
    }
}
