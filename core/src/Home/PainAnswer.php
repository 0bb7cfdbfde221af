<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Progress\PainRule;
use BuoyantStep\Core\Situation\Situation;

/**
 * What follows when an exercise hurts, at home and alone. Up to the ceiling of the pain rule one goes on; over it the
 * step goes down; two or more over it, or from severe pain on, the exercise is left out for the day (house convention).
 * Source: Thomeé 1997, adapted.
 */
enum PainAnswer: string
{
    case CarryOn = 'carry_on';
    case Ease = 'ease';
    case LeaveOut = 'leave_out';

    private const FAR_OVER = 2;

    private const SEVERE = 7;

    /**
     * @param  int  $pain  0 to 10
     * @param  int  $ceiling  of the pain rule
     */
    public static function to(int $pain, int $ceiling): self
    {
        return match (true) {
            $pain >= self::SEVERE, $pain >= $ceiling + self::FAR_OVER => self::LeaveOut,
            $pain > $ceiling => self::Ease,
            default => self::CarryOn,
        };
    }

    /** @return list<self> the same by the rule that holds for this client */
    public static function tableFor(Situation $situation): array
    {
        return self::table(PainRule::ceiling($situation->client, $situation->envelope, $situation->on));
    }

    /** @return list<self> for pain from 0 to 10, to be looked up */
    public static function table(int $ceiling): array
    {
        return array_map(static fn (int $pain): self => self::to($pain, $ceiling), range(0, 10));
    }
}
