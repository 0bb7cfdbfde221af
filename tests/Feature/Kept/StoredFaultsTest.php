<?php

declare(strict_types=1);

use App\Models\Clearance;
use App\Models\Client;
use App\Models\Decision;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

const STAGES = ['measure', 'limits', 'kit', 'plan', 'sheet', 'gate', 'log', 'review'];

it('refuses a date with a mistyped year where it was typed, and keeps what was typed', function (
    array $with, string $field,
): void {
    $client = $this->scene->client();
    $this->from("/clients/{$client->id}/screen")->put(
        "/clients/{$client->id}/screen", Scene::form($with),
    )->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->toMatch('/for example \d{4}-\d{2}-\d{2}/')->not->toContain('validation.')
        ->and(Clearance::query()->count())->toBe(0)->and($client->refresh()->screen_version)->toBe(1);
})->with([
    'a clearance of the year 226' => [
        ['clearance' => ['given_by' => 'Dr Fenn', 'given_on' => '0226-11-20']], 'clearance.given_on',
    ],
    'a clearance of long ago' => [
        ['clearance' => ['given_by' => 'Dr Fenn', 'given_on' => '1926-11-20']], 'clearance.given_on',
    ],
    'a clearance without an end' => [
        ['clearance' => ['given_by' => 'Dr Fenn', 'given_on' => '2026-01-10', 'until' => '20226-11-20']],
        'clearance.until',
    ],
    'a condition since 1026' => [
        ['conditions' => [['code' => 'osteoporosis', 'since' => '1026-05-01', 'details' => []]]], 'conditions.0.since',
    ],
    'a condition until 9999' => [
        ['conditions' => [['code' => 'osteoporosis', 'until' => '9999-12-31', 'details' => []]]], 'conditions.0.until',
    ],
    'a due date long past' => [['due_date' => '2016-12-01'], 'due_date'],
    'a birth in the last century' => [['birth_given_on' => '1906-12-01', 'birth_kind' => 'vaginal'], 'birth_given_on'],
    'training since 202' => [['training_since' => '0202-01-01'], 'training_since'],
    'born in 1845' => [['birth_date' => '1845-05-01'], 'birth_date'],
    'a list for a date' => [['birth_date' => ['1945-05-01']], 'birth_date'],
]);

it('keeps a tick as a tick, however it was sent', function (mixed $tick): void {
    $client = $this->scene->measured();
    $this->put(
        "/clients/{$client->id}/kit", ['pieces' => [], 'carriers' => [], 'place' => ['chair_at_wall' => $tick]],
    )->assertSessionHasNoErrors();
    expect($client->refresh()->place['chair_at_wall'])->toBeTrue();
    $this->get("/clients/{$client->id}/kit")->assertOk();
    $this->get('/')->assertOk();
})->with([1, '1', true]);

it('shows a stored fault on that client alone, in words, and takes it out with a line in the record', function (
    string $part, Closure $spoil,
): void {
    $plan = $this->scene->issued(
        [
            'clearance' => [
                'given_by' => 'Dr Fenn', 'given_on' => '2026-01-10', 'until' => null, 'restrictions' => null,
            ],
            'conditions' => [['code' => 'coronary_disease', 'details' => []]],
        ],
    );
    $well = $this->scene->issued(['given_name' => 'Bo']);
    $this->scene->goodSession($plan, now()->subDays(3)->format('Y-m-d'));
    $spoil($plan->client);
    Log::spy();
    foreach (STAGES as $stage) {
        $page = $this->get("/clients/{$plan->client_id}/$stage")->assertOk();
        expect(Scene::page($page)['component'])->toBeIn(['clinic/Fault', 'clinic/'.ucfirst($stage)]);
        $this->get("/clients/{$well->client_id}/$stage")->assertOk();
    }
    // Today still lists everyone, and says of this one what to do.
    $today = Scene::props($this->get('/'));
    $rows = array_column([...$today['rows'], ...$today['quiet']], null, 'name');
    expect(array_keys($rows))->toEqualCanonicalizing(['Ada Mole', 'Bo Mole']);
    if ($part !== 'log_item') {
        expect($rows['Ada Mole']['needs'][0]['says'])->toContain('cannot be read');
    }
    // Screen opens whatever is wrong, and says what.
    $screen = Scene::props($this->get("/clients/{$plan->client_id}/screen"));
    $faults = $screen['faults'] === [] ? Scene::props($this->get("/clients/{$plan->client_id}/".match ($part) {
        'plan_item' => 'plan', 'log_item' => 'log', default => 'screen'
    }))['faults'] : $screen['faults'];
    $fault = array_column($faults, null, 'part')[$part];
    expect($fault['says'])->not->toBe('')->and($screen['form']['given_name'])->toBe('Ada');
    Log::shouldHaveReceived('warning')->with(
        'A stored record cannot be read',
        Mockery::on(
            static fn (array $c): bool => ! str_contains(json_encode($c), 'lava')
                && ! str_contains(json_encode($c), '0226'),
        ),
    );
    $kit = $plan->client->refresh()->kit_version;
    $this->post(
        "/clients/{$plan->client_id}/mend", ['part' => $part, 'id' => $fault['id']],
    )->assertSessionHasNoErrors();
    // A home that was taken out is not put back by a page that was open meanwhile.
    expect($plan->client->refresh()->kit_version)->toBe($kit + ($part === 'place' ? 1 : 0));
    foreach (STAGES as $stage) {
        expect(
            Scene::page($this->get("/clients/{$plan->client_id}/$stage")->assertOk())['component'],
        )->toBe('clinic/'.ucfirst($stage));
    }
    expect(
        Decision::query()->where('kind', 'record.mended')->where('client_id', $plan->client_id)->sole()->facts['part'],
    )->toBe($part);
})->with([
    'a home that nobody knows' => [
        'place',
        fn (Client $c) => DB::table('clients')->where('id', $c->id)->update(
            ['place' => '{"chair_at_wall": 1, "floor": "lava"}'],
        ),
    ],
    'a clearance of the year 226' => [
        'clearance',
        fn (Client $c) => DB::table('clearances')->where('client_id', $c->id)->update(['given_on' => '0226-11-20']),
    ],
    'a test that there is not' => [
        'measure',
        fn (Client $c) => DB::table('measure_results')->where('client_id', $c->id)->limit(1)->update(
            ['test' => 'vertical_jump'],
        ),
    ],
    'an exercise that there is not' => [
        'plan_item',
        fn (Client $c) => DB::table('plan_items')->whereIn(
            'plan_id', $c->plans()->select('id'),
        )->where('family', 'tote_row')->update(['rung' => 'hovering']),
    ],
    'a session of nothing' => [
        'log_item',
        fn (Client $c) => DB::table('log_items')->where('family', 'tote_row')->update(['sets' => '[{"effort": 99}]']),
    ],
    'a can that no hand can hold' => ['piece', fn (Client $c) => pastTheChecks($c->pieces()->where('label', 'Can'))],
    'a tote that no hand can hold' => ['carrier', fn (Client $c) => pastTheChecks($c->carriers())],
]);

