<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

use BuoyantStep\Core\Vocabulary\Labelled;

/** What has been felt since a birth, or that a clinician has screened and found nothing. */
enum BirthSymptom: string implements Labelled
{
    case Heaviness = 'heaviness';
    case Leaking = 'leaking';
    case Doming = 'doming';
    case Pain = 'pain';
    case SymptomFreeScreen = 'symptom_free_screen';

    public function label(): string
    {
        return match ($this) {
            self::Heaviness => 'heaviness',
            self::Leaking => 'leaking',
            self::Doming => 'doming',
            self::Pain => 'pain',
            self::SymptomFreeScreen => 'screened, symptom-free',
        };
    }
}
