<?php

declare(strict_types=1);

use App\Actions\DraftPlan;
use App\Actions\IssuePlan;
use App\Actions\IssueReasons;
use App\Models\LoggedEstimate;
use App\Models\LogItem;
use App\Models\MeasureResult;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use App\Models\SessionLog;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\DoseKind;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->plan = $this->scene->issued();
    $this->url = "/clients/{$this->plan->client_id}";
    $this->row = $this->plan->items->firstWhere('family', 'tote_row');
    $this->log = function (float|string $effort, string $on, ?string $key = null, array $item = []): string {
        $key ??= (string) Str::uuid();
        $items = $this->plan->items->map(fn (PlanItem $i): array => [
            'item' => $i->id, 'done' => $i->id === $this->row->id, 'pain_during' => '', 'effort' => $effort, ...$item,
            'load_kg' => (string) (($i->dose['load_g'] ?? 0) / 1000 ?: ''),
            'sets' => $i->id === $this->row->id ? [['amount' => 8, 'side' => 'left']] : [],
        ])->all();
        $this->post("{$this->url}/log", [
            'key' => $key, 'plan_id' => $this->plan->id, 'done_on' => $on, 'items' => $items,
        ])->assertSessionHasNoErrors();

        return $key;
    };
});

it('keeps what a logged set tells about the 1RM, and works it out again with a correction', function (): void {
    $key = ($this->log)(8, (string) $this->scene->user->clinic->today());
    $kept = LoggedEstimate::query()->where('family', 'tote_row')->sole();
    // Eight with two left are ten: 36/27 of the load.
    expect($kept->grams)->toBe((int) round($this->row->dose['load_g'] * 36 / 27))
        ->and($kept->confidence)->toBe('good')
        ->and($kept->done_on)->toBe((string) $this->scene->user->clinic->today());
    ($this->log)(10, (string) $this->scene->user->clinic->today(), $key);
    $again = LoggedEstimate::query()->where('family', 'tote_row')->sole();
    expect($again->grams)->toBeLessThan($kept->grams)
        ->and(json_encode(Scene::props($this->get("{$this->url}/plan"))['plan']))->not->toBeFalse();
});

it('takes an effort with a decimal comma', function (): void {
    ($this->log)('7,5', (string) $this->scene->user->clinic->today());
    expect(LogItem::query()->where('family', 'tote_row')->sole()->sets[0]['effort'])->toEqual(7.5);
});

it('takes the reps that were left in place of an effort', function (): void {
    ($this->log)('', (string) $this->scene->user->clinic->today(), null, ['left' => '2']);
    $set = LogItem::query()->where('family', 'tote_row')->sole()->sets[0];
    expect($set['rir'])->toBe(2)->and($set['effort'])->toEqual(8)
        ->and(LoggedEstimate::query()->sole()->grams)->toBe((int) round($this->row->dose['load_g'] * 36 / 27));
});

it('takes nothing from an effort that tells nothing', function (): void {
    ($this->log)(3, (string) $this->scene->user->clinic->today());
    expect(LoggedEstimate::query()->count())->toBe(0);
});

it('doses by an easy set as soon as it is measured, and knows which rung it was', function (): void {
    $this->scene->goodSession($this->plan, (string) $this->scene->user->clinic->today());
    $this->post("{$this->url}/measure", ['measured_on' => (string) $this->scene->user->clinic->today(), 'results' => [[
        'test' => 'easy_set', 'family' => 'tote_row', 'load_kg' => '9', 'reps' => '8', 'rir' => '2',
    ]]])->assertSessionHasNoErrors();
    $proposal = Proposal::query()->where('status', 'open')->where('plan_item_id', $this->row->id)->sole();
    expect(MeasureResult::query()->where('test', 'easy_set')->where('family', 'tote_row')->latest('id')->value('rung'))
        ->toBe($this->row->rung)
        ->and($proposal->lever)->toBe('measure')
        ->and($proposal->dose['load_g'])->toBeGreaterThan($this->row->dose['load_g']);
    $line = array_column(Scene::props($this->get("{$this->url}/review"))['proposals'], null, 'id')[$proposal->id];
    expect($line['lever'])->toBe('by an easy set')->and($line['offers'])->toBe([]);
});

