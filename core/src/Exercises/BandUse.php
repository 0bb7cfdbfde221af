<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Input\Bag;

/** How an exercise uses a band: where it is anchored, how far the moving end travels, and what it pulls on. */
final readonly class BandUse
{
    public const ANCHORS = [
        'door_middle', 'door_top', 'chair_leg', 'chair_back', 'sofa_foot', 'table_leg', 'underfoot', 'hands',
        'around_limb',
    ];

    /**
     * @param  float  $travelOfHeight  travel of the moving end, of body height
     * @param  'hand'|'thigh'|'ankle'|'foot'  $placement
     * @param  bool  $folded  its middle at the anchor and an end in each hand: half as long, twice the pull
     */
    public function __construct(
        public string $anchor,
        public float $travelOfHeight,
        public string $placement,
        public bool $folded = false,
    ) {
    }

    public static function read(Bag $bag): self
    {
        $placement = $bag->string('placement');

        return new self($bag->string('anchor'), $bag->number('travel_h', 0.02, 0.6), match ($placement) {
            'thigh', 'ankle', 'foot' => $placement,
            default => 'hand',
        }, $bag->bool('folded'));
    }

    public function travelMm(int $heightMm): int
    {
        return (int) round($this->travelOfHeight * $heightMm);
    }

    /** Does one walk away from the anchor to make it harder? */
    public function isWalkedAway(): bool
    {
        return $this->anchor === 'door_middle' || $this->anchor === 'door_top';
    }

    public function label(): string
    {
        return match ($this->anchor) {
            'door_middle' => 'closed door or post, chest height',
            'door_top' => 'top of a closed door',
            'chair_leg' => 'back leg of the chair',
            'chair_back' => 'round the backrest',
            'sofa_foot' => 'foot of a heavy sofa',
            'table_leg' => 'leg of a heavy table',
            'underfoot' => 'under the whole width of the shoe',
            'hands' => 'between the hands',
            default => 'round both legs',
        };
    }
}
