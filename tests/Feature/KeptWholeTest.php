<?php

declare(strict_types=1);

use App\Actions\DraftPlan;
use App\Actions\HomeDoor;
use App\Actions\LogMany;
use App\Actions\SaveKit;
use App\Actions\WorkOutReview;
use App\Models\Client;
use App\Models\Decision;
use App\Models\HomePage;
use App\Models\LogSource;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\PlanSnapshot;
use App\Models\Proposal;
use App\Models\SessionLog;
use App\Models\SessionLogVersion;
use BuoyantStep\Core\Units\MassUnit;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\Scene;

/*
 * What is typed, copied, taken back or handed on arrives whole: every field by its name, written out here, so that one
 * that is left out on the way is seen.
 */

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

function draftOf(Plan|Client $of): ?Plan
{
    $client = $of instanceof Plan ? $of->client_id : $of->id;

    return Plan::query()->where('client_id', $client)->where('status', Plan::DRAFT)->with('items')->first();
}

it('keeps every answer of the screen', function (
    string $field,
    mixed $typed,
    string $column,
    mixed $kept,
    array $with = [],
): void {
    $this->post('/clients', Scene::form([...$with, $field => $typed]))->assertSessionHasNoErrors();
    expect(Client::query()->latest('id')->firstOrFail()->getAttribute($column))->toEqual($kept);
})->with([
    ['given_name', 'Ilva', 'given_name', 'Ilva'], ['family_name', 'Dorn', 'family_name', 'Dorn'],
    ['birth_date', '1950-02-03', 'birth_date', '1950-02-03'], ['sex', 'male', 'sex', 'male'],
    ['body_mass_kg', '71.25', 'body_mass_g', 71_250], ['height_cm', '171.5', 'height_mm', 1715],
    ['due_date', '2027-02-01', 'due_date', '2027-02-01', ['birth_date' => '1995-01-01']],
    [
        'birth_given_on',
        '2026-09-01',
        'birth_given_on',
        '2026-09-01',
        ['birth_date' => '1995-01-01', 'birth_kind' => 'vaginal'],
    ],
    [
        'birth_kind',
        'caesarean',
        'birth_kind',
        'caesarean',
        ['birth_date' => '1995-01-01', 'birth_given_on' => '2026-09-01'],
    ],
    [
        'birth_symptoms',
        ['doming'],
        'birth_symptoms',
        ['doming'],
        [
            'birth_date' => '1995-01-01',
            'birth_given_on' => '2026-09-01',
            'birth_kind' => 'vaginal',
        ],
    ],
    ['medicines', ['insulin'], 'medicines', ['insulin']],
    ['insensate', ['left foot'], 'insensate', ['left foot']],
    ['usual', ['sbp' => '128'], 'usual', ['sbp' => '128']],
    ['mass_unit', 'lb', 'mass_unit', MassUnit::Pound],
    ['grip_left', 'weak', 'grip_left', 'weak'],
    ['grip_right', 'none', 'grip_right', 'none'],
    ['standing', 'supported', 'standing', 'supported'],
    ['floor_transfer', 'helped', 'floor_transfer', 'helped'],
    ['home', 'alone', 'home', 'alone'],
    ['training_level', 'trained', 'training_level', 'trained'],
    ['training_since', '2026-03-01', 'training_since', '2026-03-01'],
    ['usual_pain', '3', 'usual_pain', 3],
    ['pain_where', 'left knee', 'pain_where', 'left knee'],
    ['pain_school', 'none', 'pain_school', 'none'],
    ['supine_school', 'from_16', 'supine_school', 'from_16'],
    ['bone_school', 'light_many', 'bone_school', 'light_many'],
    ['days', ['5', '1', '3'], 'days', [1, 3, 5]],
    ['minutes', '25', 'minutes', 25],
    ['aim', 'endurance', 'aim', 'endurance'],
    ['structure', 'straight', 'structure', 'straight'],
    ['wants', 'lift the baby', 'wants', 'lift the baby'],
    ['treatment_days', ['2', '4'], 'treatment_days', ['2', '4']],
    ['best_time', 'after the tablet', 'best_time', 'after the tablet'],
    ['abilities', ['leg_left' => 'weak', 'brakes' => 'one'], 'abilities', ['leg_left' => 'weak', 'brakes' => 'one']],
]);

