<?php

declare(strict_types=1);

namespace App\Queries;

use App\Actions\PreparePlan;
use App\Exceptions\QuietReport;
use App\Models\Client;
use App\Models\Clinic;
use App\Models\GateCheck;
use App\Models\MeasureResult;
use App\Models\Plan;
use App\Models\Proposal;
use App\Models\SessionLog;
use App\Rows\BuildSituation;
use App\Rows\ClearanceRows;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Caseload\Mark;
use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\Needs;
use BuoyantStep\Core\Caseload\Rules\Retest;
use BuoyantStep\Core\Caseload\Standing;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Gate\GateVerdict;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\PlanFit;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Sign;
use ErrorException;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use TypeError;
use UnexpectedValueException;
use ValueError;

/** Today's list for a clinic: every client with what they need, most urgent first. */
final class FindNeeds
{
    public function __construct(
        private readonly BuildSituation $build,
        private readonly RuleBook $rules,
        private readonly PreparePlan $prepare,
        private readonly Catalogue $catalogue,
    ) {
    }

    /** @return array{rows: list<array<string, mixed>>, quiet: list<array<string, mixed>>} */
    public function forClinic(Clinic $clinic): array
    {
        $today = $clinic->today();
        $clinic->loadMissing('figures');
        $rows = [];
        $quiet = [];
        foreach (self::clients($clinic, $today) as $client) {
            $client->setRelation('clinic', $clinic);
            $row = $this->row($client, $today);
            if ($row['mark'] === 'quiet') {
                $quiet[] = $row;
            } else {
                $rows[] = $row;
            }
        }
        usort($rows, static fn (array $a, array $b): int => [$a['rank'], $a['name']] <=> [$b['rank'], $b['name']]);

        return ['rows' => $rows, 'quiet' => $quiet];
    }

    /** @return Collection<int, Client> with all that a need may ask for, in a fixed number of queries */
    private static function clients(Clinic $clinic, Day $today): Collection
    {
        return Client::query()->where('clinic_id', $clinic->id)
            ->with([...array_diff(BuildSituation::RELATIONS, ['clinic.figures']), 'clearances'])
            ->with(
                [
                    'plans' => static fn (HasMany $q) => $q->whereIn(
                        'status', [Plan::DRAFT, Plan::ISSUED],
                    )->with('items'),
                ],
            )
            ->with(
                [
                    'proposals' => static fn (HasMany $q) => $q->where('status', Proposal::OPEN)->whereIn(
                        'decision', ['step_up', 'ease', 'retest'],
                    )->with('planItem'),
                ],
            )
            ->with(
                [
                    'logs' => static fn (HasMany $q) => $q->where(
                        static fn ($w) => $w->where('done_on', '>=', (string) $today->plus(-120))->orWhere(
                            static fn ($o) => $o->whereNotNull('stop_sign')->whereNull('stop_cleared_at'),
                        ),
                    ),
                ],
            )
            ->with(
                [
                    'gateChecks' => static fn (HasMany $q) => $q->whereIn(
                        'id', GateCheck::query()->selectRaw('max(id)')->groupBy('client_id'),
                    ),
                ],
            )
            ->get();
    }

    /** @return array{mark: string, rank: int, name: string}&array<string, mixed> */
    private function row(Client $client, Day $today): array
    {
        try {
            $needs = $this->needs($client, $today);
            $age = Day::of($client->birth_date)->yearsTo($today);
        } catch (CoreError|ValueError|TypeError|UnexpectedValueException|ErrorException $fault) {
            // One record that cannot be read is that client's need, and nobody else's.
            QuietReport::ofRecord($client->id, $fault);
            $needs = [
                new Need(
                    Mark::Look,
                    1,
                    'This record cannot be read as it is stored: look at Screen, which says what to put right.',
                    'screen',
                ),
            ];
            $age = null;
        }
        $first = $needs[0] ?? null;

        return [
            'id' => $client->id,
            'name' => $client->name(),
            'age' => $age,
            'mark' => ($first->mark ?? Mark::Quiet)->value,
            'rank' => $first->rank ?? 99,
            'needs' => array_map(
                static fn (Need $n): array => [
                    'mark' => $n->mark->value, 'says' => $n->says, 'stage' => $n->stage,
                ], $needs,
            ),
            'last' => $client->logs->first()?->done_on,
            'plan' => $client->plans->firstWhere('status', Plan::ISSUED)?->version,
        ];
    }

