<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;
use BuoyantStep\Core\Measures\Tests\FourStage;
use BuoyantStep\Core\Measures\Tests\Tandem;
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Supervision;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Surface;
use BuoyantStep\Core\Vocabulary\Vision;

/** High falls risk: something fixed to hold, firm ground, eyes open. */
final class FallsRiskHigh implements ConditionRules
{
    use WithoutCrossings;

    public const CODE = 'falls_risk_high';

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            self::CODE, 'High falls risk', group: ConditionGroup::AgeAndFalls,
            traits: [ConditionTrait::Falls, ConditionTrait::Fragile],
            words: ['falls', 'faller', 'unsteady'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $tandem = $facts->measures->value(new Tandem);
        $stages = $facts->measures->value(new FourStage);
        // Both may have been tested; the worse one counts.
        $steady =
            ($tandem !== null || $stages !== null) &&
            ($tandem === null || $tandem >= Tandem::FLAG_S) &&
            ($stages === null || $stages >= FourStage::TANDEM_STAGE);
        $rules = (new Rules(self::CODE, 'CDC STEADI'))
            ->bind(
                $steady ? Support::Fingertip : Support::OneHand, Binds::Balance,
                $steady
                    ? 'Tandem held 10 s: fingertips on something fixed for balance work.'
                    : ($stages !== null && $stages < FourStage::TANDEM_STAGE
                        ? 'Tandem stage not held: one hand on something fixed for balance work.'
                        : ($tandem === null
                            ? 'Tandem not measured: one hand on something fixed for balance work.'
                            : sprintf(
                                'Tandem held %d s: one hand on something fixed for balance work.',
                                (int) $tandem,
                            ))),
            )
            ->set(Field::SurfaceMax, Surface::Firm, 'Firm floor, shoes on.')
            ->set(Field::Vision, Vision::EyesOpen, 'Eyes open.')
            ->bind(Support::Fingertip, Binds::SingleLeg, 'No free standing on one leg under load.')
            ->bind(
                Supervision::SomeoneHome, Binds::Balance,
                'Hands-free balance work only with someone at home; alone with a hand on something fixed.',
            );
        if (! $facts->client->function->canRiseFromFloor()) {
            $rules->avoidPositions(
                [Position::Floor],
                'Falls risk and cannot rise from the floor without help at hand.',
            );
        }

        return $rules;
    }
}
