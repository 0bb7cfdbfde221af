<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Always;

use BuoyantStep\Core\Client\Home;
use BuoyantStep\Core\Client\Standing;
use BuoyantStep\Core\Limits\AlwaysRules;
use BuoyantStep\Core\Limits\AlwaysSo;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Support;

/** What the client can and cannot do by themselves. Unknown function is treated as unable until asked. */
final class FunctionLimits implements AlwaysRules
{
    use AlwaysSo;

    public const RULE = 'function';

    public function code(): string
    {
        return self::RULE;
    }

    public function label(): string
    {
        return 'Function';
    }

    public function limits(Facts $facts): Rules
    {
        $function = $facts->client->function;
        $rules = new Rules(self::RULE, 'House convention, cautious');
        if ($function->standing === null || $function->standing === Standing::None) {
            $rules->avoidPositions(
                [Position::Standing, Position::LongStaticStanding],
                $function->standing === null
                    ? 'Standing has not been asked about: treated as unable.'
                    : 'Cannot stand.',
            );
            $rules->set(Field::SupportMin, Support::Seated, 'Seated work until standing is possible.');
        } elseif ($function->standing === Standing::Supported) {
            $rules->set(Field::SupportMin, Support::OneHand, 'Stands only with support.');
        }
        if (! $function->canRiseFromFloor()) {
            $rules->avoidPositions([Position::Floor], match (true) {
                $function->floorTransfer === null => 'Getting up from the floor has not been asked about: treated as '
                    .'unable.',
                $function->home === Home::Alone
                    || $function->home === null => 'Cannot get up from the floor alone, and is alone.',
                default => 'Cannot get up from the floor.',
            });
        }
        if ($facts->is(ConditionTrait::Fragile)) {
            $rules->note('Fragile: at most two exercises step up in one session.');
        }

        return $rules;
    }
}
