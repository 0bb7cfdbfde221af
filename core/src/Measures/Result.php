<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Input\Bag;
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
    ) {
    }

    /** @throws InvalidInput|UnknownCode */
    public static function read(Bag $bag): self
    {
        $code = $bag->string('test');
        $test = Test::tryFrom($code)
            ?? throw UnknownCode::of('test', $code, array_column(Test::cases(), 'value'), $bag->pointer('test'));
        $on = $bag->has('on') ? Day::of($bag->string('on'), $bag->pointer('on')) : null;
        $side = $bag->optEnum('side', Side::class);
        if ($test->hasSides() && ($side === null || $side === Side::Both)) {
            throw InvalidInput::at(
                $bag->pointer('side'), sprintf('%s is done per side; give "left" or "right".', $test->label()),
            );
        }
        if ($bag->has('not_tested')) {
            return new self($test, $side, null, null, $bag->optString('family'), $bag->string('not_tested'), $on);
        }
        if ($test === Test::EasySet) {
            $load = $bag->int('load_g', 1, 200_000);

            return new self($test, $side, null, OneRepMax::estimate(
                $load,
                $bag->int('reps', 1, 200),
                $bag->int('rir', 0, 50),
            ), $bag->optString('family'), null, $on, $load);
        }
        $range = $test->range();
        $value = $bag->number('value', $range->min, $range->max);
        if ($test->isCount() && floor($value) !== $value) {
            throw InvalidInput::at(
                $bag->pointer('value'), sprintf('%s is counted whole; give for example 11.', $test->label()),
            );
        }

        return new self(
            $test, $side, $value, null, $bag->optString('family'), null, $on, $bag->optInt('load_g', 1, 200_000),
            $bag->optNumber('second_value', -60, 120),
        );
    }
}
