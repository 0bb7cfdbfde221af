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

    private const DAYS = 3;

    public function findings(Arrival $at): iterable
    {
        $weight = $at->readings->body->weightKg;
        $before = self::before($at) ?? $at->client->usual->weightKg;
        $watched = $at->envelope->is(ConditionTrait::HoldsFluid);
        // Without an earlier reading nothing can be said; the gate says that it is unknown.
        if (! $watched || $weight === null || $before === null || round($weight - $before, 3) <= self::MOST_KG) {
            return;
        }
        $says = sprintf('Weight up %s.', Mass::say(($weight - $before) * 1000));
        $do = 'Hold the session and call the heart-failure team.';
        yield $at->says(Sign::NewBreathlessness, Sign::BreathlessAtRest)
            ? Finding::stop('gate.weight', $says, $do, 'AACVPR; ESC')
            : Finding::notToday('gate.weight', $says, $do, 'AACVPR; ESC');
    }

    /** The least of the last three days; null where nothing was weighed. */
    public static function before(Arrival $at): ?float
    {
        $recent = array_filter(
            $at->readings->weights,
            static fn (array $one): bool => $one['on']->daysTo($at->on) >= 1
                && $one['on']->daysTo($at->on) <= self::DAYS,
        );

        return $recent === [] ? null : min(array_column($recent, 'kg'));
    }

    /** Is weight watched, and nothing there to hold it against? */
    public static function isUnknown(Arrival $at): bool
    {
        return $at->envelope->is(ConditionTrait::HoldsFluid) && self::before($at) === null
            && $at->client->usual->weightKg === null;
    }
}
