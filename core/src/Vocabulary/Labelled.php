<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

use BackedEnum;

/** A word that somebody chooses from a list: how it is written down, and how it is read. */
interface Labelled extends BackedEnum
{
    public function label(): string;
}