it('brings a draft back with every word that was in it', function (): void {
    $plan = $this->scene->drafted();
    $item = $plan->items->firstOrFail();
    $plan->update([
        'aim' => 'endurance',
        'structure' => 'straight',
        'minutes' => 47,
        'days' => [1, 4],
        'drafted_on' => '2026-01-05',
        'notes' => ['left' => [], 'trims' => ['Third sets went.']],
        'block_weeks' => 6,
        'block_start' => '2026-01-06',
        'block_easier' => true,
    ]);
    $item->update([
        'note' => 'Left foot in front.', 'last_load_g' => 1234, 'school' => 'effort_steered', 'light_days' => [1],
        'ways' => ['palms' => 'up'],
    ]);
    $clean = static fn (array $row): array => array_diff_key($row, [
        'created_at' => 0,
        'updated_at' => 0,
        'revision' => 0,
        'plan_id' => 0,
    ]);
    $whole = static fn (): array => [
        $clean(draftOf($plan)?->getAttributes() ?? []),
        draftOf($plan)?->items->map(static fn (PlanItem $i): array => $clean($i->getAttributes()))->all(),
    ];
    $before = $whole();
    $at = "/clients/$plan->client_id/plan";
    $this->delete("$at/items/$item->id", ['revision' => $plan->revision])->assertSessionHasNoErrors();
    expect($whole())->not->toEqual($before);
    $this->post("$at/undo", ['revision' => $plan->client->refresh()->plan_revision])->assertSessionHasNoErrors();
    expect($whole())->toEqual($before);
});

it('copies what is issued to the desk with all that it is made of', function (): void {
    $plan = $this->scene->issued();
    $plan->update([
        'aim' => 'endurance',
        'structure' => 'straight',
        'minutes' => 47,
        'days' => [1, 4],
        'wishes' => ['goals' => ['stairs']],
        'notes' => ['left' => [], 'trims' => ['Third sets went.']],
        'session' => ['warm_up' => true, 'cool_down' => true],
    ]);
    $first = $plan->items->firstOrFail(static fn (PlanItem $i): bool => isset($i->dose['load_g']));
    $first->update(['note' => 'Left foot in front.']);
    $at = "/clients/$plan->client_id/plan";
    $last = $plan->items->last();
    $this->delete("$at/items/$last->id", [
        'revision' => $plan->client->refresh()->plan_revision,
    ])->assertSessionHasNoErrors();
    $draft = draftOf($plan);
    $words = ['aim', 'structure', 'minutes', 'days', 'notes', 'wishes', 'session'];
    expect($draft?->only($words))->toEqual($plan->refresh()->only($words));
    $copy = $draft?->items->firstWhere('family', $first->family);
    expect($copy?->note)->toBe('Left foot in front.')->and($copy?->last_load_g)->toBe($first->dose['load_g'])
        ->and((string) $draft?->drafted_on)->toStartWith((string) $this->scene->user->clinic->today());
});

it('takes nothing back that was handed out', function (): void {
    $plan = $this->scene->issued();
    expect(PlanSnapshot::query()->where('client_id', $plan->client_id)->count())->toBe(0);
    $this->post("/clients/$plan->client_id/plan/undo", ['revision' => $plan->client->refresh()->plan_revision])
        ->assertSessionHasErrors('plan');
});

