<?php

declare(strict_types=1);

namespace App\Letters;

/** What a template may hold in braces. */
enum Field: string
{
    case Client = 'client';
    case Today = 'today';
    case Author = 'author';
    case Clinic = 'clinic';
    case Recipient = 'recipient';
    case Problem = 'problem';
    case Wants = 'wants';
    case Clearance = 'clearance';
    case Asked = 'asked';
    case Sessions = 'sessions';
    case Pain = 'pain';
    case Events = 'events';
    case Readings = 'readings';
    case Tests = 'tests';
    case Response = 'response';
    case Decisions = 'decisions';
    case Programme = 'programme';
    case Limits = 'limits';
    case Next = 'next';

    /** What it stands for, beside the box in which a template is written. */
    public function label(): string
    {
        return match ($this) {
            self::Client => 'name and date of birth',
            self::Today => 'the day it is written',
            self::Author => 'who writes it',
            self::Clinic => 'name, address and telephone of the clinic',
            self::Recipient => 'to whom it goes',
            self::Problem => 'conditions on record',
            self::Wants => 'what the client wants to be able to do',
            self::Clearance => 'clearance on record',
            self::Asked => 'what clearance is asked for, and why',
            self::Sessions => 'sessions done, beside those planned',
            self::Pain => 'pain around the sessions',
            self::Events => 'red flags, flares and what became of them',
            self::Readings => 'blood pressure and other readings before sessions',
            self::Tests => 'tests, first and latest',
            self::Response => 'loads, first and latest',
            self::Decisions => 'what was decided last',
            self::Programme => 'the home programme in use',
            self::Limits => 'limits in force',
            self::Next => 'dates ahead',
        };
    }
}
