<?php

declare(strict_types=1);

use Tests\Feature\Support\Scene;

it('keeps a condition and a medicine in the clinician\'s own words, and says what is not known', function (): void {
    $scene = new Scene;
    $this->actingAs($scene->user);
    $client = $scene->client();
    $this->put("/clients/{$client->id}/screen", Scene::form([
        'conditions' => [['code' => 'other_condition', 'details' => ['gout']]],
        'medicines' => ['insulin', ' metformin', ''],
    ]))->assertSessionHasNoErrors();
    $page = Scene::props($this->get("/clients/{$client->id}/limits"));
    expect($page['client']['facts'])->toBe(['Gout (no rules known)'])
        ->and(json_encode($page))->toContain('No rule here knows the medicine')->toContain('metformin')
        ->and($client->refresh()->medicines)->toBe(['insulin', 'metformin']);
});
