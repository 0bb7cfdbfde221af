<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Measures\TestAbout;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Scope;

/** Every test is judged against the envelope first: a test can be out, or stop at a cap, and then has no norm. */
final class TestSafety
{
    /** The seconds at which this hold has to stop for this client; null when it is no hold or nothing caps it. */
    public static function cap(Test $test, Envelope $envelope): ?int
    {
        return $test->about()->hold ? $envelope->number(Field::HoldMaxS) : null;
    }

    /** The RPE at which this test ends for this client; null where it asks for none, or nothing holds it lower. */
    public static function effort(Test $test, Envelope $envelope): ?int
    {
        $most = $envelope->effortMax();

        return $test->about()->effort > 0 && $most < 10 ? $most : null;
    }

    /**
     * What holds this test back for this client, in words; null when nothing does.
     *
     * @param  string|null  $clearance  what is missing of a clearance that holds a plan back; null when nothing is
     */
    public static function of(Test $test, Envelope $envelope, ?string $clearance = null): ?string
    {
        $about = $test->about();
        $out = self::out($about, $envelope);
        if ($out !== null) {
            return 'Not for this client now: '.Phrase::within($out->says);
        }
        if ($clearance !== null && $about->effort > 0) {
            return 'Not before it is cleared: '.Phrase::within($clearance);
        }
        foreach ($about->eases as $ease) {
            $limit = $envelope->avoids($ease->of, self::place($ease->of));
            if ($limit !== null) {
                return $ease->says.': '.Phrase::within($limit->says);
            }
        }
        $hold = $envelope->tightest(Field::HoldMaxS);
        if ($about->hold && $hold !== null && is_int($hold->value)) {
            return sprintf(
                'Stop at %d s: %s A capped result is not compared with anything.',
                $hold->value,
                Phrase::within($hold->says),
            );
        }

        return null;
    }

    /** The limit that leaves nothing of it: clearance, a position, a motion, the effort, the support or the load. */
    private static function out(TestAbout $about, Envelope $envelope): ?Limit
    {
        $withheld = $envelope->tightest(Field::Clearance);
        if ($withheld?->value === Clearance::Withheld) {
            return $withheld;
        }
        foreach ($about->needs as $word) {
            $limit = $envelope->avoids($word, self::place($word));
            if ($limit !== null) {
                return $limit;
            }
        }
        $effort = $envelope->tightest(Field::EffortMax);
        if (is_int($effort?->value) && $effort->value < $about->effort) {
            return $effort;
        }
        foreach ($about->handsFree ? $envelope->binding(Field::SupportMin) : [] as $limit) {
            if ($limit->binds === Binds::Standing) {
                return $limit;
            }
        }
        foreach ($about->takesLoad ? [Field::LiftMaxG, Field::LoadPctMax] : [] as $field) {
            $none = $envelope->tightest($field, new Scope($about->region));
            if ($none?->value === 0) {
                return $none;
            }
        }

        return null;
    }

    private static function place(Position|Motion $word): Scope
    {
        return new Scope($word instanceof Motion ? $word->joint() : $word->part());
    }
}
