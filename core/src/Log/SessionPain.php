<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Log;

/**
 * Pain before and next morning is asked once for a session; pain during, for each exercise. A worse morning is held
 * against the exercises that hurt; when none did, against all of them, because then nobody knows which it was.
 */
final class SessionPain
{
    /**
     * @param  array<int, int|null>  $during  by exercise
     * @return array<int, int|null> next-morning pain to hold against each
     */
    public static function attribute(?int $before, ?int $nextMorning, array $during): array
    {
        $someHurt = array_filter($during, static fn (?int $d): bool => $d !== null && $d > ($before ?? 0)) !== [];

        return array_map(
            static fn (?int $d): ?int => ! $someHurt || ($d !== null && $d > ($before ?? 0)) ? $nextMorning : null,
            $during,
        );
    }
}
