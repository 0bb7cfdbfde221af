<?php

declare(strict_types=1);

use App\Http\Clinic\Resources\SheetWords;
use App\Http\Clinic\Resources\SidesResource;
use App\Models\Decision;
use App\Models\Plan;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Kinds;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\BandForm;
use BuoyantStep\Core\Kit\BandMaterial;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Plan\BandFit;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Way;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Feature\Support\Scene;

uses(RefreshDatabase::class);

/** Words of a dose that stand in the language file for the recipe of a band. */
const BAND_WORDS =
    '/^(Anchor|Its middle|Stand or sit|Stand so that it|Begin with|Grip |The chair|Brakes|It could|by feel)/';

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->sheet = fn (Plan $plan): array => Scene::props($this->get("/clients/{$plan->client_id}/sheet"))['sheet'];
});

it('is a PDF as well, for a draft and for what is issued, and for nobody else', function (): void {
    $plan = $this->scene->drafted(['conditions' => [['code' => 'hypertension_controlled', 'details' => []]]]);
    $answer = $this->get("/clients/{$plan->client_id}/sheet.pdf")->assertOk();
    expect($answer->headers->get('Content-Type'))->toBe('application/pdf')
        ->and((string) $answer->getContent())->toStartWith('%PDF')
        ->and(strlen((string) $answer->getContent()))->toBeGreaterThan(20_000);
    $none = $this->scene->client(['given_name' => 'None']);
    $this->get("/clients/{$none->id}/sheet.pdf")->assertNotFound();
    $this->actingAs((new Scene('Others'))->user)->get("/clients/{$plan->client_id}/sheet.pdf")->assertForbidden();
});

it('has words for every sign and every reminder, and none that nobody has', function (): void {
    $words = require lang_path('en/sheet.php');
    expect(array_keys($words['sign']))->toEqualCanonicalizing(array_column(Sign::cases(), 'value'))
        ->and(array_keys($words['reminder']))->toEqualCanonicalizing(array_column(Reminder::cases(), 'value'));
});

it('tells each client what to see to before, during and after', function (
    array $condition, string $when, string $says,
): void {
    $plan = $this->scene->drafted(['conditions' => [['details' => [], ...$condition]]]);
    expect(implode(' ', ($this->sheet)($plan)[$when]))->toContain($says);
    $plain = $this->scene->drafted(['given_name' => 'Plain']);
    expect(json_encode(($this->sheet)($plain)[$when]))->not->toContain($says);
})->with([
    [['code' => 'hypertension_controlled'], 'before', 'take your blood pressure'],
    [['code' => 'hypertension_controlled'], 'during', 'Rise slowly'],
    [['code' => 'heart_failure'], 'before', 'Weigh yourself'],
    [['code' => 'chronic_lung_disease'], 'before', 'Measure your oxygen'],
    [['code' => 'diabetes_glucose_lowering'], 'before', 'Measure your glucose'],
    [['code' => 'diabetes_glucose_lowering'], 'before', 'glucose tablets'],
    [['code' => 'diabetes_glucose_lowering'], 'after', 'in the night'],
    [['code' => 'peripheral_neuropathy'], 'before', 'Look at the skin'],
    [['code' => 'peripheral_neuropathy'], 'before', 'Wear shoes'],
    [['code' => 'parkinsons'], 'before', 'while your medicine works'],
    [['code' => 'multiple_sclerosis'], 'before', 'Keep cool'],
    [['code' => 'lymphedema', 'side' => 'left'], 'before', 'Wear your sleeve'],
    [['code' => 'pelvic_organ_prolapse'], 'after', 'a bulge afterwards'],
]);

it('keeps help at once apart from a call to the clinic, each with its number', function (): void {
    $this->scene->user->clinic->update(['phone' => '02 555 01 44', 'emergency_phone' => '112']);
    $sheet = ($this->sheet)($this->scene->drafted([
        'birth_date' => '1993-05-01', 'due_date' => now()->addWeeks(20)->format('Y-m-d'),
    ]));
    expect($sheet['stop']['says'])->toContain('112')->and($sheet['refer']['says'])->toContain('same day')
        ->and($sheet['stop']['signs'])->toContain('bleeding from the vagina')
        ->and($sheet['refer']['signs'])->toContain('a baby that moves less')
        ->and(array_intersect($sheet['stop']['signs'], $sheet['refer']['signs']))->toBe([])
        ->and($sheet['clinic']['phone'])->toBe('02 555 01 44');
});

