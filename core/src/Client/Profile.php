<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Day;

/** The client as the rules see them: no name, no address. */
final readonly class Profile
{
    /** House limits of what counts as a plausible adult; a value outside is a typing error until shown otherwise. */
    public const MASS_KG = [20, 350];

    public const HEIGHT_MM = [900, 2300];

    /** Nobody is older; a birth date that says so was mistyped. */
    public const MOST_YEARS = 115;

    public const PREGNANCY_DAYS = 280;

    /**
     * @param  list<Condition>  $conditions
     * @param  array<string, string>  $schools
     * @param  list<string>  $medicines  groups, such as "beta blocker"
     * @param  list<string>  $insensateSites
     * @param  list<OwnLimit>  $ownLimits  set for this client alone
     */
    public function __construct(
        public Day $birthDate,
        public Sex $sex,
        public float $bodyMassKg,
        public int $heightMm,
        public array $conditions = [],
        public ?Day $dueDate = null,
        public FunctionStatus $function = new FunctionStatus,
        public array $schools = [],
        public ?TrainingLevel $trainingLevel = null,
        public ?Day $trainingSince = null,
        public ?Postpartum $postpartum = null,
        public array $medicines = [],
        public array $insensateSites = [],
        public Usual $usual = new Usual,
        public array $ownLimits = [],
    ) {
    }

    /** @throws InvalidInput naming the field, when anything is missing or implausible */
    public static function read(Bag $bag): self
    {
        $training = $bag->optBag('training');
        $conditions = array_map(Condition::read(...), $bag->bags('conditions'));

        return new self(
            Day::of($bag->string('birth_date'), $bag->pointer('birth_date')),
            $bag->enum('sex', Sex::class),
            $bag->number('body_mass_kg', ...self::MASS_KG),
            $bag->int('height_mm', ...self::HEIGHT_MM),
            $conditions,
            $bag->has('pregnancy')
                ? Day::of($bag->bag('pregnancy')->string('due_date'), $bag->pointer('pregnancy/due_date'))
                : null,
            FunctionStatus::read($bag->optBag('function'))->lessHandFunction($conditions),
            $bag->texts('schools'),
            $training?->optEnum('level', TrainingLevel::class),
            $training?->has('since') ? Day::of($training->string('since'), $training->pointer('since')) : null,
            Postpartum::read($bag->optBag('postpartum')),
            $bag->strings('medicines'),
            $bag->strings('insensate'),
            Usual::read($bag->optBag('usual')),
            array_map(OwnLimit::read(...), $bag->bags('own_limits')),
        );
    }

    /**
     * Dates that cannot be true on that day are refused rather than computed with.
     *
     * @throws InvalidInput
     */
    public function assertPlausible(Day $on, string $pointer = '/client'): void
    {
        $age = $this->birthDate->yearsTo($on);
        if ($age < 0 || $age > self::MOST_YEARS) {
            throw InvalidInput::at(
                $pointer.'/birth_date',
                sprintf(
                    'A birth date of %s does not fit the day %s; the age must be from 0 to 115 years.',
                    $this->birthDate,
                    $on,
                ),
            );
        }
        if ($this->dueDate !== null && $on->daysTo($this->dueDate) > self::PREGNANCY_DAYS) {
            throw InvalidInput::at(
                $pointer.'/pregnancy/due_date',
                sprintf(
                    'The due date %s is more than 40 weeks after %s; give a date up to %s.',
                    $this->dueDate,
                    $on,
                    $on->plus(self::PREGNANCY_DAYS),
                ),
            );
        }
        if ($this->postpartum !== null && $this->postpartum->birthDate->isAfter($on)) {
            throw InvalidInput::at(
                $pointer.'/postpartum/birth_date',
                sprintf(
                    'The birth %s lies after %s; give the due date instead until it has happened.',
                    $this->postpartum->birthDate,
                    $on,
                ),
            );
        }
        $this->assertConditionsRunForward($pointer);
    }

    private function assertConditionsRunForward(string $pointer): void
    {
        foreach ($this->conditions as $i => $condition) {
            if (
                $condition->since !== null
                && $condition->until !== null
                && $condition->until->isBefore($condition->since)
            ) {
                throw InvalidInput::at(
                    $pointer.'/conditions/'.$i.'/until',
                    sprintf('The end %s lies before the start %s.', $condition->until, $condition->since),
                );
            }
        }
    }

    public function age(Day $on): int
    {
        return $this->birthDate->yearsTo($on);
    }

    /** Day of gestation, 0 at 40 weeks before the due date; null when not pregnant. Day 140 is 20 weeks. */
    public function gestationDay(Day $on): ?int
    {
        return $this->dueDate === null ? null : self::PREGNANCY_DAYS - $on->daysTo($this->dueDate);
    }

    /** Days since the birth; null when there was none lately. */
    public function daysSinceBirth(Day $on): ?int
    {
        return $this->postpartum?->birthDate->daysTo($on);
    }

    public function takes(string $medicine): bool
    {
        foreach ($this->medicines as $taken) {
            if (self::isMedicine($taken, $medicine)) {
                return true;
            }
        }

        return false;
    }

    /** Does what was written down name that medicine or group? */
    public static function isMedicine(string $taken, string $medicine): bool
    {
        return str_contains(mb_strtolower(str_replace(['_', '-'], ' ', $taken)), $medicine);
    }

    public function condition(string $code): ?Condition
    {
        foreach ($this->conditions as $condition) {
            if ($condition->code === $code) {
                return $condition;
            }
        }

        return null;
    }

    public function hasInForce(string $code, Day $on): bool
    {
        foreach ($this->conditions as $condition) {
            if ($condition->code === $code && $condition->inForce($on)) {
                return true;
            }
        }

        return false;
    }
}
