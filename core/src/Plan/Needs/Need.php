<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Needs;

use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Units\Reason;

/** Something that this client needs of a programme, and the exercises that would meet it, most important first. */
final readonly class Need
{
    /** What the rules of all reasons begin with that say what an exercise is in a plan for. */
    public const RULE = 'need.';

    /**
     * @param  string  $says  what for, after "Chosen": "to carry shopping", "for high falls risk"
     * @param  non-empty-list<Slot>  $slots
     */
    public function __construct(
        public NeedKind $kind,
        public string $code,
        public string $label,
        public string $says,
        public array $slots,
        public string $source,
    ) {
    }

    /** Does an exercise of this family meet some of it? */
    public function isMetBy(Family $family): bool
    {
        foreach ($this->slots as $slot) {
            if ($slot->takes($family)) {
                return true;
            }
        }

        return false;
    }

    public function because(): Reason
    {
        $from = match ($this->kind) {
            NeedKind::Goal => 'goal',
            NeedKind::Flag => 'rule',
            NeedKind::Cover => 'house',
        };

        return new Reason($from, self::RULE.$this->code, 'Chosen '.$this->says.'.', $this->source);
    }
}
