<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Search;

/** By what a family can be found; what names it counts for more than what it touches. */
enum Kind: int
{
    case Name = 0;
    case Word = 1;
    case Machine = 2;
    case Purpose = 3;
    case Pattern = 4;
    case Muscle = 5;
    case Thing = 6;
    case About = 7;

    /** House weights: they only order what is found. */
    public function weight(): int
    {
        return match ($this) {
            self::Name => 100,
            self::Word => 98,
            self::Machine => 92,
            self::Purpose => 74,
            self::Pattern => 72,
            self::Muscle => 66,
            self::Thing => 58,
            self::About => 40,
        };
    }

    public function why(string $phrase): string
    {
        return match ($this) {
            self::Name => '',
            self::Word => $phrase,
            self::Machine => 'at home in place of the '.$phrase,
            self::Purpose => 'to '.$phrase,
            self::Pattern => $phrase,
            self::Muscle => 'trains the '.$phrase,
            self::Thing => 'with: '.$phrase,
            self::About => 'what it is for',
        };
    }
}
