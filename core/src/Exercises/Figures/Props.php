<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Input\Bag;

/**
 * The things around the figure, at the size they have beside a person of middling height: a seat of 45 cm, a counter of
 * 90 cm, a table of 72 cm, a step of 15 cm. Bands, straps and loads hang between the points of the body they touch.
 */
final class Props
{
    public const BED = 0.27;

    /**
     * Things that stand still, from core/figures/props.json: lines, boxes (left, bottom, right, top), discs and
     * walls.
     */
    private static ?Bag $fixed = null;

    /** Things that reach from one point of the body to another, or to a place in the room: from, to, and their role. */
    private const BETWEEN = [
        'band_front' => ['band', 'near_hand', [0.72, 0.56], 'door'],
        'band_top' => ['band', 'near_hand', [0.66, 1.06], 'door'],
        'band_back' => ['band', 'near_hand', [-0.15, 0.47], null],
        'band_foot' => ['band', 'near_hand', 'near_sole', null],
        'band_chair_leg' => ['band', 'near_ankle', [-0.13, 0.05], null],
        'band_sofa' => ['band', 'near_hand', [-0.3, 0.05], null],
        'band_seat' => ['band', 'near_hand', [-0.02, 0.25], null],
        'band_sole' => ['band', 'near_hand', 'near_sole', null],
        'band_toe' => ['band', 'near_hand', 'near_toe', null],
        'band_knee_front' => ['band', 'near_knee', [0.52, 0.26], 'post'],
        'band_ankle_side' => ['band', 'near_ankle', [0.55, 0.05], 'post'],
        'band_foot_side' => ['band', 'near_toe', [0.5, 0.03], 'post'],
        'towel_between' => ['load', 'near_hand', [0.66, 0.56], 'held'],
        'strap_fore' => ['band', 'near_hand', [0.44, 1.02], 'beam'],
        'band_knees' => ['band', 'near_knee', 'far_knee', null],
        'band_ankles' => ['band', 'near_ankle', 'far_ankle', null],
        'band_feet' => ['band', 'near_sole', 'far_sole', null],
        'l_band' => ['band', 'near_knee', 'far_knee', null],
        'f_stick' => ['load', 'near_hand', 'far_hand', null],
        'f_band_hands' => ['band', 'near_hand', 'far_hand', null],
        'f_band_side' => ['band', 'near_hand', [-0.62, 0.66], 'post'],
        'strap' => ['band', 'near_hand', [0.42, 1.08], 'beam'],
        'sheet_foot' => ['band', 'near_hand', 'near_toe', null],
        'stick' => ['load', 'near_hand', 'near_hand', 'stick'],
        'spoon' => ['load', 'near_hand', 'near_hand', 'spoon'],
        'towel_hands' => ['load', 'near_hand', 'near_hand', 'towel'],
        'ball_hand' => ['load', 'near_hand', 'near_hand', 'ball'],
        'ball_arms' => ['load', 'near_hand', 'near_hand', 'floor_ball'],
        'jug_small' => ['load', 'near_hand', 'near_hand', 'jug'],
        'cloth_foot' => ['prop', 'near_sole', 'near_sole', 'cloth'],
    ];

    /** How high whatever the body lies on stands: 0 for the floor. */
    public static function surface(string ...$props): float
    {
        return array_intersect($props, ['bed', 'bed_low', 'bed_long']) === [] ? 0.0 : self::BED;
    }

    /**
     * @return list<Shape>
     *
     * @throws UnknownCode
     */
    public static function draw(string $prop, Skeleton $body): array
    {
        if (isset(self::BETWEEN[$prop])) {
            return self::between($body, ...self::BETWEEN[$prop]);
        }
        self::$fixed ??= Bag::decode((string) file_get_contents(dirname(__DIR__, 3).'/figures/props.json'));
        if (! self::$fixed->has($prop)) {
            throw UnknownCode::of('prop', $prop, [...self::$fixed->keys(), ...array_keys(self::BETWEEN)]);
        }

        return array_merge([], ...array_map(self::part(...), self::$fixed->bags($prop)));
    }

