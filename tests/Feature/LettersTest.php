<?php

declare(strict_types=1);

use App\Letters\DraftLetter;
use App\Models\Decision;
use App\Models\Letter;
use App\Models\LetterKind;
use App\Models\LetterTemplate;
use App\Models\User;
use Illuminate\Support\Str;
use Tests\Feature\Support\Scene;

/** Notes and letters say what the record holds, and nothing else; what was sent stays as it was. */
beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
    $this->begin = function (int $client, string $kind, array $with = []): Letter {
        $this->post("/clients/$client/letters", ['kind' => $kind, ...$with])->assertSessionHasNoErrors();

        return Letter::query()->latest('id')->firstOrFail();
    };
});

it('writes each kind from the record, each statement with the page that shows it', function (string $kind): void {
    $plan = $this->scene->issued([
        'conditions' => [['code' => 'osteoarthritis_knee', 'side' => 'left', 'details' => []]],
        'wants' => 'carry the shopping', 'usual_pain' => 2, 'pain_where' => 'left knee',
    ]);
    $this->scene->goodSession($plan, now()->subDays(4)->format('Y-m-d'));
    $this->scene->goodSession(
        $plan, now()->subDays(2)->format('Y-m-d'), ['pain_before' => 1, 'pain_next_morning' => 4],
    );
    $letter = ($this->begin)($plan->client_id, $kind, ['recipient' => 'Dr Amari']);
    expect($letter->body)->toContain('Osteoarthritis, knee, left.')
        ->toContain('Usual pain 2 of 10 (left knee).')->not->toContain('{')->not->toContain('}')
        ->and($letter->facts)->not->toBe([]);
    foreach ($letter->facts as $fact) {
        expect($letter->body)->toContain($fact['says']);
        $this->get("/clients/$plan->client_id/".$fact['path'])->assertOk();
    }
    $page = Scene::props($this->get("/clients/$plan->client_id/letters/$letter->id"));
    expect($page['letter']['body'])->toBe($letter->body);
})->with(array_column(LetterKind::cases(), 'value'));

it('says in a note what was done, how it went and what is next', function (): void {
    $plan = $this->scene->issued(['wants' => 'carry the shopping']);
    $day = static fn (int $ago): string => now()->subDays($ago)->format('Y-m-d');
    $this->scene->goodSession($plan, $day(4));
    $this->scene->goodSession($plan, $day(2), ['pain_before' => 1, 'pain_next_morning' => 4]);
    $body = ($this->begin)($plan->client_id, 'note')->body;
    expect($body)->toContain('Wants: carry the shopping.')
        ->toContain('2 sessions logged from '.$this->scene->user->clinic->today()->plus(-4)->label())
        ->toContain('in the last week 2 of the 2 that the plan asks for.')
        ->toContain('next morning at most 4.')->toContain('Pain next morning was 4, worse than 1 before.')
        ->toContain('30 s chair stand: 12')->toContain('Version 1 of ')->toContain('Re-test due on ')
        // No decision was made yet: the heading goes with it.
        ->not->toContain('# Decision');
});

it('tells of a gate that stopped, of a detail that changes the limits, and asks even where nothing does',
    function (): void {
        $client = $this->scene->client([
            'conditions' => [['code' => 'osteoporosis', 'side' => null, 'details' => ['vertebral_fracture']]],
        ]);
        $this->post("/clients/$client->id/gate", [
            'sbp' => '190', 'dbp' => '112', 'symptoms' => ['sudden_headache'], 'pain' => '0',
            'repeat' => false, 'asked' => true,
        ])->assertSessionHasNoErrors();
        $body = ($this->begin)($client->id, 'referrer')->body;
        expect($body)->toContain('Gate: stop and call.')->toContain('Osteoporosis (')->toContain('headache')
            ->and(($this->begin)($client->id, 'clearance')->body)->toContain('# What we ask');
    });

it('leaves out what the record does not hold, and says so', function (): void {
    $client = $this->scene->client();
    $letter = ($this->begin)($client->id, 'note');
    expect($letter->body)->not->toContain('# What was done')->not->toContain('# Response')
        ->not->toContain('logged')->toContain('Progress note, ');
    expect(session('said'))->toContain('which holds nothing of: ')->toContain('sessions done, beside those planned');
});

it('says masses in the unit of the client', function (): void {
    $plan = $this->scene->issued(['mass_unit' => 'lb']);
    $plan->client->update(['mass_unit' => 'lb']);
    $body = ($this->begin)($plan->client_id, 'discharge')->body;
    expect($body)->toContain("\u{202F}lb")->not->toContain("\u{202F}kg")->not->toContain('{{g:');
});

