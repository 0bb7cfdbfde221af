<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Makeable;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\Side;

/** A dose with its whole chain of reasons, or the reason why there is none. */
final readonly class Dosing
{
    public const ASKS = 'No 1RM estimate: do an easy set to dose this properly.';

    /**
     * @param  list<Reason>  $because  goal, measure, limits, kit, in that order
     * @param  list<string>  $findings  what the clinician should know: held light, too light, trial set required
     * @param  Span|null  $goalLoad  the goal's load range in grams, for drawing
     */
    public function __construct(
        public ?Dose $dose,
        public ?Makeable $makeable,
        public array $because,
        public array $findings = [],
        public ?Span $goalLoad = null,
        public LoadCap $cap = new LoadCap,
        private ?self $left = null,
        private ?self $right = null,
    ) {
    }

    /** One dosing of what each side does; what is drawn of it is the lesser side's. Null where a side has no dose. */
    public static function joined(self $left, self $right): ?self
    {
        if ($left->dose === null || $right->dose === null) {
            return null;
        }
        $dose = Dose::joined($left->dose, $right->dose);
        $drawn = $dose->loadG === $left->dose->loadG ? $left : $right;

        return new self(
            $dose, $drawn->makeable, Reason::ofSides($left->because, $right->because),
            array_values(array_unique([...$left->findings, ...$right->findings])), $drawn->goalLoad, $drawn->cap,
            $dose->isApart() ? $left : null, $dose->isApart() ? $right : null,
        );
    }

    /** How the load is made, or that of each side; null where none is. */
    public function recipe(Kit $kit): ?string
    {
        if ($this->left === null || $this->right === null) {
            return $this->makeable?->recipe($kit);
        }

        return Side::saying($this->left->recipe($kit), $this->right->recipe($kit));
    }

    /** The same, where other exercises are to be measured first. */
    public function withoutAsking(): self
    {
        return new self(
            $this->dose, $this->makeable, $this->because,
            array_values(array_diff($this->findings, [self::ASKS])), $this->goalLoad, $this->cap, $this->left,
            $this->right,
        );
    }

    /** @param  list<Reason>  $more */
    public function with(array $more): self
    {
        return new self(
            $this->dose, $this->makeable, [...$this->because, ...$more], $this->findings, $this->goalLoad, $this->cap,
            $this->left, $this->right,
        );
    }
}
