<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Client\FunctionStatus;
use BuoyantStep\Core\Client\Grip;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\BreathTemptation;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\GripClass;
use BuoyantStep\Core\Vocabulary\Material;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\SpineLoad;
use BuoyantStep\Core\Vocabulary\Supervision;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Surface;
use BuoyantStep\Core\Vocabulary\Vision;
use BuoyantStep\Core\Vocabulary\WhichSide;

/** Holds an exercise's demands against an envelope. Prefers a change to a refusal, and names both. */
final readonly class Judge
{
    /** Standing rungs from this balance challenge upwards need the support that the envelope asks for. */
    private const SUPPORT_FROM_BALANCE = 2;

    /** A change may ask for a further one; more rounds than this and nothing will settle it. */
    private const ROUNDS = 4;

    /** Light enough that nobody holds the breath, percent of the 1RM. House convention. */
    private const BREATHES_AT_PCT = 60;

    public function __construct(private Envelope $envelope, private FunctionStatus $function)
    {
    }

    /**
     * Does it fit, and after which changes? What is changed is judged again, because a change must not break another
     * limit, and may ask for a further one.
     */
    public function verdict(Demands $demands): Verdict
    {
        $changes = $because = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $found = $this->once($demands);
            foreach ($found->because as $reason) {
                $because[$reason->rule.$reason->says] ??= $reason;
            }
            if ($found->verdict !== Verdict::CHANGES) {
                $fits = $found->verdict === Verdict::FITS;

                return match (true) {
                    ! $fits => new Verdict(Verdict::OUT, [], array_values($because)),
                    $changes === [] => $found,
                    default => new Verdict(Verdict::CHANGES, $changes, array_values($because)),
                };
            }
            $changes = Verdict::furthest([...$changes, ...$found->changes]);
            foreach ($found->changes as $change) {
                $demands = $demands->after($change);
            }
        }

        return new Verdict(Verdict::OUT, [], array_values($because));
    }

    private function once(Demands $demands): Verdict
    {
        $objections = new Objections;
        $this->positions($demands, $objections);
        $this->motions($demands, $objections);
        $this->parts($demands, $objections);
        $this->amounts($demands, $objections);
        $this->loads($demands, $objections);
        $this->breath($demands, $objections);
        $this->support($demands, $objections);
        $this->surroundings($demands, $objections);
        $this->supervision($demands, $objections);
        $this->grip($demands, $objections);
        $this->otherHand($demands, $objections);

        return $objections->verdict();
    }

    private function positions(Demands $demands, Objections $objections): void
    {
        $withheld = $this->envelope->tightest(Field::Clearance);
        if ($withheld?->value === Clearance::Withheld) {
            $objections->add($withheld);
        }
        $side = $demands->scope()->side;
        foreach ($demands->movement->positions() as $position) {
            $limit = $this->envelope->avoids($position, new Scope($position->part(), $side));
            if ($limit !== null) {
                $objections->add($limit, self::firstPossible($demands, ...$position->easedBy()));
            }
        }
        $floor = $demands->setting->floorTransfer
            ? $this->envelope->avoids(Position::Floor, new Scope(Region::Whole))
            : null;
        if ($floor !== null) {
            $objections->add($floor);
        }
        $overhead = $demands->movement->has(Motion::ShoulderPast90)
            ? $this->envelope->avoids(Position::ArmsOverhead, $demands->movement->placeOf(Motion::ShoulderPast90))
            : null;
        if ($overhead !== null) {
            $objections->add($overhead, self::firstPossible($demands, ChangeKind::ShortenRange));
        }
    }

    private function motions(Demands $demands, Objections $objections): void
    {
        foreach ($demands->movement->motions as $motion) {
            $limit = $this->envelope->avoids($motion, $demands->movement->placeOf($motion));
            if ($limit !== null) {
                $easing = $motion->easedBy();
                $may = $easing !== null && ($easing !== ChangeKind::GripAid || $this->maybeStrapped($demands));
                $objections->add($limit, $may ? self::firstPossible($demands, $easing) : null);
            }
        }
    }

    private function parts(Demands $demands, Objections $objections): void
    {
        foreach ($demands->movement->needs() as [$part, $where]) {
            $limit = $this->envelope->avoids($part, $where);
            if ($limit !== null) {
                $easing = $part->easedBy();
                $objections->add($limit, $easing === null ? null : self::firstPossible($demands, $easing));
            }
        }
        $spine = $this->envelope->tightest(Field::SpineLoadMax, $demands->scope());
        if ($spine?->value instanceof SpineLoad && ! $demands->strain->spine->atLeast($spine->value)) {
            $objections->add($spine);
        }
    }

    private function amounts(Demands $demands, Objections $objections): void
    {
        $strain = $demands->strain;
        $impact = $this->envelope->tightest(Field::ImpactMax, $demands->scope());
        if ($impact !== null && $strain->impact > $impact->value) {
            $objections->add($impact);
        }
        $hold = $this->envelope->tightest(Field::HoldMaxS, $demands->scope());
        if ($hold !== null && is_int($hold->value) && $strain->holdS !== null && $strain->holdS > $hold->value) {
            $objections->add($hold, self::ifPossible($demands, Change::holdFor($hold->value)));
        }
        $most = $this->envelope->loadPctMax($demands->scope());
        $load = $this->envelope->tightest(Field::LoadPctMax, $demands->scope());
        if ($load !== null && $strain->loadPct !== null && $strain->loadPct > $most) {
            $objections->add($load, $most === 0 ? null : self::ifPossible($demands, Change::lightenTo($most)));
        }
        $effort = $this->envelope->tightest(Field::EffortMax, $demands->scope());
        if ($effort !== null && $strain->effort !== null && $strain->effort > $effort->value) {
            // Effort has no change of its own: less of it is a lighter load or fewer reps, for the dose to find.
            $lighter = $strain->loadPct !== null && $load !== null && $most !== 0
                ? self::ifPossible($demands, Change::lightenTo(min($most, (int) $strain->loadPct)))
                : null;
            $objections->add($effort, $lighter);
        }
    }

    private function loads(Demands $demands, Objections $objections): void
    {
        $lift = $this->envelope->tightest(Field::LiftMaxG, $demands->scope());
        if ($lift !== null && $demands->hands->carryBody()) {
            $says = 'The hands would carry part of the body. '.$lift->says;
            $objections->add(new Reason('limit', $lift->rule, $says, $lift->source));
        }
        foreach ($demands->strain->strained($demands->scope()->side) as $part) {
            foreach ([Field::LiftMaxG, Field::LoadPctMax] as $field) {
                $none = $this->envelope->tightest($field, $part);
                if ($none?->value === 0) {
                    $objections->add($none);
                }
            }
        }
    }

    private function breath(Demands $demands, Objections $objections): void
    {
        $breath = $this->envelope->tightest(Field::Breath, $demands->scope());
        if ($breath?->value === Breath::NoHolding && $demands->strain->breath === BreathTemptation::High) {
            $lighter = $demands->strain->isLoaded()
                ? self::ifPossible($demands, Change::lightenTo(self::BREATHES_AT_PCT))
                : null;
            $objections->add($breath, $lighter ?? self::firstPossible($demands, ChangeKind::CountAloud));
        }
    }

    private function support(Demands $demands, Objections $objections): void
    {
        if (! $demands->isStanding()) {
            return;
        }
        $tightest = null;
        $needed = Support::Free;
        foreach ($this->envelope->binding(Field::SupportMin, $demands->scope()) as $limit) {
            if (
                $limit->value instanceof Support && ! $needed->atLeast($limit->value)
                && self::isBound($demands, $limit->binds ?? Binds::Balance)
            ) {
                [$needed, $tightest] = [$limit->value, $limit];
            }
        }
        $given = $demands->footing->usual;
        $steadying = $this->steadying();
        if ($tightest !== null && ! ($given->atLeast($steadying) ? $steadying : $given)->atLeast($needed)) {
            $byHand = $needed === Support::Seated || $steadying->atLeast($needed);
            $objections->add($tightest, $byHand ? $this->holdOn($demands, $needed) : null);
        }
    }

    private static function isBound(Demands $demands, Binds $binds): bool
    {
        return match ($binds) {
            Binds::Standing => true,
            Binds::Balance => $demands->footing->balance >= self::SUPPORT_FROM_BALANCE,
            Binds::SingleLeg => $demands->movement->has(Motion::SingleLegLoad),
        };
    }

    /** The most that the client's own hands can give: a hand steadies only with a fair grip or better. */
    private function steadying(): Support
    {
        $fair = array_filter(
            [Side::Left, Side::Right],
            fn (Side $side): bool => $this->function->grip($side)->rank() >= Grip::Fair->rank(),
        );

        return match (count($fair)) {
            0 => Support::Fingertip,
            1 => Support::OneHand,
            default => Support::TwoHands,
        };
    }

    private function surroundings(Demands $demands, Objections $objections): void
    {
        $surface = $this->envelope->tightest(Field::SurfaceMax, $demands->scope());
        if ($surface?->value instanceof Surface && ! $demands->footing->surface->atLeast($surface->value)) {
            $objections->add($surface, self::firstPossible($demands, ChangeKind::FirmSurface));
        }
        $vision = $this->envelope->tightest(Field::Vision, $demands->scope());
        if ($vision?->value === Vision::EyesOpen && $demands->footing->vision === Vision::EyesClosed) {
            $objections->add($vision, self::firstPossible($demands, ChangeKind::EyesOpen));
        }
        foreach ($demands->setting->materials as $material) {
            foreach ($demands->setting->touches($material, $demands->scope()) as $place) {
                $limit = $this->envelope->avoids($material, $place);
                if ($limit !== null) {
                    $easing = $material->easedBy();
                    $objections->add($limit, $easing === null ? null : self::firstPossible($demands, $easing));
                }
            }
        }
    }

    private function supervision(Demands $demands, Objections $objections): void
    {
        $alone = $this->function->isAlone();
        if ($demands->setting->spotter && $alone) {
            $says = 'This needs someone there, and the client is alone.';
            $objections->add(new Reason('limit', 'supervision', $says, 'House convention, cautious'));
        }
        foreach ($this->envelope->binding(Field::SupervisionMin, $demands->scope()) as $limit) {
            $someone = $limit->value === Supervision::SomeoneHome && $alone;
            if ($limit->value !== Supervision::ClinicianPresent && ! $someone) {
                continue;
            }
            if ($limit->binds === null) {
                $objections->add($limit);
            } elseif (
                $demands->isStanding() && self::isBound($demands, $limit->binds)
                && $demands->footing->usual === Support::Free
            ) {
                // Balance is still trained alone, with a hand on something fixed (Sherrington 2017; Campbell 1997).
                $hand = $demands->footing->most->atLeast(Support::OneHand)
                    && $this->steadying()->atLeast(Support::OneHand);
                $objections->add($limit, $hand ? self::ifPossible($demands, Change::holdOn(Support::OneHand)) : null);
            }
        }
    }

    private function grip(Demands $demands, Objections $objections): void
    {
        $grip = $demands->hands->grip;
        $side = $demands->hand()->side;
        $hand = $this->function->grip($side);
        $isTrained = $demands->hands->trainsGrip && $hand !== Grip::None && ! $demands->strain->isLoaded();
        if ($grip === GripClass::None || $hand->allows($grip) || $isTrained || $this->isAided($demands)) {
            return;
        }
        $says = sprintf(
            'Needs a %s grip; %s hand grip is %s.', $grip->value,
            $side === Side::Both ? 'the weaker' : 'the '.$side->value,
            $this->function->isGripKnown($side) ? $hand->value : 'not known',
        );
        $objections->add(
            new Reason('limit', 'function', $says, 'House convention, cautious'),
            $this->maybeStrapped($demands) ? self::firstPossible($demands, ChangeKind::GripAid) : null,
        );
    }

    /** Where the load hangs across from the leg, the hand on the leg's own side is the one that holds on. */
    private function otherHand(Demands $demands, Objections $objections): void
    {
        $side = $demands->scope()->side;
        if (
            $side === Side::Both || $demands->strain->heldOn() !== WhichSide::Other
            || ! $demands->footing->usual->atLeast(Support::OneHand)
            || $this->function->grip($side)->rank() >= Grip::Fair->rank()
        ) {
            return;
        }
        $says = sprintf(
            'The %s hand has to hold on, and its grip is %s.', $side->value, $this->function->grip($side)->value,
        );
        $objections->add(new Reason('limit', 'function', $says, 'House convention, cautious'));
    }

    /** An aid counts where the body does not hang on it, and where a strap may lie. */
    private function isAided(Demands $demands): bool
    {
        foreach ($this->function->aids($demands->hand()->side) as $aid) {
            if ($aid->covers($demands->hands->grip)) {
                return ! $demands->hands->carryBody() && $this->maybeStrapped($demands);
            }
        }

        return false;
    }

    /** May the hand that works be strapped? Not on skin that cannot feel, not on a fistula arm. */
    private function maybeStrapped(Demands $demands): bool
    {
        return $this->envelope->avoids(Material::TightStrap, $demands->hand()) === null;
    }

    /**
     * A rung that is done free can be done holding on. A rung that is defined by its support (fingertips, one hand)
     * cannot: with more support it is the rung below, and that is the one to give.
     */
    private function holdOn(Demands $demands, Support $needed): ?Change
    {
        if ($demands->footing->usual !== Support::Free) {
            return null;
        }
        // Where the hands cannot give that much support, a seat can: what helps someone who may not stand helps here
        // too.
        $byHand = $needed !== Support::Seated && $demands->footing->most->atLeast($needed)
            ? self::ifPossible($demands, Change::holdOn($needed))
            : null;

        return $byHand ?? self::firstPossible($demands, ChangeKind::SeatedInstead);
    }

    private static function ifPossible(Demands $demands, Change $change): ?Change
    {
        return $demands->canTake($change->kind) ? $change : null;
    }

    private static function firstPossible(Demands $demands, ChangeKind ...$kinds): ?Change
    {
        foreach ($kinds as $kind) {
            if ($demands->canTake($kind)) {
                return Change::of($kind);
            }
        }

        return null;
    }
}
