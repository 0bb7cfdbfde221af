<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

use BuoyantStep\Core\Body\Segment;
use BuoyantStep\Core\Input\Bag;

/**
 * A posture turned into points by forward kinematics, from the same segment lengths as the lever figures (Winter 2009;
 * the split of limbs after Drillis and Contini, as given there). Trunk angles count from straight up, limb angles from
 * straight down, both positive forwards. A foot on the floor or a hand on something fixed is given as a place; its two
 * segments are then turned so that they end there, knee to the front and elbow to the back.
 */
final class Skeleton
{
    /** To the grip point, as in the lever figures. */
    private const FOREARM = Segment::FOREARM + Segment::GRIP;

    public const HEAD = 0.062;

    private const NECK = 0.05;

    private const TOE = 0.11;

    private const HEEL = 0.042;

    /** @var array<string, Vec> */
    public array $joints = [];

    /** How far the farthest asked-for place lies beyond the limb's reach, in body heights: 0 in an honest picture. */
    public float $strain = 0.0;

    public readonly bool $isFront;

    private readonly Vec $forward;

    private readonly Vec $along;

    public function __construct(Bag $body, Bag $arms, private readonly float $surface = 0.0)
    {
        $this->isFront = $body->optString('view') === 'front';
        [$x, $y] = $body->numbers('hip');
        $hip = new Vec($x, $y + $surface);
        $lean = $body->signed('trunk');
        $this->along = Vec::up($lean, 1.0);
        $this->forward = $this->along->right();
        $round = $body->signed('round');
        $shoulder = $hip->plus($this->along, Segment::TRUNK);
        $this->joints = [
            'hip' => $hip,
            'waist' => $hip->plus($this->along, Segment::TRUNK / 2)->plus($this->forward, -$round),
            'shoulder' => $shoulder,
            'head' => $shoulder->plus(Vec::up($lean + $body->signed('head'), self::NECK + self::HEAD)),
        ];
        $wide = $body->has('turned') ? 0.55 : 1.0;
        foreach (['near' => 1.0, 'far' => -1.0] as $side => $sign) {
            $across = $this->isFront ? $this->forward : new Vec(0, 0);
            $this->joints[$side.'_hip'] = $hip->plus($across, $sign * Segment::HALF_PELVIS * 0.8);
            $this->joints[$side.'_shoulder'] = $shoulder->plus($across, $sign * Segment::HALF_SHOULDERS * $wide);
            $this->leg($side, $body->bag($side));
        }
        foreach (['near', 'far'] as $side) {
            $this->arm(
                $side, $arms->optBag($side) ?? $arms->bag('both'),
                $arms->has($side) ? 1.0 : ($side === 'near' ? 1.0 : -1.0),
            );
        }
    }

    private function leg(string $side, Bag $leg): void
    {
        $hip = $this->joints[$side.'_hip'];
        $pitch = $leg->signed('pitch');
        if ($leg->has('points')) {
            [$knee, $ankle] = $this->pair($leg, new Vec(0, $this->surface));
        } elseif ($leg->has('angles')) {
            [$thigh, $shank] = $leg->numbers('angles');
            $knee = $hip->plus(Vec::down($thigh, Segment::THIGH));
            $ankle = $knee->plus(Vec::down($shank, Segment::SHANK));
        } else {
            $ankle = $leg->has('ankle')
                ? $this->place($leg->numbers('ankle'))
                : $this->planted($leg->numbers('foot'), $pitch);
            $knee = $this->isFront
                ? $hip->plus($hip->to($ankle), 0.5)
                : $this->bend($hip, $ankle, Segment::THIGH, Segment::SHANK, $this->forward);
        }
        $this->joints[$side.'_knee'] = $knee;
        $this->joints[$side.'_ankle'] = $ankle;
        $sign = $side === 'near' ? 1 : -1;
        $this->joints[$side.'_toe'] = $ankle->plus(
            $this->isFront ? new Vec($sign * 0.03, -Segment::ANKLE) : self::pitched(self::TOE, $pitch),
        );
        $this->joints[$side.'_heel'] = $ankle->plus(
            $this->isFront ? new Vec(-$sign * 0.012, -Segment::ANKLE) : self::pitched(-self::HEEL, $pitch),
        );
    }

    /**
     * Where the ankle is when the foot stands at x, on its toes when the pitch is positive, on its heel when negative.
     *
     * @param  list<float>  $at
     */
    private function planted(array $at, float $pitch): Vec
    {
        $sole = ($at[1] ?? 0.0) + $this->surface;
        $end = $pitch >= 0 ? self::TOE : -self::HEEL;

        return (new Vec($at[0] + $end, $sole))->plus(self::pitched($end, $pitch), -1.0);
    }

