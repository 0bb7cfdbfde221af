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
        $dates = $this->dates($user, $monday, $mine);
        $days = [];
        for ($i = 0; $i < self::DAYS; $i++) {
            $on = $monday->plus($i);
            $trains = self::standings($user, $mine)->whereRaw('JSON_CONTAINS(shown, ?, "$.days")', [(string) ($i + 1)]);
            $days[] = [
                'on' => (string) $on, 'label' => $on->label(), 'count' => $trains->count(),
                'trains' => $trains->clone()->orderBy('name')->limit(self::NAMES)->get()->map(
                    static fn (Standing $s): array => [
                        'id' => $s->client_id, 'name' => $s->name,
                        'done' => in_array($s->client_id, $done[(string) $on] ?? [], true),
                    ],
                )->all(),
                'dates' => array_slice($dates[(string) $on] ?? [], 0, self::DATES),
                'more' => max(0, count($dates[(string) $on] ?? []) - self::DATES),
            ];
        }

        return [
            'days' => $days, 'today' => (string) $clinic->today(), 'mine' => $mine,
            'before' => (string) $monday->plus(-self::DAYS), 'after' => (string) $monday->plus(self::DAYS),
        ];
    }

    /** @return Builder<Standing> */
    private static function standings(User $user, bool $mine): Builder
    {
        return Standing::query()->where('clinic_id', $user->clinic_id)->when($mine, static fn (Builder $q) => $q->whereIn(
            'client_id',
            Client::query()->where('clinic_id', $user->clinic_id)->where('assigned_to', $user->id)->select('id'),
        ));
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

    /** @return array<string, list<array{id: int, name: string, says: string}>> by day */
    private function dates(User $user, Day $monday, bool $mine): array
    {
        $last = (string) $monday->plus(self::DAYS - 1);
        $dates = [];
        $standings = self::standings($user, $mine)->where(
            static fn (Builder $q) => $q->whereRaw('JSON_LENGTH(shown, "$.dates") > 0')->orWhereRaw(
                'JSON_VALUE(shown, "$.retest_on") BETWEEN ? AND ?', [(string) $monday, $last],
            ),
        )->orderBy('name')->get();
        foreach ($standings as $standing) {
            $says = $standing->shown['dates'] ?? [];
            if (($standing->shown['retest_on'] ?? null) !== null) {
                $says[] = ['on' => $standing->shown['retest_on'], 'says' => 'Re-test due.'];
            }
            foreach ($says as $date) {
                $dates[$date['on']][] = [
                    'id' => $standing->client_id, 'name' => $standing->name, 'says' => $date['says'],
                ];
            }
        }

        return $dates;
    }
}
