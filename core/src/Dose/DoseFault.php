<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

/** What keeps a dose out, and the part of the dose that it is about. */
final readonly class DoseFault
{
    public function __construct(public DoseField $field, public string $says)
    {
    }
}
