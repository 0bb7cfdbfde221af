<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** When something is looked at, against the session. */
enum Moment: string
{
    case Before = 'before';
    case During = 'during';
    case After = 'after';
}
