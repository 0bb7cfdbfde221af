<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Client\TrainingLevel;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/** Which goal of the dose tables an exercise serves for this client. */
final readonly class GoalFor
{
    /**
     * After a birth 12-15 reps at a moderate load come before chasing load; for a year. House convention.
     */
    private const REBUILD_DAYS = 365;

    public function __construct(private Situation $situation)
    {
    }

    /** Which goal a family serves for this client. */
    public function family(Family $family, Aim $aim): Goal
    {
        return match ($family->kind) {
            'warm_up' => Goal::WarmUp,
            'cool_down' => Goal::CoolDown,
            'balance' => Goal::Balance,
            'hold' => Goal::Isometric,
            'mobility' => Goal::Mobility,
            // Speed comes after the first block; until then the same movement is learnt.
            'power' => $this->situation->isInFirstBlock() ? Goal::Learn : Goal::Power,
            default => match ($aim) {
                Aim::Endurance => Goal::Endurance,
                Aim::Learn => Goal::Learn,
                Aim::WakeUp => Goal::WakeUp,
                Aim::Size => $this->sizeGoal(),
                default => $this->strengthGoal(),
            },
        };
    }

    /** Size is for those who have trained: until then, and while a body heals or carries, strength comes first. */
    private function sizeGoal(): Goal
    {
        $strength = $this->strengthGoal();
        $ready = in_array($strength, [Goal::StrengthOlder, Goal::StrengthTrained], true)
            && ! $this->situation->isFragile();

        return $ready ? Goal::Size : $strength;
    }

    private function strengthGoal(): Goal
    {
        $client = $this->situation->client;
        $sinceBirth = $client->daysSinceBirth($this->situation->on);
        $older = $client->age($this->situation->on) >= 65;
        $lightMany = ($client->schools['fragile_bone'] ?? null) === 'light_many';

        return match (true) {
            $client->dueDate !== null,
            $sinceBirth !== null && $sinceBirth <= self::REBUILD_DAYS => Goal::StrengthEndurance,
            $lightMany && $this->situation->envelope->is(ConditionTrait::FragileBone) => Goal::LightMany,
            $this->situation->isInFirstBlock() => Goal::StrengthFirstBlock,
            // No upper age: from 65 on it is being fragile that counts.
            $client->trainingLevel === TrainingLevel::Trained
                && ! ($older && $this->situation->isFragile()) => Goal::StrengthTrained,
            default => Goal::StrengthOlder,
        };
    }
}
