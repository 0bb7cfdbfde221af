<?php

declare(strict_types=1);

namespace App\Queries;

use App\Actions\PreparePlan;
use App\Exceptions\QuietReport;
use App\Models\Client;
use App\Models\Clinic;
use App\Models\GateCheck;
use App\Models\MeasureResult;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\Plan;
use App\Models\Proposal;
use App\Models\SessionLog;
use App\Rows\BuildSituation;
use App\Rows\ClearanceRows;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Caseload\Need;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Caseload\Needs;
use BuoyantStep\Core\Caseload\Rules\Retest;
use BuoyantStep\Core\Caseload\Standing;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Forecast\StepsAhead;
use BuoyantStep\Core\Gate\GateVerdict;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Ladders;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\PlanFit;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\PainRule;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\Sign;
use ErrorException;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use TypeError;
use UnexpectedValueException;
use ValueError;

/** What one client needs today, worked out from the whole record. Today itself reads what RenewNeeds kept of it. */
final class FindNeeds
{
    /** Sessions are read back so far: longer ago than any need looks. */
    private const LOG_DAYS = 120;

    /** Dates ahead are kept for the week that is shown, and the one after. */
    private const DATE_DAYS = 14;

    public function __construct(
        private readonly BuildSituation $build,
        private readonly RuleBook $rules,
        private readonly PreparePlan $prepare,
        private readonly Catalogue $catalogue,
    ) {
    }

    /**
     * @param  list<int>  $ids
     * @return Collection<int, Client> with all that a need may ask for, in a fixed number of queries
     */
    public static function clients(Clinic $clinic, array $ids, Day $today): Collection
    {
        $clinic->loadMissing('figures');

        return Client::query()->whereKey($ids)
            ->with([...array_diff(BuildSituation::RELATIONS, ['clinic.figures']), 'snoozes'])
            ->with([
                'plans' => static fn (HasMany $q) => $q->whereIn('status', [Plan::DRAFT, Plan::ISSUED])->with('items'),
                'proposals' => static fn (HasMany $q) => $q->where('status', Proposal::OPEN)->with('planItem'),
                'logs' => static fn (HasMany $q) => $q->where(
                    static fn ($w) => $w->where('done_on', '>=', (string) $today->plus(-self::LOG_DAYS))
                        ->orWhere(static fn ($o) => $o->whereNotNull('stop_sign')->whereNull('stop_cleared_at'))
                        ->orWhere('to_see', true),
                ),
                'gateChecks' => static fn (HasMany $q) => $q->whereIn(
                    'id', GateCheck::query()->selectRaw('max(id)')->groupBy('client_id'),
                ),
                'messages' => static fn (HasMany $q) => $q->where(
                    static fn ($w) => $w->whereNull('answered_at')->orWhere(
                        static fn ($o) => $o->where('kind', MessageKind::Fell->value)
                            ->where('created_at', '>=', (string) $today->plus(-self::LOG_DAYS)),
                    ),
                ),
                'intakes' => static fn (HasMany $q) => $q->whereNotNull('submitted_at'),
            ])
            ->get()->each(static fn (Client $c) => $c->setRelation('clinic', $clinic));
    }

    /** @return array{needs: list<Need>, shown: array<string, mixed>} */
    public function of(Client $client, Day $today): array
    {
        $issued = $client->plans->firstWhere('status', Plan::ISSUED);
        $shown = [
            'age' => null, 'last' => $client->logs->first()?->done_on, 'plan' => $issued?->version,
            'days' => $issued->days ?? [], 'retest_on' => null, 'dates' => [], 'assigned' => $client->assigned_to,
        ];
        try {
            $shown['age'] = Day::of($client->birth_date)->yearsTo($today);
            $situation = $this->build->of($client, $today);
            $standing = $this->standing($client, $situation);

            return [
                'needs' => Needs::of($standing),
                'shown' => [
                    ...$shown,
                    'retest_on' => $standing->hasIssued && $standing->lastMeasured !== null
                        ? (string) $standing->lastMeasured->plus($standing->retestDays)
                        : null,
                    'dates' => self::dates($standing),
                ],
            ];
        } catch (CoreError|ValueError|TypeError|UnexpectedValueException|ErrorException $fault) {
            // One record that cannot be read is that client's need, and nobody else's.
            QuietReport::ofRecord($client->id, $fault);
            $says = 'This record cannot be read as it is stored: look at Screen, which says what to put right.';

            return ['needs' => [new Need(NeedKind::Unreadable, $says, 'screen')], 'shown' => $shown];
        }
    }

