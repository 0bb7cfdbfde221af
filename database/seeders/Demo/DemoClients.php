<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

/**
 * The made-up people of the made-up clinic. Ages and days count back from the day of seeding, so that the demo is
 * always in the middle of things. A course is a list of [days ago, how it went]; what is usual are the systolic and
 * diastolic pressure and the resting heart rate.
 *
 * @phpstan-type DemoClient array{
 *     name: array{string, string}, age: int, sex: string, kg: float, cm: int,
 *     conditions: list<array{0: string, 1?: string, 2?: list<string>}>,
 *     due_in?: int, grip?: array{string, string}, standing?: string, floor?: string, home?: string,
 *     training?: string, since?: int, usual: array{int, int, int},
 *     pain?: int, where?: string, days?: list<int>, minutes?: int, wants?: string, cleared?: string,
 *     tests?: array<string, int|array{int, int}>, sets?: array<string, array{float, int, int}>,
 *     measured?: int, kit?: string,
 *     plan?: 'issued'|'draft', issued?: int, course?: list<array{int, string}>, decided?: bool
 * }
 */
final class DemoClients
{
    /** @return list<DemoClient> */
    public static function all(): array
    {
        return [
            [
                'name' => ['Ilse', 'Varga'], 'age' => 81, 'sex' => 'female', 'kg' => 58.5, 'cm' => 158,
                'usual' => [142, 82, 72],
                'conditions' => [
                    ['osteoporosis', '', ['vertebral_fracture']], ['hypertension_controlled'], ['falls_risk_high'],
                ],
                'grip' => ['fair', 'fair'], 'floor' => 'none', 'home' => 'alone', 'training' => 'new', 'since' => 20,
                'pain' => 1, 'where' => 'mid back', 'days' => [2, 4, 6],
                'wants' => 'get off the toilet without the rail',
                'cleared' => 'Dr Amari, general practice',
                'tests' => [
                    'chair_stand_30s' => 9, 'arm_curl_30s' => [11, 12], 'tandem_stand' => 6, 'one_leg_stand' => [3, 4],
                    'grip' => [16, 17],
                ],
                'sets' => [
                    'seat_rise' => [2.2, 10, 3], 'tote_row' => [3.3, 9, 3], 'suitcase_carry' => [2.7, 10, 4],
                    'hinge' => [2.7, 10, 4], 'curl' => [1.0, 10, 4],
                ],
                'measured' => 20, 'kit' => 'kitchen',
                'plan' => 'issued', 'issued' => 19,
                'course' => [[16, 'building'], [13, 'good'], [11, 'good'], [4, 'good'], [2, 'good']],
            ],
            [
                'name' => ['Bertil', 'Omondi'], 'age' => 74, 'sex' => 'male', 'kg' => 84, 'cm' => 176,
                'usual' => [138, 84, 66],
                'conditions' => [['stroke_hemiparesis', 'right', ['painful_shoulder']], ['hypertension_controlled']],
                'grip' => ['full', 'weak'], 'standing' => 'free', 'floor' => 'helped', 'home' => 'someone_home',
                'training' => 'returning', 'since' => 24, 'pain' => 2, 'where' => 'right shoulder', 'days' => [1, 3, 5],
                'minutes' => 35, 'wants' => 'carry a cup across the room',
                'cleared' => 'Dr Sole, stroke team',
                'tests' => [
                    'chair_stand_30s' => 8, 'arm_curl_30s' => [10, 11], 'tandem_stand' => 8, 'one_leg_stand' => [9, 4],
                    'grip' => [34, 15],
                ],
                'sets' => ['seat_rise' => [4.0, 11, 3], 'tote_row' => [3.3, 10, 3], 'curl' => [1.5, 10, 4]],
                'measured' => 24, 'kit' => 'kitchen',
                'plan' => 'issued', 'issued' => 23,
                'course' => [[20, 'building'], [15, 'good'], [6, 'building'], [1, 'sore']],
            ],
            [
                'name' => ['Marisol', 'Quade'], 'age' => 33, 'sex' => 'female', 'kg' => 71, 'cm' => 168,
                'usual' => [114, 70, 78],
                'conditions' => [], 'due_in' => 89, 'grip' => ['full', 'full'], 'floor' => 'alone',
                'home' => 'someone_home', 'training' => 'trained', 'since' => 900, 'days' => [2, 5], 'minutes' => 40,
                'wants' => 'lift the toddler without back ache',
                'cleared' => 'Midwife Tan',
                'tests' => [
                    'chair_stand_30s' => 24, 'arm_curl_30s' => [26, 27], 'tandem_stand' => 10,
                    'one_leg_stand' => [30, 28], 'grip' => [31, 33],
                ],
                'sets' => [
                    'seat_rise' => [8.0, 12, 3], 'tote_row' => [7.0, 11, 3], 'hinge' => [10.0, 11, 3],
                    'curl' => [4.0, 11, 3], 'suitcase_carry' => [8.0, 10, 4],
                ],
                'measured' => 15, 'kit' => 'dumbbells',
                'plan' => 'issued', 'issued' => 14,
                'course' => [[12, 'good'], [8, 'good'], [5, 'good'], [1, 'building']], 'decided' => true,
            ],
            [
                'name' => ['Tevita', 'Brandt'], 'age' => 69, 'sex' => 'male', 'kg' => 92, 'cm' => 181,
                'usual' => [134, 82, 68],
                'conditions' => [['osteoarthritis_knee', 'left'], ['older_adult_new']],
                'grip' => ['full', 'full'], 'floor' => 'alone', 'home' => 'alone', 'training' => 'new', 'since' => 23,
                'pain' => 3, 'where' => 'left knee', 'days' => [1, 3, 5], 'wants' => 'kneel in the garden',
                'tests' => [
                    'chair_stand_30s' => 11, 'arm_curl_30s' => [13, 14], 'tandem_stand' => 10,
                    'one_leg_stand' => [12, 15], 'grip' => [36, 38],
                ],
                'sets' => [
                    'seat_rise' => [6.0, 11, 3], 'tote_row' => [6.0, 10, 3], 'hinge' => [6.0, 11, 3],
                    'curl' => [3.0, 10, 3], 'suitcase_carry' => [6.0, 10, 4],
                ],
                'measured' => 23, 'kit' => 'mixed',
                'plan' => 'issued', 'issued' => 22,
                'course' => [[19, 'building'], [14, 'building'], [7, 'good'], [2, 'good']],
            ],
            [
                'name' => ['Agnes', 'Folau'], 'age' => 86, 'sex' => 'female', 'kg' => 64, 'cm' => 155,
                'usual' => [146, 78, 74],
                'conditions' => [['falls_risk_high'], ['hypertension_controlled']],
                'grip' => ['weak', 'weak'], 'standing' => 'supported', 'floor' => 'none', 'home' => 'carer',
                'training' => 'new', 'since' => 30, 'days' => [2, 5], 'minutes' => 20,
                'wants' => 'stand long enough to cook',
                'tests' => [
                    'chair_stand_30s' => 4, 'arm_curl_30s' => [6, 7], 'tandem_stand' => 2, 'one_leg_stand' => [1, 0],
                    'grip' => [9, 10],
                ],
                'sets' => ['tote_row' => [1.0, 10, 4]], 'measured' => 26, 'kit' => 'soft',
                'plan' => 'issued', 'issued' => 25, 'course' => [[20, 'building'], [13, 'good'], [1, 'stop']],
            ],
            [
                'name' => ['Rune', 'Castellanos'], 'age' => 58, 'sex' => 'male', 'kg' => 88, 'cm' => 178,
                'usual' => [136, 88, 64],
                'conditions' => [['hypertension_controlled']],
                'grip' => ['full', 'full'], 'floor' => 'alone', 'home' => 'someone_home', 'training' => 'returning',
                'since' => 60, 'days' => [1, 4], 'minutes' => 40, 'wants' => 'get back to hill walking',
                'cleared' => 'Dr Amari, general practice',
                'tests' => [
                    'chair_stand_30s' => 18, 'arm_curl_30s' => [20, 21], 'tandem_stand' => 10,
                    'one_leg_stand' => [26, 30], 'grip' => [44, 46],
                ],
                'sets' => [
                    'seat_rise' => [10.0, 10, 2], 'tote_row' => [10.0, 9, 2], 'hinge' => [12.0, 10, 2],
                    'curl' => [6.0, 9, 2], 'suitcase_carry' => [10.0, 10, 3],
                ],
                'measured' => 12, 'kit' => 'dumbbells',
                'plan' => 'issued', 'issued' => 12, 'course' => [[9, 'building'], [5, 'building'], [2, 'building']],
                'decided' => true,
            ],
            [
                'name' => ['Noor', 'Lindqvist'], 'age' => 66, 'sex' => 'female', 'kg' => 76, 'cm' => 163,
                'usual' => [128, 78, 70],
                'conditions' => [['osteoarthritis_knee', 'both', ['pain_free']], ['latex_allergy']],
                'grip' => ['full', 'fair'], 'floor' => 'alone', 'home' => 'alone', 'training' => 'returning',
                'since' => 8, 'days' => [3, 6], 'wants' => 'stairs without the banister',
                'tests' => [
                    'chair_stand_30s' => 12, 'arm_curl_30s' => [14, 15], 'tandem_stand' => 10,
                    'one_leg_stand' => [11, 9], 'grip' => [24, 23],
                ],
                'sets' => ['seat_rise' => [4.0, 10, 3], 'tote_row' => [4.0, 10, 3], 'curl' => [2.0, 10, 3]],
                'measured' => 3, 'kit' => 'mixed', 'plan' => 'draft',
            ],
            [
                'name' => ['Pieter', 'Achterberg'], 'age' => 77, 'sex' => 'male', 'kg' => 79, 'cm' => 172,
                'usual' => [132, 76, 66],
                'conditions' => [['older_adult_new']],
                'grip' => ['fair', 'fair'], 'floor' => 'helped', 'home' => 'someone_home', 'training' => 'new',
                'since' => 2, 'days' => [2, 5],
                'tests' => [
                    'chair_stand_30s' => 10, 'arm_curl_30s' => [12, 13], 'tandem_stand' => 9, 'one_leg_stand' => [6, 7],
                    'grip' => [27, 29],
                ],
                'measured' => 1, 'kit' => 'kitchen',
            ],
            [
                'name' => ['Halima', 'Serrano'], 'age' => 29, 'sex' => 'female', 'kg' => 63, 'cm' => 165,
                'usual' => [112, 68, 80],
                'conditions' => [], 'due_in' => 180, 'grip' => ['full', 'full'], 'floor' => 'alone', 'home' => 'alone',
                'training' => 'returning', 'since' => 1, 'days' => [2, 4],
            ],
            [
                'name' => ['Oskar', 'Nwosu'], 'age' => 71, 'sex' => 'male', 'kg' => 70, 'cm' => 169,
                'usual' => [130, 80, 68],
                'conditions' => [['osteoporosis']],
                'grip' => ['full', 'full'], 'floor' => 'alone', 'home' => 'someone_home', 'training' => 'returning',
                'since' => 70, 'days' => [1, 3, 5], 'minutes' => 35,
                'tests' => [
                    'chair_stand_30s' => 13, 'arm_curl_30s' => [15, 16], 'tandem_stand' => 10,
                    'one_leg_stand' => [14, 16], 'grip' => [31, 33],
                ],
                'sets' => ['seat_rise' => [6.0, 9, 3], 'tote_row' => [6.0, 9, 3], 'hinge' => [8.0, 9, 3]],
                'measured' => 58, 'kit' => 'mixed',
                'plan' => 'issued', 'issued' => 32, 'course' => [[28, 'good'], [24, 'building'], [11, 'building']],
                'decided' => true,
            ],
            [
                'name' => ['Greta', 'Pallas'], 'age' => 79, 'sex' => 'female', 'kg' => 67, 'cm' => 160,
                'usual' => [140, 80, 70],
                'conditions' => [['hypertension_controlled'], ['osteoarthritis_knee', 'right']],
                'grip' => ['fair', 'fair'], 'floor' => 'helped', 'home' => 'carer', 'training' => 'returning',
                'since' => 80, 'pain' => 3, 'where' => 'right knee', 'days' => [2, 5], 'minutes' => 25,
                'tests' => [
                    'chair_stand_30s' => 10, 'arm_curl_30s' => [12, 13], 'tandem_stand' => 10,
                    'one_leg_stand' => [8, 6], 'grip' => [20, 19],
                ],
                'sets' => ['seat_rise' => [3.2, 9, 2], 'tote_row' => [3.2, 9, 2]], 'measured' => 10, 'kit' => 'kitchen',
                'plan' => 'issued', 'issued' => 10, 'course' => [[7, 'building'], [3, 'building']], 'decided' => true,
            ],
        ];
    }