/** A grip that the database itself would refuse. */
function pastTheChecks(HasMany $things): void
{
    DB::statement("SET @mode = @@sql_mode, sql_mode = ''");
    $things->update(['grip' => '']);
    DB::statement('SET sql_mode = @mode');
}

it('opens Screen with a birth date that cannot be, to be corrected there', function (): void {
    $client = $this->scene->measured(['conditions' => [['code' => 'osteoporosis', 'details' => []]]]);
    DB::table('client_conditions')->where('client_id', $client->id)->update(['since' => '0201-05-01']);
    foreach (STAGES as $stage) {
        $props = Scene::props($this->get("/clients/{$client->id}/$stage"));
        expect($props['faults'][0]['part'])->toBe('screen')->and(
            $props['client']['readable'],
        )->toBeFalse()->and($props['client']['limits'])->toBe([]);
    }
    expect(Scene::props($this->get('/'))['rows'][0]['needs'][0]['says'])->toContain('cannot be read');
    $this->post("/clients/{$client->id}/plan")->assertSessionHasErrors();
    expect(Plan::query()->count())->toBe(0);
    $this->put(
        "/clients/{$client->id}/screen",
        Scene::form(['conditions' => [['code' => 'osteoporosis', 'since' => '2001-05-01', 'details' => []]]]),
    )->assertSessionHasNoErrors();
    expect(Scene::page($this->get("/clients/{$client->id}/plan")->assertOk())['component'])->toBe('clinic/Plan');
});

it('takes a plan out of use when a dose in it cannot be read', function (): void {
    $plan = $this->scene->issued();
    $item = $plan->items[1];
    DB::table('plan_items')->where('id', $item->id)->update(['dose' => '{"sets": 2}']);
    expect(Scene::page($this->get("/clients/{$plan->client_id}/sheet"))['component'])->toBe('clinic/Fault');
    $this->post(
        "/clients/{$plan->client_id}/mend", ['part' => 'plan_item', 'id' => $item->id],
    )->assertSessionHasNoErrors();
    expect($plan->refresh()->status)->toBe(Plan::SUPERSEDED)->and(PlanItem::query()->find($item->id))->not->toBeNull();
    // Nothing of another client is taken out by its number.
    $other = $this->scene->issued(['given_name' => 'Bo']);
    $this->post(
        "/clients/{$plan->client_id}/mend", ['part' => 'plan_item', 'id' => $other->items[0]->id],
    )->assertNotFound();
    $this->post("/clients/{$plan->client_id}/mend", ['part' => 'screen', 'id' => 0])->assertSessionHasErrors('part');
});

it('takes a proposal back when its dose cannot be read, and nothing of another client', function (): void {
    $proposals = [];
    foreach (['Ada', 'Bo'] as $name) {
        $plan = $this->scene->issued(['given_name' => $name]);
        $this->scene->goodSession($plan, now()->subDays(4)->format('Y-m-d'));
        $this->scene->goodSession($plan, now()->subDays(2)->format('Y-m-d'));
        $proposals[] = Proposal::query()->where('client_id', $plan->client_id)->where('status', Proposal::OPEN)
            ->firstOrFail();
    }
    [$hers, $other] = $proposals;
    DB::table('proposals')->where('id', $hers->id)->update(['dose' => '{"sets": 2}']);
    $at = "/clients/$hers->client_id";
    $faults = Scene::props($this->get("$at/review"))['faults'];
    expect(array_column($faults, 'id', 'part'))->toBe(['proposal' => $hers->id]);
    $this->post("$at/mend", ['part' => 'proposal', 'id' => $other->id])->assertNotFound();
    $this->post("$at/mend", ['part' => 'proposal', 'id' => $hers->id])->assertSessionHasNoErrors();
    expect($hers->refresh()->status)->toBe(Proposal::SUPERSEDED)
        ->and($other->refresh()->status)->toBe(Proposal::OPEN)
        ->and(Scene::page($this->get("$at/review"))['component'])->toBe('clinic/Review');
});
