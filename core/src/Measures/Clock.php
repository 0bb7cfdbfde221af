<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

/** What helps the one who watches a test. */
enum Clock: string
{
    case None = 'none';
    case Stopwatch = 'stopwatch';
    /** Counts down 30 s, and counts taps. */
    case Count30 = 'count30';
}
