<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Measures\Tests\EasySet;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Side;

/** One test on one day, on one side where it has sides. A test refused or unsafe keeps its reason and has no value. */
final readonly class Result
{
    public function __construct(
        public Test $test,
        public ?Side $side,
        public ?float $value,
        public ?OneRepMax $oneRepMax = null,
        public ?string $family = null,
        public ?string $notTested = null,
        public ?Day $on = null,
        public ?int $loadG = null,
        public ?float $second = null,
        public ?int $reps = null,
        public ?int $inReserve = null,
        public ?string $rung = null,
    ) {
    }

    /** @throws InvalidInput|UnknownCode */
    public static function read(Bag $bag): self
    {
        $test = AllTests::named($bag->string('test'), $bag->pointer('test'));
        $about = $test->about();
        $on = $bag->has('on') ? Day::of($bag->string('on'), $bag->pointer('on')) : null;
        $side = $bag->optEnum('side', Side::class);
        if ($about->sides && ($side === null || $side === Side::Both)) {
            throw InvalidInput::at(
                $bag->pointer('side'), sprintf('%s is done per side; give "left" or "right".', $about->label),
            );
        }
        if ($bag->has('not_tested')) {
            return new self($test, $side, null, null, $bag->optString('family'), $bag->string('not_tested'), $on);
        }
        if ($test instanceof EasySet) {
            $load = $bag->int('load_g', 1, 200_000);

            $reps = $bag->int('reps', 1, 200);
            $left = $bag->int('rir', 0, 50);

            return new self(
                $test, $side, null, OneRepMax::estimate($load, $reps, $left), $bag->optString('family'), null, $on,
                $load, reps: $reps, inReserve: $left, rung: $bag->optString('rung'),
            );
        }
        $value = $bag->number('value', $about->range->min, $about->range->max);
        if ($about->whole && floor($value) !== $value) {
            throw InvalidInput::at(
                $bag->pointer('value'), sprintf('%s is counted whole; give for example 11.', $about->label),
            );
        }

        return new self(
            $test, $side, $value, null, $bag->optString('family'), null, $on, $bag->optInt('load_g', 1, 200_000),
            $bag->optNumber('second_value', -60, 120),
        );
    }
}
