<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\BreathTemptation;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\GripClass;
use BuoyantStep\Core\Vocabulary\HandWeight;
use BuoyantStep\Core\Vocabulary\Material;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Part;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\SpineLoad;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Surface;
use BuoyantStep\Core\Vocabulary\Vision;
use BuoyantStep\Core\Vocabulary\Way;
use BuoyantStep\Core\Vocabulary\WhichSide;

/** What an exercise asks of the body and the place. */
final readonly class Demands
{
    /** @param  list<ChangeKind>|null  $changes  changes it can take; null when every change may be tried */
    public function __construct(
        public Movement $movement,
        public Footing $footing = new Footing,
        public Hands $hands = new Hands,
        public Strain $strain = new Strain,
        public Setting $setting = new Setting,
        public ?array $changes = null,
    ) {
    }

    /**
     * @param  list<ChangeKind>|null  $changes
     *
     * @throws InvalidInput naming the field
     */
    public static function read(Bag $bag, ?array $changes = null): self
    {
        $weight = $bag->optEnum('hand_weight', HandWeight::class) ?? HandWeight::None;

        return new self(
            self::movement($bag, $weight),
            new Footing(
                most: $bag->optEnum('support', Support::class) ?? Support::Free,
                usual: $bag->optEnum('usual_support', Support::class) ?? Support::Free,
                surface: $bag->optEnum('surface', Surface::class) ?? Surface::Firm,
                vision: $bag->optEnum('vision', Vision::class) ?? Vision::EyesOpen,
                balance: $bag->optInt('balance', 0, 4) ?? 0,
            ),
            new Hands(
                $bag->optEnum('grip', GripClass::class) ?? GripClass::None, $weight, $bag->bool('trains_grip'),
            ),
            new Strain(
                impact: $bag->optInt('impact', 0, 3) ?? 0,
                breath: $bag->optEnum('breath', BreathTemptation::class) ?? BreathTemptation::Low,
                holdS: $bag->optInt('hold_s', 1, 600),
                loadPct: $bag->optNumber('load_pct', 0, 100),
                effort: $bag->optNumber('effort', 0, 10),
                spine: $bag->optEnum('spine_load', SpineLoad::class) ?? SpineLoad::Low,
                presses: $bag->enums('self_load', Region::class),
                carries: $bag->optEnum('carries', WhichSide::class),
            ),
            new Setting(
                floorTransfer: $bag->bool('floor_transfer'),
                anchor: $bag->bool('anchor'),
                spotter: $bag->bool('spotter'),
                materials: $bag->enums('material', Material::class),
            ),
            $changes,
        );
    }

    /** @throws InvalidInput naming the field */
    private static function movement(Bag $bag, HandWeight $weight): Movement
    {
        $motions = $bag->enums('motions', Motion::class);
        if ($weight !== HandWeight::None && ! in_array(Motion::WeightOnHand, $motions, true)) {
            $motions[] = Motion::WeightOnHand;
        }
        $side = $bag->optEnum('side', Side::class);
        $sides = self::sides($bag->optBag('motion_sides'), Motion::class);
        // Who names the side of an exercise says where it happens, too.
        foreach ($side === null ? [] : $motions as $motion) {
            $sides[$motion->value] ??= WhichSide::Working;
        }

        return new Movement(
            $bag->enum('position', Position::class),
            $motions,
            new Scope($bag->enum('region', Region::class), $side ?? Side::Both),
            $bag->enums('also', Position::class),
            $sides,
            self::sides($bag->optBag('parts'), Part::class),
        );
    }

    /**
     * @param  class-string<Motion>|class-string<Part>  $of
     * @return array<string, WhichSide>
     *
     * @throws InvalidInput naming the field
     */
    private static function sides(?Bag $bag, string $of): array
    {
        $sides = [];
        foreach ($of::cases() as $case) {
            $which = $bag?->optEnum($case->value, WhichSide::class);
            if ($which !== null) {
                $sides[$case->value] = $which;
            }
        }

        return $sides;
    }

    /**
     * The same with a load from outside, and what it goes through.
     *
     * @param  list<Region>  $parts  the one that takes it first in front
     */
    public function loading(array $parts, WhichSide $side): self
    {
        return $this->with(strain: $this->strain->loading($parts, $side));
    }

    /** The same where the hands are known to carry no more than they may. */
    public function handsWithinLimit(): self
    {
        return $this->with(hands: $this->hands->withinLimit());
    }

    /** @param  array<string, list<Scope>>  $sites  a material to where it touches the skin */
    public function touching(array $sites): self
    {
        return $this->with(setting: $this->setting->touching($sites));
    }

    public function withoutMaterial(Material $material): self
    {
        return $this->with(setting: $this->setting->without(static fn (Material $m): bool => $m === $material));
    }

    public function onSide(Side $side): self
    {
        // Written out, as each rung of each client comes through here.
        return new self(
            $this->movement->onSide($side), $this->footing, $this->hands, $this->strain, $this->setting, $this->changes,
        );
    }

    /** The same exercise once a change is made. What the change takes away is no longer demanded. */
    public function after(Change $change): self
    {
        $kind = $change->kind;
        $eased = $this->with(
            movement: $this->movement->without(static fn (Motion $m): bool => $m->easedBy() === $kind),
        );

        return match ($kind) {
            ChangeKind::WedgeTrunk => $eased->with(movement: $eased->movement->at(Position::SupineRaised)),
            ChangeKind::SideLyingInstead => $eased->with(movement: $eased->movement->at(Position::SideLying)),
            ChangeKind::SeatedInstead => $eased->with(
                movement: $eased->movement->at(Position::Seated)
                    ->without(static fn (Motion $m): bool => $m === Motion::SingleLegLoad),
                footing: $this->footing->seated(),
            ),
            ChangeKind::HoldOn => $eased->with(
                footing: $this->footing->holdingOn($change->support ?? Support::Fingertip),
            ),
            ChangeKind::Pad => $eased->with(setting: $this->setting->padded()),
            ChangeKind::TrunkBelt => $eased->with(movement: $eased->movement->sparing(Part::Sitting)),
            ChangeKind::CountAloud => $eased->with(strain: $this->strain->countedAloud()),
            ChangeKind::GripAid => $eased->with(hands: $this->hands->aided()),
            ChangeKind::Lighten => $eased->with(strain: $this->strain->lightenedTo($change->amount)),
            ChangeKind::ShorterHold => $eased->with(strain: $this->strain->holdingFor($change->amount)),
            ChangeKind::EyesOpen => $eased->with(footing: $this->footing->withEyesOpen()),
            ChangeKind::FirmSurface => $eased->with(footing: $this->footing->on(Surface::Firm)),
            default => $eased,
        };
    }

    /** The same done in one of the ways that may be chosen inside it. */
    public function in(Way $way): self
    {
        $support = $way->support();

        return match (true) {
            $way === Way::StanceWide => $this->with(movement: $this->movement->adding(Motion::WideStanceLoad)),
            $way === Way::StanceNarrow => $this->with(
                movement: $this->movement->without(static fn (Motion $m): bool => $m === Motion::WideStanceLoad),
            ),
            $way === Way::FeetBare => $this->with(movement: $this->movement->adding(Position::BareFeet)),
            $support !== null => $this->with(footing: $this->footing->atMost($support)),
            default => $this,
        };
    }

    private function with(
        ?Movement $movement = null,
        ?Footing $footing = null,
        ?Hands $hands = null,
        ?Strain $strain = null,
        ?Setting $setting = null,
    ): self {
        return new self(
            $movement ?? $this->movement, $footing ?? $this->footing, $hands ?? $this->hands,
            $strain ?? $this->strain, $setting ?? $this->setting, $this->changes,
        );
    }

    public function scope(): Scope
    {
        return $this->movement->part;
    }

    /** The hand that takes hold: the one that the load is in, which need not be on the side that works. */
    public function hand(): Scope
    {
        return new Scope(Region::Upper, $this->strain->heldOn()->when($this->scope()->side));
    }

    public function isStanding(): bool
    {
        return $this->movement->position === Position::Standing;
    }

    /** Is the body there at some moment of it? On the floor, for one, while it goes down to it. */
    public function isIn(Position $position): bool
    {
        return in_array($position, $this->movement->positions(), true)
            || ($position === Position::Floor && $this->setting->floorTransfer);
    }

    public function isSeated(): bool
    {
        return $this->movement->position === Position::Seated;
    }

    /** Can this change be made here at all? */
    public function canTake(ChangeKind $change): bool
    {
        return $this->changes === null || in_array($change, $this->changes, true);
    }
}
