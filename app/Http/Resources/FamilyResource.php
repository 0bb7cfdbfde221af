<?php

declare(strict_types=1);

namespace App\Http\Resources;

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Limits\Judge;
use BuoyantStep\Core\Measures\Test;

/** A family as a page of the catalogue. */
final class FamilyResource
{
    /** @return array<string, mixed> */
    public static function of(Family $family, Catalogue $catalogue): array
    {
        return [
            'code' => $family->code, 'name' => $family->name, 'pattern' => $family->pattern->label(), 'purpose' => $family->purpose, 'gym' => $family->gymMachines,
            'seated' => $family->seatedFamily === null ? null : ['code' => $family->seatedFamily, 'name' => $catalogue->family($family->seatedFamily)->name],
            'rungs' => array_map(self::rung(...), $family->rungs),
        ];
    }

    /** @return array<string, mixed> */
    public static function figures(Family $family): array
    {
        return ['code' => $family->code, 'name' => $family->name, 'rungs' => array_map(static fn (Rung $r): array => ['code' => $r->code, 'name' => $r->name, 'figure' => $r->figure->draw()], $family->rungs)];
    }

    /** @return array<string, mixed> */
    private static function rung(Rung $rung): array
    {
        $demands = $rung->demands;

        return [
            'code' => $rung->code, 'name' => $rung->name, 'step' => $rung->step, 'axes' => $rung->axesLabel(), 'figure' => $rung->figure->draw(),
            'equipment' => array_map(static fn (Thing $t): array => ['name' => $t->label(), 'or' => $t->substitute()], $rung->equipment),
            'set_up' => $rung->setUp, 'cues' => $rung->cues, 'mistakes' => $rung->mistakes, 'feel' => $rung->feel, 'too_hard_if' => $rung->tooHardIf, 'too_easy_if' => $rung->tooEasyIf,
            'muscles' => $rung->muscles, 'counts' => $rung->doseKind->value.($rung->isOneSided() ? ', each side' : ''), 'seconds' => $rung->secondsPerUnit, 'set_up_seconds' => $rung->setUpSeconds, 'alone' => $rung->alone && ! $demands->spotter,
            'demands' => array_values(array_filter([
                str_replace('_', ' ', $demands->position),
                $demands->floorTransfer ? 'on the floor' : null,
                $demands->isStanding() && $demands->balance > 0 ? sprintf('balance %d of 4, %s', $demands->balance, str_replace('_', ' ', $demands->usualSupport)) : null,
                $demands->impact > 0 ? sprintf('impact %d of 3', $demands->impact) : null,
                $demands->grip->value === 'none' ? null : $demands->grip->value.' grip',
                $demands->breath === 'high' ? 'tempts to hold the breath' : null,
                ...array_map(static fn (string $m): string => str_replace('_', ' ', $m), $demands->motions),
            ], is_string(...))),
            'changes' => array_map(static fn (string $c): string => rtrim(lcfirst(Judge::says($c)), '.'), $demands->changes ?? []),
            'opens' => array_map(static fn (string $test, int $least): string => sprintf('%s: %d %s', lcfirst(Test::from($test)->label()), $least, Test::from($test)->unit()), array_keys($rung->needs), $rung->needs),
        ];
    }
}
