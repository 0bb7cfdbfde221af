<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

/** What a step up a stair changes, so that the app can say it in a word. */
enum Axis: string
{
    case Support = 'support';
    case Base = 'base';
    case Surface = 'surface';
    case Vision = 'vision';
    case Head = 'head';
    case Range = 'range';
    case Lever = 'lever';
    case Gravity = 'gravity';
    case Sides = 'sides';
    case Assistance = 'assistance';
    case Load = 'load';
    case Tempo = 'tempo';
    case Direction = 'direction';
    case Stability = 'stability';

    public function label(): string
    {
        return match ($this) {
            self::Support => 'less support',
            self::Base => 'smaller base',
            self::Surface => 'softer ground',
            self::Vision => 'less sight',
            self::Head => 'head or trunk turning',
            self::Range => 'more range',
            self::Lever => 'longer lever',
            self::Gravity => 'more against gravity',
            self::Sides => 'one side, or both at once',
            self::Assistance => 'less help',
            self::Load => 'a load',
            self::Tempo => 'slower, or a pause',
            self::Direction => 'another direction',
            self::Stability => 'a load that is harder to steady',
        };
    }
}
