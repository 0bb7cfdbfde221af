<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Dose;

use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Units\Reason;

/** Collects the chain behind a result, in the order in which it was found. */
final class Reasons
{
    /** @param  list<Reason>  $because */
    public function __construct(private array $because = [])
    {
    }

    public function add(Reason ...$more): self
    {
        array_push($this->because, ...array_values($more));

        return $this;
    }

    public function limit(Limit $limit): self
    {
        return $this->add($limit->asReason());
    }

    public function rule(string $rule, string $says, string $source = ''): self
    {
        return $this->add(new Reason('rule', $rule, $says, $source));
    }

    /** @return list<Reason> */
    public function all(): array
    {
        return $this->because;
    }
}
