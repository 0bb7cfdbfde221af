<?php

declare(strict_types=1);

namespace App\Actions;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseSense;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Plan\Situation;
use BuoyantStep\Core\Units\Mass;

/** The one door through which a dose gets into a plan: limits, kit and sense, whoever proposes it. */
final class CheckDose
{
    /** A load typed as the page showed it, to ten grams or in pounds, is the one that the kit makes. */
    public static function asMeant(Situation $situation, Rung $rung, Dose $dose): Dose
    {
        $made = $dose->loadG === null || $rung->holding === null ? null : $situation->ladder($rung)?->alike($dose->loadG);

        return $made === null ? $dose : $dose->with(loadG: $made->loadG);
    }

    /** Held against envelope, kit and sense; the refusal names the field and a value that works. */
    public static function assertAllowed(Situation $situation, Family $family, Rung $rung, Goal $goal, Dose $dose, bool $confirmed): void
    {
        foreach (self::faults($situation, $family, $rung, $goal, $dose) as [$field, $says]) {
            throw Refusal::at($field, $says);
        }
        $asks = DoseSense::asks($dose, $goal);
        if ($asks !== [] && ! $confirmed) {
            throw Refusal::at('confirm', implode(' ', $asks).' If it is meant, say so and send it again.');
        }
    }

    /** @return list<array{string, string}> field and sentence of everything that keeps this dose out */
    public static function faults(Situation $situation, Family $family, Rung $rung, Goal $goal, Dose $dose): array
    {
        $faults = [];
        if ($dose->kind !== $rung->doseKind) {
            $faults[] = ['amount_lo', sprintf('%s counts %s.', $rung->name, $rung->doseKind->value)];
        }
        foreach (DoseSense::refusals($dose, $goal) as $field => $says) {
            $faults[] = [$field === 'amount' ? 'amount_hi' : $field, $says];
        }
        $load = self::loadFault($situation, $rung, $dose);
        if ($load !== null) {
            $faults[] = ['load', $load];
        }
        foreach ($situation->prescriber->breaches($rung, $goal, $dose, $situation->oneRepMax($family), $situation->workingSide($rung)) as $limit) {
            $field = match ($limit->field->value) {
                'effort_max' => 'effort_hi',
                'rest_min_s' => 'rest_s',
                'reps_min' => 'amount_lo',
                'reps_max', 'hold_max_s' => 'amount_hi',
                default => 'load',
            };
            $faults[] = [$field, 'Outside the limits: '.$limit->says];
        }

        return $faults;
    }

    /** What is wrong with the load of a dose in this home; null when the kit makes it, or none is needed. */
    public static function loadFault(Situation $situation, Rung $rung, Dose $dose): ?string
    {
        if ($rung->holding === null) {
            return $dose->loadG === null ? null : 'This exercise takes no load; leave it empty.';
        }
        if ($dose->loadG === null) {
            return 'This exercise takes a load; choose one that the kit can make.';
        }
        if ($situation->isMakeable($rung, $dose->loadG)) {
            return null;
        }
        $ladder = $situation->ladder($rung);
        $near = array_filter([$ladder?->below($dose->loadG)?->loadG, $ladder?->above($dose->loadG)?->loadG]);

        return sprintf('%s cannot be made here.%s', Mass::say($dose->loadG), $near === [] ? '' : ' Nearest: '.implode(' or ', array_map(Mass::say(...), $near)).'.');
    }
}
