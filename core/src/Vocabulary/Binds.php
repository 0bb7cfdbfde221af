<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** Which exercises a support, or somebody beside the client, is asked for in. */
enum Binds: string
{
    /** All that are done standing. */
    case Standing = 'standing';

    /** Those done standing whose balance challenge is 2 or more. */
    case Balance = 'balance_2';

    /** Those that load one leg. */
    case SingleLeg = 'single_leg';

    public function label(): string
    {
        return match ($this) {
            self::Standing => 'standing',
            self::Balance => 'balance work',
            self::SingleLeg => 'work on one leg',
        };
    }
}
