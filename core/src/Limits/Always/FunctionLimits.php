<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Always;

use BuoyantStep\Core\Client\Cognition;
use BuoyantStep\Core\Client\FloorTransfer;
use BuoyantStep\Core\Client\FunctionStatus;
use BuoyantStep\Core\Client\Home;
use BuoyantStep\Core\Client\LimbUse;
use BuoyantStep\Core\Client\Standing;
use BuoyantStep\Core\Client\Trunk;
use BuoyantStep\Core\Limits\AlwaysRules;
use BuoyantStep\Core\Limits\AlwaysSo;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Part;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Supervision;
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
            $rules->bind(Support::Seated, Binds::Standing, 'Seated work until standing is possible.');
        } elseif ($function->standing === Standing::Supported) {
            $rules->bind(Support::OneHand, Binds::Standing, 'Stands only with support.');
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
        $this->limbs($function, $rules);
        $this->trunk($function, $rules);
        if (! $function->canLieDown()) {
            $rules->avoidPositions(
                [
                    Position::SupineFlat, Position::SupineRaised, Position::Prone, Position::SideLying,
                    Position::SideLyingLeft, Position::SideLyingRight,
                ],
                $function->bedTransfer === FloorTransfer::None
                    ? 'Cannot get into bed and out of it.'
                    : 'Needs help into bed and out of it, and is alone.',
            );
        }
        if ($facts->is(ConditionTrait::UsesWheels) && $function->wheelchair?->antiTip !== true) {
            $rules->note('Anti-tip bars: none, or not asked about. Nothing that pulls the chair backwards.');
        }
        if ($facts->is(ConditionTrait::UsesWheels) && $function->wheelchair?->footplate !== false) {
            $rules->note(
                'Footplate: swing it away before the feet push down or the trunk leans out over it; '
                .'weight on it tips the chair.',
            );
        }
        if ($facts->is(ConditionTrait::Fragile)) {
            $rules->note('Fragile: at most two exercises step up in one session.');
        }

        return $rules;
    }

    /** A limb without active movement moves nothing; a weak one is trained, not excused. */
    private function limbs(FunctionStatus $function, Rules $rules): void
    {
        foreach ([Part::Arm, Part::Leg] as $limb) {
            foreach ([Side::Left, Side::Right] as $side) {
                if ($function->limbs->use($limb, $side) === LimbUse::None) {
                    $rules->within(new Scope($limb->region(), $side))->set(
                        Field::AvoidParts, $limb,
                        sprintf('The %s %s has no active movement.', $side->value, $limb->label()),
                    );
                }
            }
        }
        $rules->everywhere();
    }

    private function trunk(FunctionStatus $function, Rules $rules): void
    {
        if ($function->trunk === Trunk::None) {
            $rules->set(Field::AvoidParts, Part::Trunk, 'The trunk cannot hold itself.');
        }
        if ($function->trunk === Trunk::None || $function->trunk === Trunk::Poor) {
            $rules->set(Field::AvoidParts, Part::Sitting, 'Trunk control is poor: a belt round trunk and chair.');
        }
        if ($function->cognition === Cognition::NeedsSimple) {
            $rules->bind(
                Supervision::SomeoneHome, Binds::Balance,
                'Needs simple steps: hands-free balance work only with someone at home.',
            )->note('One simple step at a time; pictures, few exercises.');
        }
    }
}
