<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Units\Range;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;

/** What there is to say of a test before anybody has done it. */
final readonly class TestAbout
{
    /**
     * @param  string  $code  its word in files and in the store
     * @param  Range  $range  plausible raw values, in the unit
     * @param  string  $script  how it is done, in words the clinician can read out
     * @param  string  $source  of the test and its norm
     * @param  bool  $sides  done once on each side
     * @param  bool  $whole  counted whole: half a stand is no stand
     * @param  bool  $usual  asked of nearly everyone; the others are there when wanted
     * @param  string|null  $second  a second figure that may be entered beside the value, and its unit
     * @param  bool  $takesLoad  the load that was used is kept with the value
     * @param  bool  $hold  an effortful hold, which ends at the longest hold allowed
     * @param  Region  $region  the part of the body that its motions belong to
     * @param  list<Position|Motion>  $needs  what it cannot be done without
     * @param  list<Ease>  $eases  what it can be done without, and how
     * @param  int  $effort  the least RPE that it cannot be done under, of 10; 0 for one that asks for none
     * @param  bool  $handsFree  stands or rises without a hold
     * @param  int|null  $tells  how soon its weaker side is believed, 1 first; null where it says nothing of strength
     */
    public function __construct(
        public string $code,
        public string $label,
        public string $unit,
        public Range $range,
        public string $script,
        public string $source,
        public bool $sides = false,
        public bool $whole = false,
        public bool $lessIsBetter = false,
        public bool $usual = false,
        public Clock $clock = Clock::None,
        public ?string $second = null,
        public bool $takesLoad = false,
        public bool $hold = false,
        public Region $region = Region::Any,
        public array $needs = [],
        public array $eases = [],
        public int $effort = 0,
        public bool $handsFree = false,
        public ?int $tells = null,
    ) {
    }
}
