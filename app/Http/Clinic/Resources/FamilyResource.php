<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Look;
use BuoyantStep\Core\Exercises\Muscle;
use BuoyantStep\Core\Exercises\Purpose;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Exercises\Teaching;
use BuoyantStep\Core\Fit\Demands;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Measures\AllTests;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\BreathTemptation;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\Motion;

/** A family as a page of the catalogue. */
final class FamilyResource
{
    /** @return array<string, mixed> */
    public static function of(Family $family, Catalogue $catalogue): array
    {
        return [
            'code' => $family->code, 'name' => $family->name, 'pattern' => $family->pattern->label(),
            'copied_from' => $family->copiedFrom === null
                ? null
                : ['code' => $family->copiedFrom, 'name' => $catalogue->family($family->copiedFrom)->name],
            'purpose' => $family->purpose, 'gym' => $family->gymMachines, 'words' => $family->words,
            'serves' => array_map(static fn (Purpose $p): string => $p->label(), $family->serves),
            'seated' => $family->seatedFamily === null
                ? null
                : ['code' => $family->seatedFamily, 'name' => $catalogue->family($family->seatedFamily)->name],
            'rungs' => array_map(self::rung(...), $family->rungs),
        ];
    }

    /** @return array<string, mixed> */
    public static function figures(Family $family): array
    {
        return [
            'code' => $family->code,
            'name' => $family->name,
            'rungs' => array_map(
                static fn (Rung $r): array => ['code' => $r->code, 'name' => $r->name, 'figure' => $r->figure->draw()],
                $family->rungs,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function rung(Rung $rung): array
    {
        $demands = $rung->demands;

        return [
            'code' => $rung->code, 'name' => $rung->name, 'step' => $rung->step, 'axes' => $rung->axesLabel(),
            'figure' => $rung->figure->draw(),
            'equipment' => array_map(
                static fn (Thing $t): array => [
                    'name' => $t->label(), 'or' => $t->substitute(),
                ], $rung->setUp->equipment,
            ),
            'set_up' => $rung->setUp->says, 'cues' => $rung->teaching->cues, 'mistakes' => $rung->teaching->mistakes,
            'feel' => $rung->teaching->feel,
            'too_hard_if' => $rung->teaching->tooHardIf, 'too_easy_if' => $rung->teaching->tooEasyIf,
            'muscles' => array_map(static fn (Muscle $m): string => $m->value, $rung->teaching->muscles),
            'helper' => $rung->helper?->label(), ...self::teaching($rung->teaching),
            'counts' => $rung->work->kind->value.($rung->isOneSided() ? ', each side' : ''),
            'seconds' => $rung->work->secondsPerUnit, 'set_up_seconds' => $rung->setUp->seconds,
            'alone' => $rung->setUp->alone
                && ! $demands->setting->spotter,
            'demands' => self::demands($rung->demands),
            'changes' => array_map(
                static fn (ChangeKind $c): string => rtrim(Phrase::within(Change::of($c)->says()), '.'),
                $demands->changes ?? [],
            ),
            'opens' => array_map(
                static fn (string $test, int $least): string => sprintf(
                    '%s: %d %s', Phrase::within(AllTests::named($test)->about()->label), $least,
                    AllTests::named($test)->about()->unit,
                ),
                array_keys($rung->needs),
                $rung->needs,
            ),
        ];
    }

    /** @return array<string, mixed> what helps whoever teaches it */
    private static function teaching(Teaching $teaching): array
    {
        return [
            'picture' => $teaching->picture, 'target' => $teaching->target, 'fade' => $teaching->fade,
            'looks' => array_map(
                static fn (Look $l): array => ['sees' => $l->sees, 'because' => $l->because, 'cue' => $l->cue],
                $teaching->looks,
            ),
            'wrong' => $teaching->wrong === null
                ? null
                : ['says' => $teaching->wrong->says, 'figure' => $teaching->wrong->figure->draw()],
        ];
    }

    /** @return list<string> what the rung asks of a body, in words */
    private static function demands(Demands $demands): array
    {
        return array_values(array_filter([
            $demands->movement->position->label(),
            $demands->setting->floorTransfer ? 'on the floor' : null,
            $demands->isStanding() && $demands->footing->balance > 0
                ? sprintf('balance %d of 4, %s', $demands->footing->balance, $demands->footing->usual->label())
                : null,
            $demands->strain->impact > 0 ? sprintf('impact %d of 3', $demands->strain->impact) : null,
            $demands->hands->grip->value === 'none' ? null : $demands->hands->grip->value.' grip',
            $demands->strain->breath === BreathTemptation::High ? 'tempts to hold the breath' : null,
            ...array_map(static fn (Motion $m): string => $m->label(), $demands->movement->motions),
        ], is_string(...)));
    }
}
