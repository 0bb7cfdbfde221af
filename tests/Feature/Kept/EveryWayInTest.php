<?php

declare(strict_types=1);

use App\Actions\StopSigns;
use App\Models\Client;
use App\Models\Decision;
use App\Models\GateCheck;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\Proposal;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->revision = static fn (Plan $plan): int => Client::query()->findOrFail($plan->client_id)->plan_revision;
    $this->dose = static function (PlanItem $item, array $with = []): array {
        $dose = $item->dose;
        $kind = array_values(array_intersect(['reps', 'seconds', 'hold', 'steps', 'trips'], array_keys($dose)))[0];

        return [
            'sets' => $dose['sets'], 'amount_lo' => $dose[$kind]['lo'], 'amount_hi' => $dose[$kind]['hi'],
            'effort_lo' => $dose['effort']['lo'], 'effort_hi' => $dose['effort']['hi'], 'rest_s' => $dose['rest_s'],
            'load_kg' => isset($dose['load_g']) ? $dose['load_g'] / 1000 : '', ...$with,
        ];
    };
});

it('lets no dose in through a proposal to stop', function (): void {
    $plan = $this->scene->issued();
    $this->scene->goodSession($plan, (string) $this->scene->user->clinic->today(), ['stop_sign' => 'faintness']);
    $proposal = Proposal::query()->where('decision', 'stop')->with('planItem')->firstOrFail();
    $url = "/clients/{$plan->client_id}/review/{$proposal->id}";
    $this->put($url, ($this->dose)($proposal->planItem, ['load_kg' => '150']))->assertSessionHasErrors('proposal');
    $this->post("$url/accept")->assertSessionHasErrors('proposal');
    $this->post("$url/refuse", ['reason' => 'no need'])->assertSessionHasErrors('proposal');
    expect($proposal->refresh()->status)->toBe('open')->and(Plan::query()->count())->toBe(1);
});

it('holds a typed dose against kit, limits and sense, on Plan and on Review alike', function (
    array $with, string $field,
): void {
    $plan = $this->scene->issued();
    $this->scene->goodSession($plan, now()->subDays(3)->format('Y-m-d'));
    $this->scene->goodSession($plan, now()->format('Y-m-d'));
    $item = $plan->items->firstWhere('family', 'tote_row');
    $proposal = Proposal::query()->where('status', 'open')->where('plan_item_id', $item->id)->firstOrFail();
    $this->put(
        "/clients/{$plan->client_id}/plan/items/{$item->id}/dose",
        [...($this->dose)($item, $with), 'revision' => ($this->revision)($plan)],
    )->assertSessionHasErrors($field);
    $this->put(
        "/clients/{$plan->client_id}/review/{$proposal->id}", ($this->dose)($item, $with),
    )->assertSessionHasErrors($field);
    expect(Plan::query()->count())->toBe(1);
})->with([
    'what the kit cannot make' => [['load_kg' => '150'], 'load'],
    'no load' => [['load_kg' => ''], 'load'],
    'eleven sets' => [['sets' => '11'], 'sets'],
    'seven sets, not asked twice' => [['sets' => '7'], 'confirm'],
    'a hundred reps' => [['amount_lo' => '100', 'amount_hi' => '100'], 'amount_hi'],
    'forty reps, not asked twice' => [['amount_lo' => '40', 'amount_hi' => '40'], 'confirm'],
]);

it('takes an unusual dose once it was looked at twice', function (): void {
    $plan = $this->scene->drafted();
    $item = $plan->items->firstWhere('family', 'tote_row');
    $url = "/clients/{$plan->client_id}/plan/items/{$item->id}/dose";
    $this->put($url, [...($this->dose)($item, ['sets' => '7']), 'revision' => 1])->assertSessionHasErrors('confirm');
    expect(session('errors')->first('confirm'))->toContain('7 sets; up to 6 are usual');
    $this->put(
        $url, [...($this->dose)($item, ['sets' => '7']), 'revision' => 1, 'confirmed' => true],
    )->assertSessionHasNoErrors();
    // Past all sense no second look helps.
    $this->put(
        $url,
        [...($this->dose)($item, ['amount_lo' => '61', 'amount_hi' => '61']), 'revision' => 2, 'confirmed' => true],
    )->assertSessionHasErrors('amount_hi');
});

it('checks the whole plan once more when it is issued, whatever way a dose got in', function (array $spoil): void {
    $plan = $this->scene->drafted();
    $item = $plan->items->firstWhere('family', 'tote_row');
    $item->update(['dose' => [...$item->dose, ...$spoil]]);
    $this->post(
        "/clients/{$plan->client_id}/plan/issue", ['revision' => 1, 'issue_reason' => 'it is meant like this'],
    )->assertSessionHasErrors('plan');
    expect($plan->refresh()->status)->toBe('draft')->and(
        Client::query()->findOrFail($plan->client_id)->plan_revision,
    )->toBe(1);
})->with([
    '150 kg' => [['load_g' => 150_000]],
    'a load that the kit does not make' => [['load_g' => 3_333]],
    'ten sets of a hundred' => [['sets' => 10, 'reps' => ['lo' => 100, 'hi' => 100]]],
]);

