<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\LogItem;
use App\Models\SessionLog;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Log\SessionPain;
use BuoyantStep\Core\Units\Day;

/** The logged sessions of one exercise at one rung, as the core reads them. */
final class ReadHistory
{
    /**
     * @param  iterable<SessionLog>  $logs  with their items loaded
     * @return list<Performed>
     */
    public function of(iterable $logs, string $family, string $rung): array
    {
        $history = [];
        foreach ($logs as $log) {
            $day = Day::of($log->done_on);
            $item = $log->items->first(static fn (LogItem $i): bool => $i->family === $family && $i->rung === $rung);
            if ($item === null) {
                // A red flag or a session called off concerns every exercise, whether it was reached or not.
                if ($log->hasOpenStopSign() || $log->skipped !== null) {
                    $history[] = new Performed($day, [], stopSign: $log->hasOpenStopSign(), skipped: $log->skipped);
                }

                continue;
            }
            $during = [];
            foreach ($log->items as $each) {
                $during[$each->id] = $each->pain_during;
            }
            $morning = SessionPain::attribute($log->pain_before, $log->pain_next_morning, $during);
            $history[] = new Performed(
                $day,
                array_map(static fn (array $set): LoggedSet => LoggedSet::read(new Bag($set)), $item->sets),
                $log->pain_before, $item->pain_during, $morning[$item->id]
                    ?? null, $log->hasOpenStopSign(), $log->skipped, ($item->sets[0]['light'] ?? false) === true,
            );
        }

        return $history;
    }
}
