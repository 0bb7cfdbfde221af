<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What touches the skin and may have to be kept away from it. */
enum Material: string implements Word
{
    case Latex = 'latex';
    case TightStrap = 'tight_strap_on_insensate_skin';
    case HardEdge = 'hard_edge_on_insensate_skin';

    public function label(): string
    {
        return match ($this) {
            self::Latex => 'latex',
            self::TightStrap => 'tight strap on insensate skin',
            self::HardEdge => 'hard edge on insensate skin',
        };
    }

    public function code(): string
    {
        return $this->value;
    }

    /** A pad keeps a strap or an edge off the skin; nothing keeps latex from being latex. */
    public function easedBy(): ?ChangeKind
    {
        return $this === self::Latex ? null : ChangeKind::Pad;
    }
}
