<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Side;

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
        if ($dose->isApart()) {
            return Dose::joined(
                self::asMeant($here->onSide(Side::Left), $dose->on(Side::Left)),
                self::asMeant($here->onSide(Side::Right), $dose->on(Side::Right)),
            );
        }
        if ($dose->pullN !== null && $here->rung->work->band !== null) {
            // To the tenth of a kilogram as it was typed, a newton is as near as a scale can tell.
            $there = Pulls::of($here)->newtons();
            $near = array_filter($there, static fn (int $n): bool => abs($n - $dose->pullN) <= 1);

            return $near === [] || in_array($dose->pullN, $there, true) ? $dose : $dose->with(pullN: min($near));
        }
        $made = $dose->loadG === null ? null : $here->ladder()?->alike($dose->loadG);

        return $made === null ? $dose : $dose->with(loadG: $made->loadG);
    }

    /** @return list<DoseFault> everything that keeps this dose out */
    public function of(Dose $dose): array
    {
        $rung = $this->here->rung;
        $faults = [];
        if (! in_array($dose->kind, $rung->work->kinds(), true)) {
            $words = array_map(static fn (DoseKind $k): string => Kinds::of($k)->word(), $rung->work->kinds());
            $says = sprintf('%s counts %s.', $rung->name, implode(' or ', $words));
            $faults[] = new DoseFault(DoseField::AmountLo, $says);
        }
        if ($dose->holdS !== null && $dose->kind !== DoseKind::Reps) {
            $faults[] = new DoseFault(DoseField::Hold, 'Only a rep can be held inside; leave it empty here.');
        }
        if ($this->goal === Goal::WakeUp && $dose->effort->hi > Goal::WAKE_UP_EFFORT && $dose->sets > 1
            && $dose->amount->hi > Goal::WAKE_UP_REPS) {
            $says = 'A wake-up over RPE 3 is one set, or five reps.';
            $faults[] = new DoseFault(DoseField::EffortHi, $says);
        }
        if ($dose->isApart() && ! $rung->isOneSided()) {
            $says = 'Both sides work at once here: left and right cannot differ.';
            $faults[] = new DoseFault(DoseField::Load, $says);
        }
        foreach ($this->sides($dose) as [$side, $here, $own]) {
            foreach (DoseSense::refusals($own, $this->goal) as $field => $says) {
                $of = $field === 'sets' ? DoseField::Sets : DoseField::AmountHi->on($side);
                $faults[] = new DoseFault($of, $says);
            }
            $load = self::load($here, $own);
            if ($load !== null) {
                $field = $own->pullN === null ? DoseField::Load : DoseField::Pull;
                $faults[] = new DoseFault($field->on($side), $load);
            }
        }
        foreach ($this->limits->breaches($dose) as $breach) {
            $faults[] = new DoseFault($breach->field, 'Outside the limits: '.$breach->limit->says);
        }

        return $faults;
    }

    /** @return list<string> what of the same a plan that was made earlier no longer keeps, in words */
    public function since(Dose $dose): array
    {
        $found = array_map(static fn (Breach $b): string => $b->limit->says, $this->limits->breaches($dose));
        foreach ($this->sides($dose) as [, $here, $own]) {
            $load = self::load($here, $own);
            $found = [
                ...$found, ...array_values(DoseSense::refusals($own, $this->goal)), ...($load === null ? [] : [$load]),
            ];
        }

        return array_values(array_unique($found));
    }

    /** @return list<array{Side, RungHere, Dose}> the dose of each side where they differ, else the one of both */
    private function sides(Dose $dose): array
    {
        return ! $dose->isApart() ? [[Side::Both, $this->here, $dose]] : [
            [Side::Left, $this->here->onSide(Side::Left), $dose->on(Side::Left)],
            [Side::Right, $this->here->onSide(Side::Right), $dose->on(Side::Right)],
        ];
    }

    /** Does it keep the limits, and can the kit make its load? */
    public function stands(Dose $dose): bool
    {
        foreach ($this->sides($dose) as [, $here, $own]) {
            if ($own->pullN !== null && self::pull($here, $own->pullN) !== null) {
                return false;
            }
            if ($here->rung->work->holding !== null
                && ($own->loadG === null || $here->ladder()?->at($own->loadG) === null)) {
                return false;
            }
        }

        return $this->limits->breaches($dose) === [];
    }

    /** What is wrong with a pull in this home; null when a band here gives it and keeps the cap at its end. */
    private static function pull(RungHere $here, int $newtons): ?string
    {
        if ($here->rung->work->band === null) {
            return 'This exercise takes no band; leave the pull empty.';
        }
        $there = Pulls::of($here)->newtons();
        if (in_array($newtons, $there, true)) {
            return null;
        }
        $says = Mass::sayForce($newtons).' is not to be had with the bands here.';

        return $there === [] ? $says : $says.sprintf(
            ' They give %s to %s in this exercise, under the limits.', Mass::sayForce(min($there)),
            Mass::sayForce(max($there)),
        );
    }

    /** What is wrong with the load of a dose in this home; null when the kit makes it, or none is needed. */
    private static function load(RungHere $here, Dose $dose): ?string
    {
        if ($dose->pullN !== null) {
            return self::pull($here, $dose->pullN);
        }
        if ($here->rung->work->holding === null) {
            return $dose->loadG === null ? null : 'This exercise takes no load; leave it empty.';
        }
        if ($dose->loadG === null) {
            return 'This exercise takes a load; choose one that the kit can make.';
        }
        if ($here->makes($dose->loadG)) {
            return null;
        }
        $ladder = $here->ladder();
        $near = array_filter([$ladder?->below($dose->loadG)?->loadG, $ladder?->above($dose->loadG)?->loadG]);
        $nearest = $near === [] ? '' : ' Nearest: '.implode(' or ', array_map(Mass::say(...), $near)).'.';

        return Mass::say($dose->loadG).' cannot be made here.'.$nearest;
    }
}
