<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Needs;

use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Exercises\Purpose;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Vocabulary\ConditionTrait;

/** The patterns that every programme has, most important first. House order after the clinician's practice. */
final class Cover
{
    /** Without these and a rise it is no whole programme: they come before a second exercise for any need. */
    private const MAIN = [Pattern::Pull, Pattern::Push];

    /** @return list<Need> */
    public static function main(Situation $situation): array
    {
        // Standing balance is nobody's affair who rolls; for all others it is main from 65 on (ACSM).
        $balance = $situation->client->age($situation->on) >= 65 ? [Pattern::Balance] : [];

        return array_map(self::need(...), [...self::MAIN, ...$balance]);
    }

    /** @return list<Need> all that a programme may hold beside the warm-up and the stretches after it */
    public static function rest(Situation $situation): array
    {
        $patterns = array_filter(
            Pattern::cases(), static fn (Pattern $p): bool => ! in_array($p, [Pattern::March, Pattern::Mobility], true),
        );
        $late = $situation->envelope->is(ConditionTrait::ShortOfBreath) ? [Pattern::Overhead->value] : [];
        usort($patterns, static fn (Pattern $a, Pattern $b): int => [
            in_array($a->value, $late, true), $a->priority(),
        ] <=> [in_array($b->value, $late, true), $b->priority()]);

        return array_map(self::need(...), $patterns);
    }

    public static function need(Pattern $pattern): Need
    {
        return new Need(
            NeedKind::Cover, $pattern->value, ucfirst($pattern->label()),
            $pattern === Pattern::March ? 'as the warm-up' : 'to cover '.$pattern->label(),
            [new Slot($pattern)], 'House convention',
        );
    }

    public static function coolDown(): Need
    {
        return new Need(
            NeedKind::Cover, 'cool_down', 'Cool-down', 'as the cool-down',
            [new Slot(Pattern::Mobility, Purpose::CoolDown)], 'ACSM Guidelines, 11th ed.',
        );
    }
}