it('says the pain rule of this client in words', function (array $with, string $says): void {
    expect(($this->sheet)($this->scene->drafted($with))['pain'])->toContain($says);
})->with([
    'none' => [['pain_school' => 'none'], 'No pain is wanted'],
    'three' => [['pain_school' => 'up_to_3'], 'up to 3 out of 10'],
    'five' => [['pain_school' => 'up_to_5'], 'up to 5 out of 10'],
]);

it('says nothing that a change contradicts, and steps down only to what is open', function (): void {
    $plan = $this->scene->drafted([
        'conditions' => [['code' => 'falls_risk_high', 'details' => []]], 'standing' => 'supported',
    ]);
    $held = array_filter(
        ($this->sheet)($plan)['items'],
        static fn (array $i): bool => in_array('Hold on with one hand.', $i['changes'], true),
    );
    expect($held)->not->toBe([]);
    foreach ($held as $item) {
        $said = implode(' ', [
            $item['name'], $item['set_up'], ...$item['cues'], ...$item['mistakes'], $item['too_hard_if'],
        ]);
        expect($said)->not->toMatch('/hover the|hands free|arms crossed|\bgrab/i');
    }
    foreach (($this->sheet)($plan)['items'] as $item) {
        expect($item['then_do'])->toMatch('/^Then (do: .+\.|rest, and tell us\.)$/');
    }
});

it('prints the rest where sets follow each other, and at the head where they go in rounds', function (): void {
    $round = ($this->sheet)($this->scene->drafted());
    $parts = array_column($round['sessions'][0]['parts'], null, 'part');
    $main = $parts['main'];
    expect(implode(' ', $main['says']))->toMatch('/One set of each in turn\. Take \d+ seconds/');
    foreach ($round['items'] as $item) {
        expect(in_array($item['id'], $main['items'], true) ? $item['rest_says'] : '')->toBe('');
    }
    $straight = ($this->sheet)($this->scene->drafted(['given_name' => 'Bo', 'structure' => 'straight']));
    $sets = array_filter($straight['items'], static fn (array $i): bool => $i['dose']['sets'] > 1);
    expect($sets)->not->toBe([]);
    foreach ($sets as $item) {
        expect($item['rest_says'])->toBe("Rest {$item['dose']['rest_s']} seconds between sets.");
    }
});

it('keeps who the clinic is for its lead alone, and says what is wrong', function (): void {
    $now = [
        'name' => 'Test Clinic', 'address' => '', 'phone' => '', 'emergency_phone' => '', 'timezone' => 'UTC',
        'locale' => 'en',
    ];
    $this->put('/rulebook/profile', [...$now, 'phone' => '02 555', 'seen' => $now])->assertForbidden();
    $this->scene->user->update(['role' => 'lead']);
    foreach (['name' => '', 'phone' => 'call me', 'timezone' => 'Moon/Base', 'locale' => 'xx'] as $field => $wrong) {
        $this->put('/rulebook/profile', [...$now, $field => $wrong, 'seen' => $now])->assertSessionHasErrors($field);
    }
    $this->put('/rulebook/profile', [
        ...$now, 'phone' => '02 555 01 44', 'emergency_phone' => '112', 'address' => '4 Row',
        'timezone' => 'Europe/Lisbon', 'seen' => $now,
    ])->assertSessionHasNoErrors();
    expect($this->scene->user->clinic->refresh()->only(['phone', 'emergency_phone', 'address', 'timezone']))->toBe([
        'phone' => '02 555 01 44', 'emergency_phone' => '112', 'address' => '4 Row', 'timezone' => 'Europe/Lisbon',
    ]);
    expect(Decision::query()->where('kind', 'clinic.profile')->sole()->facts)
        ->toMatchArray(['phone' => '02 555 01 44']);
    // From a page that shows the profile of before.
    $this->put('/rulebook/profile', [...$now, 'name' => 'Mine', 'seen' => $now])->assertSessionHasErrors('name');
    expect($this->scene->user->clinic->refresh()->name)->toBe('Test Clinic');
});

