<?php

declare(strict_types=1);

namespace App\Queries;

use BuoyantStep\Core\Caseload\NeedKind;

/** What of Today's list is asked for. */
final readonly class TodayFilter
{
    public const EVERYONE = 'everyone';

    public const MINE = 'mine';

    public const NOBODYS = 'nobodys';

    /** Lines at a time. */
    public const LINES = 25;

    /** Nobody reads further than this; a filter gets there sooner. */
    private const MOST = 400;

    public int $lines;

    /**
     * @param  NeedKind|null  $kind  null for all kinds
     * @param  string  $whose  everyone, mine (assigned to whoever looks) or nobodys
     * @param  bool  $putOff  those put off as well
     */
    public function __construct(
        public ?NeedKind $kind = null,
        public string $whose = self::EVERYONE,
        public bool $putOff = false,
        int $lines = self::LINES,
    ) {
        $this->lines = min(max($lines, self::LINES), self::MOST);
    }

    public function hides(): bool
    {
        return $this->kind !== null || $this->whose !== self::EVERYONE;
    }
}