it('keeps beside a corrected session all that it said before', function (): void {
    $plan = $this->scene->issued();
    $url = "/clients/$plan->client_id";
    $item = $plan->items->firstOrFail();
    $form = static fn (array $with): array => [
        'plan_id' => $plan->id,
        'key' => '0b8b2f0e-5f0c-4c43-9df4-7b0d1e5a1c11',
        'done_on' => now()->format('Y-m-d'),
        'pain_before' => '2',
        'pain_next_morning' => '',
        'pain_where' => 'left knee',
        'stop_sign' => '',
        'skipped' => '',
        'note' => 'windy',
        'items' => [],
        ...$with,
    ];
    $one = [
        'item' => $item->id,
        'done' => true,
        'effort' => '5',
        'load_kg' => '',
        'pain_during' => '1',
        'broken' => '',
    ];
    $this->post(
        "$url/log",
        $form(['items' => [[...$one, 'instead' => 'a walk round the pond', 'sets' => []]]]),
    )->assertSessionHasNoErrors();
    $this->post("$url/log", $form(['skipped' => 'visitors']))->assertSessionHasNoErrors();
    $this->post("$url/log", $form(['skipped' => 'rain', 'pain_where' => '']))->assertSessionHasNoErrors();
    [$first, $second] = SessionLogVersion::query()->orderBy('version')->get()->pluck('content')->all();
    expect($first['session'])
        ->toMatchArray([
            'done_on' => now()->format('Y-m-d'),
            'pain_before' => 2,
            'pain_next_morning' => null,
            'pain_where' => 'left knee',
            'stop_sign' => null,
            'skipped' => null,
            'note' => 'windy',
        ])
        ->and($first['items'][0])
        ->toMatchArray([
            'family' => $item->family,
            'rung' => $item->rung,
            'sets' => [],
            'pain_during' => null,
            'instead' => 'a walk round the pond',
        ])
        ->and(array_keys($first['items'][0]))
        ->toBe(['family', 'rung', 'sets', 'pain_during', 'seen', 'support', 'pauses', 'instead'])
        ->and($second['session']['skipped'])->toBe('visitors');
});

it('writes down what a kit became', function (): void {
    $client = $this->scene->client();
    $piece = [
        'label' => 'Can', 'mass_g' => 480, 'count' => 2, 'grip' => 'power', 'holdable' => true, 'packable' => true,
        'plate' => false, 'weighed' => true,
    ];
    app(SaveKit::class)->run($client, $this->scene->user, [$piece], []);
    $line = Decision::query()->where('client_id', $client->id)->latest('id')->firstOrFail();
    expect([$line->kind, $line->says])->toBe(['kit.changed', 'Kit: 1 pieces, 0 carriers.'])
        ->and($line->facts['pieces'])->toBe([$piece])
        // What was not sent did not become anything.
        ->and(array_keys($line->facts))->toBe(['pieces', 'carriers']);
});

it('writes down that the words for clients were read, and which school is the clinic\'s', function (): void {
    $this->scene->user->update(['role' => 'lead']);
    $this->put('/rulebook/words', ['read' => true])->assertSessionHasNoErrors();
    $says = static fn (): string => (string) Decision::query()->latest('id')->value('says');
    expect($says())->toBe('The words for clients were read, in "en".');
    $this->put('/rulebook/words', ['read' => false])->assertSessionHasNoErrors();
    expect($says())->toBe('The words for clients are to be read, in "en".');
    $this->put('/rulebook/school', ['school' => 'pain', 'choice' => 'none'])->assertSessionHasNoErrors();
    expect($says())->toEndWith(': none at all.');
    $this->put('/rulebook/school', ['school' => 'pain', 'choice' => null])->assertSessionHasNoErrors();
    expect($says())->toEndWith(': default.');
});

it('leaves the plan alone where what is accepted moves nothing', function (string $decision, bool $drafts): void {
    $plan = $this->scene->issued();
    $this->scene->goodSession($plan, now()->format('Y-m-d'));
    $proposal = Proposal::query()->where('status', Proposal::OPEN)->firstOrFail();
    $proposal->update([
        'decision' => $decision,
        'dose' => $proposal->planItem->dose,
        'rung' => $proposal->planItem->rung,
    ]);
    $this->post("/clients/$plan->client_id/review/$proposal->id/accept")->assertSessionHasNoErrors();
    expect($proposal->refresh()->status)->toBe('accepted')->and(draftOf($plan) !== null)->toBe($drafts);
})->with([['retest', false], ['stay', false], ['step_up', true], ['ease', true]]);

