<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Look;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Units\Phrase;

/**
 * What follows from what was seen while somebody did an exercise: the cue that answers it; seen in two sessions
 * running, the rung that does. Advice only: it moves no dose. House convention.
 */
final readonly class FormAdvice
{
    /** Sessions running in which a cue is given its chance. */
    public const CUE_FIRST = 2;

    /**
     * @param  int  $running  sessions in a row, the last one counted, in which it was seen
     * @param  string|null  $rung  family/rung that answers it, once the cue has had its chance
     */
    private function __construct(public Look $look, public int $running, public ?string $rung)
    {
    }

    /**
     * @param  string  $at  family/rung of the rung itself, which answers nothing
     * @param  list<list<string>>  $seen  codes of the rung's check-list by session, newest first; unknown ones are left
     * @return list<self> what was seen in the last session, the most lasting first
     */
    public static function of(string $at, Rung $rung, array $seen): array
    {
        $advice = [];
        foreach ($rung->teaching->looks as $look) {
            $running = 0;
            while (in_array($look->code, $seen[$running] ?? [], true)) {
                $running++;
            }
            if ($running > 0) {
                $rungToo = $running >= self::CUE_FIRST && $look->rung !== $at;
                $advice[] = new self($look, $running, $rungToo ? $look->rung : null);
            }
        }
        usort($advice, static fn (self $a, self $b): int => $b->running <=> $a->running);

        return $advice;
    }

    public function says(Catalogue $catalogue): string
    {
        $says = sprintf('%s. %s. Say: %s', $this->look->sees, $this->look->because, $this->look->cue);
        if ($this->rung === null) {
            return $says;
        }
        [$family, $rung] = explode('/', $this->rung);

        return sprintf(
            '%s Seen in %d sessions running: try %s.', $says, $this->running,
            Phrase::within($catalogue->family($family)->rung($rung)->name),
        );
    }
}
