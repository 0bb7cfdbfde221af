<?php

declare(strict_types=1);

use App\Models\Client;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Vocabulary\Part;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

/** @param  array<string, string>  $abilities */
function withAbilities(Client $client, array $abilities, array $form = []): Client
{
    test()->put("/clients/{$client->id}/screen", Scene::form([...$form, 'abilities' => $abilities]))
        ->assertSessionHasNoErrors();

    return $client->refresh()->load('conditions', 'clinic');
}

it('keeps what each limb can do, and lets it act', function (): void {
    $client = withAbilities($this->scene->client(), ['leg_left' => 'none', 'arm_right' => 'weak', 'trunk' => '']);
    expect($client->abilities)->toBe(['arm_right' => 'weak', 'leg_left' => 'none'])
        ->and(Scene::props($this->get("/clients/{$client->id}/screen"))['form']['abilities'])->toMatchArray(
            ['leg_left' => 'none', 'arm_right' => 'weak', 'trunk' => '', 'brakes' => ''],
        );
    $envelope = app(BuildSituation::class)->of($client)->envelope;
    expect($envelope->avoids(Part::Leg, new Scope(Region::Lower, Side::Left))?->says)->toContain('left leg')
        ->and($envelope->avoids(Part::Leg, new Scope(Region::Lower, Side::Right)))->toBeNull()
        // A weak arm is trained, not excused.
        ->and($envelope->avoids(Part::Arm, new Scope(Region::Upper, Side::Right)))->toBeNull();
});

it('turns each answer into something that acts', function (
    array $abilities, array $form, string $family, string $rung, string $says,
): void {
    $client = withAbilities($this->scene->client(), $abilities, $form);
    $situation = app(BuildSituation::class)->of($client);
    $found = $situation->catalogue->family($family);
    $verdict = array_values($situation->at($found, $found->rung($rung))->verdicts())[0];
    $text = implode(' ', [
        $verdict->verdict, ...array_map(static fn ($c): string => $c->code(), $verdict->changes),
        ...array_map(static fn ($r): string => $r->says, $verdict->because),
    ]);
    expect($text)->toContain($says);
})->with([
    'no trunk' => [['trunk' => 'none'], [], 'trunk_turn', 'arms_crossed', 'trunk cannot hold itself'],
    'poor trunk' => [['trunk' => 'poor'], [], 'lap_carry', 'lap_knee', 'trunk_belt'],
    'no way into bed' => [['bed_transfer' => 'none'], [], 'clam', 'lying', 'into bed'],
    'helped into bed, alone' => [['bed_transfer' => 'helped'], ['home' => 'alone'], 'clam', 'lying', 'is alone'],
    'helped into bed, with help' => [['bed_transfer' => 'helped'], ['home' => 'carer'], 'clam', 'lying', 'fits'],
    'cannot fetch a weight, alone' => [
        ['sets_up_alone' => 'no'], ['home' => 'alone'], 'curl', 'one_arm', 'cannot be set up alone',
    ],
    'cannot fetch a weight, with help' => [['sets_up_alone' => 'no'], ['home' => 'carer'], 'curl', 'one_arm', 'helper'],
    'wheels without brakes' => [
        ['brakes' => 'one', 'leg_left' => 'weak', 'leg_right' => 'weak', 'trunk' => 'full'],
        ['conditions' => [['code' => 'wheelchair_user', 'details' => []]]], 'lap_carry', 'lap_knee', 'chocks',
    ],
    'wheels with brakes' => [
        ['brakes' => 'both', 'leg_left' => 'weak', 'leg_right' => 'weak', 'trunk' => 'full'],
        ['conditions' => [['code' => 'wheelchair_user', 'details' => []]]], 'lap_carry', 'lap_knee', 'fits',
    ],
    'simple teaching, alone' => [
        ['cognition' => 'needs_simple'], ['home' => 'alone'], 'stance_balance', 'together', 'hold_on',
    ],
]);

it('refuses a word that it does not know, and keeps nothing of it', function (string $field, string $value): void {
    $client = $this->scene->client();
    $this->put(
        "/clients/{$client->id}/screen", Scene::form(['abilities' => [$field => $value]]),
    )->assertSessionHasErrors();
    expect($client->refresh()->abilities ?? [])->toBe([]);
})->with([['arm_left', 'strong'], ['sets_up_alone', 'perhaps'], ['third_leg', 'none'], ['brakes', '2']]);
