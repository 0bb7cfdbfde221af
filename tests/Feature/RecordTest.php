<?php

declare(strict_types=1);

use App\Models\Decision;
use App\Models\HomeIntake;
use App\Models\Plan;
use App\Models\PlanTemplate;
use App\Models\Proposal;
use App\Models\User;
use Illuminate\Auth\Events\PasswordReset;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Password;
use Tests\Feature\Support\Scene;

/* Who did what for whom: whatever a clinician does leaves its line in the record, and one line only. */

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

/** @return list<string> kinds written while the work was done, oldest first */
function recorded(object $test, ?int $clientId, Closure $work): array
{
    $before = (int) Decision::query()->max('id');
    $work();
    $new = Decision::query()->where('id', '>', $before)->orderBy('id')->get();
    foreach ($new as $line) {
        expect($line->user_id)->toBe($test->scene->user->id)->and($line->client_id)->toBe($clientId)
            ->and($line->says)->not->toBe('');
    }

    return $new->pluck('kind')->all();
}

it('writes down what is screened, asked at home and taken over', function (): void {
    $client = $this->scene->client();
    $url = "/clients/{$client->id}";
    expect(recorded($this, $client->id, fn () => $this->put("$url/screen", Scene::form([
        'minutes' => '20', 'version' => $client->refresh()->screen_version,
    ]))->assertSessionHasNoErrors()))->toBe(['client.screened']);
    expect(recorded($this, $client->id, fn () => $this->post("$url/intake")->assertSessionHas('link')))
        ->toBe(['intake.sent']);
    $this->post((string) parse_url(session('link'), PHP_URL_PATH), ['answers' => [
        'home' => 'alone', 'wants' => 'Walk to the shop',
    ]]);
    $id = HomeIntake::query()->value('id');
    expect(recorded($this, $client->id, fn () => $this->post("$url/intake/$id", ['field' => 'home', 'accept' => true])))
        ->toBe(['intake.accepted'])
        ->and(Decision::query()->latest('id')->value('says'))->toBe('From home, home: alone.');
    expect(recorded($this, $client->id, fn () => $this->post(
        "$url/intake/$id", ['field' => 'wants', 'accept' => false],
    )))->toBe(['intake.skipped']);
});

it('says plainly which condition came from home', function (): void {
    $client = $this->scene->client();
    $this->post("/clients/{$client->id}/intake");
    $this->post((string) parse_url(session('link'), PHP_URL_PATH), ['answers' => [
        'condition:falls_risk_high' => 'yes',
    ]]);
    $this->post(
        "/clients/{$client->id}/intake/".HomeIntake::query()->value('id'),
        ['field' => 'condition:falls_risk_high', 'accept' => true],
    );
    expect(Decision::query()->latest('id')->value('says'))->toBe('From home, falls risk high: yes.');
});

it('writes down what is measured, and what the kit becomes', function (): void {
    $client = $this->scene->client();
    $url = "/clients/{$client->id}";
    $today = (string) $this->scene->user->clinic->today();
    expect(recorded($this, $client->id, fn () => $this->post("$url/measure", [
        'measured_on' => $today, 'results' => [['test' => 'chair_stand_30s', 'value' => '12']], 'seen' => 0,
    ])->assertSessionHasNoErrors()))->toBe(['measured'])
        ->and(Decision::query()->latest('id')->value('says'))->toBe('1 results recorded.');
    $csv = "count,label,mass_kg,kind,grip\r\n2,Jar,0.9,piece,power\r\n";
    expect(recorded($this, $client->id, fn () => $this->post("$url/kit/import", [
        'file' => UploadedFile::fake()->createWithContent('kit.csv', $csv),
    ])->assertSessionHasNoErrors()))->toBe(['kit.imported']);
});

