<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Surface;
use BuoyantStep\Core\Vocabulary\Vision;

/**
 * How somebody keeps upright in an exercise. `most` is the most support it allows, because a hand that holds a load
 * cannot hold on; `usual` is what it is done with unless told otherwise.
 */
final readonly class Footing
{
    /** @param  int  $balance  challenge, 0 none to 4 */
    public function __construct(
        public Support $most = Support::Free,
        public Support $usual = Support::Free,
        public Surface $surface = Surface::Firm,
        public Vision $vision = Vision::EyesOpen,
        public int $balance = 0,
    ) {
    }

    public function seated(): self
    {
        return new self($this->most, Support::Seated, $this->surface, $this->vision, 0);
    }

    public function holdingOn(Support $support): self
    {
        return new self($this->most, $this->usual->or($support), $this->surface, $this->vision, $this->balance);
    }

    /** The same where what one holds on to carries no more than this. */
    public function atMost(Support $support): self
    {
        $most = $this->most->atLeast($support) ? $support : $this->most;

        return new self($most, $this->usual, $this->surface, $this->vision, $this->balance);
    }

    public function on(Surface $surface): self
    {
        return new self($this->most, $this->usual, $surface, $this->vision, $this->balance);
    }

    public function withEyesOpen(): self
    {
        return new self($this->most, $this->usual, $this->surface, Vision::EyesOpen, $this->balance);
    }
}
