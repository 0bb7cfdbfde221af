<?php

declare(strict_types=1);

use App\Actions\DraftPlan;
use App\Actions\IssuePlan;
use App\Actions\IssueReasons;
use App\Models\Client;
use App\Models\KitBand;
use App\Models\LogItem;
use App\Models\PlanItem;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Mass;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->client = $this->scene->measured();
    $this->actingAs($this->scene->user);
    $this->kit = static fn (array $with = []): array => [
        'pieces' => [
            [
                'label' => 'Can', 'mass_kg' => '0.48', 'count' => '4', 'grip' => 'power', 'holdable' => true,
                'packable' => true, 'plate' => false, 'weighed' => true,
            ],
        ],
        'carriers' => [
            [
                'label' => 'Tote', 'mass_kg' => '0.15', 'count' => '2', 'grip' => 'hook', 'max_mass_kg' => '10',
                'max_pieces' => '9', 'plates' => false,
            ],
        ],
        ...$with,
    ];
    $this->band = static fn (array $with = []): array => [
        'label' => 'Green one', 'rest_cm' => '120', 'form' => 'flat', 'material' => 'latex_free', 'max_pct' => '200',
        'pulls' => [
            ['cm' => '150', 'kgf' => '0.92'], ['cm' => '180', 'kgf' => '1.53'], ['cm' => '240', 'kgf' => '2.45'],
        ],
        ...$with,
    ];
    // A row with one arm on the band, in a draft.
    $this->planned = function (): array {
        $this->put("/clients/{$this->client->id}/kit", ($this->kit)([
            'bands' => [($this->band)()], 'place' => [
                'things' => ['chair', 'armchair', 'counter', 'table', 'bed', 'door'], 'door' => 'towards',
            ],
        ]))->assertSessionHasNoErrors();
        $plan = app(DraftPlan::class)->run($this->client->refresh(), $this->scene->user);
        $at = "/clients/{$this->client->id}";
        $revision = fn (): int => $this->client->refresh()->plan_revision;
        $this->post("$at/plan/items", ['family' => 'band_row', 'revision' => $revision()])->assertSessionHasNoErrors();
        $item = PlanItem::query()->where('family', 'band_row')->sole();
        $this->put("$at/plan/items/{$item->id}/rung", ['rung' => 'one_arm', 'revision' => $revision()])
            ->assertSessionHasNoErrors();

        return [$plan, $item];
    };
});

/** A band kept through the form, and where it can be asked about. */
function keepBand(): KitBand
{
    $test = test();
    $test->put(
        "/clients/{$test->client->id}/kit", ($test->kit)(['bands' => [($test->band)()]]),
    )->assertSessionHasNoErrors();

    return KitBand::query()->where('client_id', $test->client->id)->firstOrFail();
}

it('takes every number of a band with a decimal comma', function (): void {
    $band = ($this->band)(['rest_cm' => '120,5', 'pulls' => [['cm' => '150,4', 'kgf' => '0,92']]]);
    $this->put("/clients/{$this->client->id}/kit", ($this->kit)(['bands' => [$band]]))->assertSessionHasNoErrors();
    $kept = KitBand::query()->where('client_id', $this->client->id)->firstOrFail();
    expect($kept->rest_mm)->toBe(1205)->and($kept->pulls[0])->toBe(['length_mm' => 1504, 'force_mn' => 9022]);
});

it('keeps bands as they were pulled, in millimetres and millinewtons, and gives back the curve', function (): void {
    $band = keepBand();
    expect($band->rest_mm)->toBe(1200)
        ->and($band->pulls[1])->toBe(['length_mm' => 1800, 'force_mn' => 15004]);
    $page = Scene::props($this->get("/clients/{$this->client->id}/kit"));
    expect($page['form']['bands'][0]['pulls'][1])->toBe(['cm' => '180', 'kgf' => '1.53'])
        ->and($page['form']['bands'][0]['curve'][2])->toBe(
            ['pct' => 50, 'newtons' => 15.004, 'pull' => "1.53\u{202F}kg"],
        )
        ->and(array_column($page['band_rungs'], 'code'))->toContain('band_row/seated');
});

