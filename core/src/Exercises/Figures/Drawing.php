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

    /**
     * @param  list<Frame>  $frames
     * @param  string|null  $mark  the joint where something happens that is too small to see: a squeeze, a press
     */
    public function __construct(public array $frames, public ?string $mark = null)
    {
    }

    /** How far the worst limb would have to stretch: 0 in an honest picture. */
    public function strain(): float
    {
        return max(0.0, ...array_map(static fn (Frame $f): float => $f->skeleton->strain, $this->frames));
    }

    /** The way of the part that moves most; null for a hold. */
    public function moves(): ?Move
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
                $most = new Move($joint, $from, $to);
            }
        }

        return $most;
    }

    /**
     * @return array{
     *     left: int, bottom: int, width: int, height: int, frames: list<Frame>, arrow: list<array{int, int}>|null,
     *     mark: array{int, int}|null
     * }
     */
    public function jsonSerialize(): array
    {
        $all = Bounds::around(array_map(static fn (Frame $f): Bounds => $f->bounds(), $this->frames));
        $left = $all->left - self::MARGIN;
        $bottom = min(-0.02, $all->bottom) - 0.01;
        $right = $all->right + self::MARGIN;
        $top = $all->top + self::MARGIN;
        $move = $this->moves();

        return [
            'left' => (int) round($left * 1000), 'bottom' => (int) round($bottom * 1000),
            'width' => (int) round(($right - $left) * 1000), 'height' => (int) round(($top - $bottom) * 1000),
            'frames' => $this->frames,
            'arrow' => $move?->bow(),
            // In the last frame, where it is done.
            'mark' => $this->mark === null
                ? null : $this->frames[count($this->frames) - 1]->skeleton->joints[$this->mark]->rounded(),
        ];
    }
}
