<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Client;
use App\Models\Clinic;
use App\Models\KeptNeed;
use App\Models\Standing;
use App\Models\User;
use BuoyantStep\Core\Caseload\Mark;
use BuoyantStep\Core\Caseload\NeedKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Today's list as RenewNeeds keeps it: rows of an index, as quick for a thousand clients as for ten. */
final class ReadToday
{
    /** Names of the quiet ones that are shown; the others are counted. */
    private const QUIET = 24;

    /** @return array<string, mixed> */
    public function of(User $user, TodayFilter $filter): array
    {
        $clinic = $user->clinic;
        $people = self::people($clinic);
        $shown = $this->shown($user, $filter);
        $rows = $shown->clone()->with('needs')->orderBy('rank')->orderBy('name')->limit($filter->lines)->get();
        $all = self::inNeed($clinic)->count();
        $count = $filter->hides() || $filter->putOff ? $shown->count() : $all;
        $quiet = Standing::query()->where('clinic_id', $clinic->id)->where('rank', Standing::QUIET);

        return [
            'rows' => $rows->map(fn (Standing $s): array => $this->row($s, $filter, $people))->all(),
            'count' => $count,
            'all' => $all,
            'quiet' => $quiet->clone()->with('needs')->orderBy('name')->limit(self::QUIET)->get()->map(
                fn (Standing $s): array => $this->row($s, new TodayFilter(putOff: true), $people),
            )->all(),
            'quiet_count' => $quiet->count(),
            'hidden' => $this->hidden($clinic, $shown, $filter, $all - $count),
            'put_off' => KeptNeed::query()->where('clinic_id', $clinic->id)->whereNotNull('snoozed_until')->count(),
            'kinds' => self::kinds($clinic),
            'people' => array_map(
                static fn (int $id, string $name): array => [$id, $name], array_keys($people), array_values($people),
            ),
            'filter' => [
                'kind' => $filter->kind?->value, 'whose' => $filter->whose, 'put_off' => $filter->putOff,
                'lines' => $filter->lines,
            ],
        ];
    }

    /** @return array<int, string> number to name */
    private static function people(Clinic $clinic): array
    {
        $people = [];
        foreach (User::query()->where('clinic_id', $clinic->id)->orderBy('name')->get(['id', 'name']) as $user) {
            $people[$user->id] = $user->name;
        }

        return $people;
    }

    /** @return Builder<Standing> */
    private static function inNeed(Clinic $clinic): Builder
    {
        return Standing::query()->where('clinic_id', $clinic->id)->where('rank', '<', Standing::QUIET);
    }

    /** @return Builder<Standing> */
    private function shown(User $user, TodayFilter $filter): Builder
    {
        $clinic = $user->clinic;
        $of = static fn (): Builder => KeptNeed::query()->where('clinic_id', $clinic->id)->select('client_id');

        return Standing::query()->where('clinic_id', $clinic->id)
            ->when(
                $filter->putOff,
                static fn (Builder $q) => $q->where(static fn (Builder $w) => $w->where('rank', '<', Standing::QUIET)
                    ->orWhereIn('client_id', $of()->whereNotNull('snoozed_until'))),
                static fn (Builder $q) => $q->where('rank', '<', Standing::QUIET),
            )
            ->when($filter->kind !== null, static fn (Builder $q) => $q->whereIn(
                'client_id',
                $of()->where('kind', $filter->kind?->value)->when(
                    ! $filter->putOff, static fn (Builder $n) => $n->whereNull('snoozed_until'),
                ),
            ))
            ->when($filter->whose !== TodayFilter::EVERYONE, static fn (Builder $q) => $q->whereIn(
                'client_id',
                Client::query()->where('clinic_id', $clinic->id)->where(
                    'assigned_to', $filter->whose === TodayFilter::MINE ? $user->id : null,
                )->select('id'),
            ));
    }

