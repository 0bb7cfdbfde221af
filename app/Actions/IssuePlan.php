<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\PlanSnapshot;
use App\Models\User;
use App\Rows\BlockRow;
use App\Rows\BuildSituation;
use App\Rows\ClearanceRows;
use App\Rows\PlanItemRow;
use App\Rows\WishRows;
use BuoyantStep\Core\Dose\DoseSense;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Plan\Minutes;
use BuoyantStep\Core\Plan\PlanFit;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use Illuminate\Support\Facades\DB;

/** Issues the draft: it must fit today's limits, have its clearance, and no open red flag. */
final class IssuePlan
{
    public function __construct(
        private readonly BuildSituation $build,
        private readonly Catalogue $catalogue,
        private readonly PlanDesk $desk,
        private readonly WorkOutReview $review,
    ) {
    }

    public function run(Client $client, User $by, int $revision, IssueReasons $reasons = new IssueReasons): Plan
    {
        $situation = $this->build->of($client);
        $clearance = ClearanceRows::state($client, $situation);
        if ($clearance->holdsBack()) {
            throw Refusal::at('clearance', (string) $clearance->missing());
        }
        $unasked = $clearance->isAdvisedAndMissing();
        if ($unasked && ! IssueReasons::stands($reasons->clearance)) {
            throw Refusal::at(
                'clearance_reason',
                $clearance->missing().' Enter it on Screen, or say why the plan is issued without, for example: the '
                    .'oncologist has been asked, unloaded work until then.',
            );
        }

        return DB::transaction(function () use ($client, $by, $revision, $situation, $reasons, $unasked): Plan {
            $this->desk->next($client, $by, $revision, 'A plan issued.');
            // Asked with the client locked: a sign that is logged at this moment is seen.
            if (StopSigns::isOpen($client)) {
                throw Refusal::at(
                    'stop', 'A red flag is open. Clear it on Review, with your reason, before a plan is issued.',
                );
            }
            $plan = self::draft($client);
            if ($situation->envelope->is(ConditionTrait::NeedsWarmUp) && ! WarmUp::isIn($plan)) {
                throw Refusal::at('plan', 'Heart, lungs or pressure ask for a warm-up: add one before it is issued.');
            }
            $minutes = $this->minutesWhenFit($plan, new PlanFit($situation));
            $long = self::isLong($plan, $minutes, $reasons->long);
            $client->plans()->where('status', Plan::ISSUED)->update(['status' => Plan::SUPERSEDED]);
            $plan->update([
                'status' => Plan::ISSUED, 'revision' => $client->plan_revision, 'issued_on' => (string) $situation->on,
                'issued_by' => $by->id, ...BlockRow::atIssue($plan, $situation),
                'issue_reason' => $long ? $reasons->long : null,
            ]);
            // What is handed out is not taken back by a button.
            PlanSnapshot::query()->where('client_id', $client->id)->delete();
            $this->review->afterIssue($client, $plan);
            Decision::record(
                $by,
                $client,
                'plan.issued',
                sprintf('Version %d issued with %d exercises.', $plan->version, $plan->items->count()),
                ['plan' => $plan->id, 'minutes' => $minutes],
                implode(' ', array_filter([
                    $long ? $reasons->long : null, $unasked ? $reasons->clearance : null,
                ])) ?: null,
            );

            return $plan;
        });
    }

    private function minutesWhenFit(Plan $plan, PlanFit $fit): int
    {
        $planned = PlanItemRow::all($plan, $this->catalogue);
        $breaches = $fit->breaches($planned);
        if ($breaches !== []) {
            throw Refusal::at('plan', 'This plan does not fit the limits: '.$breaches[0]);
        }

        $sessions = $fit->sessions(
            $planned, PlanItemRow::allOnDays($plan), $plan->days, Structure::from($plan->structure),
            WishRows::shapeOf($plan),
        );

        return Minutes::round($sessions->seconds());
    }

    private static function draft(Client $client): Plan
    {
        $plan = $client->plans()->where('status', Plan::DRAFT)->with('items')->lockForUpdate()->first();
        if ($plan === null) {
            throw Refusal::at('plan', 'There is no draft to issue. Draft a plan first.');
        }
        if ($plan->items->isEmpty()) {
            throw Refusal::at('plan', 'A plan needs at least one exercise.');
        }

        return $plan;
    }

    /** Does the session take longer than was asked for? Then only with a reason. */
    private static function isLong(Plan $plan, int $minutes, ?string $reason): bool
    {
        $long = $minutes > DoseSense::TIMES_ITS_MINUTES * $plan->minutes;
        if ($long && ! IssueReasons::stands($reason)) {
            throw Refusal::at(
                'issue_reason',
                sprintf(
                    'This session takes %d minutes, and %d were asked for. Take something out, or say why it is '
                        .'issued all the same, for example: splits it over the day.',
                    $minutes,
                    $plan->minutes,
                ),
            );
        }

        return $long;
    }
}