it('refuses a band whose pull falls or whose numbers are impossible, and keeps the old kit', function (
    array $with, string $field,
): void {
    keepBand();
    $this->put(
        "/clients/{$this->client->id}/kit", ($this->kit)(['bands' => [($this->band)($with)]]),
    )->assertSessionHasErrors($field);
    expect(KitBand::query()->count())->toBe(1)
        ->and(KitBand::query()->first()->rest_mm)->toBe(1200)
        ->and($this->client->pieces()->count())->toBe(1);
})->with([
    'a pull that falls' => [
        ['pulls' => [['cm' => '150', 'kgf' => '1'], ['cm' => '180', 'kgf' => '0.5']]], 'bands.0.pulls',
    ],
    'no longer than at rest' => [['pulls' => [['cm' => '110', 'kgf' => '1']]], 'bands.0.pulls'],
    'a rest of nothing' => [['rest_cm' => '0'], 'bands.0.rest_cm'],
    'a made-up material' => [['material' => 'steel'], 'bands.0.material'],
]);

it('refuses a mark on a piece that is neither yes nor no', function (string $mark): void {
    $kit = ($this->kit)();
    $kit['pieces'][0][$mark] = 'perhaps';
    $this->put("/clients/{$this->client->id}/kit", $kit)->assertSessionHasErrors("pieces.0.$mark");
})->with(['holdable', 'packable', 'plate', 'weighed']);

it('keeps a band that nobody has measured, to be used by how it feels', function (): void {
    $this->put(
        "/clients/{$this->client->id}/kit", ($this->kit)(['bands' => [($this->band)(['pulls' => []])]]),
    )->assertSessionHasNoErrors();
    $band = KitBand::query()->sole();
    expect($band->pulls)->toBe([]);
    $this->getJson("/clients/{$this->client->id}/kit/band?band={$band->id}&rung=band_row/one_arm")->assertStatus(422);
    $this->get("/clients/{$this->client->id}/kit")->assertOk();
    $this->put("/clients/{$this->client->id}/kit", ($this->kit)(['bands' => [($this->band)(['pulls' => 'none'])]]))
        ->assertSessionHasErrors('bands.0.pulls');
});

it('plans a band by its pull, refuses one that it cannot give, and logs it by where they stood', function (): void {
    [$plan, $item] = ($this->planned)();
    $at = "/clients/{$this->client->id}";
    $revision = fn (): int => $this->client->refresh()->plan_revision;
    $send = fn (string $pull) => $this->put("$at/plan/items/{$item->id}/dose", [
        'revision' => $revision(), 'sets' => 2, 'amount_lo' => 8, 'amount_hi' => 12, 'effort_lo' => 5, 'effort_hi' => 7,
        'rest_s' => 60, 'pull_kg' => $pull,
    ]);
    $send('1.53')->assertSessionHasNoErrors();
    expect($item->refresh()->dose['pull_n'])->toBe(15)
        ->and($item->recipe)->toContain('Stand or sit')
        ->and(json_encode(Scene::props($this->get("$at/plan"))))->toContain('a pull of');
    $send('9')->assertSessionHasErrors('pull');
    $send('a bit')->assertSessionHasErrors('pull_kg');
    app(IssuePlan::class)->run($this->client->refresh(), $this->scene->user, $revision(), new IssueReasons);
    $log = fn (array $with) => $this->post("$at/log", [
        'key' => (string) Str::uuid(), 'plan_id' => $plan->id, 'confirmed' => true,
        'done_on' => (string) $this->scene->user->clinic->today(),
        'items' => [[
            'item' => $item->id, 'done' => true, 'effort' => '7', 'load_kg' => '1.53',
            'sets' => [['amount' => '12', 'side' => 'left'], ['amount' => '12', 'side' => 'right']], ...$with,
        ]],
    ]);
    $log([])->assertSessionHasNoErrors();
    $log(['stood_cm' => '200'])->assertSessionHasNoErrors();
    [$typed, $stood] = LogItem::query()->where('family', 'band_row')->orderBy('id')->get()->pluck('sets')->all();
    expect($typed[0]['pull_n'])->toBe(15)->and($typed[0])->not->toHaveKey('stood_cm')
        ->and($stood[0]['stood_cm'])->toBe(200)->and($stood[0]['pull_n'])->not->toBe(15);
    expect(json_encode(Scene::props($this->get("$at/log"))['logs'], JSON_UNESCAPED_UNICODE))
        ->toContain(Made::shown('with a pull of 1.5 kg'))->toContain('stood at 200 cm');
    $log(['stood_cm' => '5'])->assertSessionHasErrors('items.0.stood_cm');
    // On paper a band was pulled as it was planned, side by side.
    $this->post("$at/log/paper", [
        'plan_id' => $plan->id, 'key' => (string) Str::uuid(), 'confirmed' => true, 'sessions' => [[
            'done_on' => (string) $this->scene->user->clinic->today(),
            'items' => [['item' => $item->id, 'amounts' => '12 11', 'effort' => '6,5', 'load_kg' => '']],
        ]],
    ])->assertSessionHasNoErrors();
    $paper = LogItem::query()->where('family', 'band_row')->orderByDesc('id')->firstOrFail()->sets;
    expect(array_column($paper, 'pull_n'))->toBe([15, 15])->and(array_column($paper, 'load_g'))->toBe([])
        ->and(array_column($paper, 'reps'))->toBe([12, 11])->and(array_column($paper, 'effort'))->toBe([6.5, 6.5]);
});

