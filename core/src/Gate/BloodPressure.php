<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

/** Blood pressure at rest, mmHg; null is not entered. */
final readonly class BloodPressure
{
    public function __construct(public ?float $systolic = null, public ?float $diastolic = null)
    {
    }

    public function isEntered(): bool
    {
        return $this->systolic !== null && $this->diastolic !== null;
    }

    /** At or over either of the two; what is not entered is over nothing. */
    public function reaches(int $systolic, int $diastolic): bool
    {
        return ($this->systolic ?? 0) >= $systolic || ($this->diastolic ?? 0) >= $diastolic;
    }

    /** "182/94", a question mark for what is not entered */
    public function label(): string
    {
        $say = static fn (?float $n): string => $n === null ? '?' : (string) (int) $n;

        return $say($this->systolic).'/'.$say($this->diastolic);
    }
}