it('writes down each step of a plan, and each decision about it', function (): void {
    $plan = $this->scene->issued();
    $url = "/clients/{$plan->client_id}";
    $revision = static fn (): int => (int) Plan::query()->findOrFail($plan->id)->client->plan_revision;
    expect(recorded($this, $plan->client_id, fn () => $this->post("$url/plan", ['revision' => $revision()])))
        ->toBe(['plan.drafted']);
    expect(recorded($this, $plan->client_id, fn () => $this->post("$url/plan/undo", ['revision' => $revision()])
        ->assertSessionHasNoErrors()))->toBe(['plan.undone']);
    $this->scene->goodSession($plan, now()->subDays(3)->format('Y-m-d'));
    $this->scene->goodSession($plan, now()->format('Y-m-d'));
    $of = static fn (string $family): Proposal => Proposal::query()->where('status', Proposal::OPEN)
        ->whereHas('planItem', static fn ($q) => $q->where('family', $family))->firstOrFail();
    expect(recorded($this, $plan->client_id, fn () => $this->put("$url/review/{$of('seat_rise')->id}", [
        'sets' => '2', 'amount_lo' => '8', 'amount_hi' => '10', 'effort_lo' => '5', 'effort_hi' => '6',
        'rest_s' => '60', 'load_kg' => '2.23', 'reason' => 'slower',
    ])->assertSessionHasNoErrors()))->toBe(['proposal.edited']);
    expect(recorded($this, $plan->client_id, fn () => $this->post(
        "$url/review/{$of('tote_row')->id}/refuse", ['reason' => 'sore elbow'],
    )))->toBe(['proposal.refused'])
        ->and(Decision::query()->latest('id')->value('reason'))->toBe('sore elbow');
});

it('writes down what is thrown away, and what is put off and taken up again', function (): void {
    $plan = $this->scene->issued();
    $id = $plan->client_id;
    $url = "/clients/$id";
    $revision = static fn (): int => (int) Plan::query()->findOrFail($plan->id)->client->plan_revision;
    $says = static fn (): string => (string) Decision::query()->latest('id')->value('says');
    $this->post("$url/plan", ['revision' => $revision()])->assertSessionHasNoErrors();
    expect(recorded($this, $id, fn () => $this->post("$url/plan/discard", ['revision' => $revision()])
        ->assertSessionHasNoErrors()))->toBe(['plan.discarded']);
    expect(recorded($this, null, fn () => $this->post("$url/plan/templates", ['name' => 'For two days'])
        ->assertSessionHasNoErrors()))->toBe(['template.kept']);
    $template = PlanTemplate::query()->sole();
    expect(recorded($this, null, fn () => $this->delete("$url/plan/templates/$template->id")
        ->assertSessionHasNoErrors()))->toBe(['template.discarded'])
        ->and($says())->toBe('Template "For two days" thrown away.');
    $bare = $this->scene->client(['given_name' => 'Bo']);
    $need = array_column(Scene::props($this->get('/'))['rows'], 'needs', 'name')['Bo Mole'][0];
    $sent = ['kind' => $need['kind'], 'about' => $need['about'], 'reason' => 'On holiday until Monday.'];
    expect(recorded($this, $bare->id, fn () => $this->post("/clients/$bare->id/put-off", [
        ...$sent, 'until' => now()->addDays(7)->format('Y-m-d'),
    ])->assertSessionHasNoErrors()))->toBe(['need.put_off']);
    expect(recorded($this, $bare->id, fn () => $this->post("/clients/$bare->id/put-off/end", $sent)
        ->assertSessionHasNoErrors()))->toBe(['need.taken_up'])->and($says())->toStartWith('Taken up again: ');
});

it('writes down what the lead sets for the clinic', function (): void {
    $this->scene->user->update(['role' => 'lead']);
    $says = static fn (): string => (string) Decision::query()->latest('id')->value('says');
    $set = ['rule' => 'hypertension_controlled', 'field' => 'effort_max', 'value' => '5', 'reason' => ''];
    expect(recorded($this, null, fn () => $this->put('/rulebook', $set)->assertSessionHasNoErrors()))
        ->toBe(['rulebook.tightened'])->and($says())->toEndWith(': 5.');
    expect(recorded($this, null, fn () => $this->put('/rulebook/words', ['read' => true])->assertSessionHasNoErrors()))
        ->toBe(['clinic.words'])->and($says())->toBe('The words for clients were read, in "en".');
    expect(recorded($this, null, fn () => $this->put('/rulebook/words', ['read' => false])->assertSessionHasNoErrors()))
        ->toBe(['clinic.words'])->and($says())->toBe('The words for clients are to be read, in "en".');
});

