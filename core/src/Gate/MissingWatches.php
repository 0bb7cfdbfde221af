<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Watched;

/** What was not entered: a session waits for a binding watch and is lighter without another; the rest is said. */
final class MissingWatches implements Check
{
    /** What the page asks for, in its order. */
    private const ASKED = [
        Watched::BloodPressure, Watched::HeartRate, Watched::Saturation, Watched::Glucose, Watched::Weight,
        Watched::Temperature, Watched::Skin, Watched::LimbGirth,
    ];

    public function findings(Arrival $at): iterable
    {
        foreach (self::ASKED as $what) {
            $limit = $at->readings->has($what) ? null : $at->envelope->watch($what, Moment::Before);
            if ($limit === null) {
                continue;
            }
            $says = ucfirst($what->asked()).' is not entered, and is asked for before each session.';
            $do = 'Enter '.$what->asked().'.';
            yield $at->envelope->waitsFor($what, Moment::Before)
                ? Finding::wait('gate.missing', $says, $do, null, $limit->source)
                : Finding::lighter('gate.missing', $says, $do.' Until then lighter.', $limit->source);
        }
    }

    /** @return list<string> what nobody asked for and nobody entered */
    public static function unknown(Arrival $at): array
    {
        $unknown = array_filter(self::ASKED, static fn (Watched $what): bool => ! $at->readings->has($what)
            && $at->envelope->watch($what, Moment::Before) === null);

        return array_values(array_map(static fn (Watched $what): string => $what->asked(), $unknown));
    }
}