    /**
     * Kits by name: label to count; masses come from the starter list.
     *
     * @return array{pieces: array<string, int>, carriers: array<string, int>}
     */
    public static function kit(string $name): array
    {
        return match ($name) {
            'kitchen' => [
                'pieces' => [
                    'Water bottle 0.5 L' => 8, 'Can 400 g' => 6, 'Bag of rice 500 g' => 2, 'Bag of beans 1 kg' => 2,
                ],
                'carriers' => ['Tote' => 2],
            ],
            'soft' => ['pieces' => ['Bag of rice 500 g' => 4, 'Bag of beans 1 kg' => 2], 'carriers' => ['Tote' => 2]],
            'dumbbells' => [
                'pieces' => [
                    'Dumbbell plate 0.5 kg' => 8, 'Dumbbell 2 kg' => 2, 'Dumbbell 3 kg' => 2, 'Water bottle 1.5 L' => 6,
                    'Cuff 1 kg' => 2,
                ],
                'carriers' => ['Dumbbell handle' => 2, 'Backpack' => 1, 'Tote' => 2],
            ],
            default => [
                'pieces' => [
                    'Water bottle 0.5 L' => 6, 'Water bottle 1.5 L' => 4, 'Dumbbell 2 kg' => 2, 'Can 400 g' => 4,
                    'Cuff 0.5 kg' => 2,
                ],
                'carriers' => ['Tote' => 2, 'Backpack' => 1],
            ],
        };
    }
}
