<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Units;

use BuoyantStep\Core\Errors\InvalidInput;
use DateTimeImmutable;
use DateTimeZone;

/** A calendar day without a time or a zone. The core never asks a clock: days come in from outside. */
final readonly class Day
{
    private const SECONDS = 86400;

    private function __construct(private int $number)
    {
    }

    /** @throws InvalidInput unless the text is a real date, written 2026-11-25, between 1890 and 2200 */
    public static function of(string $text, string $pointer = ''): self
    {
        $date = DateTimeImmutable::createFromFormat('!Y-m-d', $text, new DateTimeZone('UTC'));
        if ($date === false || $date->format('Y-m-d') !== $text || $text < '1890' || $text > '2200') {
            throw InvalidInput::at(
                $pointer,
                sprintf(
                    '"%s" is not a date. Write it as year-month-day, for example 2026-11-25.', mb_substr($text, 0, 40),
                ),
            );
        }

        return new self(intdiv($date->getTimestamp(), self::SECONDS));
    }

    public function plus(int $days): self
    {
        return new self($this->number + $days);
    }

    /** Days from this day to the other; negative when the other is earlier. */
    public function daysTo(self $other): int
    {
        return $other->number - $this->number;
    }

    public function isBefore(self $other): bool
    {
        return $this->number < $other->number;
    }

    public function isAfter(self $other): bool
    {
        return $this->number > $other->number;
    }

    /** Whole years from this day (a birthday) to the other. */
    public function yearsTo(self $other): int
    {
        [$from, $to] = [$this->date(), $other->date()];
        $years = (int) $to->format('Y') - (int) $from->format('Y');

        return $to->format('md') < $from->format('md') ? $years - 1 : $years;
    }

    /** 1 Monday to 7 Sunday. */
    public function weekday(): int
    {
        return (int) $this->date()->format('N');
    }

    /** For people: "25 November 2026". */
    public function label(): string
    {
        return $this->date()->format('j F Y');
    }

    public function __toString(): string
    {
        return $this->date()->format('Y-m-d');
    }

    private function date(): DateTimeImmutable
    {
        return new DateTimeImmutable('@'.$this->number * self::SECONDS);
    }
}
