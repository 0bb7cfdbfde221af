<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Measures\Tests\EasySet;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Side;

/** All results of a client; the latest of each test, side and family counts. */
final readonly class MeasureSet
{
    /** @param  list<Result>  $results oldest first */
    public function __construct(public array $results = [])
    {
    }

    /** @param  list<Bag>  $bags */
    public static function read(array $bags): self
    {
        return new self(array_map(Result::read(...), $bags));
    }

    public function latest(Test $test, ?Side $side = null): ?Result
    {
        foreach (array_reverse($this->results) as $result) {
            if ($result->test->is($test) && ($side === null || $result->side === $side)) {
                return $result;
            }
        }

        return null;
    }

    /** The raw value; for a test with sides, the weaker side's. Null when not tested, or when a side is missing. */
    public function value(Test $test): ?float
    {
        if (! $test->about()->sides) {
            return $this->latest($test)?->value;
        }
        $left = $this->latest($test, Side::Left)?->value;
        $right = $this->latest($test, Side::Right)?->value;

        return $left === null || $right === null ? null : min($left, $right);
    }

    /** The weakest side that was tested, be it the only one: what warns does not wait for the other side. */
    public function weakest(Test $test): ?float
    {
        $values = array_filter(
            [$this->latest($test, Side::Left)?->value, $this->latest($test, Side::Right)?->value],
            static fn (?float $v): bool => $v !== null,
        );

        return $values === [] ? null : min($values);
    }

    /** The change from the result before, on the same side; null when there is nothing to compare. */
    public function change(Test $test, ?Side $side = null): ?Change
    {
        $values = [];
        foreach ($this->results as $result) {
            if ($result->test->is($test) && $result->side === $side && $result->value !== null) {
                $values[] = $result->value;
            }
        }

        return count($values) < 2
            ? null
            : Change::between($test, $values[count($values) - 2], $values[count($values) - 1]);
    }

    public function symmetry(Test $test): ?Symmetry
    {
        return Symmetry::of($this->latest($test, Side::Left)?->value, $this->latest($test, Side::Right)?->value);
    }

    /** The last easy set of a family that gave a usable estimate. */
    public function oneRepMax(string $family): ?OneRepMax
    {
        foreach (array_reverse($this->results) as $result) {
            if ($result->test instanceof EasySet && $result->family === $family && $result->oneRepMax !== null) {
                return $result->oneRepMax->grams === null ? null : $result->oneRepMax;
            }
        }

        return null;
    }

    /** @return list<Result> the easy sets of a family with a load, oldest first */
    public function easySets(string $family): array
    {
        return array_values(array_filter(
            $this->results,
            static fn (Result $r): bool => $r->test instanceof EasySet && $r->family === $family
                && $r->loadG !== null && $r->reps !== null && $r->inReserve !== null,
        ));
    }

    /** The weaker side, when a test of this part of the body with sides shows a difference that acts. */
    public function weakerSide(Region $of = Region::Any): ?Side
    {
        $tells = array_filter(
            AllTests::list(),
            static fn (Test $t): bool => $t->about()->tells !== null
                && ($of === Region::Any || $t->about()->region->touches($of)),
        );
        usort($tells, static fn (Test $a, Test $b): int => $a->about()->tells <=> $b->about()->tells);
        foreach ($tells as $test) {
            $symmetry = $this->symmetry($test);
            if ($symmetry !== null && $symmetry->acts()) {
                return $symmetry->weaker;
            }
        }

        return null;
    }
}
