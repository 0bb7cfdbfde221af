<?php

declare(strict_types=1);

namespace App\Actions;

use App\Exceptions\QuietReport;
use App\Models\Client;
use App\Models\Clinic;
use App\Models\GateCheck;
use App\Models\MeasureResult;
use App\Models\Plan;
use App\Models\Proposal;
use App\Models\SessionLog;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Gate\GateVerdict;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\Situation;
use BuoyantStep\Core\Progress\Need;
use BuoyantStep\Core\Progress\Needs;
use BuoyantStep\Core\Units\Day;
use ErrorException;
use Illuminate\Database\Eloquent\Relations\HasMany;
use TypeError;
use UnexpectedValueException;
use ValueError;

/** Today's list for a clinic: every client with what they need, most urgent first. */
final class FindNeeds
{
    public function __construct(private readonly BuildSituation $build, private readonly RuleBook $rules, private readonly PlanFit $fit, private readonly PlanAhead $planAhead, private readonly Catalogue $catalogue)
    {
    }

    /** @return array{rows: list<array<string, mixed>>, quiet: list<array<string, mixed>>} */
    public function forClinic(Clinic $clinic): array
    {
        $today = $clinic->today();
        $clinic->loadMissing('figures');
        $clients = Client::query()->where('clinic_id', $clinic->id)
            ->with([...array_diff(BuildSituation::RELATIONS, ['clinic.figures']), 'clearances'])
            ->with(['plans' => static fn (HasMany $q) => $q->whereIn('status', [Plan::DRAFT, Plan::ISSUED])->with('items')])
            ->with(['proposals' => static fn (HasMany $q) => $q->where('status', Proposal::OPEN)->whereIn('decision', ['step_up', 'ease', 'retest'])->with('planItem')])
            ->with(['logs' => static fn (HasMany $q) => $q->where(static fn ($w) => $w->where('done_on', '>=', (string) $today->plus(-120))->orWhere(static fn ($o) => $o->whereNotNull('stop_sign')->whereNull('stop_cleared_at')))])
            ->with(['gateChecks' => static fn (HasMany $q) => $q->whereIn('id', GateCheck::query()->selectRaw('max(id)')->groupBy('client_id'))])
            ->get();
        $rows = [];
        $quiet = [];
        foreach ($clients as $client) {
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

    /** @return array{mark: string, rank: int, name: string}&array<string, mixed> */
    private function row(Client $client, Day $today): array
    {
        try {
            $needs = $this->needs($client, $today);
            $age = Day::of($client->birth_date)->yearsTo($today);
        } catch (CoreError|ValueError|TypeError|UnexpectedValueException|ErrorException $fault) {
            // One record that cannot be read is that client's need, and nobody else's.
            QuietReport::ofRecord($client->id, $fault);
            $needs = [new Need('look', 1, 'This record cannot be read as it is stored: look at Screen, which says what to put right.', 'screen')];
            $age = null;
        }
        $first = $needs[0] ?? null;

        return [
            'id' => $client->id,
            'name' => $client->name(),
            'age' => $age,
            'mark' => $first->mark ?? 'quiet',
            'rank' => $first->rank ?? 99,
            'needs' => array_map(static fn (Need $n): array => ['mark' => $n->mark, 'says' => $n->says, 'stage' => $n->stage], $needs),
            'last' => $client->logs->first()?->done_on,
            'plan' => $client->plans->firstWhere('status', Plan::ISSUED)?->version,
        ];
    }

    /** A fall, or a date of the limits that has passed, since the last test. */
    private function retestBecause(Client $client, Situation $situation, Day $measured): ?string
    {
        $fall = $client->logs->first(static fn (SessionLog $l): bool => $l->stop_sign === 'a fall with injury' && $l->done_on > (string) $measured);
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
        $ahead = $plan === null ? null : $this->planAhead->of($plan, $client, $situation);
        if ($ahead === null) {
            return null;
        }
        $more = count($ahead['breaches']) - 1;

        return sprintf('From %s the plan will not fit: %s%s', $ahead['date']->label(), $ahead['breaches'][0], $more > 0 ? sprintf(' (+%d more)', $more) : '');
    }

    /** @return array<string, list<string>> */
    private function proposals(Client $client): array
    {
        $says = [];
        foreach ($client->proposals as $proposal) {
            $dose = Dose::read(new Bag($proposal->dose));
            $rung = $this->catalogue->family($proposal->planItem->family)->rung($proposal->rung);
            $says[$proposal->decision][] = $rung->name.($proposal->decision === 'retest' ? '' : ', '.$dose->amountLabel().($dose->loadG === null ? '' : ', '.$dose->loadLabel()));
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
        $measured = $client->measures->last(static fn (MeasureResult $m): bool => $m->not_tested === null)?->measured_on;
        $gate = $client->gateChecks->first();
        $session = $client->logs->first(static fn (SessionLog $l): bool => $l->skipped === null)?->done_on;

        return Needs::of(
            $today,
            $stop?->stop_sign,
            ClearanceState::missing($client, $situation),
            $issued === null ? [] : $this->fit->breaches($issued, $situation),
            $this->proposals($client),
            $this->rules->waiting($facts),
            $this->rules->crossings($facts),
            $issued !== null,
            $client->plans->contains('status', Plan::DRAFT),
            $measured === null ? null : Day::of($measured),
            $session === null ? null : Day::of($session),
            Needs::retestDays($situation),
            $measured === null ? null : $this->retestBecause($client, $situation, Day::of($measured)),
            $this->ahead($client, $situation),
            GateVerdict::tryFrom((string) $gate?->verdict),
            $gate === null ? null : Day::of($gate->checked_on),
        );
    }
}
