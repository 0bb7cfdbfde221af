<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress\Schools;

use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Progress\Course;
use BuoyantStep\Core\Progress\Easing;
use BuoyantStep\Core\Progress\GoodRun;
use BuoyantStep\Core\Progress\Lever;
use BuoyantStep\Core\Progress\LoadStep;
use BuoyantStep\Core\Progress\Proposal;
use BuoyantStep\Core\Progress\School;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Learn with 10-15 reps, then 8-10 with more load once form is sound; once a block. Source: practice. */
final class FewerHeavier implements School
{
    private const LO = 8;

    private const HI = 10;

    /** The range comes down once in so many days: a block. */
    private const BLOCK_DAYS = 28;

    public function code(): string
    {
        return 'fewer_heavier';
    }

    public function label(): string
    {
        return 'fewer reps, heavier';
    }

    public function serves(DoseKind $kind): bool
    {
        return $kind === DoseKind::Reps;
    }

    public function propose(Course $course): Proposal
    {
        $run = GoodRun::length($course);
        $because = [new Reason('log', 'good_sessions', GoodRun::says($course, $run), 'Practice')];
        if ($run < $course->goodSessionsNeeded()) {
            return Easing::whenShort($course, $because) ?? GoodRun::notYet($course, $because);
        }
        $step = LoadStep::propose($course, $because);

        return $step->lever === Lever::Load && $this->comesDown($course) ? $step->withDose(
            $step->dose->with(amount: $this->range($course)),
            [new Reason('rule', 'reps.fewer', 'Form is sound: fewer reps with more load from here.', 'Practice')],
        ) : $step;
    }

    private function range(Course $course): Span
    {
        $lo = max(self::LO, $course->limits->number(Field::RepsMin) ?? 1);

        return new Span($lo, max($lo, self::HI));
    }

    private function comesDown(Course $course): bool
    {
        $done = $course->judged();
        $steady = array_filter($done, static fn (Performed $p): bool => $p->brokenSets() > 0) === [];
        $first = $done[count($done) - 1] ?? null;

        return $course->dose->amount->hi > self::HI && $steady && $first !== null
            && $first->date->daysTo($course->on) >= self::BLOCK_DAYS && $course->dose->resistanceG() !== null;
    }
}
