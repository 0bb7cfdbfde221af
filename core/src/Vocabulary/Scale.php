<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** Words in an order from free to tight. */
interface Scale extends Word
{
    /** 0 for the freest; a larger number is tighter. Comparable within one scale only. */
    public function tightness(): int;
}
