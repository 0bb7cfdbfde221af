<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Actions\Refusal;
use BuoyantStep\Core\Kit\WornOn;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\GripClass;
use Illuminate\Validation\ValidationException;

/** One line of a kit file, read column by column; an error names the line. */
final readonly class KitLine
{
    /** @param  array<array-key, mixed>  $cells */
    public function __construct(private int $number, private array $cells)
    {
    }

    public function label(): string
    {
        $label = mb_substr($this->cell('label'), 0, 80);
        if ($label === '') {
            throw $this->wrong('label', 'needs a name, for example Can 400 g');
        }

        return $label;
    }

    public function grip(): string
    {
        return $this->word('grip', GripClass::Power->value, array_column(GripClass::cases(), 'value'));
    }

    public function wornOn(WornOn $usual): string
    {
        return $this->word('worn_on', $usual->value, array_column(WornOn::cases(), 'value'));
    }

    /** @param  list<string>  $words */
    public function word(string $column, string $default, array $words): string
    {
        $cell = mb_strtolower($this->cell($column));
        if ($cell === '') {
            return $default;
        }
        if (! in_array($cell, $words, true)) {
            throw $this->wrong($column, 'must be one of '.implode(', ', $words));
        }

        return $cell;
    }

    public function yes(string $column, bool $default): bool
    {
        return match (mb_strtolower($this->cell($column))) {
            '' => $default,
            'yes', 'y', '1', 'true' => true,
            'no', 'n', '0', 'false' => false,
            default => throw $this->wrong($column, 'must be yes or no'),
        };
    }

    public function whole(string $column, int $default, int $least, int $most): int
    {
        $cell = $this->cell($column);
        if ($cell === '') {
            return $default;
        }
        if (! ctype_digit($cell) || (int) $cell < $least || (int) $cell > $most) {
            throw $this->wrong($column, sprintf('must be a whole number from %d to %d', $least, $most));
        }

        return (int) $cell;
    }

    public function grams(string $column, float $least, ?float $default = null): int
    {
        // Spreadsheets in many countries write a decimal comma.
        $cell = str_replace(',', '.', $this->cell($column));
        if ($cell === '' && $default !== null) {
            return Mass::typed($default)->grams ?? 0;
        }
        if (! is_numeric($cell) || (float) $cell < $least || (float) $cell > 100) {
            throw $this->wrong($column, 'must be kilograms up to 100, for example 0.48');
        }

        return Mass::typed($cell)->grams ?? 0;
    }

    private function cell(string $column): string
    {
        $cell = $this->cells[$column] ?? '';

        return is_scalar($cell) ? trim((string) $cell) : '';
    }

    private function wrong(string $column, string $says): ValidationException
    {
        return Refusal::at('file', sprintf('Line %d: %s %s. Nothing was added.', $this->number, $column, $says));
    }
}
