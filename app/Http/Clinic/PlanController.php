<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\DraftPlan;
use App\Actions\EditPlan;
use App\Actions\IssuePlan;
use App\Actions\IssueReasons;
use App\Actions\KeepTemplate;
use App\Actions\PlanDesk;
use App\Actions\PreparePlan;
use App\Actions\SetSession;
use App\Actions\TakeOver;
use App\Http\Clinic\Requests\DoseRequest;
use App\Http\Clinic\Requests\DraftRequest;
use App\Http\Clinic\Resources\PlanResource;
use App\Http\Clinic\Resources\ThenResource;
use App\Models\Client;
use App\Models\Plan;
use App\Queries\ComparePlans;
use App\Queries\TryDose;
use App\Rows\OwnSetUp;
use BuoyantStep\Core\Plan\Days\OnDays;
use BuoyantStep\Core\Plan\Days\WeekShape;
use BuoyantStep\Core\Plan\Session\Shape;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Plan\TrainingBlock;
use BuoyantStep\Core\Progress\School;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Vocabulary\Way;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Response;

final class PlanController extends StageController
{
    public function show(Client $client, PlanResource $resource): Response
    {
        return $this->kept('clinic/Plan', $client, function (Closure $situation) use ($client, $resource): array {
            $plan = $client->plans->firstWhere('status', Plan::DRAFT)
                ?? $client->plans->firstWhere('status', Plan::ISSUED);
            $plan?->load('items');

            return $resource->of($plan, $client, $situation, $this->build->wishes($client));
        });
    }

    public function draft(DraftRequest $request, Client $client, DraftPlan $draft): RedirectResponse
    {
        $plan = $draft->run(
            $client, $this->me($request), $request->integer('revision'), $request->wishes(),
            $request->boolean('keep', true),
        );

        return $this->said(sprintf('Version %d drafted.', $plan->version));
    }

    public function swap(Request $request, Client $client, int $item, EditPlan $edit): RedirectResponse
    {
        $given = $request->validate(
            ['rung' => ['required', 'string', 'max:60'], 'revision' => ['required', 'integer']],
        );
        $edit->swapRung(
            $client, $this->me($request), $item, $request->string('rung')->value(), $request->integer('revision'),
        );

        return $this->said('Swapped.');
    }

    public function refresh(Request $request, Client $client, int $item, EditPlan $edit): RedirectResponse
    {
        $request->validate(['revision' => ['required', 'integer']]);
        $edit->bringUpToDate($client, $this->me($request), $item, $request->integer('revision'));

        return $this->said('Brought up to today.');
    }

    public function dose(DoseRequest $request, Client $client, int $item, EditPlan $edit): RedirectResponse
    {
        $edit->setDose(
            $client, $this->me($request), $item, $request->typed(), $request->integer('revision'),
            $request->boolean('confirmed'),
        );

        return $this->said('Dose changed.');
    }

    /** While a dose is typed: what it would come to. */
    public function tryDose(DoseRequest $request, Client $client, int $item, TryDose $try): JsonResponse
    {
        return response()->json($try->run($client, $item, $request->typed()));
    }

    public function school(Request $request, Client $client, int $item, EditPlan $edit): RedirectResponse
    {
        $schools = array_map(static fn (School $s): string => $s->code(), SchoolBook::all());
        $request->validate([
            'school' => ['nullable', Rule::in($schools)],
            'revision' => ['required', 'integer'],
        ], ['school.*' => 'Choose one of the schools listed, or the clinic\'s.']);
        $edit->setSchool(
            $client, $this->me($request), $item,
            $request->filled('school') ? $request->string('school')->value() : null, $request->integer('revision'),
        );

        return $this->said('Another school from the next review on.');
    }

    public function way(Request $request, Client $client, int $item, EditPlan $edit): RedirectResponse
    {
        $request->validate([
            'way' => ['required', Rule::enum(Way::class)], 'always' => ['boolean'],
            'revision' => ['required', 'integer'],
        ], ['way.*' => 'Choose one of the ways listed.']);
        $edit->setWay(
            $client, $this->me($request), $item, Way::from($request->string('way')->value()),
            $request->boolean('always'), $request->integer('revision'),
        );

        return $this->said('Changed how it is done.');
    }

