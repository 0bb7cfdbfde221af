<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Client\FunctionStatus;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\BreathTemptation;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\GripClass;
use BuoyantStep\Core\Vocabulary\Material;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Supervision;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Surface;
use BuoyantStep\Core\Vocabulary\Vision;

/** Holds an exercise's demands against an envelope. Prefers a change to a refusal, and names both. */
final readonly class Judge
{
    /** Standing rungs from this balance challenge upwards need the support that the envelope asks for. */
    private const SUPPORT_FROM_BALANCE = 2;

    /** Light enough that nobody holds the breath, percent of the 1RM. House convention. */
    private const BREATHES_AT_PCT = 60;

    public function __construct(private Envelope $envelope, private FunctionStatus $function)
    {
    }

    public function verdict(Demands $demands): Verdict
    {
        $objections = new Objections;
        $this->position($demands, $objections);
        $this->motions($demands, $objections);
        $this->amounts($demands, $objections);
        $this->lift($demands, $objections);
        $this->breath($demands, $objections);
        $this->support($demands, $objections);
        $this->surroundings($demands, $objections);
        $this->supervision($demands, $objections);
        $this->grip($demands, $objections);

        return $objections->verdict();
    }

    private function position(Demands $demands, Objections $objections): void
    {
        $withheld = $this->envelope->tightest(Field::Clearance);
        if ($withheld?->value === Clearance::Withheld) {
            $objections->add($withheld);
        }
        $position = $demands->movement->position;
        $limit = $this->envelope->avoids($position->lyingFor($demands->scope()->side), $demands->scope());
        if ($limit !== null) {
            $objections->add($limit, self::firstPossible($demands, ...$position->easedBy()));
        }
        $floor = $demands->setting->floorTransfer
            ? $this->envelope->avoids(Position::Floor, $demands->scope())
            : null;
        if ($floor !== null) {
            $objections->add($floor);
        }
        $overhead = $demands->movement->has(Motion::ShoulderPast90)
            ? $this->envelope->avoids(Position::ArmsOverhead, $demands->scope())
            : null;
        if ($overhead !== null) {
            $objections->add($overhead, self::firstPossible($demands, ChangeKind::ShortenRange));
        }
    }

    private function motions(Demands $demands, Objections $objections): void
    {
        foreach ($demands->movement->motions as $motion) {
            $limit = $this->envelope->avoids($motion, $demands->scope());
            if ($limit !== null) {
                $easing = $motion->easedBy();
                $objections->add($limit, $easing === null ? null : self::firstPossible($demands, $easing));
            }
        }
        $unsupported = $this->envelope->avoids(Motion::SingleLegLoadUnsupported);
        $free = $demands->footing->usual === Support::Free;
        if ($unsupported !== null && $free && $demands->movement->has(Motion::SingleLegLoad)) {
            $objections->add($unsupported, $this->holdOn($demands, Support::Fingertip));
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

    private function lift(Demands $demands, Objections $objections): void
    {
        $lift = $this->envelope->tightest(Field::LiftMaxG, $demands->scope());
        if ($lift !== null && $demands->hands->carryBody) {
            $says = 'The hands would carry part of the body. '.$lift->says;
            $objections->add(new Reason('limit', $lift->rule, $says, $lift->source));
        }
    }

    private function breath(Demands $demands, Objections $objections): void
    {
        $breath = $this->envelope->tightest(Field::Breath, $demands->scope());
        if ($breath?->value === Breath::NoHolding && $demands->strain->breath === BreathTemptation::High) {
            $objections->add($breath, self::ifPossible($demands, Change::lightenTo(self::BREATHES_AT_PCT)));
        }
    }

    private function support(Demands $demands, Objections $objections): void
    {
        $limit = $this->envelope->tightest(Field::SupportMin, $demands->scope());
        $needed = $limit?->value;
        if (! $needed instanceof Support || ! $demands->isStanding()
            || $demands->footing->balance < self::SUPPORT_FROM_BALANCE || $demands->footing->usual->atLeast($needed)) {
            return;
        }
        $objections->add($limit, $this->holdOn($demands, $needed));
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
            $limit = $this->envelope->avoids($material, $demands->scope());
            if ($limit !== null) {
                $easing = $material->easedBy();
                $objections->add($limit, $easing === null ? null : self::firstPossible($demands, $easing));
            }
        }
    }

    private function supervision(Demands $demands, Objections $objections): void
    {
        $asked = $this->envelope->supervision($demands->scope());
        $someone = $asked === Supervision::SomeoneHome || $demands->setting->spotter;
        if ($asked === Supervision::ClinicianPresent || ($someone && $this->function->isAlone())) {
            $says = 'This needs someone there, and the client is alone.';
            $objections->add(new Reason('limit', 'supervision', $says, 'House convention, cautious'));
        }
    }

    private function grip(Demands $demands, Objections $objections): void
    {
        $grip = $demands->hands->grip;
        $side = $demands->scope()->side;
        $hand = $this->function->grip($side);
        if ($grip === GripClass::None || $hand->allows($grip) || $this->isAided($demands)) {
            return;
        }
        $says = sprintf(
            'Needs a %s grip; %s hand grip is %s.', $grip->value,
            $side === Side::Both ? 'the weaker' : 'the '.$side->value,
            $this->function->isGripKnown($side) ? $hand->value : 'not known',
        );
        $objections->add(
            new Reason('limit', 'function', $says, 'House convention, cautious'),
            self::firstPossible($demands, ChangeKind::GripAid),
        );
    }

    /** An aid counts unless it would strap skin that cannot feel it. */
    private function isAided(Demands $demands): bool
    {
        foreach ($this->function->aids($demands->scope()->side) as $aid) {
            if ($aid->covers($demands->hands->grip)) {
                return $this->envelope->avoids(Material::TightStrap, $demands->scope()) === null;
            }
        }

        return false;
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
