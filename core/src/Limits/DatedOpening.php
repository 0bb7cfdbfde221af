<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\Condition;

/** A limit that may open some days after its start, on a clinician's word (a detail of the condition). */
final readonly class DatedOpening
{
    /**
     * @param  int  $days  after the condition began
     * @param  string  $opensBy  the detail that stands for the word
     */
    public function __construct(public int $days, public string $opensBy, private string $says)
    {
    }

    /** @return iterable<Crossing> the date while it lies ahead */
    public function ahead(Condition $condition, Facts $facts): iterable
    {
        $date = $condition->since?->plus($this->days);

        return $date === null || $condition->has($this->opensBy) || ! $date->isAfter($facts->on)
            ? []
            : [new Crossing($date, $condition->code, $this->says.' Opens when you confirm it.', false)];
    }

    /** The date once it has come, until the word is given; null without a start. */
    public function due(Condition $condition, Facts $facts): ?Crossing
    {
        $date = $condition->since?->plus($this->days);

        return $date === null || $condition->has($this->opensBy) || $date->isAfter($facts->on)
            ? null
            : new Crossing($date, $condition->code, $this->says.' It holds until you confirm it.', false);
    }
}
