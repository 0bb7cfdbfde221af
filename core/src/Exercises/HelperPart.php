<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

/** What somebody else does in an exercise; it is open only when somebody is there. */
enum HelperPart: string
{
    case Pulls = 'pulls';
    case HoldsPad = 'holds_pad';
    case Resists = 'resists';
    case Steers = 'steers';
    case Brings = 'brings';

    /** To the client, on the sheet. */
    public function says(): string
    {
        return match ($this) {
            self::Pulls => 'Somebody helps: they hold the other end and give way as you pull.',
            self::HoldsPad => 'Somebody helps: they hold the pad and stop when you stop.',
            self::Resists => 'Somebody helps: their hands give a steady push back, never more than you can hold.',
            self::Steers => 'Somebody helps: they steer and steady, and lift nothing for you that you can lift.',
            self::Brings => 'Somebody helps: they bring the weight to you and take it away.',
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Pulls => 'a helper pulls',
            self::HoldsPad => 'a helper holds a pad',
            self::Resists => 'a helper resists',
            self::Steers => 'a helper steers',
            self::Brings => 'a helper brings the weight',
        };
    }
}
