<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Client;
use App\Models\LogItem;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\SessionLog;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Progress\OverTime\ExerciseOverTime;
use BuoyantStep\Core\Progress\OverTime\SessionPoint;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use Illuminate\Database\Eloquent\Collection;

/** The sessions of a client over time, by exercise. */
final class ReadCourse
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @return Collection<int, SessionLog> oldest first, from a day on */
    public function logs(Client $client, Day $from): Collection
    {
        return SessionLog::query()->where('client_id', $client->id)->where('done_on', '>=', (string) $from)
            ->with('items')->orderBy('done_on')->orderBy('id')->get();
    }

    /**
     * @param  Collection<int, SessionLog>  $logs
     * @return array<string, array{rung: Rung, points: list<SessionPoint>}> by family/rung, the most often done first
     */
    public function exercises(Collection $logs, Situation $situation): array
    {
        $histories = [];
        foreach ($logs as $log) {
            foreach ($log->skipped === null ? $log->items : [] as $item) {
                $histories["$item->family/$item->rung"][] = self::performed($log, $item);
            }
        }
        uasort($histories, static fn (array $a, array $b): int => count($b) <=> count($a));
        $exercises = [];
        foreach ($histories as $key => $history) {
            [$family, $code] = explode('/', $key);
            if (! $this->catalogue->has($family)) {
                continue;
            }
            $rung = $this->catalogue->family($family)->rung($code);
            $exercises[$key] = [
                'rung' => $rung,
                'points' => ExerciseOverTime::of($history, $rung->work->system($situation->client)),
            ];
        }

        return $exercises;
    }

    private static function performed(SessionLog $log, LogItem $item): Performed
    {
        return new Performed(
            Day::of($log->done_on),
            array_map(static fn (array $set): LoggedSet => LoggedSet::read(new Bag($set)), $item->sets),
            $log->pain_before, $item->pain_during, $log->pain_next_morning,
        );
    }

    /**
     * @return list<array{on: Day, version: int, says: list<string>}> when which dose of one exercise came into use
     */
    public function doses(Client $client, string $key): array
    {
        $changes = [];
        $was = null;
        foreach (self::issued($client) as $plan) {
            $item = $plan->items->first(static fn (PlanItem $i): bool => "$i->family/$i->rung" === $key);
            $is = $item === null ? null : self::dose($item);
            if ($is !== $was) {
                $changes[] = [
                    'on' => Day::of((string) $plan->issued_on), 'version' => $plan->version,
                    'says' => [$is === null ? 'no longer in the plan' : ($was === null ? $is : "$was → $is")],
                ];
            }
            $was = $is;
        }

        return $changes;
    }

    /** @return Collection<int, Plan> those that were ever in use, oldest first */
    public static function issued(Client $client): Collection
    {
        return Plan::query()->where('client_id', $client->id)->whereNotNull('issued_on')->with('items')
            ->orderBy('version')->get();
    }

    /** @return list<Day> the first day of each block of a plan that was ever in use, oldest first */
    public static function blocks(Client $client): array
    {
        $starts = Plan::query()->where('client_id', $client->id)->whereNotNull('issued_on')->whereNotNull('block_start')
            ->distinct()->orderBy('block_start')->pluck('block_start')->all();

        return array_map(
            static fn (string $on): Day => Day::of(substr($on, 0, 10)),
            array_values(array_filter($starts, is_string(...))),
        );
    }

    private static function dose(PlanItem $item): string
    {
        $dose = PlanItemRow::dose($item);

        return $dose->amountLabel().($dose->loadLabel() === null ? '' : ', '.$dose->loadLabel());
    }
}
