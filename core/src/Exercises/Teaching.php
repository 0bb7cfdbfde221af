<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

/** What is said to whoever learns a rung. */
final readonly class Teaching
{
    /**
     * @param  list<string>  $cues
     * @param  list<string>  $mistakes
     * @param  list<string>  $muscles
     */
    public function __construct(
        public array $cues,
        public array $mistakes,
        public string $tooHardIf,
        public string $tooEasyIf,
        public string $feel,
        public array $muscles,
    ) {
    }
}
