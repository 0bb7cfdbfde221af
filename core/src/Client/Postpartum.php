<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Day;

/** A birth: when, how, and what has been felt or found since. */
final readonly class Postpartum
{
    /** Said by a clinician after screening: what opens the limits once their weeks have passed. */
    public const SYMPTOM_FREE_SCREEN = 'symptom_free_screen';

    /** @param  list<string>  $symptoms heaviness, leaking, doming, pain, or symptom_free_screen */
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
        return in_array(self::SYMPTOM_FREE_SCREEN, $this->symptoms, true) && ! $this->hasSymptoms();
    }

    public function hasSymptoms(): bool
    {
        return array_diff($this->symptoms, [self::SYMPTOM_FREE_SCREEN]) !== [];
    }
}