it('sets tempo, a hold in each rep and a rest inside a set, and prints them', function (): void {
    $draft = $this->scene->drafted(['given_name' => 'Other']);
    $url = "/clients/{$draft->client_id}";
    $item = $draft->items->firstWhere('family', 'heel_raise');
    $dose = $item->dose;
    $send = fn (array $with) => $this->put("$url/plan/items/{$item->id}/dose", [
        'revision' => $draft->client->refresh()->plan_revision, 'sets' => $dose['sets'],
        'amount_lo' => $dose['reps']['lo'], 'amount_hi' => $dose['reps']['hi'], 'effort_lo' => $dose['effort']['lo'],
        'effort_hi' => $dose['effort']['hi'], 'rest_s' => $dose['rest_s'], 'load_kg' => '', ...$with,
    ]);
    $send(['tempo' => '4-1-fast-0', 'hold_s' => '5', 'pause_s' => '5'])->assertSessionHasNoErrors();
    $now = $item->refresh()->dose;
    expect($now['tempo'])->toBe('4-1-fast-0')->and($now['hold_s'])->toBe(5)->and($now['pause_s'])->toBe(5);
    $sheet = json_encode(Scene::props($this->get("$url/sheet")));
    expect($sheet)->toContain('lower for 4 s, pause for 1 s, lift fast')->toContain('each held 5 s');
    $send(['tempo' => '4-1'])->assertSessionHasErrors('tempo');
    $send(['tempo' => '11-0-2-0'])->assertSessionHasErrors('tempo');
    $send(['hold_s' => '61'])->assertSessionHasErrors('hold_s');
    $send(['pause_s' => '31'])->assertSessionHasErrors('pause_s');
    $send(['tempo' => '', 'hold_s' => '', 'pause_s' => ''])->assertSessionHasNoErrors();
    expect($item->refresh()->dose)->not->toHaveKeys(['tempo', 'hold_s', 'pause_s']);
});

it('holds a hold inside a rep to the longest that a limit allows', function (): void {
    $draft = $this->scene->drafted([
        'given_name' => 'Tense', 'conditions' => [['code' => 'hypertension_controlled', 'details' => []]],
    ]);
    $item = $draft->items->first(
        static fn (PlanItem $i): bool => isset($i->dose['reps']) && ! isset($i->dose['load_g']),
    );
    $dose = $item->dose;
    $send = fn (int $hold) => $this->put("/clients/{$draft->client_id}/plan/items/{$item->id}/dose", [
        'revision' => $draft->client->refresh()->plan_revision, 'sets' => $dose['sets'],
        'amount_lo' => $dose['reps']['lo'], 'amount_hi' => $dose['reps']['hi'], 'effort_lo' => $dose['effort']['lo'],
        'effort_hi' => $dose['effort']['hi'], 'rest_s' => $dose['rest_s'], 'load_kg' => '', 'hold_s' => $hold,
    ]);
    $send(10)->assertSessionHasNoErrors();
    $send(11)->assertSessionHasErrors('hold_s');
});