it('takes a decision back at the exercise that it was for, not at the other of its family', function (): void {
    $plan = $this->scene->issued();
    $row = $plan->items->firstOrFail('family', 'tote_row');
    $other = $row
        ->replicate()
        ->fill(['nth' => 2, 'rung' => 'forearm_table', 'position' => 40, 'note' => 'the other one']);
    $other->save();
    $this->scene->goodSession($plan->load('items'), now()->subDays(3)->format('Y-m-d'));
    $this->scene->goodSession($plan, now()->format('Y-m-d'));
    $proposal = Proposal::query()->where('status', Proposal::OPEN)->where('plan_item_id', $row->id)->firstOrFail();
    $this->post("/clients/$plan->client_id/review/$proposal->id/accept")->assertSessionHasNoErrors();
    $this->post("/clients/$plan->client_id/review/$proposal->id/undo")->assertSessionHasNoErrors();
    $rows = draftOf($plan)?->items->where('family', 'tote_row') ?? collect();
    expect($rows->pluck('note', 'nth')->all() ?: [1 => null, 2 => 'the other one'])
        ->toEqual([1 => null, 2 => 'the other one']);
});

it('forgets the wrong tries once a new PIN is chosen', function (): void {
    $plan = $this->scene->issued();
    $this->post("/clients/$plan->client_id/home")->assertSessionHasNoErrors();
    $page = HomePage::query()->sole();
    $page->update(['wrong' => 4]);
    app(HomeDoor::class)->choosePin($page, '48213977');
    expect($page->refresh()->wrong)->toBe(0);
    $page->update(['wrong' => 15, 'locked_at' => now(), 'wait_until' => now()->addMinutes(15)]);
    app(HomeDoor::class)->unlock($plan->client, $this->scene->user);
    expect($page->refresh()->only(['wrong', 'locked_at', 'wait_until']))
        ->toBe(['wrong' => 0, 'locked_at' => null, 'wait_until' => null]);
});

it('counts the exercises of a family from one, in a file and when one is added', function (): void {
    $plan = $this->scene->drafted();
    $client = $plan->client;
    $file = $this->get("/clients/$client->id/plan.json")->assertOk()->json();
    $this->post("/clients/$client->id/plan/items", [
        'family' => 'tote_row', 'rung' => 'forearm_table', 'revision' => $plan->revision,
    ])->assertSessionHasNoErrors();
    $draft = draftOf($plan);
    expect($draft?->items->where('family', 'tote_row')->pluck('nth')->all())->toBe([1, 2])
        ->and($draft?->items->max('position'))->toBe($plan->items->max('position') + 1);
    $this->post("/clients/$client->id/plan/file", [
        'plan' => $file, 'file' => UploadedFile::fake()->createWithContent('plan.json', (string) json_encode($file)),
        'revision' => $client->refresh()->plan_revision,
    ])->assertSessionHasNoErrors();
    $read = draftOf($plan)?->items;
    expect($read?->pluck('nth')->unique()->all())->toBe([1])
        ->and($read?->pluck('position')->sort()->values()->all())->toBe(range(1, $plan->items->count()))
        ->and($plan->version)->toBe(1)
        ->and(Decision::query()->where('kind', 'plan.imported')->value('says'))->toBe(sprintf(
            'Version %d from a file, with %d exercises.', draftOf($plan)?->version, $plan->items->count(),
        ));
});

it('counts a next morning as one version more', function (): void {
    $plan = $this->scene->issued();
    $log = $this->scene->goodSession($plan, now()->format('Y-m-d'), ['pain_next_morning' => null]);
    $this->put("/clients/$plan->client_id/log/$log->id/next-morning", [
        'pain_next_morning' => 1,
    ])->assertSessionHasNoErrors();
    expect($log->refresh()->version)->toBe(2)->and($log->pain_next_morning)->toBe(1);
});

it('takes an exercise over beside another of its family, and not the same one twice', function (): void {
    $plan = $this->scene->issued();
    $row = $plan->items->firstOrFail('family', 'tote_row');
    $take = fn (): TestResponse => $this->post("/clients/$plan->client_id/plan/items/from", [
        'version' => $plan->version, 'family' => 'tote_row', 'rung' => $row->rung,
        'revision' => $plan->client->refresh()->plan_revision,
    ]);
    $take()->assertSessionHasNoErrors();
    $draft = draftOf($plan);
    expect($draft?->items->where('family', 'tote_row'))->toHaveCount(1);
    // On the desk the first is on another rung, and a second stands where the first was.
    $draft?->items->firstWhere('family', 'tote_row')?->update(['rung' => 'forearm_table']);
    $draft?->items()->create([
        ...$row->only(PlanItem::COPIED), 'nth' => 2, 'position' => 40,
    ]);
    $take()->assertSessionHasErrors(['plan' => '"Tote row, two-second pause at the top" is in the plan already.']);
});

