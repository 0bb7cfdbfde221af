<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\SessionLog;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Progress\FormAdvice;

/** What was seen while a client did each rung, over the last sessions, and what it advises. */
final class SeenForm
{
    /** As many of the last sessions as advice looks at. */
    public const SESSIONS = 6;

    /** @var array<string, list<list<string>>> by family/rung, newest session first */
    private array $seen = [];

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @param  iterable<SessionLog>  $logs  newest first, with their items */
    public function from(iterable $logs): self
    {
        $this->seen = [];
        foreach ($logs as $log) {
            foreach ($log->items as $item) {
                $this->seen[$item->family.'/'.$item->rung][] = $item->seen ?? [];
            }
        }

        return $this;
    }

    /** @return list<array{says: string, family: string|null}> with the family of the rung to try, where there is one */
    public function advice(string $family, string $rung): array
    {
        return array_map(fn (FormAdvice $a): array => [
            'says' => $a->says($this->catalogue),
            'family' => $a->rung === null ? null : explode('/', $a->rung)[0],
        ], FormAdvice::of(
            "$family/$rung", $this->catalogue->family($family)->rung($rung), $this->seen["$family/$rung"] ?? [],
        ));
    }
}
