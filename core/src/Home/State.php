<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Vocabulary\Sign;

/**
 * What else may stand beside an answer: another question left open, told, answered by yes or no, or a sign.
 *
 * @phpstan-import-type Answers from Probe
 */
final readonly class State
{
    /** @param  list<Sign>  $signs */
    private function __construct(public string $kind, public string $of, public array $signs = [])
    {
    }

    public static function is(string $field, bool $answer): self
    {
        return new self($answer ? 'yes' : 'no', $field);
    }

    public static function open(string $field): self
    {
        return new self('open', $field);
    }

    public static function told(string $field): self
    {
        return new self('told', $field);
    }

    /** @param  list<Sign>  $signs */
    public static function any(array $signs): self
    {
        return new self('any', implode(',', array_column($signs, 'value')), $signs);
    }

    /** @param  list<Sign>  $signs */
    public static function none(array $signs): self
    {
        return new self('none', implode(',', array_column($signs, 'value')), $signs);
    }

    /**
     * @param  Answers  $answers  so far
     * @param  Answers  $well  an answer to each question that says nothing
     * @return Answers
     */
    public function answer(array $answers, array $well): array
    {
        return match ($this->kind) {
            'yes' => [...$answers, $this->of => true],
            'no' => [...$answers, $this->of => false],
            'told' => [...$answers, $this->of => $well[$this->of]],
            'any' => [...$answers, 'signs' => [...self::signsOf($answers), ...$this->signs]],
            default => $answers,
        };
    }

    /**
     * @param  Answers  $answers
     * @return list<Sign>
     */
    private static function signsOf(array $answers): array
    {
        $signs = $answers['signs'] ?? [];

        return is_array($signs) ? $signs : [];
    }

    public function when(): When
    {
        return match ($this->kind) {
            'yes' => When::is($this->of, true),
            'no' => When::is($this->of, false),
            'open' => When::open($this->of),
            'told' => When::told($this->of),
            'any' => When::any(array_column($this->signs, 'value')),
            default => When::none(array_column($this->signs, 'value')),
        };
    }
}
