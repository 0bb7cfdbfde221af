<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Watched;

/** What was read before a session; null is not entered. An implausible value is refused, never used. */
final readonly class Readings
{
    /** 1 mmol/L of glucose in mg/dL. */
    public const MGDL_PER_MMOL = 18.016;

    /**
     * @param  bool  $repeat  a second look, after one that asked to wait
     * @param  BloodPressure  $standing  after lying, on standing
     * @param  list<array{on: Day, kg: float}>  $weights  of the days before, in any order
     */
    public function __construct(
        public bool $repeat = false,
        public BloodPressure $pressure = new BloodPressure,
        public Pulse $pulse = new Pulse,
        public Sugar $sugar = new Sugar,
        public Bodily $body = new Bodily,
        public Feeling $feeling = new Feeling,
        public BloodPressure $standing = new BloodPressure,
        public array $weights = [],
    ) {
    }

    /** @throws InvalidInput naming the reading */
    public static function read(Bag $bag): self
    {
        $number = static fn (Vital $v): ?float => $bag->optNumber(
            $v->value, $v->range()->min, $v->range()->max,
        );
        $flag = static fn (Seen $s): ?bool => $bag->has($s->value) ? $bag->bool($s->value) : null;
        $pressure = static fn (Vital $upper, Vital $lower): BloodPressure => self::pressure(
            new BloodPressure($number($upper), $number($lower)), $bag->pointer($lower->value),
        );

        return new self(
            $bag->bool('repeat'),
            $pressure(Vital::Systolic, Vital::Diastolic),
            new Pulse($number(Vital::HeartRate), $flag(Seen::IrregularPulse), $number(Vital::Saturation)),
            new Sugar($number(Vital::Glucose), $number(Vital::Ketones)),
            new Bodily(
                $number(Vital::Temperature), $number(Vital::Weight), $flag(Seen::SkinIntact), $flag(Seen::LimbChange),
            ),
            new Feeling($flag(Seen::Unwell), $number(Vital::Fatigue), $flag(Seen::SleptBadly)),
            $pressure(Vital::SystolicStanding, Vital::DiastolicStanding),
            array_map(static fn (Bag $one): array => [
                'on' => Day::of($one->string('on'), $one->pointer('on')),
                'kg' => $one->number('kg', Vital::Weight->range()->min, Vital::Weight->range()->max),
            ], $bag->bags('weight_log')),
        );
    }

    /** @throws InvalidInput where the lower is not below the upper */
    private static function pressure(BloodPressure $read, string $pointer): BloodPressure
    {
        if ($read->isEntered() && $read->diastolic >= $read->systolic) {
            throw InvalidInput::at($pointer, sprintf(
                'The diastolic pressure %d is not below the systolic %d: read it again.',
                (int) $read->diastolic, (int) $read->systolic,
            ));
        }

        return $read;
    }

    /** Was this looked at? What no reading stands for is never asked here. */
    public function has(Watched $what): bool
    {
        return match ($what) {
            Watched::BloodPressure => $this->pressure->isEntered(),
            Watched::HeartRate => $this->pulse->rate !== null,
            Watched::Saturation => $this->pulse->spo2 !== null,
            Watched::Glucose => $this->sugar->glucose !== null,
            Watched::Weight => $this->body->weightKg !== null,
            Watched::Temperature => $this->body->tempC !== null,
            Watched::Skin => $this->body->skinOk !== null,
            Watched::LimbGirth => $this->body->limbChange !== null,
            Watched::PelvicFloor, Watched::Dysreflexia => true,
        };
    }

    /** mg/dL to mmol/L, rounded to a tenth: 90 becomes 5.0. */
    public static function mmol(float $mgPerDl): float
    {
        return round($mgPerDl / self::MGDL_PER_MMOL, 1);
    }
}
