<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\GripClass;

/** A thing that holds in place of the fingers, and the grips it stands in for. */
enum GripAid: string
{
    case WristLoop = 'wrist_loop';
    case StrapMitt = 'strap_mitt';
    case ForearmStrap = 'forearm_strap';

    /**
     * House convention: a loop carries a handle; a mitt holds a bar or a can; a forearm strap carries a soft bag or a
     * handle.
     */
    public function covers(GripClass $class): bool
    {
        return match ($this) {
            self::WristLoop => $class === GripClass::Hook,
            self::StrapMitt => in_array($class, [GripClass::Hook, GripClass::Power], true),
            self::ForearmStrap => in_array($class, [GripClass::Hook, GripClass::Soft], true),
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::WristLoop => 'wrist loop',
            self::StrapMitt => 'strap-in mitt',
            self::ForearmStrap => 'forearm strap',
        };
    }
}
