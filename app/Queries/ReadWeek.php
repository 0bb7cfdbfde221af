<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Client;
use App\Models\Clinic;
use App\Models\SessionLog;
use App\Models\Standing;
use App\Models\User;
use BuoyantStep\Core\Units\Day;
use Illuminate\Database\Eloquent\Builder;

/** Who trains on which day of a week, and the dates that fall in it. */
final class ReadWeek
{
    /** Names of one day; the others are counted. */
    private const NAMES = 14;

    private const DATES = 20;

    private const DAYS = 7;

    /** @return array<string, mixed> */
    public function of(User $user, Day $monday, bool $mine): array
    {
        $clinic = $user->clinic;
        $done = $this->done($clinic, $monday);
        [$trains, $dates] = $this->standings($user, $mine);
        $days = [];
        for ($i = 0; $i < self::DAYS; $i++) {
            $on = $monday->plus($i);
            $who = $trains[$i + 1] ?? [];
            $days[] = [
                'on' => (string) $on, 'label' => $on->label(), 'count' => count($who),
                'trains' => array_map(static fn (array $w): array => [
                    ...$w, 'done' => in_array($w['id'], $done[(string) $on] ?? [], true),
                ], array_slice($who, 0, self::NAMES)),
                'dates' => array_slice($dates[(string) $on] ?? [], 0, self::DATES),
                'more' => max(0, count($dates[(string) $on] ?? []) - self::DATES),
            ];
        }

        return [
            'days' => $days, 'today' => (string) $clinic->today(), 'mine' => $mine,
            'before' => (string) $monday->plus(-self::DAYS), 'after' => (string) $monday->plus(self::DAYS),
        ];
    }

    /**
     * Everyone in one reading, by name.
     *
     * @return array{
     *     array<int, list<array{id: int, name: string}>>,
     *     array<string, list<array{id: int, name: string, says: string}>>
     * } who trains by weekday, and what falls on which date
     */
    private function standings(User $user, bool $mine): array
    {
        $rows = Standing::query()->where('clinic_id', $user->clinic_id)
            ->when($mine, static fn (Builder $q) => $q->whereIn(
                'client_id',
                Client::query()->where('clinic_id', $user->clinic_id)->where('assigned_to', $user->id)->select('id'),
            ))
            ->whereNotNull('shown')->orderBy('name')->get(['client_id', 'name', 'shown']);
        $trains = $dates = [];
        foreach ($rows as $row) {
            $who = ['id' => $row->client_id, 'name' => $row->name];
            foreach ($row->shown['days'] ?? [] as $day) {
                $trains[$day][] = $who;
            }
            foreach ($row->shown['dates'] ?? [] as $date) {
                $dates[$date['on']][] = [...$who, 'says' => $date['says']];
            }
            if (($row->shown['retest_on'] ?? null) !== null) {
                $dates[$row->shown['retest_on']][] = [...$who, 'says' => 'Re-test due.'];
            }
        }

        return [$trains, $dates];
    }

    /** @return array<string, list<int>> clients with a session by day */
    private function done(Clinic $clinic, Day $monday): array
    {
        $done = [];
        $logs = SessionLog::query()->whereBetween('done_on', [(string) $monday, (string) $monday->plus(self::DAYS - 1)])
            ->whereNull('skipped')->whereIn('client_id', Client::query()->where('clinic_id', $clinic->id)->select('id'))
            ->get(['client_id', 'done_on']);
        foreach ($logs as $log) {
            $done[substr($log->done_on, 0, 10)][] = $log->client_id;
        }

        return $done;
    }
}
