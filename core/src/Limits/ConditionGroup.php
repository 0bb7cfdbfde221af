<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

/** The parts of the intake that ask about conditions, in their order. */
enum ConditionGroup: string
{
    case AgeAndFalls = 'Age and falls';
    case Heart = 'Heart and vessels';
    case LungsAndMetabolism = 'Lungs, metabolism, kidneys';
    case Nerves = 'Nerves and senses';
    case Bones = 'Bones, joints, limbs';
    case Surgery = 'After surgery';
    case Cancer = 'Cancer';
    case Belly = 'Belly and pelvis';
    case Pregnancy = 'Pregnancy and birth';
    case Other = 'Other';

    public function label(): string
    {
        return $this->value;
    }
}
