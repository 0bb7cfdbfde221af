<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Needs;

use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Offer;
use BuoyantStep\Core\Plan\Pin;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Units\Reason;

/** The exercises chosen so far, the most important first; each knows the needs that it is in for. */
final class Selection
{
    /** More of one pattern than this is another kind of programme, chosen by hand. House convention. */
    private const OF_ONE_PATTERN = 2;

    /** @var array<string, PlanItem> by family; by family and rung where another of it is in */
    private array $items = [];

    /** @var array<string, true> families of which a rung was pinned */
    private array $pinned = [];

    /** @var array<string, Offer> by family */
    private array $tried = [];

    /** @var array<string, list<Reason>> by the keys of the items */
    private array $why = [];

    /** @var array<string, list<string>> need to the keys of the items that meet it */
    private array $meets = [];

    public function __construct(
        private readonly Drafter $drafter,
        private readonly Wishes $wishes,
        private readonly int $most,
    ) {
    }

    /** @return string|null why it cannot be pinned; null when it is in */
    public function pin(Pin $pin): ?string
    {
        $why = new Reason('rule', Need::RULE.'pinned', 'Chosen by the clinician for every draft.');
        $another = isset($this->pinned[$pin->family]);
        $this->pinned[$pin->family] = true;
        foreach ($this->items as $key => $kept) {
            if ($kept->family->code === $pin->family && in_array($pin->rung, [null, $kept->rung->code], true)) {
                $this->why[$key][] = $why;

                return null;
            }
        }
        $offer = $this->drafter->pinned($pin, $this->wishes);
        if ($offer->item === null) {
            return $offer->why;
        }
        $this->take($offer->item, $why, $another);

        return null;
    }

    /** What has been done stays, with its rung and its dose, as long as they still fit. */
    public function keep(PlanItem $item): void
    {
        $this->take($item, new Reason('log', Need::RULE.'kept', 'Kept: it has been done, and weeks compare.'), true);
    }

    /** Meets the nth slot of a need, by an exercise that is in already or by another one. */
    public function meet(Need $need, int $nth): void
    {
        $slot = $need->slots[$nth] ?? null;
        if ($slot === null) {
            return;
        }
        $used = $this->meets[$need->code] ?? [];
        foreach ($this->items as $key => $item) {
            if ($slot->takes($item->family) && ! in_array($key, $used, true)) {
                $this->note($need, $key);

                return;
            }
        }
        $offer = $this->isFull() || $this->hasEnoughOf($slot) ? null : $this->best($slot);
        if ($offer?->item !== null) {
            $this->take($offer->item, $need->because());
            $this->meets[$need->code][] = $offer->item->family->code;
        }
    }

    public function isFull(): bool
    {
        return count($this->items) >= $this->most;
    }

    public function isMet(Need $need): bool
    {
        return $this->meets($need) !== [];
    }

    /** @return list<string> the families that meet it */
    public function meets(Need $need): array
    {
        return array_map(
            fn (string $key): string => $this->items[$key]->family->code, $this->meets[$need->code] ?? [],
        );
    }

    /** Why a need is not met: the first reason of its first exercise, or that the session is full. */
    public function whyNot(Need $need): string
    {
        $offer = $this->best($need->slots[0]);

        return $offer->item === null
            ? ($offer->why === '' ? 'Nothing of it is open yet: measure first.' : $offer->why)
            : sprintf('This session holds %d exercises; %s can be swapped in.', $this->most, Phrase::within(
                $offer->item->family->name,
            ));
    }

    /** @return list<PlanItem> most important first, each with what it is in for */
    public function items(): array
    {
        return array_map(
            fn (string $key, PlanItem $i): PlanItem => $i->because($this->why[$key]), array_keys($this->items),
            array_values($this->items),
        );
    }

    private function hasEnoughOf(Slot $slot): bool
    {
        $alike = array_filter($this->items, static fn (PlanItem $i): bool => $i->family->pattern === $slot->pattern);

        return count($alike) >= self::OF_ONE_PATTERN;
    }

    /** The first family that is open as it is; where none is, the first that is open with less of it. */
    private function best(Slot $slot): Offer
    {
        $lessened = null;
        $why = '';
        foreach ($slot->families($this->drafter->catalogue()) as $family) {
            if (isset($this->items[$family->code])) {
                continue;
            }
            $offer = $this->tried[$family->code] ??= $this->drafter->start($family, $this->wishes);
            if ($offer->item !== null && ! $offer->item->isLessened() && $this->suits($slot, $offer->item)) {
                return $offer;
            }
            if ($offer->item !== null && $this->suits($slot, $offer->item)) {
                $lessened ??= $offer;
            }
            // Of all that is out, the main family says it best.
            $why = $why === '' ? $offer->why : $why;
        }

        return $lessened ?? Offer::none($why);
    }

    private function suits(Slot $slot, PlanItem $item): bool
    {
        return ! $slot->oneSided || $item->rung->isOneSided();
    }

    /** @param  bool  $another  beside what there is of its family already, not in its place */
    private function take(PlanItem $item, Reason $why, bool $another = false): void
    {
        $key = $item->family->code;
        $there = $this->items[$key] ?? null;
        if ($another && $there !== null && $there->rung !== $item->rung) {
            $key .= '/'.$item->rung->code;
        }
        $this->items[$key] = $item;
        $this->why[$key][] = $why;
    }

    private function note(Need $need, string $key): void
    {
        $this->meets[$need->code][] = $key;
        // That a pattern is covered says nothing beside a need that has chosen the exercise.
        if ($need->kind !== NeedKind::Cover) {
            $this->why[$key][] = $need->because();
        }
    }
}
