<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use JsonSerializable;

/** fits, changes (fits once these are made) or out, with every reason. */
final readonly class Verdict implements JsonSerializable
{
    public const FITS = 'fits';

    public const CHANGES = 'changes';

    public const OUT = 'out';

    /**
     * @param  list<Change>  $changes
     * @param  list<Reason>  $because
     */
    public function __construct(public string $verdict, public array $changes, public array $because)
    {
    }

    public static function out(Reason $because): self
    {
        return new self(self::OUT, [], [$because]);
    }

    public function isOut(): bool
    {
        return $this->verdict === self::OUT;
    }

    /** The same with one more thing that has to be done first. */
    public function and(Change $change, Reason $because): self
    {
        return new self(
            self::CHANGES, self::furthest([...$this->changes, $change]), [...$this->because, $because],
        );
    }

    /** The first reason in words. */
    public function says(): string
    {
        return $this->because[0]->says ?? 'out';
    }

    /**
     * Of several degrees of one change the furthest alone is said: who holds on with a hand has fingertips down as
     * well. Who sits needs no hold.
     *
     * @param  list<Change>  $changes
     * @return list<Change>
     */
    public static function furthest(array $changes): array
    {
        $furthest = [];
        foreach ($changes as $change) {
            $held = $furthest[$change->kind->value] ?? null;
            if ($held === null || $change->degree() > $held->degree()) {
                $furthest[$change->kind->value] = $change;
            }
        }
        if (isset($furthest[ChangeKind::SeatedInstead->value])) {
            unset($furthest[ChangeKind::HoldOn->value]);
        }

        return array_values($furthest);
    }

    /** @return array{verdict: string, changes: list<Change>, because: list<Reason>} */
    public function jsonSerialize(): array
    {
        return ['verdict' => $this->verdict, 'changes' => $this->changes, 'because' => $this->because];
    }
}
