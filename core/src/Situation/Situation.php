<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Situation;

use BuoyantStep\Core\Client\GripAid;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Client\TrainingLevel;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Fit\Judge;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\House;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Kit\Ladders;
use BuoyantStep\Core\Kit\MakeableLoads;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Limits\ClinicFigures;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Log\LoggedExercise;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Material;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use WeakMap;

/** One client, one home, one day: the limits, and every rung as it stands here, each worked out once. */
final class Situation
{
    /** Ladders reach the heaviest estimated 1RM of this client, within these bounds; no dose lies above it. */
    private const LADDER_TOP_G = [8_000, self::MOST_G];

    /** No home load is heavier, grams. */
    public const MOST_G = 40_000;

    public readonly Profile $client;

    public readonly Day $on;

    public readonly MeasureSet $measures;

    public readonly Kit $kit;

    public readonly Place $place;

    public readonly Envelope $envelope;

    public readonly Judge $judge;

    private ?int $topG = null;

    /** @var WeakMap<Rung, RungHere> each rung is asked about several times while a stair is drawn */
    private WeakMap $rungs;

    /** @param  list<LoggedExercise>  $logged  what was done lately */
    public function __construct(
        private readonly Facts $facts,
        private readonly House $house,
        public readonly Catalogue $catalogue,
        RuleBook $rules,
        ClinicFigures $clinic = new ClinicFigures,
        public readonly array $logged = [],
    ) {
        $this->client = $facts->client;
        $this->on = $facts->on;
        $this->measures = $facts->measures;
        $this->kit = $house->kit;
        $this->place = $house->place;
        $this->envelope = $rules->envelope($facts, $clinic);
        $this->judge = new Judge($this->envelope, $facts->client->function);
        $this->rungs = new WeakMap;
    }

    public function at(Family $family, Rung $rung): RungHere
    {
        return $this->rungs[$rung] ??= new RungHere($this, $family, $rung);
    }

    public function facts(): Facts
    {
        return $this->facts;
    }

    /**
     * Every load that this client can make and hold in this way, at least up to so many grams.
     *
     * @param  Side  $side  the hand that works
     * @param  Scope  $scope  the part of the body that works
     * @param  Ladders|null  $of  another kit's than this home's
     */
    public function ladder(Holding $holding, Side $side, Scope $scope, int $topG, ?Ladders $of = null): Ladder
    {
        return ($of ?? $this->house->ladders)->of(
            $holding, $this->client->function->grip($side), $this->aids($side, $scope), $topG,
        );
    }

    /**
     * What this kit makes for this client in one way of holding, whatever the exercise: with the hand that can do more,
     * and with the aids that may be worn.
     *
     * @param  int  $topG  loads of interest up to here, grams
     */
    public function kitLadder(Holding $holding, int $topG): Ladder
    {
        $sides = $holding->isOneHand() ? [Side::Right, Side::Left] : [Side::Both];
        $ladders = array_map(fn (Side $side): Ladder => MakeableLoads::ladder(
            $this->kit, $holding, $topG, null, $this->client->function->grip($side),
            $this->aids($side, new Scope(Region::Upper, $side)),
        ), $sides);
        usort($ladders, static fn (Ladder $a, Ladder $b): int => count($b->loads) <=> count($a->loads));

        return $ladders[0];
    }

    /** How far ladders are worked out for this client, grams. */
    public function ladderTopG(): int
    {
        return $this->topG ??= $this->farthestG();
    }

    private function farthestG(): int
    {
        [$top, $most] = self::LADDER_TOP_G;
        foreach ($this->measures->results as $result) {
            $top = max($top, $result->oneRepMax->grams ?? 0);
            if ($result->family !== null && $result->reps !== null && $this->catalogue->has($result->family)) {
                $top = max($top, $this->addedAtMost($this->catalogue->family($result->family)));
            }
        }
        foreach ($this->logged as $logged) {
            if ($this->catalogue->has($logged->family)) {
                $top = max($top, $this->addedAtMost($this->catalogue->family($logged->family)));
            }
        }

        return min($most, $top);
    }

    /** The load that would be the estimated 1RM of a family, whatever of the body is lifted with it, grams. */
    private function addedAtMost(Family $family): int
    {
        $most = 0;
        foreach ($family->rungs as $rung) {
            $estimate = $this->at($family, $rung)->estimate();
            if ($rung->work->holding !== null && $estimate !== null) {
                $most = max($most, (int) ceil($rung->work->system($this->client)->loadFor($estimate->grams)));
            }
        }

        return $most;
    }

    /** New to training, or a gentler first block that no clinician has called over. */
    public function isInFirstBlock(): bool
    {
        return in_array($this->client->trainingLevel, [null, TrainingLevel::New], true)
            || $this->envelope->is(ConditionTrait::FirstBlock);
    }

    public function isFragile(): bool
    {
        return $this->envelope->is(ConditionTrait::Fragile);
    }

    /** Does it hurt there, by what was entered on the screen? */
    public function isSore(Region $region): bool
    {
        return match ($region) {
            Region::Lower => $this->envelope->is(ConditionTrait::SoreLeg),
            Region::Upper => $this->envelope->is(ConditionTrait::SoreArm),
            Region::Trunk => $this->envelope->is(ConditionTrait::SoreBack),
            default => $this->isSore(Region::Lower) || $this->isSore(Region::Upper) || $this->isSore(Region::Trunk),
        };
    }

    /** Is one side weaker by a condition, and only one? */
    public function hasWeakSide(): bool
    {
        return $this->envelope->is(ConditionTrait::WeakSide) && $this->sideOfCondition() !== null;
    }

    /** The side that starts and sets the pace: the weaker one, when the measures or a one-sided condition say which. */
    public function leadingSide(): Side
    {
        $weaker = $this->measures->weakerSide();
        if ($weaker !== null) {
            return $weaker;
        }

        return $this->sideOfCondition() ?? Side::Left;
    }

    private function sideOfCondition(): ?Side
    {
        foreach ($this->client->conditions as $condition) {
            if ($condition->side !== null && $condition->side !== Side::Both && $condition->inForce($this->on)) {
                return $condition->side;
            }
        }

        return null;
    }

    /** @return list<GripAid> what may hold in place of the fingers; no strap goes on skin that cannot feel */
    private function aids(Side $side, Scope $scope): array
    {
        return $this->envelope->avoids(Material::TightStrap, $scope) === null
            ? $this->client->function->aids($side)
            : [];
    }
}
