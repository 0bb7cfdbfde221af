<?php

declare(strict_types=1);

namespace App\Editing;

use App\Models\Clinic;
use BuoyantStep\Core\Units\Mass;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;

/**
 * What a page is told when its record was changed meanwhile: both values where they clash, and the form with all the
 * rest merged.
 */
final class Conflict
{
    /**
     * Back to the page with what was typed, and what the other one saved.
     *
     * @param  array<string, mixed>  $base
     * @param  array<string, mixed>  $mine
     * @param  array<string, mixed>  $theirs
     * @param  array<string, string>  $keys
     * @param  array<string, string>  $labels  field to its words
     */
    public static function answer(
        StaleRecord $stale,
        Clinic $clinic,
        int $version,
        array $base,
        array $mine,
        array $theirs,
        array $keys,
        array $labels,
    ): RedirectResponse {
        $merge = (new ThreeWay($base, $mine, $theirs, $keys))->merge();

        return self::told($stale, $clinic, [
            'version' => $version,
            'merged' => MassFields::shown($merge['merged']),
            'base' => MassFields::shown($theirs),
            'clashes' => array_map(
                static fn (array $c): array => [
                    'field' => $c['field'], 'label' => self::label($c['field'], $labels),
                    'mine' => self::say($c['mine'], $c['field']), 'theirs' => self::say($c['theirs'], $c['field']),
                    'value' => self::shown($c['field'], $c['theirs']),
                ],
                $merge['clashes'],
            ),
            'taken' => array_values(
                array_unique(array_map(static fn (string $f): string => self::label($f, $labels), $merge['taken'])),
            ),
        ]);
    }

    /** @param  array<string, mixed>  $what */
    public static function told(StaleRecord $stale, Clinic $clinic, array $what): RedirectResponse
    {
        $at = $stale->at === null
            ? ''
            : CarbonImmutable::parse($stale->at, 'UTC')->setTimezone($clinic->timezone)->format('H:i');

        return back()->withErrors(
            [
                'version' => sprintf(
                    '%s changed this meanwhile%s. Nothing of yours was saved yet; both are shown below.',
                    $stale->by,
                    $at === '' ? '' : ' ('.$at.')',
                ),
            ],
        )
            ->with(
                'conflict',
                [
                    'id' => bin2hex(random_bytes(6)), 'by' => $stale->by, 'at' => $at, 'clashes' => [], 'taken' => [],
                    ...$what,
                ],
            );
    }

    /** @param  array<string, string>  $labels */
    private static function label(string $field, array $labels): string
    {
        [$list, $rest] = [...explode('.', $field, 2), ''];

        return $labels[$field]
            ?? trim(
                ($labels[$list] ?? ucfirst(str_replace('_', ' ', $list))).(
                    $rest === ''
                        ? ''
                        : ': '.($labels[$rest] ?? str_replace('_', ' ', $rest))
                ),
            );
    }

    /** A value as the page puts it into its form. */
    private static function shown(string $at, mixed $value): mixed
    {
        $field = self::field($at);

        return is_array($value) ? MassFields::shown($value) : MassFields::shown([$field => $value])[$field];
    }

    /** The last name of a path: "usual.weight_kg" is "weight_kg". */
    private static function field(string $at): string
    {
        return substr((string) strrchr('.'.$at, '.'), 1);
    }

    /** A value of a form in words, to hold against another. */
    private static function say(mixed $value, string $at = ''): string
    {
        if (is_numeric($value) && MassFields::isMass(self::field($at))) {
            return Mass::say((float) $value * 1000);
        }
        if (is_array($value)) {
            $parts = [];
            foreach ($value as $key => $part) {
                $said = self::say($part, (string) $key);
                if ($said !== '' && $said !== 'empty' && $said !== 'no') {
                    $parts[] = is_int($key) ? $said : str_replace('_', ' ', basename($key, '_kg')).' '.$said;
                }
            }

            return $parts === [] ? 'empty' : implode(', ', $parts);
        }

        return match (true) {
            $value === null => 'not there',
            $value === '' => 'empty',
            is_bool($value) => $value ? 'yes' : 'no',
            default => is_scalar($value) ? str_replace('_', ' ', (string) $value) : '',
        };
    }
}
