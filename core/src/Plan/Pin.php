<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Exercises\Catalogue;

/** An exercise that has to be in, at the rung that suits or at this one. */
final readonly class Pin
{
    private function __construct(public string $family, public ?string $rung)
    {
    }

    /**
     * @param  string  $code  "step_up" or "step_up/low"
     *
     * @throws UnknownCode where the catalogue has no such family or rung
     */
    public static function read(string $code, Catalogue $catalogue): self
    {
        $parts = explode('/', $code, 2);
        [$family, $rung] = [$parts[0], $parts[1] ?? null];
        $found = $catalogue->family($family);

        return new self($family, $rung === null ? null : $found->rung($rung)->code);
    }

    public function code(): string
    {
        return $this->rung === null ? $this->family : $this->family.'/'.$this->rung;
    }
}
