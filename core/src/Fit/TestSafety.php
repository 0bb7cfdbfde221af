<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Measures\Test;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;

/** Every test is judged against the envelope first: a test can be out, or stop at a cap, and then has no norm. */
final class TestSafety
{
    private const STANDING = [
        Test::ChairStand, Test::FiveChairStands, Test::Tandem, Test::FourStage, Test::OneLegStand, Test::TimedUpAndGo,
        Test::HeelRaise, Test::WallSit, Test::PressureDrop, Test::AnkleRange, Test::TransferHeight,
    ];

    private const HOLDS = [Test::WallSit, Test::FrontPlank, Test::SidePlank];

    /** The seconds at which this hold has to stop for this client; null when it is no hold or nothing caps it. */
    public static function cap(Test $test, Envelope $envelope): ?int
    {
        return in_array($test, self::HOLDS, true) ? $envelope->number(Field::HoldMaxS) : null;
    }

    /** What holds this test back for this client, in words; null when nothing does. */
    public static function of(Test $test, Envelope $envelope): ?string
    {
        $standing = $envelope->avoids(Position::Standing);
        if ($standing !== null && in_array($test, self::STANDING, true)) {
            return 'Not for this client now: '.lcfirst($standing->says);
        }
        if ($test === Test::OneLegStand || $test === Test::HeelRaise) {
            $leg = $envelope->avoids(Motion::SingleLegLoad);
            if ($leg !== null) {
                return 'Not for this client now: '.lcfirst($leg->says);
            }
        }
        $overhead = $envelope->avoids(Motion::ShoulderPast90, new Scope(Region::Upper));
        if ($overhead !== null && $test === Test::ShoulderReach) {
            return 'Stop at shoulder height: '.lcfirst($overhead->says);
        }
        $floor = $envelope->avoids(Position::Floor);
        if ($floor !== null && $test === Test::FloorTransfer) {
            return 'Not for this client now: '.lcfirst($floor->says);
        }
        if ($floor !== null && $test === Test::SidePlank) {
            return 'On the bed, not on the floor: '.lcfirst($floor->says);
        }
        $hold = $envelope->tightest(Field::HoldMaxS);
        if ($hold !== null && is_int($hold->value) && in_array($test, self::HOLDS, true)) {
            return sprintf(
                'Stop at %d s: %s A capped result is not compared with anything.',
                $hold->value,
                lcfirst($hold->says),
            );
        }

        return null;
    }
}
