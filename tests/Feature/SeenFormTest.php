<?php

declare(strict_types=1);

use App\Models\LogItem;
use BuoyantStep\Core\Exercises\Catalogue;
use Illuminate\Support\Str;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->plan = $this->scene->issued();
    $this->item = $this->plan->items->first(static fn ($i): bool => Catalogue::standard()->family($i->family)
        ->rung($i->rung)->teaching->looks !== []);
    $this->look = Catalogue::standard()->family($this->item->family)->rung($this->item->rung)->teaching->looks[0];
});

/** A session in which the one exercise was done, and this was seen. */
function sawIn(object $test, string $on, array $seen): mixed
{
    return $test->from('/clients/'.$test->plan->client_id.'/log')->post("/clients/{$test->plan->client_id}/log", [
        'plan_id' => $test->plan->id, 'key' => (string) Str::uuid(), 'done_on' => $on, 'confirmed' => true,
        'items' => [[
            'item' => $test->item->id, 'done' => true, 'effort' => 5, 'seen' => $seen,
            'sets' => [['amount' => 8, 'side' => 'both']],
        ]],
    ]);
}

it('keeps what was ticked, shows it at the next visit, and tries a rung after two sessions', function (): void {
    $today = $this->plan->client->clinic->today();
    sawIn($this, (string) $today->plus(-3), [$this->look->code])->assertSessionHasNoErrors();
    expect(LogItem::query()->latest('id')->firstOrFail()->seen)->toBe([$this->look->code]);
    $log = Scene::props($this->get("/clients/{$this->plan->client_id}/log"));
    $row = collect($log['plan']['items'])->firstWhere('id', $this->item->id);
    expect($row['advice'][0]['says'])->toContain($this->look->sees)->toContain($this->look->cue)
        ->and($row['advice'][0]['family'])->toBeNull()
        ->and(collect($row['looks'])->pluck('code')->all())->toContain($this->look->code)
        ->and($log['logs'][0]['items'][0]['seen'])->toBe([$this->look->sees]);
    sawIn($this, (string) $today, [$this->look->code])->assertSessionHasNoErrors();
    $review = Scene::props($this->get("/clients/{$this->plan->client_id}/review"));
    $forms = array_merge(...array_column($review['proposals'], 'form'));
    expect(implode(' ', array_column($forms, 'says')))->toContain($this->look->sees);
    $own = $this->item->family.'/'.$this->item->rung;
    if ($this->look->rung !== null && $this->look->rung !== $own) {
        expect(implode(' ', array_column($forms, 'says')))->toContain('Seen in 2 sessions running');
    }
});

it('lets nothing seen clear it, and keeps what was seen through a correction', function (): void {
    $today = $this->plan->client->clinic->today();
    sawIn($this, (string) $today->plus(-3), [$this->look->code]);
    sawIn($this, (string) $today, [])->assertSessionHasNoErrors();
    $log = Scene::props($this->get("/clients/{$this->plan->client_id}/log"));
    expect(collect($log['plan']['items'])->firstWhere('id', $this->item->id)['advice'])->toBe([]);
    $first = $this->plan->client->logs()->get()->last();
    $form = Scene::props($this->get("/clients/{$this->plan->client_id}/log?correct={$first->id}"))['correcting'];
    expect(collect($form['items'])->firstWhere('item', $this->item->id)['seen'])->toBe([$this->look->code]);
});

it('refuses what is not in the list of that exercise, and keeps nothing half', function (): void {
    $before = LogItem::query()->count();
    sawIn($this, (string) $this->plan->client->clinic->today(), ['flies'])->assertSessionHasErrors('items');
    sawIn($this, (string) $this->plan->client->clinic->today(), [$this->look->code, $this->look->code])
        ->assertSessionHasErrors('items.0.seen.0');
    expect(LogItem::query()->count())->toBe($before);
});

it('prints what helps to learn it on the sheet', function (): void {
    $sheet = Scene::props($this->get("/clients/{$this->plan->client_id}/sheet"))['sheet'];
    $pictures = array_filter(array_column($sheet['items'], 'picture'));
    expect($pictures)->not->toBe([])->and($sheet['items'][0])->toHaveKeys(['helper', 'target', 'fade']);
});
