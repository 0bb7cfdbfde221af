<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

/** Where practitioners disagree: each question with its named choices, the default and the reason for it. */
final class Schools
{
    /** @var array<string, array{ask: string, choices: array<string, string>, default: string, reason: string}> */
    public const ALL = [
        'pain' => [
            'ask' => 'Pain during exercise',
            'choices' => [
                'none' => 'none at all', 'up_to_3' => 'up to 3 of 10',
                'up_to_5' => 'up to 5 of 10 if it settles by next morning',
            ],
            'default' => 'by client',
            'reason' => 'Up to 3 for new and fragile clients, up to 5 for long-standing joint pain (Thomeé 1997, '
                .'adapted).',
        ],
        'pregnancy_supine' => [
            'ask' => 'Flat on the back in pregnancy',
            'choices' => [
                'from_16' => 'out from 16 weeks', 'from_20' => 'raised offered from 16, required from 20 weeks',
            ],
            'default' => 'from_20',
            'reason' => 'Raised is offered early and required when the weight of the womb begins to matter; at once '
                .'if light-headed (Mottola 2019; ACOG 804).',
        ],
        'fragile_bone' => [
            'ask' => 'Loading fragile bone at home',
            'choices' => [
                'moderate' => 'moderate, 8-12 reps', 'light_many' => 'light and many, 10 up to 25 reps, then load',
            ],
            'default' => 'moderate',
            'reason' => 'Moderate loads with spine-sparing form (Giangregorio 2014; Beck 2017); heavier only '
                .'supervised (Watson 2018).',
        ],
    ];

    /** @return list<string> the choices of a question, by code */
    public static function choices(string $question): array
    {
        return array_keys(self::ALL[$question]['choices']);
    }
}