it('keeps what is typed, and not over what a colleague typed meanwhile', function (): void {
    $client = $this->scene->client();
    $letter = ($this->begin)($client->id, 'note');
    $at = "/clients/$client->id/letters/$letter->id";
    $this->put($at, ['body' => 'Mine.', 'recipient' => 'Dr B', 'seen' => 1])->assertSessionHasNoErrors();
    $this->put($at, ['body' => 'Theirs.', 'seen' => 1])->assertSessionHasErrors('body');
    $this->put($at, ['body' => '', 'seen' => 2])->assertSessionHasErrors('body');
    expect($letter->refresh()->only(['body', 'recipient', 'revision']))->toBe([
        'body' => 'Mine.', 'recipient' => 'Dr B', 'revision' => 2,
    ]);
});

it('keeps a letter as it was sent, for good', function (): void {
    $client = $this->scene->client();
    $letter = ($this->begin)($client->id, 'referrer', ['recipient' => 'Dr Amari']);
    $at = "/clients/$client->id/letters/$letter->id";
    $this->post("$at/keep", ['seen' => 1])->assertSessionHasNoErrors();
    $kept = $letter->refresh()->body;
    expect($letter->revision)->toBe(2);
    foreach ([
        fn () => $this->put($at, ['body' => 'Other.', 'seen' => 2]), fn () => $this->post("$at/keep", ['seen' => 2]),
        fn () => $this->post("$at/discard", ['seen' => 2]),
    ] as $change) {
        $change()->assertSessionHasErrors('body');
    }
    expect($letter->refresh()->body)->toBe($kept)->and($letter->kept_at)->not->toBeNull();
    $record = Decision::query()->where('kind', 'letter.kept')->firstOrFail();
    expect($record->says)->toBe('Letter to the referrer kept as sent to Dr Amari.')
        ->and($record->facts['hash'])->toBe(hash('sha256', $kept));
});

it('throws a draft away', function (): void {
    $client = $this->scene->client();
    $letter = ($this->begin)($client->id, 'note');
    $this->post("/clients/$client->id/letters/$letter->id/discard", ['seen' => 1])->assertRedirect();
    expect(Letter::query()->count())->toBe(0);
});

it('prints a letter, a draft as a draft', function (): void {
    $client = $this->scene->client();
    $letter = ($this->begin)($client->id, 'note');
    $pdf = $this->get("/clients/$client->id/letters/$letter->id.pdf")->assertOk();
    expect($pdf->headers->get('Content-Type'))->toBe('application/pdf')
        ->and(Str::startsWith((string) $pdf->getContent(), '%PDF'))->toBeTrue();
    $text = static fn (bool $draft): string => view(
        'letter', ['body' => "# Head\nOne <b>\nTwo\n\nEnd", 'draft' => $draft],
    )->render();
    expect($text(true))->toContain('DRAFT')->and($text(false))->not->toContain('DRAFT')->toContain('<h2>Head</h2>')
        ->toContain('One &lt;b&gt;<br>');
});

it('lets a lead put the clinic\'s own words in place, with fields that there are', function (): void {
    $client = $this->scene->client(['wants' => 'climb stairs']);
    $words = ['kind' => 'note', 'body' => "Our note on {client}\n\n{wants}"];
    $this->put('/letters', $words)->assertForbidden();
    $this->scene->user->update(['role' => 'lead']);
    $this->actingAs(User::query()->findOrFail($this->scene->user->id));
    $this->put('/letters', [...$words, 'body' => 'On {nobody}'])->assertSessionHasErrors('body');
    $this->put('/letters', $words)->assertSessionHasNoErrors();
    expect(($this->begin)($client->id, 'note')->body)
        ->toBe("Our note on Ada Mole, born 1 May 1948\n\nWants: climb stairs.");
    $page = array_column(Scene::props($this->get('/letters'))['templates'], null, 'kind');
    expect($page['note']['own'])->toBeTrue()->and($page['referrer']['own'])->toBeFalse();
    $this->put('/letters', ['kind' => 'note', 'body' => ''])->assertSessionHasNoErrors();
    expect(LetterTemplate::query()->count())->toBe(0)
        ->and(($this->begin)($client->id, 'note')->body)->toContain('Progress note');
});

it('comes with words whose fields there are, for every kind', function (LetterKind $kind): void {
    expect(DraftLetter::unknown(DraftLetter::standard($kind)))->toBe([])
        ->and(DraftLetter::standard($kind))->toContain('{client}')->toContain('{author}');
})->with(LetterKind::cases());

it('shows and changes nothing of another clinic', function (): void {
    $client = $this->scene->client();
    $letter = ($this->begin)($client->id, 'note');
    $this->actingAs((new Scene('Elsewhere'))->user);
    $this->get("/clients/$client->id/letters/$letter->id")->assertForbidden();
    $this->get("/clients/$client->id/letters/$letter->id.pdf")->assertForbidden();
    $theirs = (new Scene('Third'));
    $this->actingAs($theirs->user);
    $own = $theirs->client();
    // A letter is looked for among those of the client in the address.
    $this->get("/clients/$own->id/letters/$letter->id")->assertNotFound();
});
