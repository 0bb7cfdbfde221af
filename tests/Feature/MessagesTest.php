<?php

declare(strict_types=1);

use App\Mail\SomethingWaits;
use App\Models\Decision;
use App\Models\Message;
use App\Models\User;
use Illuminate\Support\Facades\Mail;
use Tests\Feature\Support\Scene;

/** Questions and changes that a client tells, and their short answers. */
beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    Mail::fake();
});

it('keeps what was told, on Today until it is answered, and the answer in the record', function (): void {
    $client = $this->scene->client();
    $at = "/clients/$client->id/messages";
    $this->post($at, ['kind' => 'new_tablets', 'says' => 'A water tablet since Monday.'])->assertSessionHasNoErrors();
    $says = static fn (): array => array_merge(...array_map(
        static fn (array $r): array => array_column($r['needs'], 'says', 'kind'),
        Scene::props(test()->get('/'))['rows'],
    ));
    expect($says()['message'])->toBe('Tells new tablets, or others: "A water tablet since Monday."');
    $row = Scene::props($this->get($at))['messages'][0];
    expect($row)->toMatchArray(['kind' => 'new tablets, or others', 'by' => 'T. Clinician', 'answer' => null])
        ->and($row['meet']['stage'])->toBe('screen');
    $this->put("$at/{$row['id']}/answer", ['answer' => 'Go on as before.'])->assertSessionHasNoErrors();
    expect($says())->not->toHaveKey('message')
        ->and(Decision::query()->where('kind', 'message.answered')->value('reason'))->toBe('Go on as before.');
    $this->put("$at/{$row['id']}/answer", ['answer' => 'Something else.'])->assertSessionHasErrors('answer');
    expect(Message::query()->value('answer'))->toBe('Go on as before.');
});

it('refuses what says nothing', function (): void {
    $client = $this->scene->client();
    $this->post(
        "/clients/$client->id/messages", ['kind' => 'x', 'says' => ''],
    )->assertSessionHasErrors(['kind', 'says']);
    $this->post("/clients/$client->id/messages", ['kind' => 'fell', 'says' => str_repeat('x', 1001)])
        ->assertSessionHasErrors('says');
    expect(Message::query()->count())->toBe(0);
});

it('asks for a re-test after a fall that was told, answered or not', function (): void {
    $plan = $this->scene->issued();
    // Measured before the fall.
    $plan->client->measures()->update(['measured_on' => now()->subDays(3)->format('Y-m-d')]);
    $this->post("/clients/$plan->client_id/messages", ['kind' => 'fell', 'says' => 'I fell in the bath.']);
    Message::query()->update(['answer' => 'Come on Monday.', 'answered_at' => now()]);
    $needs = array_column(Scene::props($this->get('/'))['rows'][0]['needs'], 'says', 'kind');
    expect($needs['retest'])->toBe('Re-test now: a fall was told on '.$this->scene->user->clinic->today()->label().'.');
});

it('mails whoever looks after the client that something waits, and nothing else', function (): void {
    $client = $this->scene->client();
    $colleague = User::query()->create([
        'clinic_id' => $client->clinic_id, 'name' => 'C. Colleague', 'email' => 'c@clinic.example',
        'password' => 'secret-pass', 'role' => 'clinician',
    ]);
    $tell = fn () => $this->post("/clients/$client->id/messages", ['kind' => 'fell', 'says' => 'I fell in the bath.']);
    $tell();
    Mail::assertNothingSent();
    $client->update(['assigned_to' => $this->scene->user->id]);
    $tell();
    Mail::assertNothingSent();
    $client->update(['assigned_to' => $colleague->id]);
    $tell();
    Mail::assertSent(SomethingWaits::class, static function (SomethingWaits $mail): bool {
        $text = (string) $mail->render().$mail->envelope()->subject;

        return $mail->hasTo('c@clinic.example') && ! str_contains($text, 'Ada') && ! str_contains($text, 'fell')
            && str_contains($text, 'Something waits for you');
    });
    Mail::assertSentCount(1);
});

it('shows and answers nothing of another clinic', function (): void {
    $client = $this->scene->client();
    $this->post("/clients/$client->id/messages", ['kind' => 'fell', 'says' => 'I fell.']);
    $theirs = new Scene('Elsewhere');
    $this->actingAs($theirs->user);
    $this->get("/clients/$client->id/messages")->assertForbidden();
    $own = $theirs->client();
    $this->put(
        "/clients/$own->id/messages/".Message::query()->value('id').'/answer', ['answer' => 'Hm.'],
    )->assertNotFound();
    expect(Message::query()->value('answered_at'))->toBeNull();
});
