<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Day;

/** A birth: when, how, and what has been felt or found since. */
final readonly class Postpartum
{
    /** @param  list<string>  $symptoms  codes of BirthSymptom */
    public function __construct(public Day $birthDate, public bool $caesarean, public array $symptoms = [])
    {
    }

    public static function read(?Bag $bag): ?self
    {
        return $bag === null ? null : new self(
            Day::of($bag->string('birth_date'), $bag->pointer('birth_date')),
            $bag->enum('birth', BirthKind::class) === BirthKind::Caesarean,
            $bag->strings('symptoms'),
        );
    }

    public function isScreenedClear(): bool
    {
        return in_array(BirthSymptom::SymptomFreeScreen->value, $this->symptoms, true) && ! $this->hasSymptoms();
    }

    public function hasSymptoms(): bool
    {
        return array_diff($this->symptoms, [BirthSymptom::SymptomFreeScreen->value]) !== [];
    }
}
