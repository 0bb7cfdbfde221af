<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

/** A home as far as exercise goes: what can be lifted there, and what it is like as a place. */
final readonly class House
{
    public Ladders $ladders;

    public function __construct(public Kit $kit = new Kit, public Place $place = new Place)
    {
        $this->ladders = new Ladders($kit);
    }
}
