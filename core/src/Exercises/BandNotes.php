<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\BandMaterial;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Units\Reason;

/** What to look out for in a band that is set up: its stretch, its cap, its care. */
final class BandNotes
{
    private const HOUSE = 'House convention, cautious';

    /** @return list<Reason> */
    public static function of(BandSetUp $setUp, BandUse $use, BandCap $cap): array
    {
        $notes = [...array_values([...self::stretch($setUp)]), ...array_values([...self::cap($setUp, $cap)])];
        $notes[] = self::note(
            'inspect',
            'Each time: look for nicks and thin places, a shut door that cannot open towards the pull, '
            .'nothing aimed at the face.',
        );
        if ($use->anchor === 'underfoot') {
            $notes[] = self::note('shoe', 'Under the full width of the shoe, never under socks or the toes alone.');
        }
        if ($use->placement !== 'hand') {
            $says = 'A soft pad under it on skin that cannot feel, and look at the skin afterwards.';
            $notes[] = self::note('skin', $says);
        }
        if ($setUp->kitBand->mayHoldLatex()) {
            $of = $setUp->kitBand->material === BandMaterial::Latex ? 'Made of latex' : 'May hold rubber thread, latex';
            $notes[] = self::note('latex', "$of: not for anyone with a latex allergy, nor for their helpers.");
        }

        return $notes;
    }

    /** @return iterable<Reason> */
    private static function stretch(BandSetUp $setUp): iterable
    {
        $start = $setUp->band->elongationPct($setUp->startMm);
        if ($start < Band::RECOMMENDED_START_PCT) {
            $says = 'Only %.0f %% stretched at the start: %.0f %% or more keeps it from going slack and snapping.';
            yield self::note('taut', sprintf($says, max(0, $start), Band::RECOMMENDED_START_PCT));
        }
        $end = $setUp->band->elongationPct($setUp->endMm);
        if ($end > $setUp->band->maxElongationPct * 0.9) {
            $says = 'Stretched to %.0f %% at the end, close to the %.0f %% that it may take.';
            yield self::note('overstretched', sprintf($says, $end, $setUp->band->maxElongationPct));
        }
    }

    /** @return iterable<Reason> */
    private static function cap(BandSetUp $setUp, BandCap $cap): iterable
    {
        $end = $setUp->band->force($setUp->endMm);
        if ($end !== null && $cap->isPassedBy($setUp)) {
            yield self::note('cap', sprintf(
                'At the end it pulls %s, over the cap of %s: %s', Mass::sayForce($end),
                Mass::sayForce((float) $cap->newtons), Phrase::within($cap->says),
            ), 'Envelope');
        }
    }

    private static function note(string $rule, string $says, string $source = self::HOUSE): Reason
    {
        return new Reason('kit', 'band.'.$rule, $says, $source);
    }
}
