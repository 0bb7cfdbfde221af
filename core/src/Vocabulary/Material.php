<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What touches the skin and may have to be kept away from it. */
enum Material: string implements Word
{
    case Latex = 'latex';
    case TightStrap = 'tight_strap';
    /** What a tight strap becomes with a pad below it: enough for skin that cannot feel, too much for a fistula arm. */
    case PaddedStrap = 'padded_strap';
    case HardEdge = 'hard_edge';

    public function label(): string
    {
        return match ($this) {
            self::Latex => 'latex',
            self::TightStrap => 'tight strap',
            self::PaddedStrap => 'strap on a pad',
            self::HardEdge => 'hard edge',
        };
    }

    public function code(): string
    {
        return $this->value;
    }

    /** A pad keeps a strap or an edge off the skin; nothing keeps latex from being latex. */
    public function easedBy(): ?ChangeKind
    {
        return in_array($this, [self::TightStrap, self::HardEdge], true) ? ChangeKind::Pad : null;
    }
}