it('proposes nothing for what is left out on the day, unless it was done', function (bool $done): void {
    $plan = $this->scene->issued();
    $item = $plan->items->firstOrFail('family', 'tote_row');
    $item->update(['off_days' => [(int) now()->format('N')]]);
    $log = $this->scene->goodSession($plan->load('items'), now()->format('Y-m-d'));
    if (! $done) {
        $log->items()->where('family', 'tote_row')->delete();
    }
    Proposal::query()->delete();
    app(WorkOutReview::class)->run($plan->client->refresh());
    $for = Proposal::query()->where('status', Proposal::OPEN)->with('planItem')->get()->pluck('planItem.family')->all();
    expect(in_array('tote_row', $for, true))->toBe($done)->and($for)->toContain('seat_rise');
})->with([true, false]);

it('keeps what has been done in a draft that nobody asked to be otherwise', function (): void {
    $plan = $this->scene->issued();
    $this->scene->goodSession($plan, now()->format('Y-m-d'));
    $plan->client->update(['wants' => 'write letters, dress, get up off the floor']);
    $gone = fn (bool ...$keep): array => array_diff(
        $plan->items->pluck('family')->all(),
        app(DraftPlan::class)
            ->run($plan->client->refresh(), $this->scene->user, ...$keep)
            ->items()
            ->pluck('family')
            ->all(),
    );
    expect($gone())->toBe([])->and($gone(keep: false))->not->toBe([]);
});

it('puts a cool-down that is switched on at the end', function (): void {
    $plan = $this->scene->drafted();
    foreach ([false, true] as $n => $on) {
        $this->put("/clients/$plan->client_id/plan/session", [
            'structure' => 'circuit',
            'activation' => false,
            'ramp' => true,
            'cool_down' => $on,
            'aerobic_minutes' => '0',
            'block_weeks' => '6',
            'block_easier' => false,
            'week' => 'same',
            'revision' => $plan->revision + $n,
        ])->assertSessionHasNoErrors();
    }
    $items = draftOf($plan)?->items ?? collect();
    $cool = $items->firstWhere('goal', 'cool_down');
    expect($cool)->not->toBeNull()->and($cool?->position)->toBe($items->max('position'))
        ->and($cool?->position)->toBeGreaterThan(1);
});

it('gives each session of a file a key in the form of all keys', function (): void {
    $plan = $this->scene->issued();
    $session = static fn (string $on): array => [
        'plan' => $plan,
        'session' => [
            'done_on' => $on,
            'pain_before' => null,
            'pain_next_morning' => null,
            'stop_sign' => null,
            'skipped' => 'away',
            'note' => null,
        ],
        'items' => [],
    ];
    app(LogMany::class)->run(
        $plan->client,
        $this->scene->user,
        [$session(now()->subDays(4)->format('Y-m-d')), $session(now()->subDay()->format('Y-m-d'))],
        (string) Str::uuid(),
        false,
    );
    $keys = SessionLog::query()->pluck('idempotency_key')->all();
    expect($keys)->toHaveCount(2)->and(array_filter($keys, Str::isUuid(...)))->toHaveCount(2)
        ->and(array_unique($keys))->toHaveCount(2);
});

it('keeps the note of a column of paper, and none where there was none', function (): void {
    $plan = $this->scene->issued();
    $item = $plan->items->firstOrFail(static fn (PlanItem $i): bool => isset($i->dose['load_g']));
    $column = static fn (int $ago, string $note): array => [
        'done_on' => now()->subDays($ago)->format('Y-m-d'),
        'pain_before' => '',
        'pain_next_morning' => '',
        'note' => $note,
        'items' => [
            ['item' => $item->id, 'amounts' => '12 10', 'effort' => '6', 'load_kg' => '', 'pain_during' => ''],
        ],
    ];
    $this->post("/clients/$plan->client_id/log/paper", [
        'plan_id' => $plan->id, 'key' => (string) Str::uuid(), 'confirmed' => true,
        'sessions' => [$column(1, ' slept badly '), $column(4, '')],
    ])->assertSessionHasNoErrors();
    expect(SessionLog::query()->orderBy('done_on')->pluck('note')->all())->toBe([null, 'slept badly']);
});

