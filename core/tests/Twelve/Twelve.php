<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Tests\Twelve;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\BandForm;
use BuoyantStep\Core\Kit\BandMaterial;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Plan\Draft;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Needs\DailyGoals;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Preferences;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\MassUnit;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\Side;

/** Twelve made-up clients who have little in common, and the plan that each is drafted, as text to be read. */
final class Twelve
{
    /** @return list<string> their codes: the names of the files beside this one */
    public static function codes(): array
    {
        return array_map(
            static fn (string $f): string => basename($f, '.json'), glob(__DIR__.'/clients/*.json') ?: [],
        );
    }

    /** @return array<string, mixed> */
    public static function file(string $code): array
    {
        return json_decode((string) file_get_contents(__DIR__."/clients/$code.json"), true);
    }

    /** @param  list<array<string, mixed>>  $more  results beside those of the file */
    public static function situation(string $code, array $more = []): Situation
    {
        $file = self::file($code);
        $kit = Kit::read(new Bag($file['kit']));
        // 24 N at twice its length, free of latex.
        $band = new KitBand('band', 'Band', new Band(1200, [[100, 24]]), BandMaterial::LatexFree, BandForm::Flat);

        return Made::situation(
            Profile::read(new Bag($file['client'])),
            MeasureSet::read(
                array_map(static fn (array $r): Bag => new Bag($r), [...$file['measures'], ...$more]),
            ),
            new Kit($kit->pieces, $kit->carriers, [$band]), new Place(Thing::cases()),
        );
    }

    /** What the client wants to be able to do, in the words of the file. */
    public static function wishes(string $code): Wishes
    {
        return new Wishes(prefers: new Preferences(DailyGoals::in(self::file($code)['wants'])));
    }

    public static function draft(string $code): Draft
    {
        return (new Drafter(self::situation($code)))->draft(self::wishes($code));
    }

    /** The plan as a clinician would read it. */
    public static function text(string $code): string
    {
        $draft = self::draft($code);
        $lines = [self::file($code)['name'], '', ...array_merge(...array_map(self::lines(...), $draft->items))];
        foreach ($draft->left as $left) {
            $lines[] = sprintf('left out: %s. %s', $left->what, $left->says);
        }
        foreach ($draft->trims as $trim) {
            $lines[] = $trim;
        }
        $lines[] = sprintf('%d minutes', (int) ceil($draft->seconds / 60));

        return MassUnit::Kilogram->render(implode("\n", $lines))."\n";
    }

    /** @return list<string> */
    private static function lines(PlanItem $item): array
    {
        $sides = $item->sides === [Side::Both]
            ? ''
            : ', '.implode(' then ', array_map(static fn (Side $s): string => $s->value, $item->sides));

        return array_values(array_filter([
            sprintf('%s/%s: %s%s', $item->family->code, $item->rung->code, $item->rung->name, $sides),
            sprintf(
                '  %d x %s, RPE %s, rest %d s%s%s', $item->dose->sets, $item->dose->amountLabel(),
                $item->dose->effort->label(), $item->dose->restS,
                $item->dose->loadLabel() === null ? '' : ', '.$item->dose->loadLabel(),
                $item->recipe === null ? '' : ' ('.$item->recipe.')',
            ),
            ...array_map(static fn (Reason $r): string => '  why: '.$r->says, $item->why),
            ...array_map(static fn (Change $c): string => '  change: '.$c->says(), $item->changes),
            ...array_map(static fn (string $f): string => '  note: '.$f, $item->dosing->findings),
        ]));
    }
}
