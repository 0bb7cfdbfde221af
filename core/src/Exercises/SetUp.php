<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Kit\Thing;

/** What a rung needs around it, and how it is made ready. */
final readonly class SetUp
{
    /**
     * @param  list<Thing>  $equipment
     * @param  int  $seconds  to make it ready, 0 to 600
     * @param  bool  $alone  can the client do that alone?
     */
    public function __construct(public array $equipment, public string $says, public int $seconds, public bool $alone)
    {
    }
}
