<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Client\Sex;
use BuoyantStep\Core\Units\Day;
use JsonSerializable;

/** What a result means: derived values, the norm it is held against, and whether it raises a flag. */
final readonly class Appraisal implements JsonSerializable
{
    /** One-leg stand under 5 s goes with injurious falls (Vellas 1997). */
    public const ONE_LEG_FLAG_S = 5;

    /** Tandem under 10 s: falls risk (CDC STEADI). */
    public const TANDEM_FLAG_S = 10;

    /** Low grip strength, kg (Cruz-Jentoft 2019, EWGSOP2). */
    public const LOW_GRIP_KG = ['male' => 27, 'female' => 16];

    /** Five stands in more than this: low lower-limb strength (Cruz-Jentoft 2019, EWGSOP2). */
    public const FIVE_STANDS_FLAG_S = 15;

    /** Timed up and go of this or more: falls risk (CDC STEADI). */
    public const UP_AND_GO_FLAG_S = 12;

    /** One-leg heel raises under 60 years (Lunsford and Perry 1995). */
    public const HEEL_RAISES = 25;

    /** A fall of this much on standing is an orthostatic drop (Freeman 2011), mmHg. */
    public const DROP = ['systolic' => 20, 'diastolic' => 10];

    private function __construct(
        public Result $result,
        public string $norm,
        public ?string $flag,
        public ?string $derived,
        public string $source,
    ) {
    }

    public static function of(Result $result, Profile $client, Day $on): self
    {
        if ($result->notTested !== null) {
            return new self($result, 'not tested: '.$result->notTested, null, null, $result->test->source());
        }

        return match ($result->test) {
            Test::ChairStand => self::chairStand($result, $client, $on),
            Test::OneLegStand => self::cutOff(
                $result, self::ONE_LEG_FLAG_S, 's', 'under 5 s goes with injurious falls',
            ),
            Test::Tandem => self::cutOff($result, self::TANDEM_FLAG_S, 's', 'not held for 10 s: falls risk'),
            Test::Grip => self::grip($result, $client),
            Test::FiveChairStands => self::fiveStands($result, $client),
            Test::FourStage => new self(
                $result,
                'tandem held 10 s: stage 3 or more',
                $result->value < 3 ? 'tandem not held for 10 s: falls risk' : null,
                null,
                $result->test->source(),
            ),
            Test::TimedUpAndGo => new self(
                $result,
                sprintf('under %d s', self::UP_AND_GO_FLAG_S),
                $result->value >= self::UP_AND_GO_FLAG_S
                    ? sprintf('%d s or more: falls risk', self::UP_AND_GO_FLAG_S)
                    : null,
                null,
                $result->test->source(),
            ),
            Test::ArmCurl => self::armCurl($result, $client, $on),
            Test::HeelRaise => self::heelRaise($result, $client, $on),
            Test::PressureDrop => self::pressureDrop($result),
            Test::EasySet => new self(
                $result, 'own estimate, no norm', null, $result->oneRepMax?->says, $result->test->source(),
            ),
            default => new self($result, 'own baseline', null, null, $result->test->source()),
        };
    }

    private static function chairStand(Result $result, Profile $client, Day $on): self
    {
        $count = (int) $result->value;
        $cutOff = ChairStandNorm::cutOff($client->age($on), $client->sex);
        $watts = $count > 0 && $client->heightMm / 2000 > SitToStandPower::SEAT_M
            ? SitToStandPower::watts(
                $client->bodyMassKg, $client->heightMm / 1000, SitToStandPower::SEAT_M, 30 / $count,
            )
            : null;

        return new self(
            $result,
            $cutOff === null
                ? 'no norm for this age and sex; compare with own baseline'
                : sprintf('average from %d stands', $cutOff),
            $cutOff !== null && $count < $cutOff
                ? sprintf('%d is below %d for age %d: falls risk', $count, $cutOff, $client->age($on))
                : null,
            $watts === null ? null : sprintf('%d W, %.1f W/kg', (int) round($watts), $watts / $client->bodyMassKg),
            $result->test->source(),
        );
    }

    private static function fiveStands(Result $result, Profile $client): self
    {
        $watts = $result->value > 0 && $client->heightMm / 2000 > SitToStandPower::SEAT_M
            ? SitToStandPower::watts(
                $client->bodyMassKg, $client->heightMm / 1000, SitToStandPower::SEAT_M, $result->value / 5,
            )
            : null;

        return new self(
            $result, sprintf('%d s or less', self::FIVE_STANDS_FLAG_S),
            $result->value > self::FIVE_STANDS_FLAG_S
                ? sprintf('over %d s: low lower-limb strength', self::FIVE_STANDS_FLAG_S)
                : null,
            $watts === null
                ? null
                : sprintf('%d W, %.1f W/kg', (int) round($watts), $watts / $client->bodyMassKg),
            $result->test->source(),
        );
    }

    private static function armCurl(Result $result, Profile $client, Day $on): self
    {
        $half = ArmCurlNorm::middleHalf($client->age($on), $client->sex, $result->loadG);
        if ($half === null) {
            return new self(
                $result,
                'no norm for this age, sex or load; compare with own baseline',
                null,
                null,
                $result->test->source(),
            );
        }

        return new self(
            $result,
            sprintf('middle half of this age %s', $half->label()),
            $result->value < $half->lo ? sprintf('%d is below the middle half', (int) $result->value) : null,
            null,
            $result->test->source(),
        );
    }

    private static function heelRaise(Result $result, Profile $client, Day $on): self
    {
        if ($client->age($on) >= 60) {
            return new self($result, 'from 60: own baseline and symmetry', null, null, $result->test->source());
        }

        return new self(
            $result,
            sprintf('%d or more', self::HEEL_RAISES),
            $result->value < self::HEEL_RAISES ? sprintf('under %d', self::HEEL_RAISES) : null,
            null,
            $result->test->source(),
        );
    }

    private static function pressureDrop(Result $result): self
    {
        $drops = $result->value >= self::DROP['systolic']
            || ($result->second !== null && $result->second >= self::DROP['diastolic']);

        return new self(
            $result,
            sprintf('under %d systolic and %d diastolic', self::DROP['systolic'], self::DROP['diastolic']),
            $drops ? 'orthostatic drop: enter the condition on Screen' : null,
            $result->second === null ? 'fall of the diastolic pressure not entered' : null,
            $result->test->source(),
        );
    }

    private static function cutOff(Result $result, int $below, string $unit, string $flag): self
    {
        return new self(
            $result, sprintf('%d %s or more', $below, $unit), $result->value < $below ? $flag : null, null,
            $result->test->source(),
        );
    }

    private static function grip(Result $result, Profile $client): self
    {
        $low = $client->sex === Sex::Other ? null : self::LOW_GRIP_KG[$client->sex->value];

        return new self(
            $result,
            $low === null ? 'no norm; compare with own baseline' : sprintf('%d kg or more', $low),
            $low !== null && $result->value < $low ? sprintf('under %d kg: low grip strength', $low) : null,
            null,
            $result->test->source(),
        );
    }

    /** @return array{norm: string, flag: string|null, derived: string|null, source: string} */
    public function jsonSerialize(): array
    {
        return ['norm' => $this->norm, 'flag' => $this->flag, 'derived' => $this->derived, 'source' => $this->source];
    }
}
