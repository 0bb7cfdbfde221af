<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Units\Day;

/** A test that a clinician does with the client: one class in Tests/, one line in AllTests. */
abstract class Test
{
    private ?TestAbout $about = null;

    /** What it is, how it is done and what it needs. */
    abstract protected function describe(): TestAbout;

    final public function about(): TestAbout
    {
        return $this->about ??= $this->describe();
    }

    /** What a value means for this client; the client's own earlier results where nothing is published. */
    public function norm(Result $result, Profile $client, Day $on): Norm
    {
        return Norm::ownBaseline();
    }

    /** The value from which a result is as it should be, for the line in a picture; null where there is none. */
    public function line(Profile $client, Day $on): int|float|null
    {
        return null;
    }

    /** The smallest change worth believing, in the test's unit, from a value before; null where none is published. */
    public function noise(float $before): ?float
    {
        return null;
    }

    final public function is(self $other): bool
    {
        return $this::class === $other::class;
    }
}
