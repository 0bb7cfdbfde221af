<?php

declare(strict_types=1);

use App\Models\Decision;
use App\Models\Plan;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-25 09:00:00');
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

/** What is missing, in the frame of a client with these conditions and this clearance. */
function clearanceSays(array $conditions, ?array $clearance, array $with = []): ?string
{
    $client = test()->scene->measured([
        'conditions' => array_map(static fn (array $c): array => ['details' => [], ...$c], $conditions),
        ...(
            $clearance === null
                ? []
                : ['clearance' => ['given_by' => 'Dr Amari', 'until' => null, 'restrictions' => null, ...$clearance]]
        ),
        ...$with,
    ]);

    return Scene::props(test()->get("/clients/{$client->id}/limits"))['client']['clearance'];
}

it('says whether clearance is missing, and why', function (
    array $conditions, ?array $clearance, ?string $says, array $with = [],
): void {
    expect(clearanceSays($conditions, $clearance, $with))->toBe($says);
})->with([
    'nothing asks' => [[['code' => 'osteopenia']], null, null],
    'advised' => [[['code' => 'cancer']], null, 'Clearance is advised and not recorded.'],
    'required' => [
        [['code' => 'heart_failure']],
        null,
        'Clearance is required and not recorded: enter who gave it and when, on Screen.',
    ],
    'recorded' => [[['code' => 'heart_failure']], ['given_on' => '2026-11-01'], null],
    'ends today' => [[['code' => 'heart_failure']], ['given_on' => '2026-11-01', 'until' => '2026-11-25'], null],
    'ended yesterday' => [
        [['code' => 'heart_failure']],
        ['given_on' => '2026-11-01', 'until' => '2026-11-24'],
        'Clearance is required and the one on record ended on 24 November 2026: enter who gave it and when, on Screen.',
    ],
    'of the day it began' => [
        [['code' => 'heart_failure', 'since' => '2026-11-01']], ['given_on' => '2026-11-01'], null,
    ],
    'of the day before' => [
        [['code' => 'heart_failure', 'since' => '2026-11-01']],
        ['given_on' => '2026-10-31'],
        'Clearance is required and the one on record, of 31 October 2026, is older than what it has to clear (since 1 '
            .'November 2026): enter who gave it and when, on Screen.',
    ],
    'of the older of two' => [
        [['code' => 'coronary_disease', 'since' => '2020-01-01'], ['code' => 'heart_failure', 'since' => '2026-11-10']],
        ['given_on' => '2026-11-01'],
        'Clearance is required and the one on record, of 1 November 2026, is older than what it has to clear (since '
            .'10 November 2026): enter who gave it and when, on Screen.',
    ],
    'what only advises does not undo what was required' => [
        [['code' => 'coronary_disease', 'since' => '2020-01-01'], ['code' => 'cancer', 'since' => '2026-11-10']],
        ['given_on' => '2026-11-01'],
        null,
    ],
    'from before the pregnancy' => [
        [],
        ['given_on' => '2026-01-01'],
        'Clearance is advised and the one on record, of 1 January 2026, is older than what it has to clear (since 6 '
            .'July 2026).',
        ['birth_date' => '1994-01-01', 'due_date' => '2027-04-12'],
    ],
    'within the pregnancy' => [
        [], ['given_on' => '2026-09-01'], null, ['birth_date' => '1994-01-01', 'due_date' => '2027-04-12'],
    ],
    'from before the birth' => [
        [],
        ['given_on' => '2026-10-01'],
        'Clearance is required for load and the one on record, of 1 October 2026, is older than what it has to clear '
            .'(since 20 '
            .'October 2026): enter who gave it and when, on Screen.',
        ['birth_date' => '1994-01-01', 'birth_given_on' => '2026-10-20', 'birth_kind' => 'vaginal'],
    ],
    'withheld' => [
        [['code' => 'platelets_low', 'details' => ['count:10']]],
        ['given_on' => '2026-11-24'],
        'Exercise is withheld: an absolute contraindication is entered.',
    ],
]);

it('issues nothing on a clearance that ended, nor on one from before what it has to clear', function (
    array $clearance, bool $issued,
): void {
    $client = $this->scene->measured(
        [
            'conditions' => [['code' => 'heart_failure', 'since' => '2026-11-01', 'details' => []]],
            'clearance' => ['given_by' => 'Dr Amari', 'restrictions' => null, 'until' => null, ...$clearance],
        ],
    );
    $this->post("/clients/{$client->id}/plan")->assertSessionHasNoErrors();
    $answer = $this->post("/clients/{$client->id}/plan/issue", ['revision' => 1]);
    $issued ? $answer->assertSessionHasNoErrors() : $answer->assertSessionHasErrors('clearance');
    expect(Plan::query()->where('status', 'issued')->exists())->toBe($issued);
})->with([
    'it runs' => [['given_on' => '2026-11-10'], true],
    'it ended' => [['given_on' => '2026-11-10', 'until' => '2026-11-20'], false],
    'it is older' => [['given_on' => '2026-10-10'], false],
]);

it('asks at issue for a clearance that is advised, and takes a reason in its place', function (): void {
    $plan = $this->scene->drafted(['conditions' => [['code' => 'cancer', 'details' => []]]]);
    $url = "/clients/{$plan->client_id}/plan/issue";
    $this->post($url, ['revision' => 1])->assertSessionHasErrors('clearance_reason');
    $this->post($url, ['revision' => 1, 'clearance_reason' => 'no time'])->assertSessionHasErrors('clearance_reason');
    expect($plan->refresh()->status)->toBe(Plan::DRAFT);
    $why = 'The oncologist has been asked; light work until then.';
    $this->post($url, ['revision' => 1, 'clearance_reason' => $why])->assertSessionHasNoErrors();
    expect($plan->refresh()->status)->toBe(Plan::ISSUED)
        ->and(Decision::query()->where('kind', 'plan.issued')->sole()->reason)->toBe($why);
});

it('asks nothing at issue where an advised clearance is recorded', function (): void {
    $plan = $this->scene->drafted([
        'conditions' => [['code' => 'cancer', 'details' => []]],
        'clearance' => [
            'given_by' => 'Dr Amari', 'given_on' => '2026-11-20', 'until' => null, 'restrictions' => null,
        ],
    ]);
    $this->post("/clients/{$plan->client_id}/plan/issue", ['revision' => 1])->assertSessionHasNoErrors();
    expect($plan->refresh()->status)->toBe(Plan::ISSUED)
        ->and(Decision::query()->where('kind', 'plan.issued')->sole()->reason)->toBeNull();
});
