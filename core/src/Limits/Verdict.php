<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Units\Reason;
use JsonSerializable;

/** fits, changes (fits once these are made) or out, with every reason. */
final readonly class Verdict implements JsonSerializable
{
    public const FITS = 'fits';

    public const CHANGES = 'changes';

    public const OUT = 'out';

    /**
     * @param  list<array{change: string, says: string}>  $changes
     * @param  list<Reason>  $because
     */
    public function __construct(public string $verdict, public array $changes, public array $because)
    {
    }

    public function isOut(): bool
    {
        return $this->verdict === self::OUT;
    }

    /** @return array{verdict: string, changes: list<array{change: string, says: string}>, because: list<Reason>} */
    public function jsonSerialize(): array
    {
        return ['verdict' => $this->verdict, 'changes' => $this->changes, 'because' => $this->because];
    }
}
