<?php

declare(strict_types=1);

namespace App\Http;

use BuoyantStep\Core\Units\MassUnit;

/**
 * A page's content in the reader's unit: every mass that the core has put into words. Numbers to compute with and
 * values of form fields stay in kilograms; a field shows and reads them in the unit of its own.
 */
final class InUnit
{
    /**
     * @param  array<string, mixed>  $props
     * @return array<string, mixed>
     */
    public static function of(MassUnit $unit, array $props): array
    {
        if ($unit === MassUnit::Kilogram) {
            return $props;
        }
        // The content goes out as JSON in any case; as one text it needs no walk through its objects.
        $words = $unit->inWords(
            json_encode($props, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION),
        );
        $said = [];
        foreach ((array) json_decode($words, false, 512, JSON_THROW_ON_ERROR) as $key => $value) {
            $said[(string) $key] = $value;
        }

        return $said;
    }
}
