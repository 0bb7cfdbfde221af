<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress\OverTime;

use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Side;

/** What one exercise came to in one session, on one side. */
final readonly class SessionPoint
{
    /**
     * @param  int  $sets  how many
     * @param  int  $best  the largest amount of one set, of what the dose counts
     * @param  int  $total  all sets together
     * @param  int|null  $loadG  the heaviest load or pull of a set, grams; null where none was recorded
     * @param  int|null  $liftedG  with the share of the body that is lifted; null where nothing is
     * @param  float|null  $movedKg  load times amount over all sets, kilograms: the volume; null without a load
     * @param  float  $effort  the mean over the sets, 0 to 10
     * @param  int|null  $pain  during, 0 to 10
     * @param  array{grams: int, lo: int, hi: int}|null  $max  estimated 1RM of the best set, with its band, grams of
     *     all that is lifted
     */
    public function __construct(
        public Day $on,
        public Side $side,
        public DoseKind $kind,
        public int $sets,
        public int $best,
        public int $total,
        public ?int $loadG,
        public ?int $liftedG,
        public ?float $movedKg,
        public float $effort,
        public ?int $pain,
        public ?array $max,
    ) {
    }
}
