<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\User;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Situation;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Units\Day;
use Illuminate\Support\Facades\DB;

/**
 * What a date ahead will ask of a plan, a week before it comes (limits.md: the changed plan is drafted a week ahead). Only
 * dates that tighten: what may loosen waits for a word.
 *
 * @phpstan-type Ahead array{date: Day, breaches: list<string>}
 */
final class PlanAhead
{
    public const DAYS = 7;

    public function __construct(private readonly BuildSituation $build, private readonly RuleBook $rules, private readonly PlanFit $fit, private readonly PlanDesk $desk, private readonly Catalogue $catalogue)
    {
    }

    /** @return Ahead|null the first date within a week on which the plan will no longer fit as it does today */
    public function of(Plan $plan, Client $client, Situation $today): ?array
    {
        $dates = $this->dates($today);
        $now = $dates === [] ? [] : $this->fit->breaches($plan, $today);
        foreach ($dates as $date) {
            $breaches = array_values(array_diff($this->fit->breaches($plan, $this->build->of($client, $date)), $now));
            if ($breaches !== []) {
                return ['date' => $date, 'breaches' => $breaches];
            }
        }

        return null;
    }

    /**
     * Drafts the next version as that date will have it: each exercise that will not fit gets its change, or the hardest
     * rung of its family that fits. What fits then fits now: tighter is never outside.
     *
     * @return list<string> what has no rung left and needs a decision
     */
    public function prepare(Client $client, User $by, int $revision): array
    {
        $today = $this->build->of($client);
        $wishes = $this->build->wishes($client);

        return DB::transaction(function () use ($client, $by, $revision, $today, $wishes): array {
            $desk = $this->desk->draft($client, $by, $revision, 'Prepared for a date ahead.');
            $ahead = $this->of($desk, $client, $today) ?? throw Refusal::at('plan', 'No date within a week asks for a change of this plan.');
            $then = $this->build->of($client, $ahead['date']);
            $drafter = new Drafter($then);
            $left = [];
            foreach ($desk->items as $item) {
                if ($this->fit->itemBreaches($item, $then) !== [] && ! $this->adapt($item, $drafter, $then, $wishes)) {
                    $left[] = $this->catalogue->family($item->family)->rung($item->rung)->name;
                }
            }

            return $left;
        });
    }

    private function adapt(PlanItem $item, Drafter $drafter, Situation $then, Wishes $wishes): bool
    {
        $family = $this->catalogue->family($item->family);
        $at = $family->position($item->rung);
        foreach (array_reverse(array_slice($family->rungs, 0, $at + 1)) as $rung) {
            [$new] = $drafter->item($family, $rung, $wishes);
            // The same door as for a dose that is typed.
            if ($new !== null && CheckDose::faults($then, $family, $rung, $new->goal, $new->dose) === []) {
                $item->update($this->fit->renewed($item, $new, $then));

                return true;
            }
        }

        return false;
    }

    /** @return list<Day> */
    private function dates(Situation $today): array
    {
        $dates = [];
        foreach ($this->rules->crossings(new Facts($today->client, $today->on, $today->measures)) as $crossing) {
            $days = $today->on->daysTo($crossing->date);
            if ($crossing->tightens && $days >= 1 && $days <= self::DAYS) {
                $dates[(string) $crossing->date] = $crossing->date;
            }
        }

        return array_values($dates);
    }
}
