<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Units\Day;
use JsonSerializable;

/** What a result means: derived values, the norm it is held against, and whether it raises a flag. */
final readonly class Appraisal implements JsonSerializable
{
    private function __construct(
        public Result $result,
        public string $norm,
        public ?string $flag,
        public ?string $derived,
        public string $source,
    ) {
    }

    public static function of(Result $result, Profile $client, Day $on): self
    {
        $norm = $result->notTested === null
            ? $result->test->norm($result, $client, $on)
            : new Norm('not tested: '.$result->notTested);

        return new self($result, $norm->says, $norm->flag, $norm->derived, $result->test->about()->source);
    }

    /** @return array{norm: string, flag: string|null, derived: string|null, source: string} */
    public function jsonSerialize(): array
    {
        return ['norm' => $this->norm, 'flag' => $this->flag, 'derived' => $this->derived, 'source' => $this->source];
    }
}
