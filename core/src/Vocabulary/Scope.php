<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** Where a limit holds. A limit for everything also binds each part. */
final readonly class Scope
{
    public function __construct(public Region $region = Region::Any, public Side $side = Side::Both)
    {
    }

    public function isEverything(): bool
    {
        return $this->region === Region::Any && $this->side === Side::Both;
    }

    /** Does a limit with this scope bind work done with that part? */
    public function binds(self $work): bool
    {
        if ($work->isEverything()) {
            return $this->isEverything();
        }

        return $this->region->touches($work->region) && $this->side->touches($work->side);
    }

    public function key(): string
    {
        return $this->region->value.':'.$this->side->value;
    }

    public function label(): string
    {
        if ($this->isEverything()) {
            return '';
        }
        $region = match ($this->region) {
            Region::Upper => 'arm',
            Region::Lower => 'leg',
            Region::Trunk => 'trunk',
            default => 'side',
        };

        return match (true) {
            $this->side !== Side::Both => $this->side->value.' '.$region,
            $this->region === Region::Trunk => 'trunk',
            default => $region.'s',
        };
    }
}
