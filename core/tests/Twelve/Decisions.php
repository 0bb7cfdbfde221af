<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Tests\Twelve;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Progress\Exercise;
use BuoyantStep\Core\Progress\Reviewed;
use BuoyantStep\Core\Progress\Reviewer;
use BuoyantStep\Core\Progress\School;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\MassUnit;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Side;

/** How each dose of the twelve came about, and what would be decided after nine kinds of weeks: as text to be read. */
final class Decisions
{
    /** Exercises of a client that are followed: enough for every kind of dose among the twelve. */
    private const FOLLOWED = 5;

    public static function text(string $code): string
    {
        $lines = [Twelve::file($code)['name'], ...self::followed(Twelve::draft($code)->items)];
        $measured = self::withEasySets($code);
        if ($measured !== []) {
            array_push($lines, '', 'Once an easy set of each has been done', ...self::followed($measured));
        }

        return MassUnit::Kilogram->render(implode("\n", $lines))."\n";
    }

    /**
     * @param  list<PlanItem>  $items
     * @return list<string>
     */
    private static function followed(array $items): array
    {
        $worked = array_values(array_filter(
            $items, static fn (PlanItem $i): bool => ! in_array($i->goal, [Goal::WarmUp, Goal::Mobility], true),
        ));
        $lines = [];
        foreach (array_slice($worked, 0, self::FOLLOWED) as $item) {
            array_push($lines, '', $item->family->code.'/'.$item->rung->code.': '.self::dose($item->dose));
            array_push($lines, ...self::reasons('  ', $item->dosing->because));
            foreach (self::weeks($item->dose) as $week => $history) {
                array_push($lines, ...self::decided("  $week", $item, $history, null));
            }
            foreach (SchoolBook::all() as $school) {
                if ($school->serves($item->dose->kind)) {
                    $good = self::weeks($item->dose)['good twice'];
                    array_push($lines, ...self::decided('  good twice, '.$school->code(), $item, $good, $school));
                }
            }
        }

        return $lines;
    }

    /** @return list<PlanItem> what takes a load in the plan, drafted anew with an easy set of each */
    private static function withEasySets(string $code): array
    {
        $sets = [];
        foreach (Twelve::draft($code)->items as $item) {
            if ($item->dose->loadG !== null) {
                $sets[] = [
                    'test' => 'easy_set', 'family' => $item->family->code,
                    'load_g' => max(2000, 2 * $item->dose->loadG),
                    'reps' => 10, 'rir' => 3,
                ];
            }
        }

        return array_values(array_filter(
            (new Drafter(Twelve::situation($code, $sets)))->draft(Twelve::wishes($code))->items,
            static fn (PlanItem $i): bool => $i->dose->loadG !== null,
        ));
    }

    /**
     * @param  list<array<string, mixed>>  $history
     * @return list<string>
     */
    private static function decided(string $what, PlanItem $item, array $history, ?School $school): array
    {
        $reviewed = (new Reviewer($item->here->situation, new Wishes))->review(new Exercise(
            $item->here, $item->goal, $item->dose,
            array_map(static fn (array $h): Performed => Performed::read(new Bag($h)), $history), $school?->code(),
        ));
        $proposal = $reviewed->proposal;

        return array_values(array_filter([
            sprintf(
                '%s: %s%s -> %s', $what, $proposal->decision->value, self::lever($reviewed),
                self::dose($proposal->dose),
            ),
            ...self::reasons('      ', $proposal->because),
            ...array_map(static fn ($o): string => '      or: '.$o->says, $proposal->offers),
            $proposal->otherwise === '' ? null : '      otherwise: '.$proposal->otherwise,
            $proposal->review ? '      a clinician looks at it' : null,
        ]));
    }

    private static function lever(Reviewed $reviewed): string
    {
        $lever = $reviewed->proposal->lever?->value;

        return $lever === null ? '' : ' by '.$lever.($lever === 'rung' ? ' to '.$reviewed->rung->code : '');
    }

    private static function dose(Dose $dose): string
    {
        return sprintf(
            '%d x %s, RPE %s, rest %d s, tempo %s%s', $dose->sets, $dose->amountLabel(), $dose->effort->label(),
            $dose->restS, $dose->tempo, $dose->loadLabel() === null ? '' : ', '.$dose->loadLabel(),
        );
    }

    /**
     * @param  list<Reason>  $because
     * @return list<string>
     */
    private static function reasons(string $indent, array $because): array
    {
        return array_map(
            static fn (Reason $r): string => sprintf(
                '%s[%s.%s] %s%s', $indent, $r->from, $r->rule, $r->says, $r->source === '' ? '' : " ({$r->source})",
            ),
            $because,
        );
    }

    /** @return array<string, list<array<string, mixed>>> newest first */
    private static function weeks(Dose $dose): array
    {
        $on = Day::of(Made::TODAY);
        $set = static fn (int $amount, float $effort, array $with = []): array => array_filter([
            $dose->kind->value => max(1, $amount), 'effort' => $effort, 'load_g' => $dose->on(Side::Both)->loadG,
            'pull_n' => $dose->pullN, ...$with,
        ], static fn (mixed $v): bool => $v !== null);
        $done = static fn (int $ago, array $one, array $with = []): array => [
            'date' => (string) $on->plus(-$ago), 'sets' => array_fill(0, $dose->sets, $one),
            'pain' => ['before' => 0, 'during' => 0, 'next_morning' => 0], ...$with,
        ];
        [$lo, $hi] = [$dose->amount->lo, $dose->amount->hi];
        $good = $set($hi, $dose->effort->hi);
        $pain = static fn (int $during, int $morning): array => [
            'pain' => ['before' => 0, 'during' => $during, 'next_morning' => $morning],
        ];

        return [
            'good once' => [$done(2, $good)],
            'good twice' => [$done(2, $good), $done(5, $good)],
            'good four times' => [$done(2, $good), $done(5, $good), $done(9, $good), $done(12, $good)],
            'easy twice' => [$done(2, $set($hi, 3)), $done(5, $set($hi, 3))],
            'too hard' => [$done(2, $set($lo - 2, 10)), $done(5, $good)],
            'pain of 6' => [$done(2, $good, $pain(6, 0)), $done(5, $good)],
            'worse next morning' => [$done(2, $good, $pain(1, 5)), $done(5, $good)],
            'form broke' => [$done(2, $set($hi, $dose->effort->hi, ['form_broke' => true])), $done(5, $good)],
            'five weeks away' => [$done(35, $good), $done(38, $good)],
            'short twice' => [$done(2, $set($lo - 2, $dose->effort->hi)), $done(5, $set($lo - 2, $dose->effort->hi))],
            'two weeks away' => [$done(15, $good), $done(18, $good)],
            'three weeks away' => [$done(22, $good), $done(25, $good)],
            'a stop sign' => [$done(2, $good, ['stop_sign' => true])],
        ];
    }
}
