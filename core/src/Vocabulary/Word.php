<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** A word that a limit may hold: how it is written in the open form, and how a clinician reads it. */
interface Word
{
    public function code(): string;

    public function label(): string;
}
