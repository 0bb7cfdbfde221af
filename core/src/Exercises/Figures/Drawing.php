<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

use JsonSerializable;

/**
 * One or two frames in the same window, with an arrow along the path of whatever moves most. Thousandths of a body
 * height.
 */
final readonly class Drawing implements JsonSerializable
{
    /** Less than this is no movement worth an arrow, in body heights. */
    private const MOVES = 0.03;

    private const MARGIN = 0.03;

    /** @param  list<Frame>  $frames */
    public function __construct(public array $frames)
    {
    }

    /** How far the worst limb would have to stretch: 0 in an honest picture. */
    public function strain(): float
    {
        return max(0.0, ...array_map(static fn (Frame $f): float => $f->skeleton->strain, $this->frames));
    }

    /**
     * The path of the part that moves most.
     *
     * @return array{joint: string, from: Vec, to: Vec}|null null for a hold
     */
    public function moves(): ?array
    {
        if (count($this->frames) < 2) {
            return null;
        }
        $most = null;
        $far = self::MOVES;
        foreach ([
            'near_hand', 'far_hand', 'near_toe', 'near_ankle', 'near_knee', 'far_ankle', 'hip', 'shoulder', 'head',
        ] as $joint) {
            $from = $this->frames[0]->skeleton->joints[$joint];
            $to = $this->frames[1]->skeleton->joints[$joint];
            if ($from->to($to)->length() > $far + 0.01) {
                $far = $from->to($to)->length();
                $most = ['joint' => $joint, 'from' => $from, 'to' => $to];
            }
        }

        return $most;
    }

    /**
     * @return array{
     *     left: int, bottom: int, width: int, height: int, frames: list<Frame>, arrow: list<array{int, int}>|null
     * }
     */
    public function jsonSerialize(): array
    {
        $all = array_map(static fn (Frame $f): array => $f->bounds(), $this->frames);
        $left = min(array_column($all, 0) ?: [0.0]) - self::MARGIN;
        $bottom = min(-0.02, ...array_column($all, 1)) - 0.01;
        $right = max(array_column($all, 2) ?: [0.0]) + self::MARGIN;
        $top = max(array_column($all, 3) ?: [0.0]) + self::MARGIN;
        $move = $this->moves();

        return [
            'left' => (int) round($left * 1000), 'bottom' => (int) round($bottom * 1000),
            'width' => (int) round(($right - $left) * 1000), 'height' => (int) round(($top - $bottom) * 1000),
            'frames' => $this->frames,
            'arrow' => $move === null
                ? null
                : [
                    $move['from']->rounded(),
                    $move['from']->plus($move['from']->to($move['to']), 0.5)->plus(
                        $move['from']->to($move['to'])->right(), 0.18,
                    )->rounded(),
                    $move['to']->rounded(),
                ],
        ];
    }
}
