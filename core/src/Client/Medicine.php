<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;

/** The medicines that a rule asks about. Others may be written down, and act on nothing. */
enum Medicine: string implements Labelled
{
    case BetaBlocker = 'beta blocker';
    case Anticoagulant = 'anticoagulant';
    case Insulin = 'insulin';
    case Sulfonylurea = 'sulfonylurea';
    case Glinide = 'glinide';

    public function label(): string
    {
        return match ($this) {
            self::BetaBlocker => 'beta blocker',
            self::Anticoagulant => 'anticoagulant',
            self::Insulin => 'insulin',
            self::Sulfonylurea => 'sulfonylurea',
            self::Glinide => 'glinide',
        };
    }
}
