<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Measures\Tests\AnkleRange;
use BuoyantStep\Core\Measures\Tests\ArmCurl;
use BuoyantStep\Core\Measures\Tests\ChairStand;
use BuoyantStep\Core\Measures\Tests\EasySet;
use BuoyantStep\Core\Measures\Tests\FiveChairStands;
use BuoyantStep\Core\Measures\Tests\FloorTransfer;
use BuoyantStep\Core\Measures\Tests\FourStage;
use BuoyantStep\Core\Measures\Tests\FrontPlank;
use BuoyantStep\Core\Measures\Tests\Grip;
use BuoyantStep\Core\Measures\Tests\HeelRaise;
use BuoyantStep\Core\Measures\Tests\OneLegStand;
use BuoyantStep\Core\Measures\Tests\PressureDrop;
use BuoyantStep\Core\Measures\Tests\PushUp;
use BuoyantStep\Core\Measures\Tests\ShoulderReach;
use BuoyantStep\Core\Measures\Tests\SidePlank;
use BuoyantStep\Core\Measures\Tests\Tandem;
use BuoyantStep\Core\Measures\Tests\TimedUpAndGo;
use BuoyantStep\Core\Measures\Tests\TransferHeight;
use BuoyantStep\Core\Measures\Tests\WallSit;

/** Every test, registered once, in the order it is usually done. */
final class AllTests
{
    /** @var array<string, Test> made once: a test holds nothing of a client */
    private static array $byCode = [];

    /** @return list<Test> */
    public static function list(): array
    {
        return array_values(self::byCode());
    }

    /**
     * @param  string  $pointer  the field that the code came from
     *
     * @throws UnknownCode
     */
    public static function named(string $code, string $pointer = '/test'): Test
    {
        return self::byCode()[$code] ?? throw UnknownCode::of('test', $code, array_keys(self::byCode()), $pointer);
    }

    /** @return array<string, Test> */
    private static function byCode(): array
    {
        if (self::$byCode === []) {
            foreach (self::make() as $test) {
                self::$byCode[$test->about()->code] = $test;
            }
        }

        return self::$byCode;
    }

    /** @return iterable<Test> */
    private static function make(): iterable
    {
        yield new ChairStand;
        yield new FiveChairStands;
        yield new FourStage;
        yield new Tandem;
        yield new OneLegStand;
        yield new Grip;
        yield new TimedUpAndGo;
        yield new ArmCurl;
        yield new HeelRaise;
        yield new WallSit;
        yield new FrontPlank;
        yield new SidePlank;
        yield new PushUp;
        yield new PressureDrop;
        yield new ShoulderReach;
        yield new AnkleRange;
        yield new FloorTransfer;
        yield new TransferHeight;
        yield new EasySet;
    }
}
