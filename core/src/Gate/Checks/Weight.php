<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Sign;

/** Weight that goes up fast, where fluid is watched for. */
final class Weight implements Check
{
    private const MOST_KG = 2;

    public function findings(Arrival $at): iterable
    {
        $weight = $at->readings->body->weightKg;
        $usual = $at->client->usual->weightKg;
        $watched = $at->envelope->is(ConditionTrait::HoldsFluid);
        if (! $watched || $weight === null || $usual === null || $weight - $usual <= self::MOST_KG) {
            return;
        }
        $says = sprintf('Weight up %s.', Mass::say(($weight - $usual) * 1000));
        $do = 'Hold the session and call the heart-failure team.';
        yield $at->says(Sign::NewBreathlessness, Sign::BreathlessAtRest)
            ? Finding::stop('gate.weight', $says, $do, 'AACVPR; ESC')
            : Finding::notToday('gate.weight', $says, $do, 'AACVPR; ESC');
    }
}