it('knows from where they stood what each side pulled, each on the band that its dose is for', function (): void {
    [$plan, $item] = ($this->planned)();
    $at = "/clients/{$this->client->id}";
    $revision = fn (): int => $this->client->refresh()->plan_revision;
    // More than the band gives as it is: the right side has it doubled.
    $this->put("$at/plan/items/{$item->id}/dose", [
        'revision' => $revision(), 'sets' => 2, 'amount_lo' => 8, 'amount_hi' => 12, 'effort_lo' => 5, 'effort_hi' => 7,
        'rest_s' => 60, 'apart' => true, 'left_load_kg' => '1.53', 'right_load_kg' => '3.06',
    ])->assertSessionHasNoErrors();
    app(IssuePlan::class)->run($this->client->refresh(), $this->scene->user, $revision(), new IssueReasons);
    $pulls = function (int $stood) use ($at, $plan, $item): array {
        $this->post("$at/log", [
            'key' => (string) Str::uuid(), 'plan_id' => $plan->id, 'confirmed' => true,
            'done_on' => (string) $this->scene->user->clinic->today(),
            'items' => [[
                'item' => $item->id, 'done' => true, 'effort' => '7', 'stood_cm' => (string) $stood,
                'sets' => [['amount' => '12', 'side' => 'left'], ['amount' => '12', 'side' => 'right']],
            ]],
        ])->assertSessionHasNoErrors();
        $sets = LogItem::query()->where('family', 'band_row')->latest('id')->firstOrFail()->sets;

        return array_map(static fn (array $set): ?int => $set['pull_n'] ?? null, $sets);
    };
    // Near by the single one is slack; further away the doubled one would go past what was measured.
    expect($pulls(130))->toBe([null, 25])->and($pulls(220))->toBe([14, null]);
});

it('takes the least pull for one newton, which this band does not give', function (): void {
    $this->put("/clients/{$this->client->id}/kit", ($this->kit)([
        'bands' => [($this->band)()], 'place' => [
            'things' => ['chair', 'armchair', 'counter', 'table', 'bed', 'door'], 'door' => 'towards',
        ],
    ]))->assertSessionHasNoErrors();
    app(DraftPlan::class)->run($this->client->refresh(), $this->scene->user);
    $at = "/clients/{$this->client->id}/plan/items";
    $revision = fn (): int => $this->client->refresh()->plan_revision;
    $this->post($at, ['family' => 'band_row', 'revision' => $revision()])->assertSessionHasNoErrors();
    $item = PlanItem::query()->where('family', 'band_row')->sole();
    $this->put("$at/{$item->id}/dose", [
        'revision' => $revision(), 'sets' => 2, 'amount_lo' => 8, 'amount_hi' => 12, 'effort_lo' => 5, 'effort_hi' => 7,
        'rest_s' => 60, 'pull_kg' => '0.05',
    ])->assertSessionHasErrors('pull');
    expect(session('errors')->first('pull'))->toStartWith(Mass::sayForce(1).' is not to be had');
});