    /** From the ankle to the toe (positive) or the heel, with the heel lifted by the pitch. */
    private static function pitched(float $end, float $pitch): Vec
    {
        $turn = deg2rad($pitch);

        return new Vec(
            $end * cos($turn) - Segment::ANKLE * sin($turn), -$end * sin($turn) - Segment::ANKLE * cos($turn),
        );
    }

    private function arm(string $side, Bag $arm, float $sign): void
    {
        $shoulder = $this->joints[$side.'_shoulder'];
        if ($arm->has('points')) {
            [$elbow, $hand] = $this->pair($arm, new Vec(0, $this->surface));
        } elseif ($arm->has('offsets')) {
            [$elbow, $hand] = array_map(
                fn (array $p): Vec => $shoulder->plus(new Vec($sign * $p[0], $p[1])), $arm->pairs('offsets'),
            );
        } elseif ($arm->has('angles')) {
            [$upper, $fore] = $arm->numbers('angles');
            $elbow = $shoulder->plus(Vec::down($upper, Segment::UPPER_ARM));
            $hand = $elbow->plus(Vec::down($fore, self::FOREARM));
        } else {
            $hand = $this->reach($side, $arm, $shoulder, $sign);
            // An elbow bends back and down of its own accord, to the side in a front view; forwards in a rack or over
            // the head.
            $towards = match (true) {
                $this->isFront => new Vec($sign === 1.0 && $side === 'near' ? 1.0 : -1.0, -0.6),
                $arm->optString('elbow') === 'front' => $this->forward->plus(new Vec(0, -0.2)),
                default => (new Vec(0, -0.7))->plus($this->forward, -0.7),
            };
            $elbow = $this->bend($shoulder, $hand, Segment::UPPER_ARM, self::FOREARM, $towards);
            $hand = $elbow->plus($elbow->to($hand)->unit(), min(self::FOREARM, $elbow->to($hand)->length()));
        }
        $this->joints[$side.'_elbow'] = $elbow;
        $this->joints[$side.'_hand'] = $hand;
    }

    private function reach(string $side, Bag $arm, Vec $shoulder, float $sign): Vec
    {
        $across = $this->isFront ? $sign : 1.0;
        foreach (['rel', 'drop', 'hand', 'hip', 'knee', 'near_knee', 'chest'] as $how) {
            if ($arm->has($how)) {
                [$a, $b] = $arm->numbers($how);

                return match ($how) {
                    'rel' => $shoulder->plus($this->forward, $a)->plus($this->along, $b),
                    'drop' => $shoulder->plus(new Vec($across * $a, $b)),
                    'hand' => $this->place([$across * $a, $b]),
                    'hip' => $this->joints['hip']->plus(new Vec($a, $b)),
                    'knee' => $this->joints[$side.'_knee']->plus(new Vec($a, $b)),
                    'near_knee' => $this->joints['near_knee']->plus(new Vec($a, $b)),
                    'chest' => $this->joints['shoulder']->plus(new Vec($a, $b)),
                };
            }
        }
        $along = $arm->number('thigh', 0, 1);

        return $this->joints[$side.'_hip']->plus(
            $this->joints[$side.'_hip']->to($this->joints[$side.'_knee']), $along,
        )->plus(new Vec(0, 0.04));
    }

    /** The middle joint of two segments that end at a place, bent towards a side; notes what lies out of reach. */
    private function bend(Vec $from, Vec $to, float $first, float $second, Vec $towards): Vec
    {
        $line = $from->to($to);
        $distance = $line->length();
        if ($distance >= $first + $second) {
            $this->strain = max($this->strain, $distance - $first - $second);

            return $from->plus($line, $first / ($first + $second));
        }
        $distance = max($distance, abs($first - $second) + 0.001);
        $along = ($distance ** 2 + $first ** 2 - $second ** 2) / (2 * $distance);
        $aside = sqrt(max(0.0, $first ** 2 - $along ** 2));
        $normal = $line->unit()->right();

        return $from->plus($line->unit(), $along)->plus($normal, $normal->dot($towards) >= 0 ? $aside : -$aside);
    }

    /** @param  list<float>  $at */
    private function place(array $at): Vec
    {
        return new Vec($at[0] ?? 0.0, $at[1] ?? 0.0);
    }

    /** @return array{Vec, Vec} */
    private function pair(Bag $limb, Vec $origin): array
    {
        [$a, $b] = $limb->pairs('points');

        return [$origin->plus(new Vec(...$a)), $origin->plus(new Vec(...$b))];
    }
}