it('counts one way in the cues and in the dose', function (): void {
    $plan = $this->scene->drafted();
    foreach ($plan->items as $item) {
        if (($item->dose['tempo'] ?? null) !== null) {
            $item->update(['dose' => [...$item->dose, 'tempo' => '6-0-2-0']]);
        }
    }
    $counted = 0;
    foreach (($this->sheet)($plan->refresh())['items'] as $item) {
        if ($item['tempo_says'] !== '') {
            expect($item['tempo_says'])->toContain('lower for 6 s')
                ->and($cues = implode(' ', $item['cues']))
                ->not->toMatch('/\b(lower|down) for (a slow count of )?(three|four|five)/i');
            $counted += substr_count($cues, 'six');
        }
    }
    expect($counted)->toBeGreaterThan(0);
});

it('has every fixed word of a dose in the language file, ready for another language', function (): void {
    $file = json_decode((string) file_get_contents(lang_path('en.json')), true);
    $said = [
        SidesResource::say([Side::Left]), SidesResource::say([Side::Right]),
        SidesResource::say([Side::Left, Side::Right]), SidesResource::say([Side::Right, Side::Left]),
    ];
    foreach (DoseKind::cases() as $kind) {
        foreach (Goal::cases() as $goal) {
            foreach (range(0, 10) as $effort) {
                $said[] = Kinds::of($kind)->leaves($goal, $effort);
            }
        }
    }
    foreach (ChangeKind::cases() as $kind) {
        $said[] = match ($kind) {
            ChangeKind::HoldOn => Change::holdOn(Support::OneHand)->says(),
            ChangeKind::Lighten => 'Lighten to :n1 % of what you could lift once.',
            ChangeKind::ShorterHold => 'Hold for :n1 s at most.',
            default => Change::of($kind)->says(),
        };
    }
    array_push($said, ...array_filter(array_map(static fn (Way $w): ?string => $w->says(), Way::cases())), ...[
        Change::holdOn(Support::TwoHands)->says(), Change::holdOn(Support::Fingertip)->says(), 'Left', 'Right',
        'lower for :n1 s', 'pause for :n1 s', 'lift for :n1 s', 'lift fast', 'hold the top for :n1 s',
        'each held :n1 s',
    ]);
    // What a band asks for is read off real set-ups in the test after this one.
    $dosed = array_filter(array_keys($file), static fn (string $k): bool => preg_match(BAND_WORDS, $k) !== 1);
    expect(array_values(array_unique($said)))->toHaveCount(count($dosed))
        ->and(array_diff($said, $dosed))->toBe([]);
    // The words between the numbers of an amount and a load.
    foreach (DoseKind::cases() as $kind) {
        $words = [...$words ?? [], $kind->unit(1), $kind->unit()];
    }
    $between = array_diff($words, ['rep', 'reps']);
    $between = [...$between, 'min', 'left', 'right', 'in each hand', 'a pull of'];
    expect(array_diff($between, array_keys(__('sheet.amount'))))->toBe([])
        ->and(SheetWords::amount('2 × left 8-10, right 10-12 steps'))->toBe('2 × left 8-10, right 10-12 steps')
        ->and(SheetWords::amount('{{g:480}} in each hand'))->toBe('{{g:480}} in each hand');
    app('translator')->addJsonPath(base_path('tests/Feature/Support/lang'));
    app()->setLocale('xx');
    expect(SheetWords::fixed('wobbly but safe'))->toBe('WOBBLY')->and(SheetWords::fixed('easy'))->toBe('easy')
        ->and(SheetWords::fixed('Lighten to 40 % of what you could lift once.'))->toBe('Only 40 of 100.')
        ->and(SheetWords::fixed('Left: lighten to 40 % of what you could lift once.'))->toBe('LEFT: only 40 of 100.')
        ->and(SheetWords::fixed('Raise the trunk 30 degrees.'))->toBe('Raise the trunk 30 degrees.')
        ->and(SheetWords::tempo('3-1-fast-0'))->toContain('down 3, pause for 1 s, lift fast');
});

