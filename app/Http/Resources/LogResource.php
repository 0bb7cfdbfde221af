<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\PlanItemRow;
use App\Models\LogItem;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\SessionLog;
use BuoyantStep\Core\Client\Side;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Units\Mass;

/** The form for a session, laid out as the plan asks for it, and the sessions so far. */
final class LogResource
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /**
     * @param  iterable<SessionLog>  $logs
     * @return array<string, mixed>
     */
    public function of(?Plan $plan, iterable $logs): array
    {
        $rows = [];
        foreach ($logs as $log) {
            $rows[] = [
                'id' => $log->id, 'on' => $log->done_on, 'skipped' => $log->skipped, 'stop_sign' => $log->stop_sign, 'stop_open' => $log->hasOpenStopSign(),
                'pain_before' => $log->pain_before, 'pain_next_morning' => $log->pain_next_morning, 'note' => $log->note,
                'items' => $log->items->map(fn (LogItem $i): array => ['name' => $this->catalogue->family($i->family)->rung($i->rung)->name, 'says' => self::say($i), 'pain' => $i->pain_during])->values()->all(),
            ];
        }

        return [
            'plan' => $plan === null ? null : ['id' => $plan->id, 'version' => $plan->version, 'items' => $plan->items->map(fn (PlanItem $i): array => $this->item($i))->values()->all()],
            'logs' => $rows,
        ];
    }

    /** @return array<string, mixed> */
    private function item(PlanItem $item): array
    {
        $dose = PlanItemRow::dose($item);
        $sets = [];
        for ($n = 1; $n <= $dose->sets; $n++) {
            foreach ($item->sides as $side) {
                $sets[] = ['n' => $n, 'side' => $side];
            }
        }

        return [
            'id' => $item->id, 'name' => $this->catalogue->family($item->family)->rung($item->rung)->name,
            'dose' => DoseResource::of($dose), 'sides' => SidesResource::say(array_map(Side::from(...), $item->sides)), 'sets' => $sets,
        ];
    }

    private static function say(LogItem $item): string
    {
        $sets = array_map(static fn (array $s): LoggedSet => LoggedSet::read(new Bag($s)), $item->sets);
        if ($sets === []) {
            return 'nothing';
        }
        $amounts = array_map(static fn (LoggedSet $s): string => $s->amount.($s->side === null || $s->side === Side::Both ? '' : ' '.mb_substr($s->side->value, 0, 1)), $sets);
        $load = $sets[0]->loadG;

        return implode(', ', $amounts).' '.$sets[0]->kind->unit().($load === null ? '' : ' with '.Mass::say($load)).', effort '.rtrim(rtrim(number_format($sets[0]->effort, 1, '.', ''), '0'), '.');
    }
}
