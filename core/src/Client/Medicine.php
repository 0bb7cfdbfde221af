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
    case Sglt2Inhibitor = 'sglt2 inhibitor';

    /** Whoever takes one of these and is unwell tests ketones, whatever the glucose (ADA, Colberg 2016). */
    public const KETONES = ['sglt2', 'gliflozin'];

    public function label(): string
    {
        return match ($this) {
            self::BetaBlocker => 'beta blocker',
            self::Anticoagulant => 'anticoagulant',
            self::Insulin => 'insulin',
            self::Sulfonylurea => 'sulfonylurea',
            self::Glinide => 'glinide',
            self::Sglt2Inhibitor => 'SGLT2 inhibitor',
        };
    }
}