    public function setUp(Request $request, Client $client, int $item, EditPlan $edit): RedirectResponse
    {
        $request->validate([
            'set_up' => ['nullable', 'string', 'max:'.OwnSetUp::LONGEST], 'revision' => ['required', 'integer'],
        ], ['set_up.*' => sprintf(
            'In %d letters at most, for example: toes 30 cm from the wall, two cushions.', OwnSetUp::LONGEST,
        )]);
        $says = trim($request->string('set_up')->value());
        $edit->setUp($client, $this->me($request), $item, $says === '' ? null : $says, $request->integer('revision'));

        return $this->said('Set-up kept for this client.');
    }

    public function keepTemplate(Request $request, Client $client, KeepTemplate $keep): RedirectResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:80']], [
            'name.*' => 'Give the template a name of 80 letters at most, for example: after a knee replacement.',
        ]);
        $name = trim($request->string('name')->value());
        $keep->run($client, $this->me($request), $name);

        return $this->said(sprintf('Template "%s" kept for the clinic.', $name));
    }

    public function discardTemplate(
        Request $request, Client $client, int $template, KeepTemplate $keep,
    ): RedirectResponse {
        $keep->discard($this->me($request), $template);

        return $this->said('The template is thrown away; plans that began with it stay.');
    }

    public function note(Request $request, Client $client, int $item, EditPlan $edit): RedirectResponse
    {
        $request->validate([
            'note' => ['nullable', 'string', 'max:200'], 'revision' => ['required', 'integer'],
        ], ['note.*' => 'In 200 letters at most, for example: slower than last week.']);
        $says = trim($request->string('note')->value());
        $edit->note($client, $this->me($request), $item, $says === '' ? null : $says, $request->integer('revision'));

        return $this->said('Note kept; it is printed with the exercise.');
    }

    public function discard(Request $request, Client $client, PlanDesk $desk): RedirectResponse
    {
        $request->validate(['revision' => ['required', 'integer']]);
        $desk->discard($client, $this->me($request), $request->integer('revision'));

        return $this->said('The draft is thrown away. Take it back here if that was not meant.');
    }

    /** Two versions of this client's plan: what differs, and what was decided between them. */
    public function compare(Request $request, Client $client, ComparePlans $compare): JsonResponse
    {
        $request->validate(['from' => ['required', 'integer'], 'to' => ['required', 'integer']]);

        return response()->json($compare->run($client, $request->integer('from'), $request->integer('to')));
    }

    public function days(Request $request, Client $client, int $item, EditPlan $edit): RedirectResponse
    {
        $request->validate([
            'light' => ['present', 'array', 'max:7'], 'light.*' => ['integer', 'between:1,7'],
            'off' => ['present', 'array', 'max:7'], 'off.*' => ['integer', 'between:1,7'],
            'revision' => ['required', 'integer'],
        ]);
        $days = static fn (string $key): array => array_values(array_map(
            static fn (mixed $d): int => is_numeric($d) ? (int) $d : 0, $request->array($key),
        ));
        $edit->setDays(
            $client, $this->me($request), $item, new OnDays($days('light'), $days('off')),
            $request->integer('revision'),
        );

        return $this->said('Its days changed.');
    }

    public function add(Request $request, Client $client, EditPlan $edit): RedirectResponse
    {
        $request->validate([
            'family' => ['required', 'string', 'max:60'], 'rung' => ['nullable', 'string', 'max:60'],
            'revision' => ['required', 'integer'],
        ]);
        $edit->add(
            $client, $this->me($request), $request->string('family')->value(),
            $request->filled('rung') ? $request->string('rung')->value() : null, $request->integer('revision'),
        );

        return $this->said('Added.');
    }

    /** One exercise as an earlier version had it. */
    public function takeOver(Request $request, Client $client, TakeOver $take): RedirectResponse
    {
        $request->validate([
            'version' => ['required', 'integer', 'between:1,4000000000'], 'family' => ['required', 'string', 'max:60'],
            'rung' => ['required', 'string', 'max:60'], 'revision' => ['required', 'integer'],
        ]);
        $take->run(
            $client, $this->me($request), $request->integer('version'), $request->string('family')->value(),
            $request->string('rung')->value(), $request->integer('revision'),
        );

        return $this->said('Taken over from that version.');
    }

    public function move(Request $request, Client $client, int $item, EditPlan $edit): RedirectResponse
    {
        $request->validate([
            'to' => ['required', 'integer', 'between:1,60'], 'revision' => ['required', 'integer'],
        ]);
        $edit->move($client, $this->me($request), $item, $request->integer('to'), $request->integer('revision'));

        return $this->said('Moved.');
    }

    public function remove(Request $request, Client $client, int $item, EditPlan $edit): RedirectResponse
    {
        $request->validate(['revision' => ['required', 'integer']]);
        $edit->remove($client, $this->me($request), $item, $request->integer('revision'));

        return $this->said('Taken out.');
    }

    public function session(Request $request, Client $client, SetSession $set): RedirectResponse
    {
        $request->validate([
            'structure' => ['required', Rule::enum(Structure::class)],
            'activation' => ['required', 'boolean'], 'ramp' => ['required', 'boolean'],
            'cool_down' => ['required', 'boolean'],
            'aerobic_minutes' => ['required', 'integer', 'between:0,'.Shape::MOST_AEROBIC],
            'block_weeks' => ['required', 'integer', Rule::in(TrainingBlock::WEEKS)],
            'block_easier' => ['required', 'boolean'],
            'week' => ['required', Rule::enum(WeekShape::class)],
            'revision' => ['required', 'integer'],
        ], [
            'structure.*' => 'Choose one of the structures listed.',
            'block_weeks.*' => 'A block is 4, 6 or 8 weeks.',
            'week.*' => 'Choose one of the weeks listed.',
            'aerobic_minutes.*' => sprintf('From 0 to %d minutes, for example 2.', Shape::MOST_AEROBIC),
        ]);
        $set->run(
            $client, $this->me($request), Structure::from($request->string('structure')->value()), new Shape(
                $request->boolean('activation'), $request->boolean('ramp'), $request->integer('aerobic_minutes'),
                $request->boolean('cool_down'), WeekShape::from($request->string('week')->value()),
            ), [
                'block_weeks' => $request->integer('block_weeks'), 'block_easier' => $request->boolean('block_easier'),
            ], $request->integer('revision'),
        );

        return $this->said('Parts of the session changed.');
    }

    /** The dates of the block that tighten, with the plan as each would have it beside today's. */
    public function dates(Client $client, PreparePlan $prepare): JsonResponse
    {
        $plan = $client->plans()->whereIn('status', [Plan::DRAFT, Plan::ISSUED])->with('items')
            ->orderByRaw('status = ? desc', [Plan::DRAFT])->firstOrFail();

        return response()->json(['dates' => array_map(
            ThenResource::of(...), $prepare->dates($plan, $client),
        )]);
    }

    public function prepare(Request $request, Client $client, PreparePlan $prepare): RedirectResponse
    {
        $request->validate(['revision' => ['required', 'integer']]);
        $left = $prepare->run($client, $this->me($request), $request->integer('revision'));

        return $this->said(
            'Prepared; issue it when the day has come, or now.'.(
                $left === []
                    ? ''
                    : ' Still to decide: '.implode(', ', $left).'.'
            ),
        );
    }

    public function undo(Request $request, Client $client, PlanDesk $desk): RedirectResponse
    {
        $request->validate(['revision' => ['required', 'integer']]);

        return $this->said('Taken back: '.$desk->undo($client, $this->me($request), $request->integer('revision')));
    }

    public function redo(Request $request, Client $client, PlanDesk $desk): RedirectResponse
    {
        $request->validate(['revision' => ['required', 'integer']]);

        return $this->said('Made again: '.$desk->redo($client, $this->me($request), $request->integer('revision')));
    }

    public function issue(Request $request, Client $client, IssuePlan $issue): RedirectResponse
    {
        $request->validate([
            'revision' => ['required', 'integer'],
            'issue_reason' => ['nullable', 'string', 'max:500'],
            'clearance_reason' => ['nullable', 'string', 'max:500'],
        ]);
        $typed = static fn (string $key): ?string => $request->filled($key) ? $request->string($key)->value() : null;
        $plan = $issue->run(
            $client,
            $this->me($request),
            $request->integer('revision'),
            new IssueReasons($typed('issue_reason'), $typed('clearance_reason')),
        );

        return redirect("/clients/{$client->id}/sheet")->with(
            'said', sprintf('Version %d issued. Print the sheet.', $plan->version),
        );
    }
}