it('keeps where a band was held as a pull, and where they stood, of what has no load alone', function (): void {
    $plan = $this->scene->issued();
    $loaded = $plan->items->firstOrFail(static fn (PlanItem $i): bool => isset($i->dose['load_g']));
    $band = $plan->items->firstOrFail(
        static fn (PlanItem $i): bool => ! isset($i->dose['load_g']) && isset($i->dose['reps']),
    );
    $row = static fn (PlanItem $i): array => [
        'item' => $i->id, 'done' => true, 'effort' => '6', 'load_kg' => '2', 'stood_cm' => '180', 'pain_during' => '',
        'broken' => '', 'sets' => [['amount' => '10', 'side' => $i->sides[0]]],
    ];
    $this->post("/clients/$plan->client_id/log", [
        'plan_id' => $plan->id,
        'key' => (string) Str::uuid(),
        'done_on' => now()->format('Y-m-d'),
        'pain_before' => '',
        'pain_next_morning' => '',
        'stop_sign' => '',
        'skipped' => '',
        'note' => '',
        'items' => [$row($loaded), $row($band)],
    ])->assertSessionHasNoErrors();
    $sets = SessionLog::query()->with('items')->sole()->items->pluck('sets', 'plan_item_id');
    expect($sets[$loaded->id][0])->toMatchArray(['load_g' => 2000])->not->toHaveKeys(['pull_n', 'stood_cm'])
        // Two kilograms on a scale pull 19.6 newtons.
        ->and($sets[$band->id][0])->toMatchArray(['pull_n' => 20, 'stood_cm' => 180])->not->toHaveKey('load_g');
});

it('writes down each of the smaller changes as well', function (): void {
    $plan = $this->scene->issued();
    $url = "/clients/$plan->client_id";
    $revision = static fn (): int => (int) Client::query()->findOrFail($plan->client_id)->plan_revision;
    $says = static fn (): array => array_values(Decision::query()->latest('id')->firstOrFail()->only(['kind', 'says']));
    $this->post("$url/home")->assertSessionHasNoErrors();
    $this->post("$url/home/unlock")->assertSessionHasNoErrors();
    expect($says())->toBe(['home.unlocked', 'The page at home was unlocked.']);
    $this->delete("$url/home")->assertSessionHasNoErrors();
    expect($says())->toBe(['home.closed', 'The page at home was closed.']);
    $this->put("$url/review/small-steps", ['on' => true])->assertSessionHasNoErrors();
    expect($says()[1])->toStartWith('Small steps accept themselves from here on');
    $this->put("$url/review/small-steps", ['on' => false])->assertSessionHasNoErrors();
    expect($says()[1])->toBe('Small steps wait for a decision again.');
    $item = $plan->items->firstOrFail('family', 'tote_row');
    $this->delete("$url/plan/items/$item->id", ['revision' => $revision()])->assertSessionHasNoErrors();
    $this->post("$url/plan/undo", ['revision' => $revision()])->assertSessionHasNoErrors();
    expect($says()[0])->toBe('plan.undone');
    $this->post("$url/plan/redo", ['revision' => $revision()])->assertSessionHasNoErrors();
    expect($says()[0])->toBe('plan.redone')->and($says()[1])->toStartWith('Made again: ');
    $this->post("$url/plan/templates", ['name' => 'Carriers'])->assertSessionHasNoErrors();
    expect($says()[0])->toBe('template.kept')->and($says()[1])->toContain('Carriers');
    $this->scene->user->update(['role' => 'lead']);
    $this->put('/letters', ['kind' => 'note', 'body' => 'Dear colleague, all goes well.'])->assertSessionHasNoErrors();
    expect($says()[0])->toBe('letter.template')->and($says()[1])->toEndWith(' changed.');
});

it('drafts anew over the draft there was, numbered from one', function (): void {
    $plan = $this->scene->drafted();
    $this->post("/clients/$plan->client_id/plan", ['revision' => $plan->revision])->assertSessionHasNoErrors();
    $drafts = Plan::query()->where('client_id', $plan->client_id)->where('status', Plan::DRAFT)->with('items')->get();
    expect($drafts)->toHaveCount(1)
        ->and($drafts[0]->items->pluck('position')->all())->toBe(range(1, $drafts[0]->items->count()));
});

