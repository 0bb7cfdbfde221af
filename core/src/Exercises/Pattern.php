<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

/** Movement patterns, in the order of a session: power and balance while fresh, large patterns, smaller ones, trunk. */
enum Pattern: string
{
    case March = 'march';
    case Power = 'power';
    case Balance = 'balance';
    case Rise = 'rise';
    case Hinge = 'hinge';
    case Push = 'push';
    case Pull = 'pull';
    case Overhead = 'overhead';
    case Carry = 'carry';
    case Hip = 'hip';
    case Calf = 'calf';
    case Knee = 'knee';
    case Arm = 'arm';
    case Grip = 'grip';
    case Trunk = 'trunk';
    case Floor = 'floor';
    case Mobility = 'mobility';

    public function label(): string
    {
        return match ($this) {
            self::March => 'warm-up',
            self::Floor => 'floor transfer',
            self::Grip => 'grip and hand',
            default => $this->value,
        };
    }

    /** @return list<string> what people type for it */
    public function words(): array
    {
        return [$this->label(), ...match ($this) {
            self::March => ['warm up', 'cardio', 'aerobic', 'marching', 'activation'],
            self::Power => ['explosive', 'jump', 'plyometrics', 'speed', 'fast'],
            self::Balance => ['balancing', 'steadiness', 'proprioception', 'vestibular'],
            self::Rise => ['squat', 'legs', 'leg strength', 'lower body', 'stand up'],
            self::Hinge => ['deadlift', 'lifting', 'hip hinge', 'posterior chain'],
            self::Push => ['press', 'pushing', 'chest press', 'upper body'],
            self::Pull => ['row', 'pulling', 'back', 'upper body'],
            self::Overhead => ['shoulder press', 'shoulders', 'reach up', 'upper body'],
            self::Carry => ['loaded carry', 'carrying', 'loaded walk'],
            self::Hip => ['hip abduction', 'hips', 'hip strength'],
            self::Calf => ['calves', 'ankles', 'feet', 'shin'],
            self::Knee => ['knees', 'leg extension', 'quads'],
            self::Arm => ['arms', 'upper arm', 'wrist', 'elbow'],
            self::Grip => ['grip', 'hand', 'fingers', 'dexterity'],
            self::Trunk => ['core', 'abs', 'stomach', 'stability'],
            self::Floor => ['get up from floor', 'floor to stand', 'fall recovery'],
            self::Mobility => ['stretch', 'stretching', 'flexibility', 'range of motion', 'cool down'],
        }];
    }

    /**
     * Importance when the minutes do not reach for all: lower goes last. House order after the clinician's practice.
     */
    public function priority(): int
    {
        return match ($this) {
            self::March => 0,
            self::Rise => 1,
            self::Pull => 2,
            self::Balance => 3,
            self::Push => 4,
            self::Hinge => 5,
            self::Trunk => 6,
            self::Calf => 7,
            self::Hip => 8,
            self::Carry => 9,
            self::Arm => 10,
            self::Knee => 11,
            self::Overhead => 12,
            self::Grip => 13,
            self::Power => 14,
            self::Floor => 15,
            self::Mobility => 16,
        };
    }

    /** Everything but going down to the floor and up again can be worked at in some form from a seat. */
    public function allowsSeated(): bool
    {
        return $this !== self::Floor;
    }
}
