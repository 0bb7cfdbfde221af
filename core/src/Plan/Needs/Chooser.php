<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Needs;

use BuoyantStep\Core\Client\Cognition;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Plan\Days\WeekShape;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\LeftOut;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Trim;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Phrase;

/**
 * Chooses what goes in: goals of daily life first, in their order, and a rise; then what conditions and measures ask
 * for; then the other main patterns; then the second and third exercise of each need, and what else covers the body.
 * Two good exercises for what matters beat one of everything. Source: practice.
 */
final readonly class Chooser
{
    /** Few exercises for somebody who needs things simple; one of them is the warm-up. House convention. */
    public const MOST_WHEN_SIMPLE = 5;

    /** What an exercise with its rests takes, about, minutes. */
    private const MINUTES_EACH = 4;

    /** Slots of a need that are looked at. */
    private const MOST_OF_A_NEED = 5;

    private Selection $selection;

    /** @var list<Need> goals of daily life in their order, then what conditions and measures ask for */
    private array $needs;

    public function __construct(private Drafter $drafter, private Situation $situation, private Wishes $wishes)
    {
        $this->selection = new Selection($drafter, $wishes, $this->mostItems());
        $this->needs = [
            ...array_map(DailyGoals::need(...), $wishes->prefers->goals), ...(new Flags($situation))->needs(),
        ];
    }

    /** How many exercises a session holds at most, the warm-up counted; a cool-down comes on top. House convention. */
    private function mostItems(): int
    {
        $simple = $this->situation->client->function->cognition === Cognition::NeedsSimple;
        // A split has as many for each of its two days.
        $sessions = $this->wishes->shape->week === WeekShape::Split && count($this->wishes->days) > 1 ? 2 : 1;
        $fit = 1 + $sessions * max(Trim::FEWEST_ITEMS, intdiv($this->wishes->minutes, self::MINUTES_EACH));
        $most = min(Drafter::MOST_ITEMS, $simple ? self::MOST_WHEN_SIMPLE : $fit);

        return min($this->wishes->prefers->mostItems ?? $most, $most) + ($this->wishes->shape->coolDown ? 1 : 0);
    }

    /**
     * @param  list<Planned>  $done  what has been done lately: it stays where it still fits
     * @return list<LeftOut>
     */
    public function choose(array $done): array
    {
        $coolDown = $this->wishes->shape->coolDown ? [Cover::coolDown()] : [];
        $gone = $this->keep($done, easyMinutes: true);
        $this->meet([Cover::need(Pattern::March), ...$coolDown], 0);
        $gone += $this->keep($done, easyMinutes: false);
        $left = $this->pin();
        $goals = array_filter($this->needs, static fn (Need $n): bool => $n->kind === NeedKind::Goal);
        $this->meet([...$goals, Cover::need(Pattern::Rise)], 0);
        $this->meet(array_slice($this->needs, count($goals)), 0);
        $this->meet(Cover::main($this->situation), 0);
        for ($nth = 1; $nth < self::MOST_OF_A_NEED; $nth++) {
            $this->meet($this->needs, $nth);
        }
        $rest = Cover::rest($this->situation);
        $this->meet(array_filter($rest, fn (Need $n): bool => ! $this->selection->isMet($n)), 0);

        return [...$left, ...$this->notKept($gone), ...$this->unmet([...$this->needs, ...$rest, ...$coolDown])];
    }

    /** @return list<PlanItem> most important first */
    public function items(): array
    {
        return $this->selection->items();
    }

    /**
     * Needs that were met, and of which the minutes have left nothing.
     *
     * @param  list<PlanItem>  $items  what is left
     * @return list<LeftOut>
     */
    public function cutAway(array $items): array
    {
        $kept = array_map(static fn (PlanItem $i): string => $i->family->code, $items);
        $cut = array_filter($this->needs, fn (Need $n): bool => $this->selection->isMet($n)
            && array_intersect($this->selection->meets($n), $kept) === []);
        $says = sprintf('Left out to fit %d minutes.', $this->wishes->minutes);

        return array_map(static fn (Need $n): LeftOut => new LeftOut($n->label, $says), array_values($cut));
    }

    /**
     * @param  list<Planned>  $done
     * @return array<string, LeftOut> by family, what cannot stay
     */
    private function keep(array $done, bool $easyMinutes): array
    {
        $gone = [];
        foreach ($done as $planned) {
            if ($planned->goal->isEasyMinutes() !== $easyMinutes || $this->selection->isFull()) {
                continue;
            }
            $offer = $this->drafter->kept($planned, $this->wishes);
            if ($offer->item !== null) {
                $this->selection->keep($offer->item);
            } else {
                $gone[$planned->family->code] = new LeftOut(
                    $planned->family->name, 'It was done, and cannot stay: '.Phrase::within($offer->why),
                );
            }
        }

        return $gone;
    }

    /**
     * @param  array<string, LeftOut>  $gone
     * @return list<LeftOut> those of which no other rung is in after all
     */
    private function notKept(array $gone): array
    {
        $in = array_map(static fn (PlanItem $i): string => $i->family->code, $this->selection->items());

        return array_values(array_diff_key($gone, array_flip($in)));
    }

    /** @return list<LeftOut> what cannot be in, though it was to be */
    private function pin(): array
    {
        $left = [];
        foreach ($this->wishes->prefers->pins as $pin) {
            $why = $this->selection->pin($pin);
            if ($why !== null) {
                $left[] = new LeftOut($this->situation->catalogue->family($pin->family)->name, $why);
            }
        }

        return $left;
    }

    /** @param  array<Need>  $needs */
    private function meet(array $needs, int $nth): void
    {
        foreach ($needs as $need) {
            $this->selection->meet($need, $nth);
        }
    }

    /**
     * @param  list<Need>  $needs
     * @return list<LeftOut>
     */
    private function unmet(array $needs): array
    {
        $left = [];
        foreach ($needs as $need) {
            if (! $this->selection->isMet($need)) {
                $pattern = $need->kind === NeedKind::Cover ? $need->slots[0]->pattern : null;
                $left[] = new LeftOut($need->label, $this->selection->whyNot($need), $pattern);
            }
        }

        return $left;
    }
}
