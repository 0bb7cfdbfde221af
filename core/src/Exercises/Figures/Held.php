<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

use BuoyantStep\Core\Input\Bag;

/** A hand, or both, on a counter: at the height and the distance that it has in the pictures of the catalogue. */
final readonly class Held
{
    /** Things that a hand holds, or that take the counter's place. */
    private const HOLDS = ['rail', 'rail_edge', 'chair_turned', 'post', 'wall_front', 'wall_near'];

    /** Arms that hold already, or that a load keeps busy on both sides. */
    private const BUSY = ['counter', 'one_counter', 'chairback', 'hang_each', 'curl_low', 'curl_high'];

    /** Where the far hand is, by what there is to hold: a counter in front, one beside a chair, one at the side. */
    private const FRONT = [0.25, 0.545];

    private const BESIDE_CHAIR = [0.3, 0.545];

    private const SIDE = [0.13, 0.545];

    private const FRONT_VIEW_SIDE = [-0.31, 0.545];

    private const FRONT_VIEW_BOTH = [0.16, 0.545];

    private function __construct(private bool $both)
    {
    }

    public static function byOne(): self
    {
        return new self(false);
    }

    public static function byBoth(): self
    {
        return new self(true);
    }

    public function isByBoth(): bool
    {
        return $this->both;
    }

    /** @param  list<string>  $props */
    public function isShown(string $arms, array $props, bool $isFront): bool
    {
        $busy = array_filter(self::BUSY, static fn (string $b): bool => str_contains($arms, $b)
            && ! ($b === 'counter' && $arms === 'hands_over'));

        return $busy !== [] || array_intersect($props, self::HOLDS) !== []
            || $isFront && array_intersect($props, ['f_chair', 'f_table', 'f_stool']) !== [];
    }

    /**
     * The things around it, with something to hold.
     *
     * @param  list<string>  $props
     * @return list<string>
     */
    public function props(array $props, bool $isFront): array
    {
        if ($isFront && $this->both) {
            return [...array_values(array_diff($props, ['f_counter', 'f_counter_side'])), 'f_counter'];
        }
        $counters = ['counter', 'counter_long', 'counter_side', 'counter_beside', 'f_counter', 'f_counter_side'];
        if (array_intersect($props, $counters) !== []) {
            return $props;
        }

        return [...$props, match (true) {
            $isFront => 'f_counter_side',
            in_array('chair', $props, true) => 'counter_side',
            default => 'counter_long',
        }];
    }

    /**
     * The arms with one hand, or both, where they hold.
     *
     * @param  list<string>  $props  with something to hold
     */
    public function arms(Bag $arms, array $props, bool $isFront): Bag
    {
        $at = match (true) {
            $isFront => $this->both ? self::FRONT_VIEW_BOTH : self::FRONT_VIEW_SIDE,
            in_array('counter', $props, true) => self::FRONT,
            in_array('counter_side', $props, true) => self::BESIDE_CHAIR,
            default => self::SIDE,
        };
        $hand = ['hand' => $at];
        if ($this->both) {
            return new Bag(['both' => $hand]);
        }
        $free = in_array('counter', $props, true)
            ? new Bag(['drop' => [0.02, -0.38]]) : ($arms->optBag('near') ?? $arms->bag('both'));

        return new Bag(['near' => $free->all(), 'far' => $hand]);
    }
}
