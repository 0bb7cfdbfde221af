<?php

declare(strict_types=1);

namespace App\Rows;

use BuoyantStep\Core\Client\Brakes;
use BuoyantStep\Core\Client\Cognition;
use BuoyantStep\Core\Client\FloorTransfer;
use BuoyantStep\Core\Client\LimbUse;
use BuoyantStep\Core\Client\Trunk;
use BuoyantStep\Core\Vocabulary\Labelled;

/**
 * What a client can do limb by limb: the fields of the intake, which are also those of the store, and the core's form
 * of them. An empty field was not asked.
 */
final class Abilities
{
    /** @var array<string, class-string<Labelled>|null> field to the words it takes; null for yes or no */
    public const FIELDS = [
        'arm_left' => LimbUse::class, 'arm_right' => LimbUse::class, 'leg_left' => LimbUse::class,
        'leg_right' => LimbUse::class, 'trunk' => Trunk::class, 'bed_transfer' => FloorTransfer::class,
        'cognition' => Cognition::class, 'sets_up_alone' => null, 'brakes' => Brakes::class, 'anti_tip' => null,
        'footplate' => null, 'fallen_in_year' => null,
    ];

    private const LIMBS = ['arm_left', 'arm_right', 'leg_left', 'leg_right'];

    private const CHAIR = ['brakes', 'anti_tip', 'footplate'];

    /**
     * @param  array<string, string>|null  $stored
     * @return array<string, string> every field, an empty one where nothing was asked
     */
    public static function form(?array $stored): array
    {
        return [...array_fill_keys(array_keys(self::FIELDS), ''), ...$stored ?? []];
    }

    /** @return array<string, string> what was answered */
    public static function kept(mixed $typed): array
    {
        $kept = [];
        foreach (array_keys(self::FIELDS) as $field) {
            $value = is_array($typed) ? $typed[$field] ?? null : null;
            if (is_string($value) && $value !== '') {
                $kept[$field] = $value;
            }
        }

        return $kept;
    }

    /**
     * @param  array<string, string>|null  $stored
     * @return array<string, mixed> in the core's open form
     */
    public static function openForm(?array $stored): array
    {
        $read = $limbs = $chair = [];
        foreach ($stored ?? [] as $field => $value) {
            $value = (self::FIELDS[$field] ?? null) === null ? $value === 'yes' : $value;
            if (in_array($field, self::LIMBS, true)) {
                $limbs[$field] = $value;
            } elseif (in_array($field, self::CHAIR, true)) {
                $chair[$field] = $value;
            } else {
                $read[$field] = $value;
            }
        }
        $read += array_filter(['limbs' => $limbs, 'wheelchair' => $chair]);

        return $read;
    }
}
