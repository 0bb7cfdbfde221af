<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Watched;

/**
 * What the check before a session asks a client who is alone with it: only what their limits want to be watched, how
 * they feel, where it hurts, and their red flags.
 */
final readonly class Asked
{
    /** Everybody is asked these. */
    private const FEELING = [Seen::Unwell, Seen::SleptBadly];

    /**
     * @param  list<Vital>  $numbers  in the order they are asked for
     * @param  list<Seen>  $seen
     * @param  list<Sign>  $signs
     */
    private function __construct(public array $numbers, public array $seen, public array $signs)
    {
    }

    public static function of(Envelope $envelope): self
    {
        $seen = array_filter(Seen::cases(), static fn (Seen $s): bool => in_array($s, self::FEELING, true)
            || self::wants($envelope, $s) || (
                // A pulse is felt where it is counted.
                $s === Seen::IrregularPulse && self::wants($envelope, Vital::HeartRate)
            ));
        $numbers = array_filter(Vital::cases(), static fn (Vital $v): bool => $v === Vital::Pain
            || self::wants($envelope, $v)
            // Ketones are tested where glucose is, once it is high.
            || ($v === Vital::Ketones && self::wants($envelope, Vital::Glucose)));

        return new self(array_values($numbers), array_values($seen), $envelope->signsToAsk());
    }

    /** Does a limit of this client want this to be looked at before each session? */
    public static function wants(Envelope $envelope, Vital|Seen $what): bool
    {
        $watched = $what->watched();

        return match ($what) {
            Vital::SystolicStanding, Vital::DiastolicStanding => $envelope->is(ConditionTrait::DropsOnStanding),
            default => $watched !== null && $envelope->watch($watched, Moment::Before) !== null,
        };
    }
}
