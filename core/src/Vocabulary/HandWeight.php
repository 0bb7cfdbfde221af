<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** How much of the body the hands or forearms carry. */
enum HandWeight: string
{
    case None = 'none';
    /** A lean. */
    case Some = 'some';
    /** Enough that a lift limit asks how much. */
    case Full = 'full';
}
