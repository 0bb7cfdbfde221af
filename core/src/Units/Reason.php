<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Units;

use JsonSerializable;

/** One link in the chain behind a number: which stage it comes from, the rule, a plain sentence, and its source. */
final readonly class Reason implements JsonSerializable
{
    /** @param  string  $from goal, measure, limit, kit, log, rule or house */
    public function __construct(
        public string $from,
        public string $rule,
        public string $says,
        public string $source = '',
    ) {
    }

    /** The same, said of one side. */
    public function of(string $whose): self
    {
        return new self($this->from, $this->rule, $whose.': '.$this->says, $this->source);
    }

    /**
     * What is said of both sides once, and what of one side with its name.
     *
     * @param  list<self>  $left
     * @param  list<self>  $right
     * @return list<self>
     */
    public static function ofSides(array $left, array $right): array
    {
        [$saidLeft, $saidRight] = [array_column($left, 'says'), array_column($right, 'says')];
        $all = array_map(
            static fn (self $r): self => in_array($r->says, $saidRight, true) ? $r : $r->of('Left'), $left,
        );
        foreach ($right as $reason) {
            if (! in_array($reason->says, $saidLeft, true)) {
                $all[] = $reason->of('Right');
            }
        }

        return $all;
    }

    /** @return array{from: string, rule: string, says: string, source: string} */
    public function jsonSerialize(): array
    {
        return ['from' => $this->from, 'rule' => $this->rule, 'says' => $this->says, 'source' => $this->source];
    }
}
