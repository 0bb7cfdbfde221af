<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;

/** Where skin may have lost its feeling and a strap, an edge or a seat would go unnoticed. */
enum SkinSite: string implements Labelled
{
    case LeftFoot = 'left foot';
    case RightFoot = 'right foot';
    case Seat = 'seat';
    case LeftHand = 'left hand';
    case RightHand = 'right hand';

    public function label(): string
    {
        return match ($this) {
            self::LeftFoot => 'left foot',
            self::RightFoot => 'right foot',
            self::Seat => 'seat',
            self::LeftHand => 'left hand',
            self::RightHand => 'right hand',
        };
    }
}