it('has every word of a recipe in the language file', function (): void {
    $file = json_decode((string) file_get_contents(lang_path('en.json')), true);
    $said = [];
    foreach (['', 'none', 'both'] as $brakes) {
        $client = $this->scene->client(['abilities' => ['brakes' => $brakes], ...($brakes === '' ? [] : [
            'conditions' => [['code' => 'wheelchair_user', 'details' => []]],
        ])]);
        $situation = app(BuildSituation::class)->of($client);
        foreach (app(Catalogue::class)->families() as $family) {
            foreach ($family->rungs as $rung) {
                foreach ($rung->work->band === null ? [] : BandForm::cases() as $form) {
                    foreach ([900, 2000] as $long) {
                        try {
                            $here = $situation->at($family, $rung);
                            $curve = new Band($long, [[50, 40], [100, 90], [200, 160]]);
                            $band = new KitBand('b', 'Band', $curve, BandMaterial::Latex, $form);
                            $said[] = BandFit::suggest($here, Goal::Endurance, $band, 'mean')->recipe();
                        } catch (InvalidInput) {
                            continue;
                        }
                    }
                }
            }
        }
    }
    expect(count($said))->toBeGreaterThan(100);
    $forms = [];
    foreach ($said as $recipe) {
        foreach (array_slice(explode('. ', rtrim($recipe, '.')), 1) as $sentence) {
            $n = 0;
            $forms[preg_replace_callback('/\d+(?:\.\d+)?/', static function () use (&$n): string {
                return ':n'.(++$n);
            }, $sentence).'.'] = true;
        }
    }
    expect(array_values(array_diff(array_keys($forms), array_keys($file))))->toBe([]);
    app('translator')->addJsonPath(base_path('tests/Feature/Support/lang'));
    app()->setLocale('xx');
    expect(SheetWords::recipe('Tote with 2 × Can 0.4 L'))->toBe('Tote with 2 × Can 0.4 L')
        ->and(SheetWords::recipe('Old tube. Anchor: round the backrest. The chair stays put at this pull'))
        ->toBe('Old tube. ANCHOR: BACKREST. The chair stays put at this pull')
        ->and(SheetWords::recipe('Old tube, by feel: nobody has measured it. Grip it so that it comes to RPE 5-6; when '
            ."it gets easier, a hand's width shorter."))->toBe('Old tube, UNMEASURED. SHORTER AT 5 AND 6');
});

it('prints the best time, the days of treatment, and what is lighter', function (): void {
    $plan = $this->scene->drafted([
        'days' => [2, 5], 'treatment_days' => [5, 6], 'best_time' => 'an hour after lunch.',
    ]);
    $plan->items->firstOrFail('family', 'tote_row')->update(['light_days' => [5]]);
    $sheet = ($this->sheet)($plan->refresh());
    expect($sheet['before'])->toContain('Your best time: an hour after lunch.')
        ->toContain('On Friday exercise before your treatment, not after it.')
        ->and($sheet['days_says'])->toBe('Tuesday and Friday')->and($sheet['day_names'])->toBe(['Tuesday', 'Friday']);
    $light = implode(' ', array_column($sheet['items'], 'light_says'));
    expect($light)->toMatch('/On Friday, lighter: .+kg, [1-6]-[1-6] of 10\. \S/u');
    $page = Scene::props($this->get("/clients/{$plan->client_id}/plan"))['plan'];
    expect($page['week']['findings'])->toContain(
        'Friday has a treatment as well: exercise before it, or choose another day.',
    )->and($page['asks'])->toBe([]);
});

it('asks for what the week depends on and nobody has said', function (array $with, array $asks): void {
    $plan = $this->scene->drafted($with);
    expect(Scene::props($this->get("/clients/{$plan->client_id}/plan"))['plan']['asks'])->toBe($asks);
})->with([
    'a fistula, no days' => [
        ['conditions' => [['code' => 'dialysis_fistula', 'side' => 'left', 'details' => []]]],
        ['The days of dialysis are not on the screen.'],
    ],
    'a fistula with its days' => [
        ['conditions' => [['code' => 'dialysis_fistula', 'side' => 'left', 'details' => []]], 'treatment_days' => [1]],
        [],
    ],
    'tablets, no time' => [
        ['conditions' => [['code' => 'parkinsons', 'details' => []]]],
        ['When the medicine works best is not on the screen.'],
    ],
    'tablets with their time' => [
        ['conditions' => [['code' => 'parkinsons', 'details' => []]], 'best_time' => 'eleven'], [],
    ],
    'nobody' => [[], []],
]);
