<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

use BuoyantStep\Core\Errors\UnknownCode;

/** What the figure holds or wears, drawn where it hangs. */
final class Loads
{
    public const KINDS = [
        'can', 'bag', 'tote', 'cuff', 'bottle', 'dumbbell', 'pack_stick', 'cord_load', 'cup', 'backpack',
        'shoulder_bag', 'lap_bag', 'tray', 'basket', 'tote_far',
    ];

    /**
     * @return list<Shape>
     *
     * @throws UnknownCode
     */
    public static function draw(string $kind, Skeleton $body): array
    {
        $near = $body->joints['near_hand'];
        $far = $body->joints['far_hand'];
        $isOne = in_array($kind, ['bag', 'pack_stick', 'cord_load', 'tray', 'basket'], true);
        $hands = $near->to($far)->length() > 0.06 && ! $isOne
            ? self::loaded($kind, $body)
            : [$near];

        return match ($kind) {
            'can', 'cup', 'bottle', 'dumbbell', 'tote' => array_merge(
                ...array_map(static fn (Vec $h): array => self::inHand($kind, $h), $hands),
            ),
            'tote_far' => self::inHand('tote', $far),
            'bag' => [
                Shape::disc(
                    'load', $body->isFront ? $near->plus($near->to($far), 0.5) : $near->plus(new Vec(0.02, 0.0)), 0.07,
                ),
            ],
            'pack_stick' => self::hung($near, 0.06, 0.09),
            'cord_load' => self::hung($near, 0.16, 0.2),
            'backpack' => [self::onBack($body)],
            'shoulder_bag' => [Shape::disc('load', $body->joints['shoulder']->plus(new Vec(-0.05, 0.03)), 0.045)],
            'lap_bag' => [Shape::disc('load', $body->joints['hip']->plus(new Vec(0.0, 0.075)), 0.05)],
            'tray' => [
                Shape::line('load', $near->plus(new Vec(-0.04, 0.015)), $near->plus(new Vec(0.12, 0.015))),
                Shape::box('load', $near->x + 0.03, $near->y + 0.02, $near->x + 0.065, $near->y + 0.075),
            ],
            'basket' => [Shape::box('load', $near->x - 0.02, $near->y - 0.04, $near->x + 0.12, $near->y + 0.06)],
            'cuff' => [
                Shape::disc(
                    'load',
                    $body->joints['near_ankle']->plus(
                        $body->joints['near_ankle']->to($body->joints['near_knee']), 0.15,
                    ),
                    0.036,
                ),
            ],
            default => throw UnknownCode::of('load', $kind, self::KINDS),
        };
    }

    /** A pack between the shoulder blades, as long as half the trunk. */
    private static function onBack(Skeleton $body): Shape
    {
        $down = $body->joints['shoulder']->to($body->joints['hip'])->unit();
        $out = $down->right();
        $top = $body->joints['shoulder']->plus($down, 0.03);

        return Shape::line(
            'load', $top->plus($out, 0.02), $top->plus($out, 0.1), $top->plus($down, 0.17)->plus($out, 0.1),
            $top->plus($down, 0.17)->plus($out, 0.02), $top->plus($out, 0.02),
        );
    }

    /** @return list<Shape> what one hand holds */
    private static function inHand(string $kind, Vec $h): array
    {
        return match ($kind) {
            'can' => [Shape::box('load', $h->x - 0.028, $h->y - 0.04, $h->x + 0.028, $h->y + 0.04)],
            'cup' => [Shape::box('load', $h->x, $h->y - 0.02, $h->x + 0.045, $h->y + 0.045)],
            'bottle' => [
                Shape::box('load', $h->x - 0.025, $h->y - 0.13, $h->x + 0.025, $h->y),
                Shape::box('load', $h->x - 0.01, $h->y, $h->x + 0.01, $h->y + 0.03),
            ],
            'dumbbell' => [
                Shape::line('load', $h->plus(new Vec(-0.05, 0)), $h->plus(new Vec(0.05, 0))),
                Shape::disc('load', $h->plus(new Vec(-0.05, 0)), 0.025),
                Shape::disc('load', $h->plus(new Vec(0.05, 0)), 0.025),
            ],
            default => self::tote($h),
        };
    }

    /** @return list<Shape> a load on a cord: down to the end of the cord, and to the middle of the load */
    private static function hung(Vec $from, float $cord, float $load): array
    {
        return [
            Shape::line('load', $from, $from->plus(new Vec(0, -$cord))),
            Shape::disc('load', $from->plus(new Vec(0, -$load)), 0.04),
        ];
    }

    /**
     * Both hands when they do the same; the near one alone when the other holds on to something.
     *
     * @return list<Vec>
     */
    private static function loaded(string $kind, Skeleton $body): array
    {
        $near = $body->joints['near_hand'];
        $far = $body->joints['far_hand'];

        return $body->isFront && abs($near->y - $far->y) < 0.08 ? [$near, $far] : [$near];
    }

    /** @return list<Shape> */
    private static function tote(Vec $hand): array
    {
        return [
            Shape::line('load', $hand, $hand->plus(new Vec(-0.05, -0.05))),
            Shape::line('load', $hand, $hand->plus(new Vec(0.05, -0.05))),
            Shape::box('load', $hand->x - 0.06, $hand->y - 0.17, $hand->x + 0.06, $hand->y - 0.05),
        ];
    }
}
