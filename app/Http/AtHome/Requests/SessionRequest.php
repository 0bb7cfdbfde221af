<?php

declare(strict_types=1);

namespace App\Http\AtHome\Requests;

use App\Actions\TakeFromHome;
use App\Http\Clinic\Requests\DayRule;
use BuoyantStep\Core\Home\HowHard;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Sign;
use Illuminate\Validation\Rule;

/**
 * A session as a phone led through it.
 *
 * @phpstan-import-type Told from TakeFromHome
 * @phpstan-import-type Done from TakeFromHome
 */
final class SessionRequest extends HomeRequest
{
    /** A phone may have been off for so long, days. House convention. */
    private const DAYS_BACK = 60;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $today = $this->client()->clinic->today();

        return [
            'key' => ['required', 'uuid'], 'plan_id' => ['required', 'integer', 'between:1,9000000000000000'],
            'done_on' => ['required', DayRule::between($today->plus(-self::DAYS_BACK), $today, $today)],
            'lighter' => ['required', 'boolean'],
            'pain_before' => ['nullable', 'integer', 'between:0,10'],
            'pain_after' => ['nullable', 'integer', 'between:0,10'],
            'pain_where' => ['nullable', 'string', 'max:120'],
            'whole' => ['nullable', Rule::in(['as_usual', 'harder', 'easier'])],
            'note' => ['nullable', 'string', 'max:300'],
            'stop_sign' => ['nullable', Rule::enum(Sign::class)],
            'skipped' => ['nullable', 'string', 'max:150'],
            'items' => ['present', 'array', 'max:30'],
            'items.*.item' => ['required', 'integer', 'distinct', 'between:1,9000000000000000'],
            'items.*.sets' => ['present', 'array', 'max:40'],
            'items.*.sets.*.amount' => ['required', 'integer', 'between:0,'.LoggedSet::MAX_AMOUNT],
            'items.*.sets.*.side' => ['required', Rule::enum(Side::class)],
            'items.*.sets.*.how' => ['nullable', Rule::enum(HowHard::class)],
            'items.*.pain' => ['nullable', 'integer', 'between:0,10'],
            'items.*.where' => ['nullable', 'string', 'max:80'],
            'items.*.instead' => ['nullable', 'string', 'max:120'],
            'items.*.left_out' => ['nullable', 'boolean'],
            'items.*.easy' => ['nullable', 'boolean'],
        ];
    }

    /** @return Told */
    public function told(): array
    {
        return [
            'done_on' => $this->string('done_on')->value(), 'lighter' => $this->boolean('lighter'),
            'pain_before' => $this->whole('pain_before'), 'pain_after' => $this->whole('pain_after'),
            'pain_where' => $this->text('pain_where'), 'whole' => $this->text('whole'), 'note' => $this->text('note'),
            'stop_sign' => $this->text('stop_sign'), 'skipped' => $this->text('skipped'),
        ];
    }

    /** @return list<Done> */
    public function done(): array
    {
        return array_values(array_map(static function (mixed $row): array {
            $row = is_array($row) ? $row : [];
            $text = static fn (string $key): ?string => is_string($row[$key] ?? null) && trim($row[$key]) !== ''
                ? trim($row[$key]) : null;

            return [
                'item' => self::number($row['item'] ?? null) ?? 0,
                'sets' => array_values(array_map(self::set(...), array_filter((array) $row['sets'], is_array(...)))),
                'pain' => self::number($row['pain'] ?? null), 'where' => $text('where'), 'instead' => $text('instead'),
                'left_out' => filter_var($row['left_out'] ?? false, FILTER_VALIDATE_BOOL),
                'easy' => filter_var($row['easy'] ?? false, FILTER_VALIDATE_BOOL),
            ];
        }, (array) $this->validated('items')));
    }

    /**
     * @param  array<array-key, mixed>  $set
     * @return array{amount: int, side: string, how: string|null}
     */
    private static function set(array $set): array
    {
        return [
            'amount' => self::number($set['amount'] ?? null) ?? 0,
            'side' => is_string($set['side'] ?? null) ? $set['side'] : Side::Both->value,
            'how' => is_string($set['how'] ?? null) ? $set['how'] : null,
        ];
    }

    private static function number(mixed $value): ?int
    {
        return is_numeric($value) ? (int) $value : null;
    }
}
