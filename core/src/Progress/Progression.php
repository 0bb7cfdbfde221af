<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Client\Schools;
use BuoyantStep\Core\Vocabulary\DoseKind;

/**
 * What grows first: the question that a clinic answers with a school of progression. It is asked as soon as some kind
 * of dose is served by more than one school; until then there is nothing to choose.
 *
 * @phpstan-type Question array{ask: string, choices: array<string, string>, default: string, reason: string}
 */
final class Progression
{
    public const QUESTION = 'progression';

    /**
     * @param  list<School>  $schools
     * @return array<string, Question> every question on which practitioners disagree, by code
     */
    public static function questions(array $schools): array
    {
        $choices = [];
        foreach (DoseKind::cases() as $kind) {
            $serving = array_filter($schools, static fn (School $s): bool => $s->serves($kind));
            foreach (count($serving) > 1 ? $serving : [] as $school) {
                $choices[$school->code()] = $school->label();
            }
        }

        return $choices === [] ? Schools::ALL : [...Schools::ALL, self::QUESTION => [
            'ask' => 'What grows first', 'choices' => $choices, 'default' => (string) array_key_first($choices),
            'reason' => 'Where a school does not serve what a dose counts, the first one that does is used.',
        ]];
    }
}
