<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Client\Grip;
use BuoyantStep\Core\Client\GripAid;

/** The ladders of one kit, each worked out once and as far as anybody asked. */
final class Ladders
{
    /** @var array<string, array{int, Ladder}> how far each was worked out, and the ladder */
    private array $ladders = [];

    public function __construct(private readonly Kit $kit)
    {
    }

    /**
     * Every load that this hand can make and hold in this way, at least up to so many grams.
     *
     * @param  list<GripAid>  $aids
     */
    public function of(Holding $holding, Grip $hand, array $aids, int $topG): Ladder
    {
        $key = $holding->value.':'.$hand->value.':'.implode(',', array_column($aids, 'value'));
        if (($this->ladders[$key][0] ?? -1) < $topG) {
            $this->ladders[$key] = [$topG, MakeableLoads::ladder($this->kit, $holding, $topG, null, $hand, $aids)];
        }

        return $this->ladders[$key][1];
    }
}
