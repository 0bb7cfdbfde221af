<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;

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

    /** The part of the body that is touched there; everything where a word is not known. */
    public static function scope(string $words): Scope
    {
        return match (self::tryFrom($words)) {
            self::LeftFoot => new Scope(Region::Lower, Side::Left),
            self::RightFoot => new Scope(Region::Lower, Side::Right),
            self::LeftHand => new Scope(Region::Upper, Side::Left),
            self::RightHand => new Scope(Region::Upper, Side::Right),
            self::Seat => new Scope(Region::Trunk),
            null => new Scope,
        };
    }
}