it('issues a session of more than twice its minutes only with a reason, and keeps it', function (): void {
    $plan = $this->scene->drafted();
    $plan->update(['minutes' => 10]);
    $url = "/clients/{$plan->client_id}/plan/issue";
    $this->post($url, ['revision' => 1])->assertSessionHasErrors('issue_reason');
    $this->post($url, ['revision' => 1, 'issue_reason' => ' too long.  '])->assertSessionHasErrors('issue_reason');
    expect($plan->refresh()->status)->toBe('draft');
    $this->post($url, ['revision' => 1, 'issue_reason' => 'in pieces.'])->assertSessionHasNoErrors();
    expect($plan->refresh()->issue_reason)->toBe('in pieces.')
        ->and(Decision::query()->where('kind', 'plan.issued')->sole()->reason)->toBe('in pieces.');
});

it('issues a session of twice its minutes without a reason', function (): void {
    $plan = $this->scene->drafted();
    $at = "/clients/{$plan->client_id}/plan";
    $row = $plan->items->firstOrFail('family', 'tote_row');
    // With rests that make the minutes even.
    while (($minutes = Scene::props($this->get($at))['plan']['minutes']) % 2 === 1) {
        $row->update(['dose' => [...$row->dose, 'rest_s' => $row->dose['rest_s'] + 15]]);
    }
    $plan->update(['minutes' => intdiv($minutes, 2)]);
    $this->post("$at/issue", ['revision' => 1])->assertSessionHasNoErrors();
    expect($plan->refresh()->issue_reason)->toBeNull();
});

it('says of a plan in use that the kit no longer makes its load, and brings it up to today', function (): void {
    $plan = $this->scene->issued();
    $item = $plan->items->firstWhere('family', 'tote_row');
    $this->put(
        "/clients/{$plan->client_id}/kit",
        [
            'pieces' => [
                [
                    'label' => 'Bag', 'mass_kg' => '1.9', 'count' => '2', 'grip' => 'soft', 'holdable' => true,
                    'packable' => true, 'plate' => false, 'weighed' => true,
                ],
            ],
            'carriers' => [],
        ],
    )->assertSessionHasNoErrors();
    $breaches = array_column(
        Scene::props($this->get("/clients/{$plan->client_id}/plan"))['plan']['items'], 'breaches', 'family',
    )['tote_row'];
    expect(implode(' ', $breaches))->toContain('cannot be made here');
    $this->put(
        "/clients/{$plan->client_id}/plan/items/{$item->id}/today", ['revision' => ($this->revision)($plan)],
    )->assertSessionHasNoErrors();
    $draft = Plan::query()->where('status', 'draft')->with('items')->sole();
    expect($draft->items->firstWhere('family', 'tote_row')->dose['load_g'])->toBe(1900);
});

it('stops at the gate and marks every page while a red flag is open, until it is cleared', function (): void {
    $plan = $this->scene->issued();
    $this->scene->goodSession($plan, now()->subDays(9)->format('Y-m-d'), ['stop_sign' => 'chest pain or pressure']);
    // A later session that went well lifts nothing.
    $this->scene->goodSession($plan, now()->subDay()->format('Y-m-d'));
    $url = "/clients/{$plan->client_id}";
    $well = ['symptoms' => [], 'repeat' => false, 'sbp' => '120', 'dbp' => '70', 'pain' => '0'];
    $this->post("$url/gate", $well)->assertSessionHasNoErrors();
    expect(GateCheck::query()->latest('id')->value('verdict'))->toBe('stop_and_call')
        ->and(GateCheck::query()->latest('id')->first()->because[0]['says'])->toContain('chest pain or pressure');
    foreach (['plan', 'sheet', 'log', 'gate', 'screen'] as $stage) {
        expect(Scene::props($this->get("$url/$stage"))['client']['stops'])->toHaveCount(1);
    }
    expect(Scene::props($this->get("$url/sheet"))['sheet']['stopped'])->toHaveCount(1)
        ->and(
            array_column(Scene::props($this->get("$url/plan"))['client']['stages'], 'state', 'key')['sheet'],
        )->toBe('stopped');
    $this->post("$url/review/clear-stop", ['reason' => 'Dr Fenn: ECG and troponin normal'])->assertSessionHasNoErrors();
    $this->post("$url/gate", $well)->assertSessionHasNoErrors();
    expect(GateCheck::query()->latest('id')->value('verdict'))->toBe('go')
        ->and(StopSigns::open(Client::query()->findOrFail($plan->client_id)))->toBe([])
        ->and(Scene::props($this->get("$url/sheet"))['client']['stops'])->toBe([]);
});
