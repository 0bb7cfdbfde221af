<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

/** What grows first: the question that a clinic answers with a school of progression. */
final class Progression
{
    public const QUESTION = 'progression';
}