    /** @return list<array{on: string, says: string}> dates of the limits in the days ahead */
    private static function dates(Standing $client): array
    {
        $dates = [];
        foreach ($client->crossings as $crossing) {
            if ($client->on->daysTo($crossing->date) <= self::DATE_DAYS) {
                $dates[] = ['on' => (string) $crossing->date, 'says' => $crossing->says];
            }
        }

        return $dates;
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
        $told = $client->messages->first(static fn (Message $m): bool => $m->kind === MessageKind::Fell
            && $m->created_at->format('Y-m-d') > (string) $measured);
        if ($told !== null) {
            return 'a fall was told on '.Day::of($told->created_at->format('Y-m-d'))->label().'.';
        }
        foreach ($this->rules->crossings(new Facts($situation->client, $measured, $situation->measures)) as $crossing) {
            if (! $crossing->date->isAfter($situation->on) && $crossing->tightens) {
                return Phrase::within($crossing->says);
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
            $says[$proposal->decision][] = $this->rung($proposal)->name.(
                $proposal->decision === Decision::Retest->value
                    ? ''
                    : ', '.$dose->amountLabel().($dose->loadLabel() === null ? '' : ', '.$dose->loadLabel())
            );
        }

        return $says;
    }

    /** @return list<string> what stays as it is and asks for a look all the same, with why */
    private function plateaus(Client $client): array
    {
        $says = [];
        foreach ($client->proposals as $proposal) {
            $because = array_column($proposal->because, 'says', 'rule')['plateau'] ?? null;
            if ($proposal->decision === Decision::Stay->value && $because !== null) {
                $says[] = $this->rung($proposal)->name.': '.Phrase::within($because);
            }
        }

        return $says;
    }

    private function rung(Proposal $proposal): Rung
    {
        return $this->catalogue->family($proposal->planItem->family)->rung($proposal->rung);
    }

    /** How the morning after the last session was worse, while a proposal of that session waits. */
    private static function worse(Client $client): ?string
    {
        $log = $client->logs->first(static fn (SessionLog $l): bool => $l->skipped === null);
        $worse = $log === null ? null : PainRule::worse($log->pain_before, $log->pain_next_morning);
        if ($log === null || $worse === null || ! $client->proposals->contains('session_log_id', $log->id)) {
            return null;
        }

        return rtrim($worse, '.').', session of '.Day::of($log->done_on)->label().'.';
    }

    /** @return list<string> exercises of the plan in use for which this home makes no next load */
    private function outgrown(?Plan $issued, Situation $situation): array
    {
        $names = [];
        $ladders = new Ladders($situation->kit);
        foreach ($issued->items ?? [] as $item) {
            $dose = PlanItemRow::dose($item);
            $family = $this->catalogue->family($item->family);
            $here = $situation->at($family, $family->rung($item->rung));
            if ($dose->loadG === null || $dose->loadG === 0 || $here->isOut()) {
                continue;
            }
            $ahead = new StepsAhead($here, PlanItemRow::goal($item), $dose);
            if (! $ahead->endsByItself() && $ahead->in($ladders) === 0) {
                $names[] = $here->rung->name;
            }
        }

        return $names;
    }

    /** @return list<string> */
    private static function messages(Client $client): array
    {
        return array_values($client->messages->whereNull('answered_at')->map(static fn (Message $m): string => sprintf(
            'Tells %s: "%s"', $m->kind->label(), mb_strimwidth($m->says, 0, 120, '…'),
        ))->all());
    }

    private static function intake(Client $client): ?Day
    {
        $intake = $client->intakes->first();
        $answered = array_filter($intake->answers ?? [], is_string(...));

        return $intake?->submitted_at === null || array_diff_key($answered, $intake->decided) === []
            ? null
            : Day::of($intake->submitted_at->setTimezone($client->clinic->timezone)->format('Y-m-d'));
    }

    private function standing(Client $client, Situation $situation): Standing
    {
        $today = $situation->on;
        $facts = new Facts($situation->client, $today, $situation->measures);
        $issued = $client->plans->firstWhere('status', Plan::ISSUED);
        $stop = $client->logs->first(static fn (SessionLog $l): bool => $l->hasOpenStopSign());
        $measured = $client->measures->last(
            static fn (MeasureResult $m): bool => $m->not_tested === null,
        )?->measured_on;
        $gate = $client->gateChecks->first();
        $session = $client->logs->first(static fn (SessionLog $l): bool => $l->skipped === null)?->done_on;
        $cleared = ClearanceRows::current($client, $situation)?->until;

        return new Standing(
            on: $today,
            stopSign: $stop === null ? null : Sign::words((string) $stop->stop_sign),
            clearanceMissing: ClearanceRows::missing($client, $situation),
            breaches: $issued === null
                ? []
                : (new PlanFit($situation))->breaches(PlanItemRow::all($issued, $this->catalogue)),
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
            issuedOn: $issued?->issued_on === null ? null : Day::of($issued->issued_on),
            worse: self::worse($client),
            messages: self::messages($client),
            toSee: array_values($client->logs->where('to_see', true)->map(
                static fn (SessionLog $l): Day => Day::of($l->done_on),
            )->all()),
            clearedUntil: $cleared === null ? null : Day::of($cleared),
            intakeOn: self::intake($client),
            plateaus: $this->plateaus($client),
            outgrown: $this->outgrown($issued, $situation),
        );
    }
}