it('says where to stand for what the measures suggest, or for what is typed', function (): void {
    $band = keepBand();
    $ask = fn (array $with): array => $this->getJson(
        "/clients/{$this->client->id}/kit/band?".http_build_query(
            ['band' => $band->id, 'rung' => 'band_row/one_arm', ...$with],
        ),
    )->assertOk()->json();
    $suggested = $ask([]);
    $typed = $ask(['kgf' => '1.5', 'at' => 'end']);
    // The tote row asks for more than this band can give: the most it gives, and the reason.
    expect($suggested['target_says'])->toContain('tote row')->toContain(
        Made::shown('this band gives 2.2 kg at the most'),
    )
        ->and($suggested['mean'])->toBe(Made::shown('2.2 kg'))
        ->and($suggested['stand_cm'])->toBeGreaterThan(100)
        ->and($typed['end'])->toBe(Made::shown('1.5 kg'))
        ->and($typed['stand_cm'])->toBeLessThan($suggested['stand_cm'])
        ->and($typed['target_says'])->toBe('As typed.')
        ->and($typed['top_view']['body'])->toBeGreaterThan($typed['top_view']['hand_start'])
        ->and($typed['notes'])->not->toBe([]);
});

it('keeps a band that may hold latex from an allergy, also where another band is free of it', function (): void {
    $this->client->conditions()->create(['code' => 'latex_allergy', 'details' => []]);
    $this->put("/clients/{$this->client->id}/kit", ($this->kit)(['place' => [
        'things' => ['chair', 'armchair', 'counter', 'table', 'bed', 'door'], 'door' => 'towards',
    ], 'bands' => array_map(
        fn (string $of): array => ($this->band)(['label' => $of, 'material' => $of]), ['latex_free', 'latex', 'fabric'],
    )]))->assertSessionHasNoErrors();
    $out = KitBand::query()->get()->mapWithKeys(fn (KitBand $b): array => [$b->label => $this->getJson(
        "/clients/{$this->client->id}/kit/band?".http_build_query(['band' => $b->id, 'rung' => 'band_row/one_arm']),
    )->assertOk()->json('out')])->all();
    $says = 'Latex allergy: no latex band, tube, ball or grip.';
    expect($out)->toBe(['latex_free' => null, 'latex' => $says, 'fabric' => $says]);
});

it('names the field when the pull is out of reach, absurd, or the exercise uses no band', function (
    array $with, string $field,
): void {
    $band = keepBand();
    $this->getJson(
        "/clients/{$this->client->id}/kit/band?".http_build_query(
            ['band' => $band->id, 'rung' => 'band_row/seated', ...$with],
        ),
    )->assertStatus(422)->assertJsonValidationErrors($field);
})->with(
    [
        [['kgf' => '90'], 'kgf'], [['kgf' => '-1'], 'kgf'], [['rung' => 'curl/one_arm'], 'rung'],
        [['rung' => 'nothing/at_all'], 'rung'], [['rung' => 'band_row/flying'], 'rung'], [['at' => 'middle'], 'at'],
    ],
);

it('does not tell about the band of another client', function (): void {
    $band = keepBand();
    $other = $this->scene->client(['given_name' => 'Else']);
    $this->getJson("/clients/{$other->id}/kit/band?band={$band->id}&rung=band_row/seated")->assertNotFound();
});

