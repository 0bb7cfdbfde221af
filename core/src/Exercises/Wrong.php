<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Exercises\Figures\Figure;
use BuoyantStep\Core\Input\Bag;

/** The common mistake of a rung, as a picture and in words. */
final readonly class Wrong
{
    public function __construct(public Figure $figure, public string $says)
    {
    }

    /** @param  list<string>  $props  the things around are those of the right picture */
    public static function read(Bag $bag, array $props): self
    {
        $pose = [$bag->string('body'), $bag->optString('arms') ?? ''];

        return new self(new Figure($pose, null, $props, null), $bag->string('says'));
    }
}
