<?php

declare(strict_types=1);

use App\Http\Clinic\Resources\Options;
use BuoyantStep\Core\Gate\Seen;
use BuoyantStep\Core\Gate\Vital;
use BuoyantStep\Core\Limits\Field;
use Tests\Feature\Support\Scene;

beforeEach(function (): void {
    $this->scene = new Scene;
    $this->actingAs($this->scene->user);
});

/** Fields that take one choice, and those that take several or stand in a row. */
dataset('choices of the intake', static function (): iterable {
    $rows = ['birth_symptoms' => 'birth_symptoms.0', 'medicines' => 'medicines.0', 'insensate' => 'insensate.0'];
    foreach (Options::screen() as $list => $options) {
        foreach (in_array($list, ['usual', 'asks'], true) ? [] : $options as [$code]) {
            foreach (match ($list) {
                'grip' => ['grip_left', 'grip_right'],
                'side' => ['conditions.0.side'],
                'limb' => ['abilities.arm_left', 'abilities.leg_right'],
                'trunk', 'cognition', 'brakes' => ["abilities.$list"],
                default => [$rows[$list] ?? $list],
            } as $field) {
                yield "$field: $code" => [$field, $code];
            }
        }
    }
});

it('takes what the intake offers, and nothing else', function (string $field, string $code): void {
    $with = static function (string $value) use ($field): array {
        $form = Scene::form(['conditions' => [['code' => 'osteoarthritis_knee', 'side' => 'left', 'details' => []]]]);
        data_set($form, $field, $value);

        return $form;
    };
    $client = $this->scene->client();
    $this->put("/clients/{$client->id}/screen", $with($code))->assertSessionDoesntHaveErrors($field);
    // Medicines and sites are open lists: another word may be written down, and acts on nothing.
    if (! str_starts_with($field, 'medicines') && ! str_starts_with($field, 'insensate')) {
        $this->put("/clients/{$client->id}/screen", $with('of no list'))->assertSessionHasErrors($field);
    }
})->with('choices of the intake');

it('gives every word on offer a label without a code in it', function (): void {
    $labels = array_merge(
        array_map(
            static fn (Field $f): string => $f->label(), Field::cases(),
        ),
        array_map(static fn (Vital $v): string => $v->label(), Vital::cases()),
        array_map(static fn (Seen $s): string => $s->label(), Seen::cases()),
    );
    foreach ([...Options::screen(), ...Options::kit()] as $list => $options) {
        $labels = [
            ...$labels, ...match ($list) {
                'usual' => array_column($options, 'label'),
                'asks' => [],
                default => array_column($options, 1),
            },
        ];
    }
    foreach ($labels as $label) {
        expect($label)->toMatch('/^[^_|]+$/');
    }
    expect(
        array_filter(
            array_count_values(array_map(static fn (Field $f): string => $f->label(), Field::cases())),
            static fn (int $n): bool => $n > 1,
        ),
    )->toBe([]);
});