    /**
     * A filter says what it hides, and a red flag by name.
     *
     * @param  Builder<Standing>  $shown
     */
    private function hidden(Clinic $clinic, Builder $shown, TodayFilter $filter, int $hidden): ?string
    {
        if (! $filter->hides() || $hidden <= 0) {
            return null;
        }
        $stops = self::inNeed($clinic)->where('rank', '<=', NeedKind::GateStopped->rank())
            ->whereNotIn('client_id', $shown->clone()->select('client_id'))->orderBy('name')->limit(5)->get(['name'])
            ->map(static fn (Standing $s): string => $s->name)->all();

        return ($hidden === 1 ? '1 client who needs you is hidden' : "$hidden clients who need you are hidden")
            .($stops === [] ? '.' : ', with a red flag or a stop at the gate: '.implode(', ', $stops).'.');
    }

    /** @return list<array{string, string, int}> kind, its words, how many clients; in order of need */
    private static function kinds(Clinic $clinic): array
    {
        $counts = KeptNeed::query()->where('clinic_id', $clinic->id)->whereNull('snoozed_until')
            ->groupBy('kind')->selectRaw('kind, count(distinct client_id) as clients')->toBase()
            ->pluck('clients', 'kind');
        $kinds = [];
        foreach (NeedKind::cases() as $kind) {
            if (is_numeric($counts[$kind->value] ?? null)) {
                $kinds[] = [$kind->value, $kind->label(), (int) $counts[$kind->value]];
            }
        }

        return $kinds;
    }

    /**
     * What can be accepted from the line: easing first, as it is the one that cannot wait; nothing while a stop is
     * open.
     *
     * @param  Collection<int, KeptNeed>  $needs
     * @return array{ease: bool, count: int}|null
     */
    private static function acceptable(Collection $needs): ?array
    {
        $of = static fn (NeedKind $kind): int => $needs->filter(static fn (KeptNeed $n): bool => $n->kind === $kind)
            ->count();
        // What no longer fits is put right on Plan first; a step on top of it would be refused.
        $stopped = $of(NeedKind::StopSign) + $of(NeedKind::GateStopped) + $of(NeedKind::PlanNoLongerFits) > 0;
        $ease = $of(NeedKind::Ease);
        // A session that came from elsewhere is looked at before anything is built on it.
        $up = $of(NeedKind::SessionToSee) > 0 ? 0 : $of(NeedKind::StepUp);

        return $stopped || $ease + $up === 0 ? null : ['ease' => $ease > 0, 'count' => $ease > 0 ? $ease : $up];
    }

    /**
     * @param  array<int, string>  $people
     * @return array<string, mixed>
     */
    private function row(Standing $standing, TodayFilter $filter, array $people): array
    {
        $needs = $standing->needs->filter(
            static fn (KeptNeed $n): bool => $n->snoozed_until === null || $filter->putOff,
        )->values();
        $first = $needs->first(static fn (KeptNeed $n): bool => $n->snoozed_until === null);
        $assigned = $standing->shown['assigned'] ?? null;

        return [
            'id' => $standing->client_id,
            'name' => $standing->name,
            'age' => $standing->shown['age'] ?? null,
            'mark' => ($first?->kind->mark() ?? Mark::Quiet)->value,
            'needs' => $needs->map(static fn (KeptNeed $n): array => [
                'kind' => $n->kind->value, 'mark' => $n->kind->mark()->value, 'says' => $n->says, 'stage' => $n->stage,
                'about' => $n->about, 'can_wait' => $n->kind->canWait(), 'until' => $n->snoozed_until,
                'because' => $n->snoozed_because,
            ])->all(),
            'accept' => self::acceptable($needs),
            'last' => $standing->shown['last'] ?? null,
            'plan' => $standing->shown['plan'] ?? null,
            'assigned' => $assigned,
            'assigned_name' => $assigned === null ? null : $people[$assigned] ?? null,
        ];
    }
}
