<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Exercises\DoseKind;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;

/** Brakes first, then the school, then the envelope once more over whatever came out. */
final class NextDose
{
    /** @return list<string> */
    public static function schools(): array
    {
        return array_map(static fn (School $s): string => $s->code(), self::all());
    }

    /** @throws UnknownCode for a school that is not built */
    public static function propose(string $school, Course $course, string $pointer = '/school'): Proposal
    {
        foreach (self::all() as $candidate) {
            if ($candidate->code() === $school) {
                $proposal = Brakes::apply($course) ?? $candidate->propose($course);
                [$dose, $because] = self::clamp($course, $proposal->dose);

                return $proposal->withDose($dose, $because);
            }
        }

        throw UnknownCode::of('school', $school, self::schools(), $pointer);
    }

    /** The school for what a dose counts. */
    public static function schoolFor(DoseKind $kind): string
    {
        return $kind === DoseKind::Seconds ? 'seconds' : 'reps_then_load';
    }

    /** @return list<School> */
    private static function all(): array
    {
        return [new Schools\RepsThenLoad, new Schools\SecondsGrow];
    }

    /** @return array{Dose, list<Reason>} */
    private static function clamp(Course $course, Dose $dose): array
    {
        $because = [];
        $envelope = $course->envelope;
        $effortMax = $envelope->atLeast(Field::EffortMax, 10, $course->scope);
        if ($dose->effort->hi > $effortMax) {
            $dose = $dose->with(effort: new Span(min($dose->effort->lo, $effortMax), $effortMax));
            $because[] = new Reason('limit', 'effort_max', sprintf('Effort held to %d by the limits.', $effortMax));
        }
        $rest = $envelope->atLeast(Field::RestMinS, 0, $course->scope);
        if ($dose->restS < $rest) {
            $dose = $dose->with(restS: $rest);
            $because[] = new Reason('limit', 'rest_min_s', sprintf('Rest of at least %d s.', $rest));
        }
        if ($dose->kind === DoseKind::Reps) {
            $least = $envelope->atLeast(Field::RepsMin, 1, $course->scope);
            $most = $envelope->atLeast(Field::RepsMax, Dose::MAX_AMOUNT, $course->scope);
            $lo = min($most, max($dose->amount->lo, $least));
            $hi = max($lo, min($dose->amount->hi, $most));
            if ($lo !== $dose->amount->lo || $hi !== $dose->amount->hi) {
                $dose = $dose->with(amount: new Span($lo, $hi));
                $because[] = new Reason('limit', 'reps', sprintf('Reps held to %s by the limits.', $dose->amount->label()));
            }
        }
        $hold = $envelope->number(Field::HoldMaxS, $course->scope);
        if ($dose->kind === DoseKind::Seconds && $hold !== null && $dose->amount->hi > $hold && ($course->goal?->isEffortfulHold() ?? true)) {
            $dose = $dose->with(amount: new Span(min($dose->amount->lo, $hold), $hold));
            $because[] = new Reason('limit', 'hold_max_s', sprintf('Holds of %d s at most.', $hold));
        }
        $cap = $course->loadCapG();
        if ($dose->loadG !== null && $cap !== null && $dose->loadG > $cap) {
            $within = array_values(array_filter($course->ladderG ?? [], static fn (int $g): bool => $g <= $cap));
            if ($within !== []) {
                $dose = $dose->with(loadG: max($within));
                $because[] = new Reason('limit', 'load_cap', 'The load is held under its cap.');
            }
        }

        return [$dose, $because];
    }
}
