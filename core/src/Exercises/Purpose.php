<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

/** What somebody wants to do again; a family says which of these it serves. */
enum Purpose: string
{
    case Chair = 'chair';
    case Bed = 'bed';
    case Bath = 'bath';
    case Stairs = 'stairs';
    case OffFloor = 'off_floor';
    case Walk = 'walk';
    case CatchFall = 'catch_fall';
    case Shopping = 'shopping';
    case LiftFloor = 'lift_floor';
    case Child = 'child';
    case Shelf = 'shelf';
    case Housework = 'housework';
    case Garden = 'garden';
    case Open = 'open';
    case Feed = 'feed';
    case Write = 'write';
    case Dress = 'dress';
    case Posture = 'posture';
    case Propel = 'propel';
    case Transfer = 'transfer';
    case Door = 'door';
    case Run = 'run';
    case AfterBirth = 'after_birth';
    case WarmUp = 'warm_up';
    case CoolDown = 'cool_down';

    public function label(): string
    {
        return match ($this) {
            self::Chair => 'rise from a chair or the toilet',
            self::Bed => 'turn over and get out of bed',
            self::Bath => 'get in and out of the bath or a car',
            self::Stairs => 'climb stairs and kerbs',
            self::OffFloor => 'get up off the floor',
            self::Walk => 'walk further and steadier',
            self::CatchFall => 'catch a trip before it is a fall',
            self::Shopping => 'carry shopping',
            self::LiftFloor => 'pick things up off the floor',
            self::Child => 'lift and carry a child',
            self::Shelf => 'reach a high shelf',
            self::Housework => 'do the housework',
            self::Garden => 'work in the garden',
            self::Open => 'open jars and turn taps',
            self::Feed => 'eat and drink',
            self::Write => 'write, button and type',
            self::Dress => 'dress and wash',
            self::Posture => 'stand and sit tall',
            self::Propel => 'push a wheelchair',
            self::Transfer => 'transfer from a wheelchair',
            self::Door => 'push and pull heavy doors',
            self::Run => 'run, jump or play sport',
            self::AfterBirth => 'start again after a birth',
            self::WarmUp => 'warm up',
            self::CoolDown => 'cool down',
        };
    }

    /** @return list<string> how people say it */
    public function words(): array
    {
        return match ($this) {
            self::Chair => [
                'chair', 'toilet', 'sofa', 'get up', 'stand up', 'getting out of a chair', 'commode', 'armchair',
            ],
            self::Bed => ['bed', 'turning over', 'rolling over in bed', 'getting out of bed', 'bed mobility'],
            self::Bath => ['bath', 'bathtub', 'shower', 'car', 'getting out of the car', 'getting out of the bath'],
            self::Stairs => ['stairs', 'steps', 'kerb', 'curb', 'bus', 'climbing stairs', 'going down stairs', 'hill'],
            self::OffFloor => ['floor', 'getting up from the floor', 'off the floor', 'kneeling down', 'fall recovery'],
            self::Walk => ['walking', 'gait', 'walk further', 'walker', 'frame', 'hiking', 'endurance'],
            self::CatchFall => [
                'falls', 'falling', 'trip', 'fall prevention', 'stumble', 'unsteady', 'steady', 'dizzy',
            ],
            self::Shopping => ['shopping', 'groceries', 'bags', 'suitcase', 'luggage', 'carrying'],
            self::LiftFloor => ['lifting', 'pick up', 'bending', 'laundry', 'boxes', 'picking things up', 'bend down'],
            self::Child => ['toddler', 'baby', 'child', 'grandchild', 'lifting the baby', 'car seat', 'pram'],
            self::Shelf => ['shelf', 'cupboard', 'reaching up', 'overhead', 'hanging laundry'],
            self::Housework => ['housework', 'vacuum', 'cleaning', 'cooking', 'kitchen'],
            self::Garden => ['garden', 'gardening', 'digging', 'raking', 'watering can', 'plant'],
            self::Open => ['jar', 'tap', 'bottle', 'key', 'opening jars', 'door handle', 'lid'],
            self::Feed => ['eating', 'drinking', 'cup', 'mug', 'cutlery', 'spoon'],
            self::Write => ['writing', 'buttons', 'typing', 'phone', 'pen', 'sewing'],
            self::Dress => ['dressing', 'socks', 'shoes', 'hair', 'washing', 'bra', 'coat'],
            self::Posture => ['posture', 'slouch', 'rounded shoulders', 'stooped', 'kyphosis', 'hunched', 'desk'],
            self::Propel => ['wheelchair', 'propel', 'ramp', 'pushing a wheelchair', 'chair user'],
            self::Transfer => ['transfer', 'slide board', 'pressure relief', 'weight relief', 'transfers'],
            self::Door => ['door', 'pushing', 'pulling', 'pram', 'lawnmower'],
            self::Run => ['running', 'jumping', 'sport', 'dancing', 'tennis', 'return to sport', 'explosive'],
            self::AfterBirth => ['postpartum', 'postnatal', 'after birth', 'after a baby', 'caesarean', 'diastasis'],
            self::WarmUp => ['warm up', 'warmup', 'activation', 'get going'],
            self::CoolDown => ['cool down', 'cooldown', 'relax', 'stretching'],
        };
    }
}
