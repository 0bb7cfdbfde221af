<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/**
 * Four people of the same clinic with twelve weeks behind them, told by week: what a course of months looks like on
 * Today, on Review and in a letter.
 *
 * @phpstan-import-type DemoClient from DemoClients
 *
 * @phpstan-type Week array{form?: float, pain?: int, morning?: int, missed?: bool, stop?: string, note?: string}
 */
final class LongCourses
{
    public const WEEKS = 12;

    /** @return list<array{client: DemoClient, seed: int, strength: float, gain: float, weeks: array<int, Week>}> */
    public static function all(): array
    {
        return [self::solveig(), self::ruben(), self::edda(), self::imre()];
    }

    /** @return array{client: DemoClient, seed: int, strength: float, gain: float, weeks: array<int, Week>} */
    private static function solveig(): array
    {
        return [
            'client' => [
                'name' => ['Solveig', 'Adair'], 'age' => 72, 'sex' => 'female', 'kg' => 69, 'cm' => 164,
                'usual' => [126, 74, 66],
                'conditions' => [['osteoarthritis_knee', 'right']],
                'grip' => ['full', 'full'], 'floor' => 'alone', 'home' => 'alone', 'training' => 'returning',
                'since' => 120, 'pain' => 2, 'where' => 'right knee', 'days' => [1, 4], 'minutes' => 30,
                'wants' => 'carry the shopping up the stairs',
                'tests' => [
                    'chair_stand_30s' => 11, 'arm_curl_30s' => [13, 14], 'tandem_stand' => 10,
                    'one_leg_stand' => [9, 8], 'grip' => [25, 26],
                ],
                'sets' => ['seat_rise' => [3.3, 10, 3], 'tote_row' => [3.3, 10, 3], 'curl' => [1.5, 10, 3]],
                'measured' => 86, 'kit' => 'mixed', 'plan' => 'issued', 'issued' => 85,
            ],
            'seed' => 11, 'strength' => 1.05, 'gain' => 1.2,
            'weeks' => [4 => ['form' => 0.82, 'note' => 'Slept badly all week.'], 9 => ['form' => 0.9]],
        ];
    }

    /** @return array{client: DemoClient, seed: int, strength: float, gain: float, weeks: array<int, Week>} */
    private static function ruben(): array
    {
        return [
            'client' => [
                'name' => ['Ruben', 'Tahiri'], 'age' => 67, 'sex' => 'male', 'kg' => 81, 'cm' => 174,
                'usual' => [138, 84, 72],
                'conditions' => [['hypertension_controlled'], ['osteoarthritis_knee', 'left']],
                'grip' => ['full', 'full'], 'floor' => 'alone', 'home' => 'someone_home', 'training' => 'returning',
                'since' => 150, 'pain' => 2, 'where' => 'left knee', 'days' => [2, 5], 'minutes' => 30,
                'wants' => 'walk the dog up the hill', 'cleared' => 'Dr Amari, general practice',
                'tests' => [
                    'chair_stand_30s' => 12, 'arm_curl_30s' => [15, 16], 'tandem_stand' => 10,
                    'one_leg_stand' => [10, 12], 'grip' => [33, 35],
                ],
                'sets' => ['seat_rise' => [5.0, 10, 3], 'tote_row' => [5.0, 10, 3], 'curl' => [2.5, 10, 3]],
                'measured' => 86, 'kit' => 'mixed', 'plan' => 'issued', 'issued' => 85,
            ],
            'seed' => 23, 'strength' => 0.95, 'gain' => 0.9,
            'weeks' => [
                5 => ['missed' => true], 6 => ['missed' => true], 7 => ['form' => 0.85],
                11 => ['form' => 0.9, 'pain' => 5, 'morning' => 5, 'note' => 'Knee swollen after the garden.'],
            ],
        ];
    }

    /** @return array{client: DemoClient, seed: int, strength: float, gain: float, weeks: array<int, Week>} */
    private static function edda(): array
    {
        return [
            'client' => [
                'name' => ['Edda', 'Novak'], 'age' => 59, 'sex' => 'female', 'kg' => 74, 'cm' => 167,
                'usual' => [134, 86, 68],
                'conditions' => [['hypertension_controlled']],
                'grip' => ['full', 'full'], 'floor' => 'alone', 'home' => 'someone_home', 'training' => 'returning',
                'since' => 110, 'days' => [1, 3], 'minutes' => 35, 'wants' => 'lift the suitcase into the rack',
                'cleared' => 'Dr Amari, general practice',
                'tests' => [
                    'chair_stand_30s' => 16, 'arm_curl_30s' => [17, 19], 'tandem_stand' => 10,
                    'one_leg_stand' => [24, 25], 'grip' => [28, 30],
                ],
                'sets' => ['seat_rise' => [6.0, 10, 3], 'tote_row' => [6.0, 10, 3], 'curl' => [3.0, 10, 3]],
                'measured' => 86, 'kit' => 'dumbbells', 'plan' => 'issued', 'issued' => 85,
            ],
            'seed' => 37, 'strength' => 1.1, 'gain' => 1.1,
            'weeks' => [3 => ['form' => 0.88], 6 => ['stop' => 'chest_pain']],
        ];
    }

    /** @return array{client: DemoClient, seed: int, strength: float, gain: float, weeks: array<int, Week>} */
    private static function imre(): array
    {
        return [
            'client' => [
                'name' => ['Imre', 'Lautaro'], 'age' => 78, 'sex' => 'male', 'kg' => 72, 'cm' => 170,
                'usual' => [130, 72, 62],
                'conditions' => [['osteoarthritis_knee', 'both']],
                'grip' => ['fair', 'fair'], 'floor' => 'helped', 'home' => 'alone', 'training' => 'returning',
                'since' => 130, 'pain' => 3, 'where' => 'both knees', 'days' => [2, 6], 'minutes' => 25,
                'wants' => 'get out of the low car',
                'tests' => [
                    'chair_stand_30s' => 9, 'arm_curl_30s' => [12, 12], 'tandem_stand' => 9, 'one_leg_stand' => [5, 6],
                    'grip' => [26, 27],
                ],
                'sets' => ['tote_row' => [2.5, 10, 3], 'curl' => [1.0, 10, 3]],
                'measured' => 86, 'kit' => 'kitchen', 'plan' => 'issued', 'issued' => 85,
            ],
            'seed' => 41, 'strength' => 0.85, 'gain' => 0.7,
            'weeks' => [
                7 => ['form' => 0.85, 'pain' => 6, 'morning' => 6, 'note' => 'Both knees sore after the stairs.'],
                8 => ['form' => 0.9],
            ],
        ];
    }
}
