<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\AssignClient;
use App\Actions\PutOff;
use App\Actions\RenewNeeds;
use App\Http\Controller;
use App\Models\Client;
use App\Queries\FindExercises;
use App\Queries\ReadToday;
use App\Queries\ReadWeek;
use App\Queries\TodayFilter;
use BuoyantStep\Core\Caseload\NeedKind;
use BuoyantStep\Core\Units\Day;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

final class TodayController extends Controller
{
    /** Of a shorter word half the catalogue would be found. */
    private const LETTERS = 3;

    private const MOST_EXERCISES = 5;

    public function show(Request $request, RenewNeeds $renew, ReadToday $today): Response
    {
        $me = $this->me($request);
        $behind = $renew->some($me->clinic);
        $whose = $this->word($request, 'whose');

        return Inertia::render('clinic/Today', [
            ...$today->of($me, new TodayFilter(
                NeedKind::tryFrom($this->word($request, 'kind')),
                in_array($whose, [TodayFilter::MINE, TodayFilter::NOBODYS], true) ? $whose : TodayFilter::EVERYONE,
                $this->word($request, 'put_off') === '1',
                (int) $this->word($request, 'lines'),
            )),
            // So many are not worked out for today yet; the page asks again until there are none.
            'behind' => $behind,
        ]);
    }

    public function week(Request $request, RenewNeeds $renew, ReadWeek $week): Response
    {
        $me = $this->me($request);
        $behind = $renew->some($me->clinic);
        $from = $this->word($request, 'from');
        $on = preg_match('/^20\d\d-\d\d-\d\d$/', $from) === 1 && checkdate(
            (int) substr($from, 5, 2), (int) substr($from, 8, 2), (int) substr($from, 0, 4),
        ) ? Day::of($from) : $me->clinic->today();

        return Inertia::render('clinic/Week', [
            ...$week->of($me, $on->plus(1 - $on->weekday()), $this->word($request, 'whose') === TodayFilter::MINE),
            'behind' => $behind,
        ]);
    }

    public function putOff(Request $request, Client $client, PutOff $action): RedirectResponse
    {
        $request->validate([
            'kind' => ['required', Rule::enum(NeedKind::class)],
            'about' => ['required', 'string', 'size:32'],
            'until' => ['required', 'date_format:Y-m-d'],
            'reason' => ['required', 'string', 'min:3', 'max:300'],
        ], [
            'until.*' => 'Give the day as a date, for example '.$client->clinic->today()->plus(7).'.',
            'reason.*' => 'Say in a few words why, for example: on holiday until Monday.',
        ]);
        $until = Day::of($request->string('until')->value());
        $action->until(
            $client, $this->me($request), $request->string('kind')->value(), $request->string('about')->value(), $until,
            $request->string('reason')->value(),
        );

        return $this->said('Put off until '.$until->label().'.');
    }

    public function takeUp(Request $request, Client $client, PutOff $action): RedirectResponse
    {
        $request->validate(['kind' => ['required', 'string'], 'about' => ['required', 'string', 'size:32']]);
        $action->end(
            $client, $this->me($request), $request->string('kind')->value(), $request->string('about')->value(),
        );

        return $this->said('Back on the list.');
    }

    public function assign(Request $request, Client $client, AssignClient $action): RedirectResponse
    {
        $request->validate(['to' => ['nullable', 'integer']], ['to.*' => 'Choose somebody of this clinic.']);
        $action->run($client, $this->me($request), $request->filled('to') ? $request->integer('to') : null);

        return $this->said('Assigned.');
    }

    /** For the search in the top bar: clients of this clinic by part of a name, exercises by what they are called. */
    public function find(Request $request, FindExercises $exercises): JsonResponse
    {
        $words = $this->word($request, 'q');
        $like = '%'.addcslashes($words, '%_\\').'%';
        $clients = Client::query()
            ->where('clinic_id', $this->me($request)->clinic_id)
            ->whereRaw("concat(given_name, ' ', family_name) like ?", [$like])
            ->orderBy('family_name')->limit(8)
            ->get(['id', 'given_name', 'family_name', 'birth_date']);

        return response()->json(
            [
                'clients' => $clients->map(
                    static fn (Client $c): array => ['id' => $c->id, 'name' => $c->name(), 'born' => $c->birth_date],
                )->all(),
                'exercises' => mb_strlen(trim($words)) < self::LETTERS ? [] : array_map(
                    static fn (array $f): array => ['code' => $f['code'], 'name' => $f['name']],
                    array_slice($exercises->find($words)['families'], 0, self::MOST_EXERCISES),
                ),
            ],
        );
    }
}
