<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Change;

/** Collects what stands against an exercise, each with the change that would meet it, and comes to a verdict. */
final class Objections
{
    /** @var list<Reason> */
    private array $reasons = [];

    /** @var list<Change> */
    private array $changes = [];

    private bool $out = false;

    /** @param  Change|null  $change  what would meet it; null when nothing does */
    public function add(Limit|Reason $because, ?Change $change = null): void
    {
        $this->reasons[] = $because instanceof Limit ? $because->asReason() : $because;
        if ($change === null) {
            $this->out = true;
        } else {
            $this->changes[] = $change;
        }
    }

    public function verdict(): Verdict
    {
        return match (true) {
            $this->reasons === [] => new Verdict(Verdict::FITS, [], []),
            $this->out => new Verdict(Verdict::OUT, [], $this->reasons),
            default => new Verdict(Verdict::CHANGES, Verdict::furthest($this->changes), $this->reasons),
        };
    }
}
