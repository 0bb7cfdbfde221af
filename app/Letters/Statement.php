<?php

declare(strict_types=1);

namespace App\Letters;

/** One thing that the record says, and the page that shows it. */
final readonly class Statement
{
    /**
     * @param  string  $at  what the page is called
     * @param  string  $path  of the page, below the client
     */
    public function __construct(public string $says, public string $at, public string $path)
    {
    }
}
