<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Vocabulary\Scope;
use JsonSerializable;

/** One short sentence of the envelope, with who set it and why. */
final readonly class LimitLine implements JsonSerializable
{
    /** What tells this line from the others: pointing at it lights up what it shapes. */
    public string $key;

    public string $title;

    public string $by;

    public string $says;

    /**
     * @param  non-empty-list<Limit>|list<Limit>  $winners  the limits that set it
     * @param  array<string, string>  $labels  rule id to the name a clinician knows it by
     */
    public function __construct(public Field $field, Scope $scope, string $title, array $winners, array $labels)
    {
        $everywhere = $scope->isEverything();
        $this->key = $field->value.($everywhere ? '' : '@'.$scope->key());
        $this->title = $everywhere ? ucfirst($title) : ucfirst($scope->label()).': '.$title;
        $by = array_map(
            static fn (Limit $l): string => $l->rule === OwnLimits::RULE
                ? $l->source : $labels[$l->rule] ?? ucfirst(str_replace('_', ' ', $l->rule)), $winners,
        );
        $this->by = implode(' · ', array_unique($by));
        $this->says = implode(' ', array_unique(array_map(static fn (Limit $l): string => $l->says, $winners)));
    }

    /** @return array{key: string, field: string, title: string, by: string, says: string} */
    public function jsonSerialize(): array
    {
        return [
            'key' => $this->key, 'field' => $this->field->value, 'title' => $this->title, 'by' => $this->by,
            'says' => $this->says,
        ];
    }
}
