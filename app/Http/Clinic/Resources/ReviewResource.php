<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\Proposal;
use App\Models\SessionLog;
use App\Queries\SeenForm;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Progress\Decision as Verdict;
use BuoyantStep\Core\Progress\Lever;
use BuoyantStep\Core\Vocabulary\Sign;
use Carbon\CarbonImmutable;

/** Proposals to decide, one a line, with what happens to the plan when they are accepted. */
final class ReviewResource
{
    public function __construct(private readonly Catalogue $catalogue, private readonly SeenForm $seen)
    {
    }

    /** @return array<string, mixed> */
    public function of(Client $client): array
    {
        $proposals = $client->proposals()->where('status', Proposal::OPEN)->with('planItem')->get();
        $logs = $client->logs()->with('items')->limit(SeenForm::SESSIONS)->get();
        $log = $logs->first();
        $this->seen->from($logs);
        $stop = $client->logs()->whereNotNull('stop_sign')->whereNull('stop_cleared_at')->first();
        $decided = $log === null
            ? []
            : $client->proposals()->where('session_log_id', $log->id)->whereIn(
                'status', Proposal::DECIDED,
            )->with('planItem')->get()->all();
        $zone = $client->clinic->timezone;
        $draft = $client->plans->firstWhere('status', Plan::DRAFT);

        return [
            'proposals' => $proposals->map(fn (Proposal $p): array => $this->row($p))->values()->all(),
            'session' => $log === null ? null : self::session($log),
            'stop' => $stop === null
                ? null
                : ['on' => $stop->done_on, 'says' => Sign::words((string) $stop->stop_sign)],
            'cleared' => self::cleared($client),
            'decided' => array_map(
                fn (Proposal $p): array => [
                    'id' => $p->id,
                    'name' => $this->catalogue->family($p->planItem->family)->rung($p->rung)->name,
                    'label' => Verdict::from($p->decision)->label(),
                    'status' => $p->status,
                ],
                array_values($decided),
            ),
            'draft' => $draft?->version,
            'revision' => $client->plan_revision,
            'record' => Decision::query()->where('client_id', $client->id)->latest('id')->limit(12)->get()
                ->map(
                    static fn (Decision $d): array => [
                        'id' => $d->id,
                        'at' => CarbonImmutable::parse($d->made_at, 'UTC')->setTimezone($zone)->format('Y-m-d H:i'),
                        'says' => $d->says,
                        'reason' => $d->reason,
                    ],
                )->all(),
        ];
    }

    /** @return array<string, mixed>|null the red flag that was cleared last, which can be opened again */
    private static function cleared(Client $client): ?array
    {
        $log = $client->logs()->whereNotNull('stop_sign')->whereNotNull('stop_cleared_at')->first();

        return $log === null
            ? null
            : ['id' => $log->id, 'on' => $log->done_on, 'says' => Sign::words((string) $log->stop_sign)];
    }

    /** @return array<string, mixed> */
    private function row(Proposal $proposal): array
    {
        $item = $proposal->planItem;
        $family = $this->catalogue->family($item->family);
        $verdict = Verdict::from($proposal->decision);

        return [
            'id' => $proposal->id,
            'name' => $family->rung($item->rung)->name,
            'to' => $proposal->rung === $item->rung ? null : $family->rung($proposal->rung)->name,
            'decision' => $proposal->decision,
            'label' => $verdict->label(),
            'lever' => $proposal->lever === null ? null : Lever::from($proposal->lever)->label(),
            'offers' => array_map(static fn (array $o): string => $o['says'], $proposal->offers ?? []),
            'now' => DoseResource::of(
                PlanItemRow::dose($item), PlanItemRow::goal($item), $family->rung($item->rung),
            ),
            'next' => DoseResource::of(
                Dose::read(new Bag($proposal->dose)), PlanItemRow::goal($item), $family->rung($proposal->rung),
            ),
            'because' => $proposal->because,
            'otherwise' => $proposal->otherwise,
            'review' => $proposal->review,
            'form' => $this->seen->advice($item->family, $item->rung),
        ];
    }

    /** @return array<string, mixed> */
    private static function session(SessionLog $log): array
    {
        return [
            'id' => $log->id, 'on' => $log->done_on, 'pain_before' => $log->pain_before,
            'pain_next_morning' => $log->pain_next_morning, 'skipped' => $log->skipped,
        ];
    }
}