    /** A fall, or a date of the limits that has passed, since the last test. */
    private function retestBecause(Client $client, Situation $situation, Day $measured): ?string
    {
        $fall = $client->logs->first(
            static fn (SessionLog $l): bool => Sign::tryFrom((string) $l->stop_sign) === Sign::FallWithInjury
                && $l->done_on > (string) $measured,
        );
        if ($fall !== null) {
            return 'a fall was reported on '.Day::of($fall->done_on)->label().'.';
        }
        foreach ($this->rules->crossings(new Facts($situation->client, $measured, $situation->measures)) as $crossing) {
            if (! $crossing->date->isAfter($situation->on) && $crossing->tightens) {
                return lcfirst($crossing->says);
            }
        }

        return null;
    }

    /** The plan that will be in use: a draft that is ready for the date asks for nothing more than to be issued. */
    private function ahead(Client $client, Situation $situation): ?string
    {
        $plan = $client->plans->firstWhere('status', Plan::DRAFT) ?? $client->plans->firstWhere('status', Plan::ISSUED);

        return $plan === null ? null : $this->prepare->ahead($plan, $client, $situation)?->says();
    }

    /** @return array<string, list<string>> */
    private function proposals(Client $client): array
    {
        $says = [];
        foreach ($client->proposals as $proposal) {
            $dose = Dose::read(new Bag($proposal->dose));
            $rung = $this->catalogue->family($proposal->planItem->family)->rung($proposal->rung);
            $says[$proposal->decision][] = $rung->name.(
                $proposal->decision === 'retest'
                    ? ''
                    : ', '.$dose->amountLabel().($dose->loadLabel() === null ? '' : ', '.$dose->loadLabel())
            );
        }

        return $says;
    }

    /** @return list<Need> */
    private function needs(Client $client, Day $today): array
    {
        $situation = $this->build->of($client, $today);
        $facts = new Facts($situation->client, $today, $situation->measures);
        $issued = $client->plans->firstWhere('status', Plan::ISSUED);
        $stop = $client->logs->first(static fn (SessionLog $l): bool => $l->hasOpenStopSign());
        $measured = $client->measures->last(
            static fn (MeasureResult $m): bool => $m->not_tested === null,
        )?->measured_on;
        $gate = $client->gateChecks->first();
        $session = $client->logs->first(static fn (SessionLog $l): bool => $l->skipped === null)?->done_on;

        $breaches = $issued === null
            ? []
            : (new PlanFit($situation))->breaches(PlanItemRow::all($issued, $this->catalogue));

        return Needs::of(new Standing(
            on: $today,
            stopSign: $stop === null ? null : Sign::words((string) $stop->stop_sign),
            clearanceMissing: ClearanceRows::missing($client, $situation),
            breaches: $breaches,
            proposals: $this->proposals($client),
            waiting: $this->rules->waiting($facts),
            crossings: $this->rules->crossings($facts),
            hasIssued: $issued !== null,
            hasDraft: $client->plans->contains('status', Plan::DRAFT),
            lastMeasured: $measured === null ? null : Day::of($measured),
            lastSession: $session === null ? null : Day::of($session),
            retestDays: Retest::days($situation, $issued?->block_weeks),
            retestBecause: $measured === null ? null : $this->retestBecause($client, $situation, Day::of($measured)),
            ahead: $this->ahead($client, $situation),
            gate: GateVerdict::tryFrom((string) $gate?->verdict),
            gateOn: $gate === null ? null : Day::of($gate->checked_on),
        ));
    }
}