describe('a dose as it is typed', function (): void {
    beforeEach(function (): void {
        $this->draft = $this->scene->drafted(['given_name' => 'Other', 'minutes' => '60']);
        $this->at = "/clients/{$this->draft->client_id}";
        $this->send = function (PlanItem $item, array $with): TestResponse {
            $dose = $item->refresh()->dose;
            $kind = array_values(array_intersect(array_column(DoseKind::cases(), 'value'), array_keys($dose)))[0];

            return $this->put("{$this->at}/plan/items/{$item->id}/dose", [
                'revision' => $this->draft->client->refresh()->plan_revision, 'sets' => $dose['sets'], 'kind' => $kind,
                'amount_lo' => $dose[$kind]['lo'], 'amount_hi' => $dose[$kind]['hi'],
                'effort_lo' => $dose['effort']['lo'], 'effort_hi' => $dose['effort']['hi'], 'rest_s' => $dose['rest_s'],
                'load_kg' => isset($dose['load_g']) ? (string) ($dose['load_g'] / 1000) : '', ...$with,
            ]);
        };
        $this->item = fn (string $family): PlanItem => $this->draft->items->firstWhere('family', $family);
    });

    it('says in the reasons what the clinician set, with the load where there is one', function (): void {
        foreach (['tote_row' => ', {{g:1110}}', 'heel_raise' => ''] as $family => $load) {
            $row = ($this->item)($family);
            ($this->send)($row, ['sets' => 2, 'amount_lo' => '9', 'amount_hi' => '12', ...$load === '' ? [] : [
                'load_kg' => '1.11',
            ]])->assertSessionHasNoErrors();
            expect(collect($row->refresh()->because)->last()['says'])
                ->toBe("Set by the clinician: 2 × 9-12$load.");
        }
    });

    it('lets left and right differ, refuses each at its side, and prints both', function (): void {
        $row = ($this->item)('tote_row');
        $with = ['apart' => '1', 'left_lo' => '8', 'left_hi' => '10', 'right_lo' => '10', 'right_hi' => '12'];
        ($this->send)($row, [...$with, 'left_load_kg' => '1.11', 'right_load_kg' => '1.63'])
            ->assertSessionHasNoErrors();
        $dose = $row->refresh()->dose;
        expect($dose['left'])->toEqual(['reps' => ['lo' => 8, 'hi' => 10], 'load_g' => 1110])
            ->and($dose['right'])->toEqual(['reps' => ['lo' => 10, 'hi' => 12], 'load_g' => 1630])
            ->and($dose['load_g'])->toBe(1110)
            ->and($row->recipe)->toContain('left: ')->toContain('right: ');
        $sheet = json_encode(Scene::props($this->get("{$this->at}/sheet")), JSON_UNESCAPED_UNICODE);
        expect($sheet)->toContain(Made::shown('left 1.11 kg, right 1.63 kg'))->toContain('left 8-10, right 10-12');
        ($this->send)($row, [...$with, 'left_load_kg' => '1.11', 'right_load_kg' => '1.3'])
            ->assertSessionHasErrors(['right_load'])->assertSessionDoesntHaveErrors(['left_load']);
        ($this->send)($row, [...$with, 'right_hi' => '9', 'left_load_kg' => '1', 'right_load_kg' => '1'])
            ->assertSessionHasErrors(['right_hi']);
        ($this->send)($row, ['load_kg' => 'heavy'])->assertSessionHasErrors(['load_kg']);
        ($this->send)($row, ['load_kg' => '201'])->assertSessionHasErrors(['load_kg']);
        // What is left empty on one side is as on both.
        ($this->send)($row, [...$with, 'load_kg' => '1.11', 'left_load_kg' => '', 'right_load_kg' => '1.63'])
            ->assertSessionHasNoErrors();
        expect($row->refresh()->dose['left']['load_g'] ?? $row->dose['load_g'])->toBe(1110)
            ->and($row->dose['right']['load_g'])->toBe(1630);
        ($this->send)($row, ['apart' => '', 'load_kg' => '1.63'])->assertSessionHasNoErrors();
        expect($row->refresh()->dose)->not->toHaveKeys(['left', 'right']);
    });

    it('refuses two sides where both work at once', function (): void {
        $rise = ($this->item)('seat_rise');
        ($this->send)($rise, ['apart' => '1', 'left_lo' => '5', 'left_hi' => '6', 'right_lo' => '8', 'right_hi' => '9'])
            ->assertSessionHasErrors(['load']);
    });

    it('counts in another way where the exercise allows it', function (string $family, string $kind, bool $may): void {
        $item = ($this->item)($family);
        $sent = ($this->send)($item, ['kind' => $kind, 'amount_lo' => '10', 'amount_hi' => '20', 'tempo' => '3-0-2-0']);
        $may ? $sent->assertSessionHasNoErrors() : $sent->assertSessionHasErrors(['amount_lo']);
        expect(isset($item->refresh()->dose[$kind]))->toBe($may);
        if ($may && $kind !== 'reps') {
            expect($item->dose)->not->toHaveKey('tempo')
                ->and(json_encode(Scene::props($this->get("{$this->at}/sheet"))))->toContain('10-20');
        }
    })->with([
        'a row by the clock' => ['tote_row', 'seconds', true], 'a hold done several times' => ['brace', 'reps', true],
        'a row is no hold' => ['tote_row', 'hold', false], 'a row is no way' => ['tote_row', 'metres', false],
    ]);

    it('lets a school be chosen for one exercise, and reviews by it', function (): void {
        $row = ($this->item)('tote_row');
        $choose = fn (string $school) => $this->put("{$this->at}/plan/items/{$row->id}/school", [
            'school' => $school, 'revision' => $this->draft->client->refresh()->plan_revision,
        ]);
        $choose('effort_steered')->assertSessionHasNoErrors();
        expect($row->refresh()->school)->toBe('effort_steered');
        $choose('criterion_ladder')->assertSessionHasErrors('school');
        $choose('astrology')->assertSessionHasErrors('school');
        app(IssuePlan::class)->run(
            $this->draft->client->refresh(), $this->scene->user, $this->draft->client->plan_revision, new IssueReasons,
        );
        $this->scene->goodSession(
            $this->draft->refresh()->load('items', 'client.clinic'), (string) $this->scene->user->clinic->today(),
        );
        $proposal = Proposal::query()->where('plan_item_id', $row->id)->latest('id')->firstOrFail();
        expect(json_encode($proposal->because))->toContain('mean_effort');
        $choose('')->assertSessionHasNoErrors();
    });

    it('keeps the school that was chosen in the plan in use when a plan is drafted anew', function (): void {
        $client = $this->draft->client;
        $row = ($this->item)('tote_row');
        $this->put("{$this->at}/plan/items/{$row->id}/school", [
            'school' => 'effort_steered', 'revision' => $client->refresh()->plan_revision,
        ])->assertSessionHasNoErrors();
        app(IssuePlan::class)->run($client->refresh(), $this->scene->user, $client->plan_revision, new IssueReasons);
        $this->post("{$this->at}/plan", ['revision' => $client->refresh()->plan_revision])
            ->assertSessionHasNoErrors();
        $anew = Plan::query()->where('status', Plan::DRAFT)->sole()->items()->where('family', 'tote_row')->sole();
        expect($anew->id)->not->toBe($row->id)->and($anew->school)->toBe('effort_steered');
    });

    it('does an exercise lighter on some of its days, and says so on the sheet', function (): void {
        $row = ($this->item)('tote_row');
        $on = function (array $light, array $off = []) use (&$row): TestResponse {
            return $this->put("{$this->at}/plan/items/{$row->id}/days", [
                'light' => $light, 'off' => $off, 'revision' => $this->draft->client->refresh()->plan_revision,
            ]);
        };
        $on([5])->assertSessionHasNoErrors();
        expect($row->refresh()->light_days)->toBe([5]);
        $light = array_column(Scene::props($this->get("{$this->at}/plan"))['plan']['items'], 'light', 'id')[$row->id];
        expect($light['days'])->toBe([5])
            ->and($light['dose']['load_g'])->toBeLessThanOrEqual((int) (0.8 * $row->dose['load_g']))
            ->and($light['dose']['effort_hi'])->toBe($row->dose['effort']['hi'] - 2);
        // Drafted anew, what was chosen stays chosen.
        $anew = app(DraftPlan::class)->run($this->draft->client->refresh(), $this->scene->user)->load('items');
        $row = $anew->items->firstWhere('family', 'tote_row');
        expect($row->light_days)->toBe([5]);
        $on([2, 5])->assertSessionHasErrors('days_held');
        $on([2], [5])->assertSessionHasErrors('days_held');
        $on(['Monday'])->assertSessionHasErrors('light.0');
        $on([], [8])->assertSessionHasErrors('off.0');
        $on([], [5])->assertSessionHasNoErrors();
        expect($row->refresh()->off_days)->toBe([5])->and($row->light_days)->toBeNull()
            ->and($row->dose['days_a_week'])->toBe(1);
        $on([])->assertSessionHasNoErrors();
        expect($row->refresh()->light_days)->toBeNull()->and($row->off_days)->toBeNull()
            ->and($row->dose['days_a_week'])->toBe(2);
    });

    it('adds an exercise at the end of the plan', function (): void {
        foreach (['side_step_squat', 'wall_sit'] as $family) {
            $this->post("{$this->at}/plan/items", [
                'family' => $family, 'revision' => $this->draft->client->refresh()->plan_revision,
            ])->assertSessionHasNoErrors();
            $last = PlanItem::query()->where('plan_id', $this->draft->id)->orderByDesc('position')->first();
            expect($last->family)->toBe($family);
        }
    });

    it('holds several of a family, each with its own rung, dose and name from version to version', function (): void {
        $add = fn (?string $rung): TestResponse => $this->post("{$this->at}/plan/items", array_filter([
            'family' => 'seat_rise', 'rung' => $rung, 'revision' => $this->draft->client->refresh()->plan_revision,
        ]));
        $first = ($this->item)('seat_rise');
        $add($first->rung)->assertSessionHasErrors('family');
        $add('moon')->assertSessionHasErrors();
        $add('raised_hands')->assertSessionHasNoErrors();
        $second = PlanItem::query()->where('plan_id', $this->draft->id)->where('nth', 2)->sole();
        expect([$second->family, $second->rung])->toBe(['seat_rise', 'raised_hands'])
            ->and($first->refresh()->nth)->toBe(1);
        // The first of a family that was not there is its first.
        $this->post("{$this->at}/plan/items", [
            'family' => 'knee_extension', 'revision' => $this->draft->client->refresh()->plan_revision,
        ])->assertSessionHasNoErrors();
        expect(PlanItem::query()->where('family', 'knee_extension')->sole()->nth)->toBe(1);
        // A change of the second leaves the first alone, and neither takes the rung of the other.
        $revision = fn (): int => $this->draft->client->refresh()->plan_revision;
        $this->put("{$this->at}/plan/items/{$second->id}/note", ['note' => 'Slowly.', 'revision' => $revision()])
            ->assertSessionHasNoErrors();
        expect($second->refresh()->note)->toBe('Slowly.')->and($first->refresh()->note)->toBeNull();
        $this->put("{$this->at}/plan/items/{$second->id}/rung", ['rung' => $first->rung, 'revision' => $revision()])
            ->assertSessionHasErrors('family');
        // Both go out, are done, and stay in the next draft with what is theirs.
        app(IssuePlan::class)->run($this->draft->client->refresh(), $this->scene->user, $revision(), new IssueReasons);
        $this->scene->goodSession(
            $this->draft->refresh()->load('items', 'client.clinic'), (string) $this->scene->user->clinic->today(),
        );
        expect(Proposal::query()->whereIn('plan_item_id', [$first->id, $second->id])->count())->toBe(2);
        $anew = app(DraftPlan::class)->run($this->draft->client->refresh(), $this->scene->user)->load('items');
        $of = $anew->items->where('family', 'seat_rise');
        expect($of->sortBy('nth')->map(static fn (PlanItem $i): array => [$i->nth, $i->rung])->values()->all())
            ->toBe([[1, $first->rung], [2, 'raised_hands']]);
    });

    it('says what a dose would come to while it is typed, and stores nothing', function (): void {
        $row = ($this->item)('tote_row');
        $dose = $row->dose;
        $try = fn (array $with): array => $this->getJson("{$this->at}/plan/items/{$row->id}/try?".http_build_query([
            'sets' => $dose['sets'], 'amount_lo' => $dose['reps']['lo'], 'amount_hi' => $dose['reps']['hi'],
            'effort_lo' => $dose['effort']['lo'], 'effort_hi' => $dose['effort']['hi'], 'rest_s' => $dose['rest_s'],
            'load_kg' => (string) ($dose['load_g'] / 1000), ...$with,
        ]))->assertOk()->json();
        $now = Scene::props($this->get("{$this->at}/plan"))['plan'];
        expect($try([]))->toMatchArray(['errors' => [], 'asks' => '', 'minutes' => $now['minutes'], 'budget' => 60]);
        $more = $try(['sets' => 6]);
        expect($more['minutes'])->toBeGreaterThan($now['minutes'])
            ->and(array_keys($try(['load_kg' => '0.01'])['errors']))->toBe(['load'])
            ->and($try(['load_kg' => '1.11'])['makes'])->toContain('Tote')
            ->and($try(['amount_lo' => 20, 'amount_hi' => 40])['asks'])->not->toBe('')
            ->and($row->refresh()->dose)->toEqual($dose)
            ->and($this->draft->client->refresh()->plan_revision)->toBe($this->draft->client->plan_revision);
        $this->getJson("{$this->at}/plan/items/{$row->id}/try?sets=0")->assertOk()
            ->assertJsonPath('errors.sets', 'Sets must be from 1 to 10, for example 2.');
        // What was half typed is told at its field, whatever the rest would come to.
        expect(array_keys($try(['tempo' => '4-1'])['errors']))->toBe(['tempo']);
        $least = 'sets=1&amount_lo=1&amount_hi=1&effort_lo=1&effort_hi=1&rest_s=1';
        $this->getJson("{$this->at}/plan/items/999999/try?$least")->assertNotFound();
    });

    it('tells what to buy next, and asks for a plan where there is none', function (): void {
        $says = $this->getJson("{$this->at}/kit/next")->assertOk()->json('says');
        expect($says)->toBeArray();
        $none = $this->scene->client(['given_name' => 'Planless']);
        expect($this->getJson("/clients/{$none->id}/kit/next")->assertOk()->json())->toBe(['says' => null]);
        $other = new Scene('Another clinic');
        $this->actingAs($other->user)->getJson("{$this->at}/kit/next")->assertForbidden();
    });
});

