<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

/** What a value is held against, the flag it raises, and what follows from it. */
final readonly class Norm
{
    /**
     * @param  string  $says  the norm in words
     * @param  string|null  $flag  what the value warns of; null inside the norm
     * @param  string|null  $derived  what was computed from the value
     */
    public function __construct(public string $says, public ?string $flag = null, public ?string $derived = null)
    {
    }

    /** Nothing published to compare with: the client's own earlier results. */
    public static function ownBaseline(): self
    {
        return new self('own baseline');
    }
}