    /** @return list<Shape> */
    private static function part(Bag $part): array
    {
        [$a, $b, $c, $d] = [...$part->numbers('at'), 0.0, 0.0];

        return match ($part->string('draw')) {
            'box' => [Shape::box('prop', $a, $b, $c, $d)],
            // Behind the figure, and pale.
            'back' => [Shape::box('ground', $a, $b, $c, $d)],
            'disc' => [Shape::disc('prop', new Vec($a, $b), $c)],
            'wall' => self::wall($a, $b, $c),
            default => [Shape::line('prop', new Vec($a, $b), new Vec($c, $d))],
        };
    }

    /**
     * A wall at x with short strokes on its far side.
     *
     * @return list<Shape>
     */
    private static function wall(float $x, float $top, float $away): array
    {
        $shapes = [Shape::line('prop', new Vec($x, 0), new Vec($x, $top))];
        for ($y = 0.08; $y < $top; $y += 0.16) {
            $shapes[] = Shape::line('ground', new Vec($x, $y), new Vec($x + $away * 0.05, $y - 0.05));
        }

        return $shapes;
    }

    /**
     * @param  'band'|'load'|'prop'  $role
     * @param  string|array{float, float}  $to
     * @return list<Shape>
     */
    private static function between(Skeleton $body, string $role, string $from, string|array $to, ?string $extra): array
    {
        $a = self::joint($body, $from);
        $b = is_array($to) ? new Vec(...$to) : self::joint($body, $to);
        $shapes = match ($extra) {
            'door',
            'post' => [
                Shape::line(
                    'prop', new Vec($b->x + ($b->x > 0 ? 0.012 : -0.012), 0),
                    new Vec($b->x + ($b->x > 0 ? 0.012 : -0.012), 1.08),
                ),
                Shape::disc('prop', $b, 0.014),
            ],
            // Another pair of hands.
            'held' => [Shape::disc('prop', $b, 0.02)],
            'beam' => [Shape::line('prop', new Vec($b->x - 0.1, $b->y), new Vec($b->x + 0.1, $b->y))],
            'stick' => [Shape::disc('load', $a, 0.022)],
            'spoon' => [
                Shape::line('load', $a, $a->plus(new Vec(0.0, 0.12))),
                Shape::disc('load', $a->plus(new Vec(0, 0.13)), 0.018),
            ],
            'towel' => [Shape::line('load', $a->plus(new Vec(-0.03, -0.02)), $a->plus(new Vec(0.07, 0.03)))],
            'ball' => [Shape::disc('load', $a->plus(new Vec(0.01, 0.02)), 0.03)],
            'floor_ball' => [Shape::disc('prop', new Vec($a->x - 0.03, 0.0), 0.02)],
            'jug' => [Shape::box('load', $a->x - 0.01, $a->y - 0.03, $a->x + 0.05, $a->y + 0.05)],
            'cloth' => [Shape::line('load', new Vec($a->x - 0.08, $a->y), new Vec($a->x + 0.1, $a->y))],
            default => [],
        };
        // A strap or band has two ends when both hands hold it; the far one is drawn where the hands part.
        $other = $from === 'near_hand' && is_array($to) && $body->isFront
            ? [Shape::line($role, self::joint($body, 'far_hand'), $b)]
            : [];

        return $a === $b || $extra !== null && ! in_array($extra, ['door', 'post', 'beam', 'held'], true)
            ? $shapes
            : [...$shapes, Shape::line($role, $a, $b), ...$other];
    }

    private static function joint(Skeleton $body, string $name): Vec
    {
        if (str_ends_with($name, '_sole')) {
            $side = substr($name, 0, -5);

            return $body->joints[$side.'_toe']->plus(
                $body->joints[$side.'_toe']->to($body->joints[$side.'_heel']), 0.4,
            );
        }

        return $body->joints[$name];
    }
}
