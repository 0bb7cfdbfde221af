<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Always;

use BuoyantStep\Core\Limits\AlwaysRules;
use BuoyantStep\Core\Limits\AlwaysSo;
use BuoyantStep\Core\Limits\Conditions\FallsRiskHigh;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Measures\Tests\FourStage;
use BuoyantStep\Core\Measures\Tests\OneLegStand;
use BuoyantStep\Core\Measures\Tests\Tandem;
use BuoyantStep\Core\Measures\Tests\TimedUpAndGo;
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Vision;

/**
 * What the balance tests and a fall in the year say, whether or not a falls risk was entered: a hand on something
 * fixed, eyes open.
 */
final class BalanceMeasures implements AlwaysRules
{
    use AlwaysSo;

    public const RULE = 'measures';

    public function code(): string
    {
        return self::RULE;
    }

    public function label(): string
    {
        return 'Measures';
    }

    public function limits(Facts $facts): Rules
    {
        $rules = new Rules(self::RULE, 'CDC STEADI; Vellas 1997');
        $found = self::findings($facts);
        if ($found !== []) {
            $says = implode(', ', $found).': ';
            $rules->bind(Support::OneHand, Binds::Balance, $says.'one hand on something fixed for balance work.')
                ->set(Field::Vision, Vision::EyesOpen, $says.'eyes open.');
        }

        return $rules;
    }

    /** @return list<string> what asks whether high falls risk belongs on the screen; nothing once it is there */
    public static function ask(Facts $facts): array
    {
        return $facts->client->hasInForce(FallsRiskHigh::CODE, $facts->on) ? [] : self::findings($facts);
    }

    /** @return list<string> the measures and the fall that warn of falls, in words */
    public static function findings(Facts $facts): array
    {
        $tandem = $facts->measures->value(new Tandem);
        $stages = $facts->measures->value(new FourStage);
        $walk = $facts->measures->value(new TimedUpAndGo);
        $leg = $facts->measures->weakest(new OneLegStand);

        return array_values(array_filter([
            $tandem !== null && $tandem < Tandem::FLAG_S ? sprintf('Tandem held %d s', (int) $tandem) : null,
            $stages !== null && $stages < FourStage::TANDEM_STAGE ? 'Tandem stage not held' : null,
            $walk !== null && $walk >= TimedUpAndGo::FLAG_S ? sprintf('Timed up and go %.1f s', $walk) : null,
            $leg !== null && $leg < OneLegStand::FLAG_S ? sprintf('One-leg stance %d s', (int) $leg) : null,
            $facts->client->function->fallenInYear === true ? 'A fall in the last year' : null,
        ]));
    }
}
