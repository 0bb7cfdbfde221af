<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan\Session;

use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Days\WeekShape;
use JsonSerializable;

/** Which parts a session has beside its warm-up and its main part. Each can be switched off by the clinician. */
final readonly class Shape implements JsonSerializable
{
    /** Longer minutes between rounds are a session of another kind. House convention, after practice: 1-10. */
    public const MOST_AEROBIC = 10;

    /**
     * @param  bool  $activation  one easy round of what the main lifts need, before them
     * @param  bool  $ramp  a lighter set before a load over 60 % of the estimated 1RM
     * @param  int  $aerobicMinutes  easy minutes between the rounds, 0 to 10
     * @param  bool  $coolDown  easy minutes at the end
     * @param  WeekShape  $week  how its days differ
     */
    public function __construct(
        public bool $activation = false,
        public bool $ramp = true,
        public int $aerobicMinutes = 0,
        public bool $coolDown = true,
        public WeekShape $week = WeekShape::Same,
    ) {
    }

    public static function read(Bag $bag): self
    {
        return new self(
            $bag->bool('activation'), $bag->bool('ramp', true),
            $bag->optInt('aerobic_minutes', 0, self::MOST_AEROBIC) ?? 0, $bag->bool('cool_down', true),
            $bag->optEnum('week', WeekShape::class) ?? WeekShape::Same,
        );
    }

    public function with(WeekShape $week): self
    {
        return new self($this->activation, $this->ramp, $this->aerobicMinutes, $this->coolDown, $week);
    }

    /** @return array{activation: bool, ramp: bool, aerobic_minutes: int, cool_down: bool, week: string} */
    public function jsonSerialize(): array
    {
        return [
            'activation' => $this->activation, 'ramp' => $this->ramp, 'aerobic_minutes' => $this->aerobicMinutes,
            'cool_down' => $this->coolDown, 'week' => $this->week->value,
        ];
    }
}
