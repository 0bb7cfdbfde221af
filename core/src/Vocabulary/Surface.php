<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What one stands on; from the freest limit, which allows any, to firm ground alone. */
enum Surface: string implements Scale
{
    use InOrder;

    case Unstable = 'unstable';
    case Foam = 'foam';
    case Firm = 'firm';

    public function label(): string
    {
        return match ($this) {
            self::Unstable => 'any surface',
            self::Foam => 'nothing softer than foam',
            self::Firm => 'firm floor, shoes on',
        };
    }

    public function code(): string
    {
        return $this->value;
    }
}
