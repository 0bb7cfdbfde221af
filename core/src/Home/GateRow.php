<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Gate\GateVerdict;
use JsonSerializable;

/** What the check says where some answers meet: a row to be looked up where nobody can work anything out. */
final readonly class GateRow implements JsonSerializable
{
    /**
     * @param  list<When>  $if  all of them; none holds always
     * @param  string  $rule  of the check that says it
     * @param  string  $do  as the clinician reads it
     */
    public function __construct(
        public array $if,
        public GateVerdict $verdict,
        public string $rule,
        public ?int $againInMinutes,
        public string $do,
    ) {
    }

    /** @return array{if: list<When>, verdict: string, rule: string, again: int|null} */
    public function jsonSerialize(): array
    {
        return [
            'if' => $this->if, 'verdict' => $this->verdict->value, 'rule' => $this->rule,
            'again' => $this->againInMinutes,
        ];
    }
}