it('opens and closes rungs with what the home has', function (): void {
    $stair = fn (): array => $this->getJson(
        "/clients/{$this->client->id}/steps?family=step_up",
    )->assertOk()->json('stair');
    expect($stair()[0]['state'])->toBe('under')->and($stair()[0]['says'])->toContain('low step');
    $this->put(
        "/clients/{$this->client->id}/kit",
        ($this->kit)(
            [
                'place' => [
                    'things' => ['chair', 'counter', 'step'], 'floor' => 'smooth', 'door' => 'away',
                    'chair_at_wall' => false,
                ],
                'aids' => ['left' => ['wrist_loop'], 'right' => []],
            ],
        ),
    )->assertSessionHasNoErrors();
    $page = Scene::props($this->get("/clients/{$this->client->id}/kit"));
    expect($stair()[0]['state'])->toBe('open')
        ->and(implode(' ', $page['findings']))->toContain('slides as the client rises')
        ->and($page['gone_through'])->toBeTrue()
        ->and($page['form']['aids']['left'])->toBe(['wrist_loop']);
    $this->put(
        "/clients/{$this->client->id}/kit", ($this->kit)(['place' => ['things' => ['hovercraft']]]),
    )->assertSessionHasErrors('place.things.0');
    $this->put("/clients/{$this->client->id}/kit", ($this->kit)())->assertSessionHasNoErrors();
    expect($this->client->refresh()->place['things'])->toContain('step');
});

it('says of a stair where the measures begin, what a step changes and what a lever weighs', function (): void {
    $stair = $this->getJson("/clients/{$this->client->id}/steps?family=seat_rise")->json('stair');
    expect(array_filter($stair, static fn (array $s): bool => $s['seed']))->toHaveCount(1)
        ->and($stair[1]['axes'])->toBe('more range')
        ->and(implode(' ', $stair[1]['notes']))->toContain('One rise from 450 mm');
    $this->getJson("/clients/{$this->client->id}/steps?family=leg_press")->assertNotFound();
});

it('takes a kit from a file, in any order of columns, with a decimal comma and a byte-order mark', function (): void {
    $csv = "\xEF\xBB\xBFcount,label,mass_kg,kind,grip,max_mass_kg\r\n"
        ."2,\"Jar, large\",\"0,9\",piece,power,\r\n1,Basket,1.1,carrier,hook,14\r\n";
    $this->post(
        "/clients/{$this->client->id}/kit/import", ['file' => UploadedFile::fake()->createWithContent('kit.csv', $csv)],
    )->assertSessionHasNoErrors();
    $jar = $this->client->pieces()->where('label', 'Jar, large')->firstOrFail();
    expect($jar->mass_g)->toBe(900)
        ->and($jar->count)->toBe(2)
        ->and($this->client->pieces()->count())->toBe(3)
        ->and($this->client->carriers()->where('label', 'Basket')->value('max_mass_g'))->toBe(14000);
});

it('keeps where a thing goes that no hand has to hold, and offers it only there', function (): void {
    $vest = [
        'label' => 'Vest', 'mass_kg' => '3', 'count' => '1', 'grip' => 'none', 'worn_on' => 'back', 'holdable' => true,
        'packable' => false, 'plate' => false, 'weighed' => true,
    ];
    $pocket = [
        'label' => 'Pocket cuff', 'mass_kg' => '0.3', 'count' => '2', 'grip' => 'none', 'worn_on' => 'limb',
        'max_mass_kg' => '1', 'max_pieces' => '4', 'plates' => false,
    ];
    $at = "/clients/{$this->client->id}/kit";
    $this->put($at, ($this->kit)(['pieces' => [$vest], 'carriers' => [$pocket]]))->assertSessionHasNoErrors();
    $page = Scene::props($this->get($at));
    $recipes = static fn (string $holding): array => array_column(
        collect($page['ladders'])->firstWhere('holding', $holding)['loads'], 'recipe',
    );
    expect($page['form']['pieces'][0]['worn_on'])->toBe('back')
        ->and($page['form']['carriers'][0]['worn_on'])->toBe('limb')
        ->and(implode(' ', $recipes('worn')))->toContain('Vest')->not->toContain('Pocket')
        ->and(implode(' ', $recipes('cuff')))->toContain('Pocket cuff')->not->toContain('Vest');
    // Through a file and back: neither has turned into the other.
    $csv = (string) $this->get("$at/export.csv")->getContent();
    $this->put($at, [...($this->kit)(['pieces' => [], 'carriers' => []]), 'version' => 2]);
    $this->post("$at/import", ['file' => UploadedFile::fake()->createWithContent('kit.csv', $csv)])
        ->assertSessionHasNoErrors();
    expect($this->client->pieces()->where('label', 'Vest')->value('worn_on'))->toBe('back')
        ->and($this->client->carriers()->where('label', 'Pocket cuff')->value('worn_on'))->toBe('limb');
    $this->put($at, ($this->kit)(['pieces' => [[...$vest, 'worn_on' => 'ear']], 'version' => 4]))
        ->assertSessionHasErrors(['pieces.0.worn_on']);
});

