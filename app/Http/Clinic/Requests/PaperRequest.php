<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use App\Exchange\LogCsv;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Side;
use Illuminate\Validation\Validator;

/**
 * Several sessions as they stand on a paper sheet: a column a day, in each box the amounts of the sets as they are
 * written, "12 12 10".
 *
 * @phpstan-import-type Found from LogCsv
 */
final class PaperRequest extends ClinicRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'plan_id' => ['required', 'integer'],
            'key' => ['required', 'uuid'],
            'confirmed' => ['nullable', 'boolean'],
            'sessions' => ['required', 'array', 'min:1', 'max:8'],
            'sessions.*.done_on' => ['required', DayRule::past($this->today(), 20), 'distinct'],
            'sessions.*.pain_before' => ['nullable', 'integer', 'between:0,10'],
            'sessions.*.pain_next_morning' => ['nullable', 'integer', 'between:0,10'],
            'sessions.*.note' => ['nullable', 'string', 'max:500'],
            'sessions.*.items' => ['present', 'array', 'max:20'],
            'sessions.*.items.*.item' => ['required', 'integer'],
            'sessions.*.items.*.amounts' => ['nullable', 'string', 'max:80', 'regex:/^[\d\s,;\/.]*$/'],
            'sessions.*.items.*.effort' => ['nullable', 'numeric', 'between:0,10'],
            'sessions.*.items.*.load_kg' => ['nullable', 'numeric', 'between:0,200'],
            'sessions.*.items.*.pain_during' => ['nullable', 'integer', 'between:0,10'],
        ];
    }

    protected function decimals(): array
    {
        return ['sessions.*.items.*.effort', 'sessions.*.items.*.load_kg'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'sessions.*.done_on.required' => 'Enter the day of the session.',
            'sessions.*.done_on.distinct' => 'Two columns have the same day.',
            'sessions.*.pain_before.*' => 'Pain goes from 0 to 10.',
            'sessions.*.pain_next_morning.*' => 'Pain goes from 0 to 10.',
            'sessions.*.items.*.pain_during.*' => 'Pain goes from 0 to 10.',
            'sessions.*.items.*.amounts.*' => 'Write the sets as numbers, for example 12 12 10.',
            'sessions.*.items.*.effort.*' => 'RPE goes from 0 to 10, for example 6.',
            'sessions.*.items.*.load_kg.*' => sprintf(
                'The load must be from 0 to %s, for example %s.', Mass::say(200_000), Mass::say(2500),
            ),
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            foreach ((array) $this->input('sessions', []) as $i => $session) {
                $done = 0;
                foreach (self::rows($session) as $j => $row) {
                    $amounts = self::amounts($row['amounts'] ?? '');
                    $done += $amounts === [] ? 0 : 1;
                    if ($amounts !== [] && ! is_numeric($row['effort'] ?? null)) {
                        $validator->errors()->add(
                            "sessions.$i.items.$j.effort", 'Enter the RPE, 0 to 10, for example 6.',
                        );
                    }
                    if (max([0, ...$amounts]) > LoggedSet::MAX_AMOUNT || count($amounts) > 20) {
                        $validator->errors()->add(
                            "sessions.$i.items.$j.amounts", 'Write the sets as numbers, for example 12 12 10.',
                        );
                    }
                }
                if ($done === 0) {
                    $validator->errors()->add("sessions.$i.done_on", 'Nothing is written below this day.');
                }
            }
        });
    }

    /** @return list<Found> oldest first */
    public function sessions(Plan $plan): array
    {
        $sessions = [];
        foreach ((array) $this->validated('sessions') as $column) {
            $column = is_array($column) ? $column : [];
            $int = static fn (string $key): ?int => is_numeric($column[$key] ?? null) ? (int) $column[$key] : null;
            $note = is_string($column['note'] ?? null) ? trim($column['note']) : '';
            $items = [];
            foreach (self::rows($column) as $row) {
                $item = is_numeric($row['item'] ?? null)
                    ? $plan->items->firstWhere('id', (int) $row['item'])
                    : null;
                if ($item instanceof PlanItem && self::amounts($row['amounts'] ?? '') !== []) {
                    $items[] = self::item($item, $row);
                }
            }
            $sessions[] = ['plan' => $plan, 'session' => [
                'done_on' => is_string($column['done_on'] ?? null) ? $column['done_on'] : '',
                'pain_before' => $int('pain_before'), 'pain_next_morning' => $int('pain_next_morning'),
                'stop_sign' => null, 'skipped' => null, 'note' => $note === '' ? null : $note,
            ], 'items' => $items];
        }
        usort($sessions, static fn (array $a, array $b): int => $a['session']['done_on'] <=> $b['session']['done_on']);

        return $sessions;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return array{item: int, sets: list<array<string, mixed>>, pain_during: int|null}
     */
    private static function item(PlanItem $item, array $row): array
    {
        $dose = PlanItemRow::dose($item);
        $load = Mass::typed($row['load_kg'] ?? null)?->grams;
        $sets = [];
        foreach (self::amounts($row['amounts'] ?? '') as $n => $amount) {
            // The sides take turns, in the order of the sheet.
            $side = $item->sides[$n % count($item->sides)];
            $own = $dose->on(Side::from($side));
            $sets[] = array_filter([
                $dose->kind->value => $amount, 'load_g' => $dose->pullN !== null ? null : $load ?? $own->loadG,
                'pull_n' => $dose->pullN === null ? null : $own->pullN,
                'effort' => is_numeric($row['effort'] ?? null) ? (float) $row['effort'] : 0.0, 'side' => $side,
            ], static fn (mixed $v): bool => $v !== null);
        }

        return [
            'item' => $item->id, 'sets' => $sets,
            'pain_during' => is_numeric($row['pain_during'] ?? null) ? (int) $row['pain_during'] : null,
        ];
    }

    /** @return array<array-key, array<array-key, mixed>> the boxes of a column */
    private static function rows(mixed $column): array
    {
        $rows = is_array($column) ? $column['items'] ?? [] : [];

        return array_filter(is_array($rows) ? $rows : [], is_array(...));
    }

    /** @return list<int> the numbers of a box */
    private static function amounts(mixed $written): array
    {
        preg_match_all('/\d+/', is_string($written) ? $written : '', $found);

        return array_map(intval(...), $found[0]);
    }
}
