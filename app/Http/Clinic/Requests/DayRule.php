<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Units\Day;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A date that can be meant: a real day within bounds, so that a mistyped year is refused where it was typed. */
final readonly class DayRule implements ValidationRule
{
    private const DAYS_A_YEAR = 365.25;

    private function __construct(private Day $from, private Day $to, private Day $example, private string $hint)
    {
    }

    /** Up to today, and no longer ago than that. */
    public static function past(Day $today, float $years, string $hint = ''): self
    {
        return new self(self::yearsFrom($today, -$years), $today, $today->plus(-6), $hint);
    }

    /** A person's own. */
    public static function birth(Day $today, float $years): self
    {
        return new self(self::yearsFrom($today, -$years), $today, Day::of('1944-03-02'), '');
    }

    /** Ahead of today as well, at least for the two months of the example. */
    public static function around(Day $today, float $yearsBack, float $yearsAhead, string $hint = ''): self
    {
        return new self(
            self::yearsFrom($today, -$yearsBack), self::yearsFrom($today, $yearsAhead),
            $today->plus(60), $hint,
        );
    }

    public static function between(Day $from, Day $to, Day $example, string $hint = ''): self
    {
        return new self($from, $to, $example, $hint);
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            $day = is_string($value) ? Day::of($value) : null;
        } catch (CoreError) {
            $day = null;
        }
        if ($day === null || $day->isBefore($this->from) || $day->isAfter($this->to)) {
            $fail(
                trim(
                    sprintf(
                        'Write the date as year-month-day, from %s to %s, for example %s. %s',
                        $this->from,
                        $this->to,
                        $this->example,
                        $this->hint,
                    ),
                ),
            );
        }
    }

    private static function yearsFrom(Day $day, float $years): Day
    {
        return $day->plus((int) round($years * self::DAYS_A_YEAR));
    }
}
