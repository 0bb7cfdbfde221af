<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Plan;
use App\Models\User;
use App\Rows\BlockRow;
use App\Rows\BuildSituation;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\Ahead;
use BuoyantStep\Core\Plan\PlanAhead;
use BuoyantStep\Core\Plan\PlanFit;
use BuoyantStep\Core\Plan\Then;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use Illuminate\Support\Facades\DB;

/** Drafts the next version of a plan as a date ahead will have it. */
final class PreparePlan
{
    public function __construct(
        private readonly BuildSituation $build,
        private readonly RuleBook $rules,
        private readonly PlanDesk $desk,
        private readonly Catalogue $catalogue,
    ) {
    }

    /** The first date within a week on which the plan will no longer fit as it does today. */
    public function ahead(Plan $plan, Client $client, Situation $today): ?Ahead
    {
        $then = fn (Day $on): Situation => $this->build->of($client, $on);

        return (new PlanAhead($this->rules, $today, $then))->of(PlanItemRow::all($plan, $this->catalogue));
    }

    /**
     * Every date of the block that tightens, with the plan as it would be from then on.
     *
     * @return list<Then>
     */
    public function dates(Plan $plan, Client $client): array
    {
        $today = $this->build->of($client);
        $then = fn (Day $on): Situation => $this->build->of($client, $on);
        $days = $today->on->daysTo(BlockRow::of($plan, $today)->retest());

        return (new PlanAhead($this->rules, $today, $then))->within(
            PlanItemRow::all($plan, $this->catalogue), $days, $this->build->wishes($client),
        );
    }

    /** @return list<string> what has no rung left and needs a decision */
    public function run(Client $client, User $by, int $revision): array
    {
        $today = $this->build->of($client);
        $wishes = $this->build->wishes($client);

        return DB::transaction(function () use ($client, $by, $revision, $today, $wishes): array {
            $desk = $this->desk->draft($client, $by, $revision, 'Prepared for a date ahead.');
            $ahead = $this->ahead($desk, $client, $today)
                ?? throw Refusal::at('plan', 'No date within a week asks for a change of this plan.');
            $then = $this->build->of($client, $ahead->date);
            $fit = new PlanFit($then);
            $left = [];
            foreach ($desk->items as $item) {
                $planned = PlanItemRow::planned($item, $this->catalogue);
                $new = $fit->ofOne($planned) === [] ? null : PlanAhead::adapted($planned, $then, $wishes);
                if ($new !== null) {
                    $item->update(PlanItemRow::renewed($item, $planned, $new, $fit));
                } elseif ($fit->ofOne($planned) !== []) {
                    $left[] = $planned->rung->name;
                }
            }

            return $left;
        });
    }
}