it('keeps easy sets of each side, and doses each by its own', function (): void {
    $today = (string) $this->scene->user->clinic->today();
    $set = static fn (string $side, string $kg): array => [
        'test' => 'easy_set', 'family' => 'tote_row', 'side' => $side, 'load_kg' => $kg, 'reps' => '8', 'rir' => '2',
    ];
    $this->post("{$this->url}/measure", [
        'measured_on' => $today, 'results' => [$set('left', '1.11'), $set('right', '3.19')],
    ])->assertSessionHasNoErrors();
    $shown = Scene::props($this->get("{$this->url}/measure"))['easy_sets'];
    expect(array_column(array_filter($shown, static fn (array $s): bool => $s['side'] !== ''), 'side'))
        ->toBe(['left', 'right']);
    $draft = app(DraftPlan::class)->run($this->plan->client->refresh(), $this->scene->user)->load('items');
    $dose = $draft->items->firstWhere('family', 'tote_row')->dose;
    expect($dose['left']['load_g'])->toBeLessThan($dose['right']['load_g'])
        ->and($dose['load_g'])->toBe($dose['left']['load_g']);
});

it('takes an effort for each set, and asks where one is missing', function (): void {
    $today = (string) $this->scene->user->clinic->today();
    $sets = [
        ['amount' => 8, 'side' => 'left', 'effort' => '7'], ['amount' => 8, 'side' => 'right', 'left' => '1'],
    ];
    $send = fn (array $sets): TestResponse => $this->post("{$this->url}/log", [
        'key' => (string) Str::uuid(), 'plan_id' => $this->plan->id, 'done_on' => $today, 'items' => [[
            'item' => $this->row->id, 'done' => true, 'sets' => $sets, 'load_kg' => '1',
        ]],
    ]);
    $send($sets)->assertSessionHasNoErrors();
    $kept = LogItem::query()->where('family', 'tote_row')->sole()->sets;
    expect(array_column($kept, 'effort'))->toEqual([7, 9])->and($kept[1]['rir'])->toBe(1)
        ->and(LoggedEstimate::query()->orderBy('side')->pluck('side')->all())->toEqualCanonicalizing(['left', 'right']);
    $form = Scene::props($this->get("{$this->url}/log?correct=".SessionLog::query()->value('id')))['correcting'];
    $row = array_column($form['items'], null, 'item')[$this->row->id];
    expect(array_slice(array_column($row['sets'], 'effort'), 0, 2))->toBe(['7', '9'])
        ->and($row['sets'][1]['left'])->toBe('1');
    unset($sets[1]['left']);
    $send($sets)->assertSessionHasErrors('items.0.effort');
    $send([$sets[0], [...$sets[1], 'effort' => '11']])->assertSessionHasErrors('items.0.sets.1.effort');
});
