<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Vocabulary\Side;

/** A limit that a dose does not keep, and the part of the dose that breaks it. */
final readonly class Breach
{
    public function __construct(public DoseField $field, public Limit $limit)
    {
    }

    public function on(Side $side): self
    {
        return new self($this->field->on($side), $this->limit);
    }
}
