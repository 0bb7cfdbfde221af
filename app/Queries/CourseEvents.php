<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Client;
use App\Models\Decision;
use App\Models\GateCheck;
use App\Models\SessionLog;
use BuoyantStep\Core\Gate\GateVerdict;
use BuoyantStep\Core\Progress\PainRule;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Sign;
use Illuminate\Database\Eloquent\Collection;

/** What happened beside the sessions: changes of dose and limits, flares, red flags. */
final class CourseEvents
{
    public function __construct(private readonly ReadCourse $course)
    {
    }

    /**
     * What happened, oldest first.
     *
     * @param  Collection<int, SessionLog>  $logs
     * @param  string  $key  family/rung of the one exercise that is shown; "" for all
     * @return list<array{on: string, kind: string, says: string}>
     */
    public function of(Client $client, Situation $situation, Collection $logs, string $key, Day $from): array
    {
        $events = [];
        $ceiling = PainRule::ceiling($situation->client, $situation->envelope, $situation->on);
        foreach ($logs as $log) {
            $on = substr($log->done_on, 0, 10);
            $worst = $log->items->max('pain_during');
            $worse = PainRule::worse($log->pain_before, $log->pain_next_morning);
            if ($log->stop_sign !== null) {
                $events[] = ['on' => $on, 'kind' => 'stop', 'says' => 'Red flag: '.Sign::words($log->stop_sign).'.'];
            }
            if ($worse !== null || (is_int($worst) && $worst > $ceiling)) {
                $events[] = ['on' => $on, 'kind' => 'flare', 'says' => $worse ?? sprintf(
                    'Pain during was %d, over %d.', $worst, $ceiling,
                )];
            }
        }
        if ($key !== '') {
            foreach ($this->course->doses($client, $key) as $change) {
                $events[] = [
                    'on' => (string) $change['on'], 'kind' => 'dose',
                    'says' => sprintf('Version %d: %s.', $change['version'], implode('; ', $change['says'])),
                ];
            }
        }
        $kinds = [
            'limit.set' => 'limit', 'limit.ended' => 'limit', 'limit.loosened' => 'limit', 'stop.cleared' => 'stop',
            ...($key === '' ? ['plan.issued' => 'dose'] : []),
        ];
        $said = Decision::query()->where('client_id', $client->id)->whereIn('kind', array_keys($kinds))
            ->where('made_at', '>=', (string) $from)->orderBy('id')->get();
        foreach ($said as $decision) {
            $events[] = [
                'on' => substr($decision->made_at, 0, 10), 'kind' => $kinds[$decision->kind], 'says' => $decision->says
                    .($decision->reason === null ? '' : ' '.rtrim($decision->reason, '.').'.'),
            ];
        }
        $stopped = GateCheck::query()->where('client_id', $client->id)->where(
            'verdict', GateVerdict::StopAndCall->value,
        )->where('checked_on', '>=', (string) $from)->orderBy('id')->get();
        foreach ($stopped as $check) {
            $because = array_column($check->because, 'says', 'verdict')[GateVerdict::StopAndCall->value] ?? '';
            $events[] = [
                'on' => substr($check->checked_on, 0, 10), 'kind' => 'stop',
                'says' => rtrim('Gate: stop and call. '.$because),
            ];
        }
        usort($events, static fn (array $a, array $b): int => $a['on'] <=> $b['on']);

        return $events;
    }
}