it('takes the kit to its next version when a file adds to it, so that an older page is told', function (): void {
    $was = $this->client->refresh()->kit_version;
    $csv = "count,label,mass_kg,kind,grip\r\n2,Jar,0.9,piece,power\r\n";
    $this->post(
        "/clients/{$this->client->id}/kit/import", ['file' => UploadedFile::fake()->createWithContent('kit.csv', $csv)],
    )->assertSessionHasNoErrors();
    expect($this->client->refresh()->kit_version)->toBe($was + 1);
});

it('adds nothing when one line of a file is wrong, and names the line', function (string $csv, string $says): void {
    $this->post(
        "/clients/{$this->client->id}/kit/import", ['file' => UploadedFile::fake()->createWithContent('kit.csv', $csv)],
    )->assertSessionHasErrors(['file']);
    expect(session('errors')->first('file'))->toContain($says)
        ->and($this->client->pieces()->count())->toBe(2);
})->with([
    'a mass that is none' => ["label,mass_kg\nCan,0.4\nBook,heavy\n", 'Line 3: mass_kg'],
    'no name' => ["label,mass_kg\n,0.4\n", 'Line 2: label'],
    'a grip of its own' => ["label,mass_kg,grip\nCan,0.4,claw\n", 'Line 2: grip'],
    'a count of nothing' => ["label,mass_kg,count\nCan,0.4,0\n", 'Line 2: count'],
    'maybe' => ["label,mass_kg,holdable\nCan,0.4,maybe\n", 'Line 2: holdable'],
    'empty' => ["\n", '1 to 100 lines'],
    'a carrier too many' => [
        "kind,label,mass_kg,max_mass_kg,max_pieces\n".str_repeat("carrier,Tote,0.1,12,12\n", 40),
        'A kit holds 40 carriers: there are 1, and the file adds 40. Nothing was added; take some out first, or '
            .'shorten the file to 39.',
    ],
    'a piece too many' => [
        "label,mass_kg\n".str_repeat("Can,0.4\n", 99), 'A kit holds 100 pieces: there are 2, and the file adds 99.',
    ],
]);

it('refuses what is not a file', function (): void {
    $this->post("/clients/{$this->client->id}/kit/import", ['file' => 'words'])->assertSessionHasErrors('file');
});

it('writes a kit that it can read again, and defuses what a spreadsheet would run', function (): void {
    $this->client->pieces()->create(
        [
            'label' => '=1+1', 'mass_g' => 700, 'count' => 1, 'grip' => 'power', 'holdable' => true,
            'packable' => false, 'plate' => false, 'weighed' => false,
        ],
    );
    $csv = $this->get(
        "/clients/{$this->client->id}/kit/export.csv",
    )->assertOk()->assertHeader('Content-Type', 'text/csv; charset=UTF-8')->getContent();
    expect($csv)->toContain("'=1+1")->toContain('Half-litre bottle');
    $other = Client::query()->findOrFail($this->scene->client(['given_name' => 'Else'])->id);
    $this->post(
        "/clients/{$other->id}/kit/import", ['file' => UploadedFile::fake()->createWithContent('kit.csv', $csv)],
    )->assertSessionHasNoErrors();
    expect($other->pieces()->count())->toBe(3)
        ->and($other->pieces()->where('label', 'Half-litre bottle')->value('mass_g'))->toBe(520)
        ->and($other->carriers()->count())->toBe(1);
});

