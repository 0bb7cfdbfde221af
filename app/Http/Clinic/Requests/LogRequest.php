<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use App\Models\Plan;
use App\Models\PlanItem;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Units\Gravity;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Support;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/**
 * A session as it was done.
 *
 * @phpstan-type SessionFields array{
 *     done_on: string, pain_before: int|null, pain_next_morning: int|null, stop_sign: string|null,
 *     skipped: string|null, note: string|null, pain_where: string|null
 * }
 */
final class LogRequest extends ClinicRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'plan_id' => ['required', 'integer'],
            'key' => ['required', 'uuid'],
            'corrects' => ['nullable', 'integer', 'between:1,4000000000'],
            'done_on' => ['required', DayRule::past($this->today(), 20)],
            'pain_before' => ['nullable', 'integer', 'between:0,10'],
            'pain_next_morning' => ['nullable', 'integer', 'between:0,10'],
            'pain_where' => ['nullable', 'string', 'max:120'],
            'stop_sign' => ['nullable', 'string', 'max:120'],
            'skipped' => ['nullable', 'string', 'max:200'],
            'note' => ['nullable', 'string', 'max:500'],
            'items' => ['present', 'array', 'max:20'],
            'items.*.item' => ['required', 'integer', 'distinct'],
            'items.*.done' => ['required', 'boolean'],
            'items.*.effort' => ['nullable', 'numeric', 'between:0,10'],
            'items.*.left' => ['nullable', 'integer', 'between:0,50'],
            'items.*.load_kg' => ['nullable', 'numeric', 'between:0,200'],
            'items.*.left_load_kg' => ['nullable', 'numeric', 'between:0,200'],
            'items.*.right_load_kg' => ['nullable', 'numeric', 'between:0,200'],
            'items.*.light' => ['nullable', 'boolean'],
            'items.*.stood_cm' => ['nullable', 'integer', 'between:20,600'],
            'items.*.pain_during' => ['nullable', 'integer', 'between:0,10'],
            'items.*.broken' => ['nullable', 'integer', 'between:0,20'],
            'items.*.support' => ['nullable', Rule::enum(Support::class)],
            'items.*.pauses' => ['nullable', 'integer', 'between:0,50'],
            'items.*.instead' => ['nullable', 'string', 'max:120'],
            'confirmed' => ['nullable', 'boolean'],
            'items.*.seen' => ['nullable', 'array', 'max:5'],
            'items.*.seen.*' => ['string', 'max:40', 'distinct'],
            'items.*.sets' => ['present', 'array', 'max:20'],
            'items.*.sets.*.amount' => ['nullable', 'integer', 'between:0,'.LoggedSet::MAX_AMOUNT],
            'items.*.sets.*.effort' => ['nullable', 'numeric', 'between:0,10'],
            'items.*.sets.*.left' => ['nullable', 'integer', 'between:0,50'],
            'items.*.sets.*.side' => ['nullable', Rule::in(['left', 'right', 'both'])],
        ];
    }

    protected function decimals(): array
    {
        return [
            'items.*.effort', 'items.*.load_kg', 'items.*.left_load_kg', 'items.*.right_load_kg',
            'items.*.sets.*.effort',
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'done_on.required' => 'Enter the day of the session.',
            'pain_before.*' => 'Pain goes from 0 to 10.',
            'pain_next_morning.*' => 'Pain goes from 0 to 10.',
            'pain_where.*' => 'Say in a few words where, for example: left knee.',
            'items.*.pain_during.*' => 'Pain goes from 0 to 10.',
            ...array_fill_keys(
                ['items.*.effort.*', 'items.*.sets.*.effort.*'], 'RPE goes from 0 to 10, for example 6.',
            ),
            ...array_fill_keys(
                ['items.*.left.*', 'items.*.sets.*.left.*'],
                'Reps left is a whole number from 0 to 50, for example 3.',
            ),
            ...array_fill_keys(
                ['items.*.load_kg.*', 'items.*.left_load_kg.*', 'items.*.right_load_kg.*'],
                sprintf('The load must be from 0 to %s, for example %s.', Mass::say(200_000), Mass::say(2500)),
            ),
            'items.*.stood_cm.*' => 'Where they stood is from 20 to 600 cm, for example 180.',
            'items.*.sets.*.amount.*' => sprintf(
                'This must be a whole number from 0 to %d, for example 10.', LoggedSet::MAX_AMOUNT,
            ),
            'items.*.support.*' => 'Choose what was held on to.',
            'items.*.pauses.*' => 'Count the short pauses, for example 2.',
            'items.*.instead.*' => 'Say in a few words what was done in its place.',
            'items.*.broken.*' => 'Count the sets in which form broke, for example 0.',
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $done = 0;
            foreach ((array) $this->input('items', []) as $i => $row) {
                if (is_array($row) && is_string($row['instead'] ?? null) && trim($row['instead']) !== '') {
                    $done++;

                    continue;
                }
                if (! is_array($row) || ! filter_var($row['done'] ?? false, FILTER_VALIDATE_BOOL)) {
                    continue;
                }
                $done++;
                $told = static fn (array $of): bool => is_numeric($of['effort'] ?? null)
                    || is_numeric($of['left'] ?? null);
                $amounts = array_filter(
                    (array) ($row['sets'] ?? []),
                    static fn (mixed $s): bool => is_array($s) && is_numeric($s['amount'] ?? null),
                );
                // One for all sets, or one of its own for each.
                if (! $told($row) && ($amounts === [] || count(array_filter($amounts, $told)) < count($amounts))) {
                    $validator->errors()->add("items.$i.effort", 'Enter the RPE, 0 to 10, for example 6.');
                }
                if ($amounts === []) {
                    $validator->errors()->add(
                        "items.$i.sets", 'Enter what was done in at least one set, or untick the exercise.',
                    );
                }
            }
            if ($done === 0 && ! $this->filled('skipped') && ! $this->filled('stop_sign')) {
                $validator->errors()->add(
                    'skipped', 'Nothing is ticked as done: enter the exercises, or say why the session was called off.',
                );
            }
        });
    }

    /** @return SessionFields */
    public function sessionFields(): array
    {
        $int = fn (string $key): ?int => $this->filled($key) ? $this->integer($key) : null;
        $text = fn (string $key): ?string => $this->filled($key) ? $this->string($key)->trim()->value() : null;

        return [
            'done_on' => $this->string('done_on')->value(), 'pain_before' => $int('pain_before'),
            'pain_next_morning' => $int('pain_next_morning'),
            'stop_sign' => $text('stop_sign'), 'skipped' => $text('skipped'), 'note' => $text('note'),
            'pain_where' => $text('pain_where'),
        ];
    }

    /**
     * @return list<array{
     *     item: int, sets: list<array<string, mixed>>, pain_during: int|null, seen?: list<string>,
     *     support?: string|null, pauses?: int|null, instead: string|null
     * }>
     */
    public function items(Plan $plan): array
    {
        $items = [];
        foreach ((array) $this->validated('items') as $row) {
            $row = is_array($row) ? $row : [];
            $item = $plan->items->firstWhere('id', is_numeric($row['item'] ?? null) ? (int) $row['item'] : 0);
            $instead = is_string($row['instead'] ?? null) ? trim($row['instead']) : '';
            if ($item instanceof PlanItem && $instead !== '') {
                // Sets of something else say nothing of this exercise.
                $items[] = ['item' => $item->id, 'sets' => [], 'pain_during' => null, 'instead' => $instead];

                continue;
            }
            if (! $item instanceof PlanItem || ! filter_var($row['done'] ?? false, FILTER_VALIDATE_BOOL)) {
                continue;
            }
            $items[] = [
                'item' => $item->id,
                'sets' => $this->sets($item, $row),
                'pain_during' => is_numeric($row['pain_during'] ?? null) ? (int) $row['pain_during'] : null,
                'seen' => array_values(array_filter((array) ($row['seen'] ?? []), is_string(...))),
                'support' => is_string($row['support'] ?? null) ? $row['support'] : null,
                'pauses' => is_numeric($row['pauses'] ?? null) ? (int) $row['pauses'] : null,
                'instead' => null,
            ];
        }

        return $items;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return list<array<string, mixed>>
     */
    private function sets(PlanItem $item, array $row): array
    {
        $dose = PlanItemRow::dose($item);
        $broken = is_numeric($row['broken'] ?? null) ? (int) $row['broken'] : 0;
        $stood = is_numeric($row['stood_cm'] ?? null) ? (int) $row['stood_cm'] : null;
        $sets = [];
        foreach ((array) ($row['sets'] ?? []) as $set) {
            if (! is_array($set) || ! is_numeric($set['amount'] ?? null)) {
                continue;
            }
            $own = is_numeric($set['effort'] ?? null) || is_numeric($set['left'] ?? null) ? $set : $row;
            $left = is_numeric($own['left'] ?? null) ? (int) $own['left'] : null;
            $side = is_string($set['side'] ?? null) ? $set['side'] : '';
            $load = (Mass::typed($row[$side.'_load_kg'] ?? null) ?? Mass::typed($row['load_kg'] ?? null))?->grams;
            $sets[] = array_filter([
                $dose->kind->value => (int) $set['amount'],
                'load_g' => $dose->loadG === null ? null : $load,
                'pull_n' => $dose->loadG !== null || $load === null ? null : Gravity::newtonsOf($load),
                'stood_cm' => $dose->loadG === null ? $stood : null,
                'effort' => is_numeric($own['effort'] ?? null)
                    ? (float) $own['effort'] : LoggedSet::effortOf($left ?? 0),
                'rir' => $dose->kind === DoseKind::Reps ? $left : null,
                'side' => $set['side'] ?? null,
                'light' => filter_var($row['light'] ?? false, FILTER_VALIDATE_BOOL) ? true : null,
                'form_broke' => count($sets) < $broken ? true : null,
            ], static fn (mixed $v): bool => $v !== null);
        }

        return $sets;
    }
}
