<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Side;

/**
 * A limit that somebody set for this client alone: a restriction of a clearance, or a clinician's own. What its field
 * and value mean is read where limits are known.
 */
final readonly class OwnLimit
{
    /**
     * @param  string  $field  of the envelope, as the open form writes it
     * @param  string  $value  a number, or a word of the field
     * @param  string  $by  who set it, with the letter where there is one
     * @param  string  $why  in words
     * @param  string  $pointer  where it was read, for errors
     * @param  Day|null  $until  the day it was ordered for; it holds on until it is taken out
     */
    public function __construct(
        public string $field,
        public string $value,
        public Region $region,
        public Side $side,
        public string $by,
        public string $why,
        public string $pointer = '',
        public ?Day $until = null,
    ) {
    }

    public static function read(Bag $bag): self
    {
        return new self(
            $bag->string('field'), $bag->string('value'), $bag->optEnum('region', Region::class) ?? Region::Any,
            $bag->optEnum('side', Side::class) ?? Side::Both, $bag->string('by'), $bag->string('why'),
            $bag->pointer('value'),
            $bag->has('until') ? Day::of($bag->string('until'), $bag->pointer('until')) : null,
        );
    }
}