it('drafts a band exercise with its band, where to stand, and why, and prints it on the sheet', function (): void {
    $this->put(
        "/clients/{$this->client->id}/kit",
        ($this->kit)(
            [
                'bands' => [($this->band)()],
                'place' => ['things' => ['chair', 'armchair', 'counter', 'table', 'bed', 'door'], 'door' => 'towards'],
            ],
        ),
    )->assertSessionHasNoErrors();
    $this->post("/clients/{$this->client->id}/plan")->assertSessionHasNoErrors();
    $plan = $this->client->plans()->firstOrFail();
    $this->post(
        "/clients/{$this->client->id}/plan/items", ['family' => 'band_row', 'revision' => $plan->revision],
    )->assertSessionHasNoErrors();
    $item = $plan->items()->where('family', 'band_row')->firstOrFail();
    expect($item->recipe)->toContain('Green one.')->toContain('cm from it')
        ->and(implode(' ', array_column($item->because, 'says')))->toContain('tote row')->toContain('nicks')
        ->and($item->dose)->not->toHaveKey('load_g');
    $sheet = Scene::props($this->get("/clients/{$this->client->id}/sheet"))['sheet']['items'];
    expect(implode(' ', array_column($sheet, 'recipe')))->toContain('Band: Green one.')->toContain('Load: Tote with');
});

it('says why no band of the kit will do', function (): void {
    $this->put(
        "/clients/{$this->client->id}/kit",
        ($this->kit)(
            [
                'bands' => [($this->band)(['rest_cm' => '10', 'pulls' => [['cm' => '20', 'kgf' => '1']]])],
                'place' => ['things' => ['chair', 'counter', 'door']],
            ],
        ),
    )->assertSessionHasNoErrors();
    $stair = $this->getJson("/clients/{$this->client->id}/steps?family=band_row")->json('stair');
    expect($stair[0]['state'])->toBe('under')
        ->and($stair[0]['says'])->toContain('Green one')->toContain('cannot travel');
});

it('keeps the band of an exercise when its dose is changed, and says so when the band or a thing is '
    .'gone', function (): void {
        $home = ['chair', 'armchair', 'counter', 'table', 'bed', 'door'];
        $this->put(
            "/clients/{$this->client->id}/kit",
            ($this->kit)(['bands' => [($this->band)()], 'place' => ['things' => $home]]),
        )->assertSessionHasNoErrors();
        $this->post("/clients/{$this->client->id}/plan");
        $plan = $this->client->plans()->firstOrFail();
        $this->post("/clients/{$this->client->id}/plan/items", ['family' => 'band_row', 'revision' => $plan->revision]);
        $item = $plan->items()->where('family', 'band_row')->firstOrFail();
        $this->put(
            "/clients/{$this->client->id}/plan/items/{$item->id}/dose",
            [
                'sets' => 2, 'amount_lo' => 8, 'amount_hi' => 10, 'effort_lo' => 4, 'effort_hi' => 6, 'rest_s' => 90,
                'load' => '', 'revision' => $plan->refresh()->revision,
            ],
        )->assertSessionHasNoErrors();
        expect($item->refresh()->recipe)->toContain('Green one.');
        $this->put(
            "/clients/{$this->client->id}/kit",
            ($this->kit)(['bands' => [], 'place' => ['things' => array_diff($home, ['door'])]]),
        )->assertSessionHasNoErrors();
        $row = array_column(
            Scene::props($this->get("/clients/{$this->client->id}/plan"))['plan']['items'], null, 'family',
        )['band_row'];
        expect(implode(' ', $row['breaches']))->toContain('missing here: elastic band or tube, door');
    });

it('keeps a recipe of many pieces with long names', function (): void {
    $long = static fn (int $i): array => [
        'label' => str_repeat('A very long name of a thing ', 2).$i, 'mass_kg' => (string) (0.31 + $i / 100),
        'count' => '1', 'grip' => 'power', 'holdable' => false, 'packable' => true, 'plate' => false, 'weighed' => true,
    ];
    $this->put(
        "/clients/{$this->client->id}/kit", ($this->kit)(['pieces' => array_map($long, range(1, 12))]),
    )->assertSessionHasNoErrors();
    $this->post("/clients/{$this->client->id}/plan")->assertSessionHasNoErrors();
    expect($this->client->plans()->firstOrFail()->items()->count())->toBeGreaterThan(3);
});
