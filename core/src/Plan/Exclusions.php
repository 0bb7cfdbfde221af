<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Vocabulary\Position;

/**
 * What the client or the clinician does not want: a family, a pattern, a position. Not a limit: who asks for the
 * exercise by hand gets it.
 */
final readonly class Exclusions
{
    /** Positions that may be ruled out by wish. */
    public const POSITIONS = [
        Position::Floor, Position::Kneeling, Position::Standing, Position::Prone, Position::SupineFlat,
        Position::ArmsOverhead,
    ];

    /**
     * @param  list<string>  $families
     * @param  list<Pattern>  $patterns
     * @param  list<Position>  $positions
     */
    public function __construct(
        public array $families = [],
        public array $patterns = [],
        public array $positions = [],
    ) {
    }

    /**
     * @param  list<string>  $codes  "step_lunge", "pattern:floor", "position:kneeling"
     *
     * @throws InvalidInput for what the catalogue or the vocabulary does not have
     */
    public static function read(array $codes, Catalogue $catalogue, string $pointer = '/exclude'): self
    {
        $families = $patterns = $positions = [];
        foreach ($codes as $i => $code) {
            [$kind, $word] = str_contains($code, ':') ? explode(':', $code, 2) : ['family', $code];
            $pattern = $kind === 'pattern' ? Pattern::tryFrom($word) : null;
            $position = $kind === 'position' ? Position::tryFrom($word) : null;
            if ($pattern !== null) {
                $patterns[] = $pattern;
            } elseif ($position !== null && in_array($position, self::POSITIONS, true)) {
                $positions[] = $position;
            } elseif ($kind === 'family' && $catalogue->has($word)) {
                $families[] = $word;
            } else {
                throw InvalidInput::at($pointer.'/'.$i, sprintf(
                    '"%s" is nothing that can be left out; for example: step_lunge, pattern:floor, position:kneeling.',
                    mb_substr($code, 0, 40),
                ), 'unknown_code');
            }
        }

        return new self(array_values(array_unique($families)), $patterns, $positions);
    }

    /** Why it is not wanted, in words; null when nothing speaks against it. */
    public function says(Family $family, Rung $rung): ?string
    {
        if (in_array($family->code, $this->families, true)) {
            return sprintf('%s is left out by wish.', $family->name);
        }
        if (in_array($family->pattern, $this->patterns, true)) {
            return sprintf('No %s, by wish.', $family->pattern->label());
        }
        foreach ($this->positions as $position) {
            if ($rung->demands->isIn($position)) {
                return sprintf('Not %s, by wish.', $position->label());
            }
        }

        return null;
    }

    /** @return list<string> */
    public function codes(): array
    {
        return [
            ...$this->families,
            ...array_map(static fn (Pattern $p): string => 'pattern:'.$p->value, $this->patterns),
            ...array_map(static fn (Position $p): string => 'position:'.$p->value, $this->positions),
        ];
    }
}