it('takes sessions of a file for the clinician\'s own, or for what is to be looked at', function (
    bool $toSee,
    LogSource $source,
): void {
    $plan = $this->scene->issued();
    app(LogMany::class)->run($plan->client, $this->scene->user, [['plan' => $plan, 'session' => [
        'done_on' => now()->format('Y-m-d'), 'pain_before' => null, 'pain_next_morning' => null, 'stop_sign' => null,
        'skipped' => 'away', 'note' => null,
    ], 'items' => []]], (string) Str::uuid(), $toSee);
    $log = SessionLog::query()->sole();
    expect([$log->source, $log->to_see])->toBe([$source, $toSee]);
})->with([[true, LogSource::Client], [false, LogSource::Clinician]]);

it('keeps of the reasons of a dose its goal, its measure and its limits, and adds the new ones', function (): void {
    $plan = $this->scene->issued();
    $this->scene->goodSession($plan, now()->subDays(3)->format('Y-m-d'));
    $this->scene->goodSession($plan, now()->format('Y-m-d'));
    $proposal = Proposal::query()->where('status', Proposal::OPEN)->where('decision', 'step_up')->firstOrFail();
    $reason = static fn (string $from): array => [
        'from' => $from,
        'rule' => "was.$from",
        'says' => 'Before.',
        'source' => '',
    ];
    $proposal->planItem->update([
        'because' => array_map($reason, ['goal', 'measure', 'limit', 'kit', 'log', 'rule']),
    ]);
    $this->post("/clients/$plan->client_id/review/$proposal->id/accept")->assertSessionHasNoErrors();
    $item = draftOf($plan)?->items->firstWhere('family', $proposal->planItem->family);
    $rules = array_column($item->because ?? [], 'rule');
    expect(array_slice($rules, 0, 3))->toBe(['was.goal', 'was.measure', 'was.limit'])
        ->and($rules)->not->toContain('was.kit')->not->toContain('was.log')->not->toContain('was.rule')
        ->and(end($rules))->toBe('clinician');
});

it('ends nothing on the day before it begins, and may on the day itself', function (
    string $until,
    bool $taken,
): void {
    $form = Scene::form([
        'conditions' => [
            [
                'code' => 'hip_replacement_anterior',
                'side' => 'left',
                'since' => '2026-03-10',
                'until' => $until,
                'details' => [],
            ],
        ],
    ]);
    $answer = $this->post('/clients', $form);
    $taken ? $answer->assertSessionHasNoErrors() : $answer->assertSessionHasErrors('conditions.0.until');
})->with([['2026-03-09', false], ['2026-03-10', true], ['2026-03-11', true]]);

it('takes no clearance that ends before it is given', function (string $until, bool $taken): void {
    $form = Scene::form(['clearance' => [
        'given_by' => 'Dr Amari', 'given_on' => '2026-03-10', 'until' => $until, 'restrictions' => '',
    ]]);
    $answer = $this->post('/clients', $form);
    $taken ? $answer->assertSessionHasNoErrors() : $answer->assertSessionHasErrors('clearance.until');
})->with([['2026-03-09', false], ['2026-03-10', true]]);

it('says what a tempo is where it was typed', function (string $tempo, bool $taken): void {
    $plan = $this->scene->drafted();
    $item = $plan->items->firstOrFail('family', 'tote_row');
    $answer = $this->put("/clients/$plan->client_id/plan/items/$item->id/dose", [
        'sets' => $item->dose['sets'],
        'amount_lo' => $item->dose['reps']['lo'],
        'amount_hi' => $item->dose['reps']['hi'],
        'effort_lo' => $item->dose['effort']['lo'],
        'effort_hi' => $item->dose['effort']['hi'],
        'rest_s' => $item->dose['rest_s'],
        'load_kg' => (string) ($item->dose['load_g'] / 1000),
        'tempo' => $tempo,
        'revision' => $plan->revision,
        'confirmed' => true,
    ]);
    $taken ? $answer->assertSessionHasNoErrors() : $answer->assertSessionHasErrors('tempo');
})->with([['4-1-2-0', true], ['as slow as can be', false], ['3-0', false], ['99-0-2-0', false]]);
