<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Client\TrainingLevel;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Units\Reason;

/**
 * On which rung of a family a client begins: the one that a measure of its own kind opened; without one the middle of
 * what is open. One easier where it is sore, unless the start is an easy one already; the hardest that is open only for
 * the trained. House convention, after measures that seed a rung.
 */
final readonly class StartRung
{
    public function __construct(private Situation $situation)
    {
    }

    /**
     * The rungs that a draft may take, the one to begin on first, then the easier ones, then the harder.
     *
     * @return list<RungHere>
     */
    public function order(Family $family, Exclusions $exclusions): array
    {
        $open = $this->open($family, $exclusions);
        if ($open === []) {
            return [];
        }
        $start = $this->index($open);
        $easier = array_reverse(array_slice($open, 0, $start + 1));

        return [...$easier, ...array_slice($open, $start + 1)];
    }

    /**
     * What another pair of hands does is agreed with them first; that a load hangs off to one side is the clinician's
     * choice. Neither is drafted.
     *
     * @return list<RungHere> easiest first
     */
    private function open(Family $family, Exclusions $exclusions): array
    {
        $drafted = array_filter(
            $family->rungs, fn (Rung $rung): bool => $rung->helper === null
                && $rung->work->holding !== Holding::OppositeHand && $exclusions->says($family, $rung) === null,
        );
        $here = array_map(fn (Rung $rung): RungHere => $this->situation->at($family, $rung), $drafted);

        return array_values(array_filter(
            $here, static fn (RungHere $h): bool => ! $h->isOut() && $h->notYet() === null && $h->lacks() === null,
        ));
    }

    /** @param  non-empty-list<RungHere>  $open */
    private function index(array $open): int
    {
        $last = count($open) - 1;
        $middle = intdiv($last + 1, 2);
        $kind = $open[0]->family->kind;
        if ($kind === 'warm_up' || $kind === 'cool_down') {
            // Easy minutes are no ladder to climb: what raises the pulse most, and what needs no going out.
            return $kind === 'warm_up' ? $last : $middle;
        }
        if ($this->situation->isInFirstBlock() || $this->situation->isFragile()) {
            // The test is the movement of the pattern's main family; of any other it only says that it may be tried.
            return ($open[0]->family->draft === 1 ? $this->seeded($open) : null) ?? $middle;
        }
        $from = $this->situation->client->trainingLevel === TrainingLevel::Trained
            ? $last : max($this->seeded($open) ?? 0, $middle, $last - 1);

        return max(0, $from - ($this->situation->isSore($open[0]->rung->demands->scope()->region) ? 1 : 0));
    }

    /**
     * The hardest that a measure of its own kind opened.
     *
     * @param  non-empty-list<RungHere>  $open
     */
    private function seeded(array $open): ?int
    {
        $seeded = array_keys(array_filter($open, static fn (RungHere $h): bool => $h->rung->needs !== []));

        return $seeded === [] ? null : max($seeded);
    }

    /** Why the client begins here and not on the next rung. */
    public function because(RungHere $here, Exclusions $exclusions): Reason
    {
        $family = $here->family;
        $next = $family->rungs[$family->position($here->rung->code) + 1] ?? null;
        if ($next === null) {
            return self::reason('The hardest rung of its family.');
        }
        $then = $this->situation->at($family, $next);
        $why = match (true) {
            $exclusions->says($family, $next) !== null => $exclusions->says($family, $next),
            $then->isOut() => $then->whyOut(),
            $then->notYet() !== null => $then->notYet(),
            $then->lacks() !== null => ucfirst($then->lacks()),
            $next->helper !== null => 'It needs a helper: agree it with them first.',
            $next->work->holding === Holding::OppositeHand => 'A load to one side is chosen by hand.',
            $this->situation->isSore($here->rung->demands->scope()->region) => 'It is sore there: an easier start.',
            $this->situation->isInFirstBlock() => 'New to training: an easier start.',
            $this->situation->isFragile() => 'A fragile client: an easier start.',
            default => 'A step is left for the weeks to come.',
        };

        return self::reason(sprintf('The next rung, %s, not yet. %s', Phrase::within($next->name), $why));
    }

    private static function reason(string $says): Reason
    {
        return new Reason('rule', 'rung.start', $says, 'House convention');
    }
}
