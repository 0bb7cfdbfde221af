<?php

declare(strict_types=1);

namespace App\Http\Clinic\Requests;

use App\Editing\MassFields;
use App\Models\User;
use BuoyantStep\Core\Units\Day;
use Illuminate\Foundation\Http\FormRequest;

/** What the forms of a clinic share: its own calendar day, and numbers as they are typed in any country. */
abstract class ClinicRequest extends FormRequest
{
    /** Who may send what is said by the routes' policies. */
    public function authorize(): bool
    {
        return true;
    }

    /** Today where the clinic is, whatever day the server or the browser has. */
    protected function today(): Day
    {
        $user = $this->user();
        abort_unless($user instanceof User, 403);

        return $user->clinic->today();
    }

    /** @return list<string> fields that hold a number with decimals; a star for each entry of a list */
    protected function decimals(): array
    {
        return [];
    }

    protected function prepareForValidation(): void
    {
        $input = MassFields::read($this->all());
        foreach ($this->decimals() as $path) {
            $input = self::withDecimal($input, explode('.', $path));
        }
        $this->merge($input);
    }

    /** "2,5" as "2.5". A comma is the decimal sign of half the world; what is no number stays as it was typed. */
    public static function decimal(mixed $typed): mixed
    {
        return is_string($typed) && preg_match('/^\s*[+-]?\d{1,9},\d{1,6}\s*$/', $typed) === 1
            ? str_replace(',', '.', trim($typed))
            : $typed;
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @param  list<string>  $path
     * @return array<array-key, mixed>
     */
    private static function withDecimal(array $values, array $path): array
    {
        [$key, $rest] = [$path[0], array_slice($path, 1)];
        foreach ($key === '*' ? array_keys($values) : array_intersect([$key], array_keys($values)) as $at) {
            $values[$at] = match (true) {
                $rest === [] => self::decimal($values[$at]),
                is_array($values[$at]) => self::withDecimal($values[$at], $rest),
                default => $values[$at],
            };
        }

        return $values;
    }
}
