<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\Side;

/** What the client can do. Anything not asked is null, and every rule treats it as unable until it is asked. */
final readonly class FunctionStatus
{
    /**
     * @param  list<GripAid>  $aidsLeft  things that hold in place of the fingers of that hand
     * @param  list<GripAid>  $aidsRight
     */
    public function __construct(
        public ?Grip $gripLeft = null,
        public ?Grip $gripRight = null,
        public ?Standing $standing = null,
        public ?FloorTransfer $floorTransfer = null,
        public ?Home $home = null,
        public ?bool $setsUpAlone = null,
        public ?Trunk $trunk = null,
        public ?Cognition $cognition = null,
        public array $aidsLeft = [],
        public array $aidsRight = [],
        public Limbs $limbs = new Limbs,
        public ?FloorTransfer $bedTransfer = null,
        public ?Wheelchair $wheelchair = null,
        public ?bool $fallenInYear = null,
    ) {
    }

    public static function read(?Bag $bag): self
    {
        if ($bag === null) {
            return new self;
        }
        $grip = $bag->optBag('grip');
        $aids = $bag->optBag('aids');

        return new self(
            $grip?->optEnum('left', Grip::class),
            $grip?->optEnum('right', Grip::class),
            $bag->optEnum('standing', Standing::class),
            $bag->optEnum('floor_transfer', FloorTransfer::class),
            $bag->optEnum('home', Home::class),
            $bag->has('sets_up_alone') ? $bag->bool('sets_up_alone') : null,
            $bag->optEnum('trunk', Trunk::class),
            $bag->optEnum('cognition', Cognition::class),
            $aids?->enums('left', GripAid::class) ?? [],
            $aids?->enums('right', GripAid::class) ?? [],
            Limbs::read($bag->optBag('limbs')),
            $bag->optEnum('bed_transfer', FloorTransfer::class),
            $bag->has('wheelchair') ? Wheelchair::read($bag->bag('wheelchair')) : null,
            $bag->has('fallen_in_year') ? $bag->bool('fallen_in_year') : null,
        );
    }

    /**
     * A hand that a condition names as weak or without function is no better than that, whatever was ticked for it.
     *
     * @param  list<Condition>  $conditions
     */
    public function lessHandFunction(array $conditions): self
    {
        $left = $this->gripLeft;
        $right = $this->gripRight;
        foreach ($conditions as $condition) {
            $grip = match ($condition->code) {
                'hand_function_none' => Grip::None,
                'hand_function_weak' => Grip::Weak,
                default => null,
            };
            if ($grip !== null) {
                $side = $condition->sideOrBoth();
                $left = $side !== Side::Right && $left !== null ? Grip::weaker($left, $grip) : $left;
                $right = $side !== Side::Left && $right !== null ? Grip::weaker($right, $grip) : $right;
            }
        }

        return new self(
            $left, $right, $this->standing, $this->floorTransfer, $this->home, $this->setsUpAlone, $this->trunk,
            $this->cognition, $this->aidsLeft, $this->aidsRight, $this->limbs, $this->bedTransfer, $this->wheelchair,
            $this->fallenInYear,
        );
    }

    public function grip(Side $side): Grip
    {
        $left = $this->gripLeft ?? Grip::None;
        $right = $this->gripRight ?? Grip::None;

        return match ($side) {
            Side::Left => $left,
            Side::Right => $right,
            Side::Both => Grip::weaker($left, $right),
        };
    }

    /** @return list<GripAid> for both hands only those that both have */
    public function aids(Side $side): array
    {
        return match ($side) {
            Side::Left => $this->aidsLeft,
            Side::Right => $this->aidsRight,
            Side::Both => array_values(
                array_filter($this->aidsLeft, fn (GripAid $a): bool => in_array($a, $this->aidsRight, true)),
            ),
        };
    }

    public function isGripKnown(Side $side): bool
    {
        return match ($side) {
            Side::Left => $this->gripLeft !== null,
            Side::Right => $this->gripRight !== null,
            Side::Both => $this->gripLeft !== null && $this->gripRight !== null,
        };
    }

    public function isAlone(): bool
    {
        return $this->home === null || $this->home === Home::Alone;
    }

    /** Into bed and out of it; who was not asked can. */
    public function canLieDown(): bool
    {
        return match ($this->bedTransfer) {
            FloorTransfer::None => false,
            FloorTransfer::Helped => ! $this->isAlone(),
            default => true,
        };
    }

    public function canRiseFromFloor(): bool
    {
        return $this->floorTransfer === FloorTransfer::Alone
            || ($this->floorTransfer === FloorTransfer::Helped && ! $this->isAlone());
    }
}
