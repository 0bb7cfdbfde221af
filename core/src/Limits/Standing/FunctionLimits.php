<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Standing;

use BuoyantStep\Core\Client\Home;
use BuoyantStep\Core\Client\Standing;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\StandingRules;

/** What the client can and cannot do by themselves. Unknown function is treated as unable until asked. */
final class FunctionLimits implements StandingRules
{
    public function limits(Facts $facts): array
    {
        $function = $facts->client->function;
        $rules = new Rules('function', 'House convention, cautious');
        if ($function->standing === null || $function->standing === Standing::None) {
            $rules->avoidPositions(['standing', 'long_static_standing'], $function->standing === null ? 'Standing has not been asked about: treated as unable.' : 'Cannot stand.');
            $rules->set(Field::SupportMin, 'seated', 'Seated work until standing is possible.');
        } elseif ($function->standing === Standing::Supported) {
            $rules->set(Field::SupportMin, 'one_hand', 'Stands only with support.');
        }
        if (! $function->canRiseFromFloor()) {
            $rules->avoidPositions(['floor'], match (true) {
                $function->floorTransfer === null => 'Getting up from the floor has not been asked about: treated as unable.',
                $function->home === Home::Alone || $function->home === null => 'Cannot get up from the floor alone, and is alone.',
                default => 'Cannot get up from the floor.',
            });
        }
        if ($facts->client->isFragile($facts->on)) {
            $rules->note('Fragile: at most two exercises step up in one session.');
        }

        return $rules->all();
    }

    public function crossings(Facts $facts): array
    {
        return [];
    }
}
