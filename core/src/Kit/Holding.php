<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Vocabulary\WhichSide;

/** How an exercise takes its load. */
enum Holding: string
{
    case OneHand = 'one_hand';
    case OppositeHand = 'opposite_hand';
    case EachHand = 'each_hand';
    case BothHands = 'both_hands';
    case Worn = 'worn';
    case Cuff = 'cuff';
    case Lap = 'lap';

    /** Worn things and cuffs ask nothing of the hand, so only grip class none serves. */
    public function needsNoGrip(): bool
    {
        return $this === self::Worn || $this === self::Cuff;
    }

    /** Does one hand alone take it? Then the ladder is that hand's. */
    public function isOneHand(): bool
    {
        return $this === self::OneHand || $this === self::OppositeHand;
    }

    /** Which hand takes it, of an exercise that works one side at a time: of a leg, the hand across from it. */
    public function hand(): WhichSide
    {
        return $this === self::OppositeHand ? WhichSide::Other : WhichSide::Working;
    }

    /** @return list<string> what people type for such a load */
    public function words(): array
    {
        $hand = [
            'weight', 'weights', 'dumbbell', 'kettlebell', 'bottle', 'water bottle', 'can', 'soup can', 'tin',
            'free weights', 'sandbag', 'book', 'milk jug', 'bag of rice',
        ];

        return match ($this) {
            self::OneHand => [...$hand, 'one hand'],
            self::OppositeHand => [...$hand, 'one hand', 'opposite hand', 'contralateral', 'offset load'],
            self::EachHand => [...$hand, 'dumbbells'],
            self::BothHands => [...$hand, 'jug', 'tote', 'bucket', 'basket', 'both hands', 'barbell'],
            self::Worn => ['backpack', 'rucksack', 'weighted vest', 'worn weight'],
            self::Cuff => ['ankle weight', 'cuff weight', 'wrist weight', 'cuff'],
            self::Lap => ['lap', 'basket'],
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::OneHand => 'in one hand',
            self::OppositeHand => 'in the opposite hand',
            self::EachHand => 'one in each hand',
            self::BothHands => 'in both hands',
            self::Worn => 'worn on the back',
            self::Cuff => 'as a cuff',
            self::Lap => 'in the lap',
        };
    }
}
