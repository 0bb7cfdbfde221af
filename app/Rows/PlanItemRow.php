<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\Plan;
use App\Models\PlanItem as StoredItem;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Days\OnDays;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Needs\Need;
use BuoyantStep\Core\Plan\PlanFit;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\Side;

/** Between the core's plan item and its row. */
final class PlanItemRow
{
    /**
     * @param  StoredItem|null  $was  what it takes the place of, and is in the plan for
     * @return array<string, mixed>
     */
    public static function from(PlanItem $item, ?StoredItem $was = null): array
    {
        // On as many days as what it takes the place of, where that is left out on some.
        $dose = $was?->off_days === null
            ? $item->dose : $item->dose->with(daysAWeek: self::dose($was)->daysAWeek);

        return [
            'family' => $item->family->code,
            'rung' => $item->rung->code,
            'goal' => $item->goal->value,
            'dose' => $dose->jsonSerialize(),
            'sides' => array_map(static fn (Side $s): string => $s->value, $item->sides),
            'changes' => array_map(static fn (Change $c): array => $c->jsonSerialize(), $item->changes),
            'because' => [
                ...$was === null ? [] : self::needs($was),
                ...array_map(static fn (Reason $r): array => $r->jsonSerialize(), $item->reasons()),
            ],
            'findings' => $item->dosing->findings,
            'recipe' => $item->recipe,
        ];
    }

    /** @return list<array{from: string, rule: string, says: string, source: string}> what it is in the plan for */
    public static function needs(StoredItem $item): array
    {
        return array_values(array_filter(
            $item->because, static fn (array $r): bool => str_starts_with($r['rule'], Need::RULE),
        ));
    }

    public static function onDays(StoredItem $item): OnDays
    {
        return new OnDays($item->light_days ?? [], $item->off_days ?? []);
    }

    /** @return list<OnDays> of all exercises of a plan */
    public static function allOnDays(Plan $plan): array
    {
        return array_values($plan->items->map(self::onDays(...))->all());
    }

    /**
     * How it is shared out over the week, with the dose that says how often that is.
     *
     * @param  list<int>  $days  of the plan
     * @return array{light_days: list<int>|null, off_days: list<int>|null, dose: array<string, mixed>}
     */
    public static function shared(StoredItem $item, OnDays $on, array $days): array
    {
        return [...self::days($on), 'dose' => $on->dose(self::dose($item), $days)->jsonSerialize()];
    }

    /** @return array{light_days: list<int>|null, off_days: list<int>|null} */
    public static function days(OnDays $on): array
    {
        return [
            'light_days' => $on->light === [] ? null : $on->light, 'off_days' => $on->off === [] ? null : $on->off,
        ];
    }

    public static function dose(StoredItem $item): Dose
    {
        return Dose::read(new Bag($item->dose));
    }

    public static function goal(StoredItem $item): Goal
    {
        return Goal::from($item->goal);
    }

    /** As it was planned, for today's limits to be held against. */
    public static function planned(StoredItem $item, Catalogue $catalogue): Planned
    {
        $family = $catalogue->family($item->family);

        return new Planned(
            $family, $family->rung($item->rung), self::goal($item), self::dose($item),
            array_map(Side::from(...), $item->sides),
            array_map(static fn (array $c): Change => Change::read($c['change']), $item->changes),
        );
    }

    /** @return list<Planned> */
    public static function all(Plan $plan, Catalogue $catalogue): array
    {
        return array_values(
            $plan->items->map(static fn (StoredItem $i): Planned => self::planned($i, $catalogue))->all(),
        );
    }

    /**
     * What was planned as these limits and this kit have it: with the changes and on the sides of today, and with its
     * own dose where that may stand.
     *
     * @return array<string, mixed> what to store
     */
    public static function renewed(StoredItem $was, Planned $before, PlanItem $now, PlanFit $fit): array
    {
        $row = self::from($now, $was);

        return ! $fit->doseStands($before, $now) ? $row : [
            'changes' => $row['changes'], 'sides' => $row['sides'],
            'recipe' => Drafter::recipe($now->here, $before->goal, $before->dose),
        ];
    }
}
