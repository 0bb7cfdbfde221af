<?php

declare(strict_types=1);

namespace Tests\Hostile;

/** What came of it all, counted; each finding is written down as it is met. */
final class Tally
{
    public int $requests = 0;

    public int $serverErrors = 0;

    public int $wrongAccess = 0;

    public int $lostUpdates = 0;

    /** @var array<int, int> answers by status */
    public array $statuses = [];

    public function answered(int $status, string $what, bool $databaseGone = false): void
    {
        $this->requests++;
        $this->statuses[$status] = ($this->statuses[$status] ?? 0) + 1;
        // While its database is dead, 503 is the right answer and the only one of its class.
        if ($status >= 500 && ! ($databaseGone && $status === 503)) {
            $this->serverErrors++;
            self::say("server error $status: $what");
        }
    }

    public function wrong(string $what): void
    {
        $this->wrongAccess++;
        self::say("wrong access: $what");
    }

    public function lost(string $what): void
    {
        $this->lostUpdates++;
        self::say("lost update: $what");
    }

    public function line(): string
    {
        return sprintf(
            'hostile: requests=%d server_errors=%d wrong_access=%d lost_updates=%d',
            $this->requests,
            $this->serverErrors,
            $this->wrongAccess,
            $this->lostUpdates,
        );
    }

    public function isClean(): bool
    {
        return $this->serverErrors + $this->wrongAccess + $this->lostUpdates === 0;
    }

    private static function say(string $what): void
    {
        fwrite(STDERR, mb_substr(mb_scrub($what), 0, 700)."\n");
    }
}
