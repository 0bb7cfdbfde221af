<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Vocabulary\Scope;

/** Every test is judged against the envelope first: a test can be out, or stop at a cap, and then has no norm. */
final class TestSafety
{
    /** The seconds at which this hold has to stop for this client; null when it is no hold or nothing caps it. */
    public static function cap(Test $test, Envelope $envelope): ?int
    {
        return $test->about()->hold ? $envelope->number(Field::HoldMaxS) : null;
    }

    /** What holds this test back for this client, in words; null when nothing does. */
    public static function of(Test $test, Envelope $envelope): ?string
    {
        $about = $test->about();
        $scope = new Scope($about->region);
        foreach ($about->needs as $word) {
            $limit = $envelope->avoids($word, $scope);
            if ($limit !== null) {
                return 'Not for this client now: '.lcfirst($limit->says);
            }
        }
        foreach ($about->eases as $ease) {
            $limit = $envelope->avoids($ease->of, $scope);
            if ($limit !== null) {
                return $ease->says.': '.lcfirst($limit->says);
            }
        }
        $hold = $envelope->tightest(Field::HoldMaxS);
        if ($about->hold && $hold !== null && is_int($hold->value)) {
            return sprintf(
                'Stop at %d s: %s A capped result is not compared with anything.', $hold->value, lcfirst($hold->says),
            );
        }

        return null;
    }
}
