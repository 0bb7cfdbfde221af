<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use JsonSerializable;

/** How many weeks a block is to have until its re-test, and whether every fourth of them is an easier one. */
final readonly class BlockWish implements JsonSerializable
{
    /** @param  int  $weeks  4, 6 or 8 */
    public function __construct(public int $weeks, public bool $easier = false)
    {
    }

    /** @throws InvalidInput naming the field */
    public static function read(Bag $bag): self
    {
        $weeks = $bag->int('weeks');
        if (! in_array($weeks, TrainingBlock::WEEKS, true)) {
            throw InvalidInput::at($bag->pointer('weeks'), 'A block is 4, 6 or 8 weeks.');
        }

        return new self($weeks, $bag->bool('easier'));
    }

    /** @return array{weeks: int, easier: bool} */
    public function jsonSerialize(): array
    {
        return ['weeks' => $this->weeks, 'easier' => $this->easier];
    }
}
