<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Who tells what was done. What a clinician has corrected is not overwritten by what a phone or a device sends again.
 */
enum LogSource: string
{
    case Clinician = 'clinician';
    case Client = 'client';
    case Device = 'device';

    public function mayCorrect(self $other): bool
    {
        return $this === self::Clinician || $other !== self::Clinician;
    }
}
