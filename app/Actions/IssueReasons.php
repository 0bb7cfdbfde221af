<?php

declare(strict_types=1);

namespace App\Actions;

/** Why a plan is issued all the same: for longer than it should take, or without a clearance that is advised. */
final readonly class IssueReasons
{
    /** Shorter than this is no reason that the record can stand on. House convention. */
    private const LENGTH = 10;

    public function __construct(public ?string $long = null, public ?string $clearance = null)
    {
    }

    public static function stands(?string $reason): bool
    {
        return mb_strlen(trim((string) $reason)) >= self::LENGTH;
    }
}