it('keeps of the reasons of a dose what still holds, and says who decided', function (): void {
    $plan = $this->scene->issued();
    $this->scene->goodSession($plan, now()->subDays(3)->format('Y-m-d'));
    $this->scene->goodSession($plan, now()->format('Y-m-d'));
    $proposal = Proposal::query()->where('status', Proposal::OPEN)->where('decision', 'step_up')->firstOrFail();
    $this->post("/clients/{$plan->client_id}/review/{$proposal->id}/accept")->assertSessionHasNoErrors();
    $item = Plan::query()->where('status', Plan::DRAFT)->firstOrFail()->items()
        ->where('family', $proposal->planItem->family)->firstOrFail();
    $from = array_column($item->because, 'from');
    expect(array_column($item->because, 'says'))->toContain('Decided by T. Clinician.')
        ->and(array_values(array_unique($from)))->not->toContain('kit')->toContain('goal');
});

it('tells two answers to one test apart: reasons for not testing, and easy sets by their load', function (): void {
    $client = $this->scene->client();
    $today = (string) $this->scene->user->clinic->today();
    $send = fn (array $row, int $seen = 0) => $this->post("/clients/{$client->id}/measure", [
        'measured_on' => $today, 'results' => [$row], 'seen' => $seen,
    ]);
    $send(['test' => 'tandem_stand', 'not_tested' => 'tired'])->assertSessionHasNoErrors();
    $send(['test' => 'tandem_stand', 'value' => '7'])->assertSessionHasErrors('version');
    expect(session('conflict')['clashes'][0])->toMatchArray(['mine' => '7', 'theirs' => 'not tested: tired']);
    $set = ['test' => 'easy_set', 'family' => 'tote_row', 'load_kg' => '3.3', 'reps' => '9', 'rir' => '2'];
    $send($set)->assertSessionHasNoErrors();
    $send([...$set, 'reps' => '12'])->assertSessionHasErrors('version');
    expect(session('conflict')['clashes'][0]['theirs'])->toContain('× 9, 2 left');
});

it('refuses a kit whose band was pulled to no length, and keeps nothing of it', function (): void {
    $client = $this->scene->measured();
    $form = Scene::props($this->get("/clients/{$client->id}/kit"));
    $band = static fn (array $pulls): array => [
        'label' => 'Band', 'rest_cm' => '100', 'form' => 'flat', 'material' => 'latex_free', 'count' => '1',
        'pulls' => $pulls,
    ];
    $before = $client->bands()->count();
    $this->put("/clients/{$client->id}/kit", [...$form['form'], 'version' => $form['version'], 'bands' => [
        $band([['length_cm' => '150', 'force_kg' => '2'], ['length_cm' => '140', 'force_kg' => '3']]),
    ]])->assertSessionHasErrors();
    expect($client->bands()->count())->toBe($before);
});

it('takes the screen a version further with a limit of its own, and tells an older page', function (): void {
    $client = $this->scene->client();
    $was = $client->refresh()->screen_version;
    $this->post("/clients/{$client->id}/limits/own", [
        'field' => 'effort_max', 'value' => '5', 'region' => 'any', 'side' => 'both',
        'set_by' => 'Dr Amari, letter of 3 May 2026',
        'why' => 'as asked', 'until' => '',
    ])->assertSessionHasNoErrors();
    expect($client->refresh()->screen_version)->toBe($was + 1);
});

it('tells the rest of the application that a password was set anew', function (): void {
    Event::fake([PasswordReset::class]);
    $user = User::query()->findOrFail($this->scene->user->id);
    $token = Password::broker()->createToken($user);
    auth()->forgetGuards();
    $this->post('/reset-password', [
        'token' => $token, 'email' => $user->email, 'password' => 'a-longer-secret-9',
        'password_confirmation' => 'a-longer-secret-9',
    ])->assertSessionHasNoErrors();
    Event::assertDispatched(PasswordReset::class);
});

it('brings the reasons of a proposal that still stands up to date', function (): void {
    $plan = $this->scene->issued();
    $this->scene->goodSession($plan, now()->format('Y-m-d'));
    $proposal = Proposal::query()->where('status', Proposal::OPEN)->firstOrFail();
    $because = $proposal->because;
    $proposal->update(['because' => [], 'otherwise' => 'of old']);
    $this->post("/clients/{$plan->client_id}/measure", [
        'measured_on' => (string) $this->scene->user->clinic->today(),
        'results' => [['test' => 'timed_up_and_go', 'value' => '9']], 'seen' => 0,
    ])->assertSessionHasNoErrors();
    expect($proposal->refresh()->because)->toEqual($because)->and($proposal->otherwise)->not->toBe('of old')
        ->and($proposal->status)->toBe(Proposal::OPEN);
});
