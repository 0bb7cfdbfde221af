<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\DoseKind;

/**
 * The one door through which a dose gets into a plan: limits, kit and sense, whoever proposes it.
 */
final readonly class DoseFaults
{
    private DoseLimits $limits;

    public function __construct(private RungHere $here, private Goal $goal)
    {
        $this->limits = DoseLimits::of($here, $goal);
    }

    /** A load typed as the page showed it, to ten grams or in pounds, is the one that the kit makes. */
    public static function asMeant(RungHere $here, Dose $dose): Dose
    {
        $made = $dose->loadG === null ? null : $here->ladder()?->alike($dose->loadG);

        return $made === null ? $dose : $dose->with(loadG: $made->loadG);
    }

    /** @return list<DoseFault> everything that keeps this dose out */
    public function of(Dose $dose): array
    {
        $rung = $this->here->rung;
        $faults = [];
        if ($dose->kind !== $rung->work->kind) {
            $says = sprintf('%s counts %s.', $rung->name, Kinds::of($rung->work->kind)->word());
            $faults[] = new DoseFault(DoseField::AmountLo, $says);
        }
        if ($dose->holdS !== null && $dose->kind !== DoseKind::Reps) {
            $faults[] = new DoseFault(DoseField::Hold, 'Only a rep can be held inside; leave it empty here.');
        }
        foreach (DoseSense::refusals($dose, $this->goal) as $field => $says) {
            $faults[] = new DoseFault($field === 'sets' ? DoseField::Sets : DoseField::AmountHi, $says);
        }
        $load = $this->load($dose);
        if ($load !== null) {
            $faults[] = new DoseFault(DoseField::Load, $load);
        }
        foreach ($this->limits->breaches($dose) as $breach) {
            $faults[] = new DoseFault($breach->field, 'Outside the limits: '.$breach->limit->says);
        }

        return $faults;
    }

    /** @return list<string> what of the same a plan that was made earlier no longer keeps, in words */
    public function since(Dose $dose): array
    {
        $load = $this->load($dose);

        return [
            ...array_map(static fn (Breach $b): string => $b->limit->says, $this->limits->breaches($dose)),
            ...array_values(DoseSense::refusals($dose, $this->goal)),
            ...($load === null ? [] : [$load]),
        ];
    }

    /** Does it keep the limits, and can the kit make its load? */
    public function stands(Dose $dose): bool
    {
        $made = $this->here->rung->work->holding === null
            || ($dose->loadG !== null && $this->here->ladder()?->at($dose->loadG) !== null);

        return $made && $this->limits->breaches($dose) === [];
    }

    /** What is wrong with the load of a dose in this home; null when the kit makes it, or none is needed. */
    private function load(Dose $dose): ?string
    {
        if ($this->here->rung->work->holding === null) {
            return $dose->loadG === null ? null : 'This exercise takes no load; leave it empty.';
        }
        if ($dose->loadG === null) {
            return 'This exercise takes a load; choose one that the kit can make.';
        }
        if ($this->here->makes($dose->loadG)) {
            return null;
        }
        $ladder = $this->here->ladder();
        $near = array_filter([$ladder?->below($dose->loadG)?->loadG, $ladder?->above($dose->loadG)?->loadG]);
        $nearest = $near === [] ? '' : ' Nearest: '.implode(' or ', array_map(Mass::say(...), $near)).'.';

        return Mass::say($dose->loadG).' cannot be made here.'.$nearest;
    }
}
