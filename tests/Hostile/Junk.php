<?php

declare(strict_types=1);

namespace Tests\Hostile;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Forms as the pages send them, and what a careless or hostile sender makes of them. The same for the same seed. */
final class Junk
{
    /** Stands for the bare number 1e400 in JSON, which no language writes by itself. */
    public const BEYOND = '@@1e400@@';

    private readonly Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /**
     * @template T
     *
     * @param  non-empty-array<T>  $from
     * @return T
     */
    public function one(array $from): mixed
    {
        return array_values($from)[$this->random->getInt(0, count($from) - 1)];
    }

    public function below(int $n): int
    {
        return $this->random->getInt(0, $n - 1);
    }

    public function value(): mixed
    {
        return $this->one([
            null, '', ' ', 'x', '-1', '0', '3', '12,5', '1e9', '1e400', '-1e400', '1e-999999999', '1e999999999',
            self::BEYOND, '99999999999999999999', 9223372036854775807, '9223372036854775808', 4294967296, -2147483649,
            '2026-02-30', '0226-11-20', '9999-12-31', '2026-01-02', '1969-12-31', '2039-01-01', "a\0b", "\xFF\xFE",
            "\u{202E}rtl", str_repeat('ü', 700), str_repeat('9', 400), 'NaN', 'INF', '0x1A', '١٢', '💥',
            [], ['x'], [['x' => 'y']], ['a' => ['b' => 'c']], self::deep(), true, false, 1.5, -5, 1e300, "' OR 1=1 -- ",
            '<script>alert(1)</script>', '../../../etc/passwd', '%00', "=cmd|' /C calc'!A0", ['$gt' => ''],
        ]);
    }

    /** An id in an address that is nobody's, or no id at all. */
    public function id(): string
    {
        return $this->one(
            [
                '0', '999999', '9223372036854775807', '9223372036854775808', '99999999999999999999999999', '-1', 'abc',
                '%00', '%ff', '1.5', '1e3',
            ],
        );
    }

    /**
     * One field of the form, or of one of its parts, made into junk; sometimes several, sometimes a field it does not
     * have.
     *
     * @param  array<array-key, mixed>  $form
     * @return array<array-key, mixed>
     */
    public function spoil(array $form): array
    {
        for ($n = 0; $n <= $this->below(3); $n++) {
            $form = $this->spoilOne($form);
        }

        return $form;
    }

    /**
     * @param  array<array-key, mixed>  $form
     * @return array<array-key, mixed>
     */
    private function spoilOne(array $form): array
    {
        $key = $form === [] || $this->below(12) === 0 ? 'unknown_field' : $this->one(array_keys($form));
        $inside = $form[$key] ?? null;
        $form[$key] = is_array($inside) && $inside !== [] && $this->below(3) > 0
            ? $this->spoilOne($inside)
            : $this->value();

        return $form;
    }

    /** @return array<array-key, mixed> */
    private static function deep(): array
    {
        $deep = ['x'];
        for ($n = 0; $n < 40; $n++) {
            $deep = [$deep];
        }

        return $deep;
    }

    /**
     * The forms of the application, whole, by what they are about.
     *
     * @param  array{
     *     today: string, plan: int, item: int, client: int, version?: int, kit?: int, revision?: int, seen?: int
     * }  $now
     * @return array<string, array<string, mixed>>
     */
    public static function forms(array $now, string $uuid): array
    {
        return [
            'screen' => [
                'key' => $uuid, 'version' => $now['version']
                    ?? 1, 'given_name' => 'Ada', 'family_name' => 'Mole', 'birth_date' => '1948-05-01',
                'sex' => 'female', 'body_mass_kg' => '66,5', 'height_cm' => '165', 'mass_unit' => '',
                'due_date' => '',
                'birth_given_on' => '', 'birth_kind' => '', 'birth_symptoms' => [], 'medicines' => ['beta blocker'],
                'insensate' => ['left heel'],
                'usual' => ['sbp' => '130', 'dbp' => '80', 'heart_rate' => '', 'spo2' => '', 'weight_kg' => ''],
                'conditions' => [
                    [
                        'code' => 'hypertension_controlled', 'side' => '', 'since' => '2020-01-01', 'until' => '',
                        'details' => [], 'numbers' => [],
                    ],
                    [
                        'code' => 'hernia', 'side' => '', 'since' => '', 'until' => '', 'details' => [],
                        'numbers' => ['lift_kg' => '4.5'],
                    ],
                ],
                'grip_left' => 'fair', 'grip_right' => 'full', 'standing' => 'free', 'floor_transfer' => 'alone',
                'home' => 'alone', 'training_level' => 'returning', 'training_since' => '2026-01-01',
                'usual_pain' => '1', 'pain_where' => 'knee',
                'pain_school' => '', 'supine_school' => '', 'bone_school' => '', 'days' => [2, 5], 'minutes' => '40',
                'aim' => 'strength', 'structure' => 'circuit', 'wants' => 'climb stairs',
                'clearance' => [
                    'given_by' => 'Dr Fenn', 'given_on' => '2026-01-10', 'until' => '', 'restrictions' => '',
                ],
                'base' => ['given_name' => 'Ada'],
            ],
            'log' => [
                'plan_id' => $now['plan'], 'key' => $uuid, 'corrects' => null, 'done_on' => $now['today'],
                'pain_before' => '1', 'pain_next_morning' => '', 'stop_sign' => '', 'skipped' => '', 'note' => 'well',
                'items' => [
                    [
                        'item' => $now['item'], 'done' => true, 'effort' => '5,5', 'load_kg' => '',
                        'pain_during' => '0', 'broken' => '', 'sets' => [['amount' => '8', 'side' => 'both']],
                    ],
                ],
            ],
            'morning' => ['pain_next_morning' => '2'],
            'kit' => [
                'version' => $now['kit']
                    ?? 1,
                'pieces' => [
                    [
                        'label' => 'Bottle', 'mass_kg' => '0,52', 'count' => '4', 'grip' => 'power',
                        'holdable' => true, 'packable' => true, 'plate' => false, 'weighed' => true,
                    ],
                ],
                'carriers' => [
                    [
                        'label' => 'Tote', 'mass_kg' => '0.15', 'count' => '1', 'grip' => 'hook', 'max_mass_kg' => '12',
                        'max_pieces' => '12', 'plates' => false,
                    ],
                ],
                'bands' => [
                    [
                        'label' => 'Band',
                        'rest_cm' => '120',
                        'form' => 'flat',
                        'material' => 'latex_free',
                        'max_pct' => '200',
                        'pulls' => [['cm' => '150', 'kgf' => '1'], ['cm' => '200', 'kgf' => '2']],
                    ],
                ],
                'place' => [
                    'things' => ['chair', 'counter'], 'floor' => 'smooth', 'door' => 'away', 'chair_at_wall' => true,
                ],
                'aids' => ['left' => ['wrist_loop'], 'right' => []], 'base' => [],
            ],
            'band' => ['band' => '1', 'rung' => 'band_row/seated', 'at' => 'mean', 'kgf' => '1.5'],
            'measure' => [
                'key' => $uuid,
                'seen' => $now['seen'] ?? 0,
                'measured_on' => $now['today'],
                'results' => [
                    ['test' => 'grip', 'side' => 'left', 'value' => '20,5'],
                    ['test' => 'easy_set', 'family' => 'curl', 'load_kg' => '2', 'reps' => '8', 'rir' => '2'],
                ],
            ],
            'plan' => [
                'revision' => $now['revision'] ?? 1, 'rung' => 'seated', 'family' => 'curl', 'sets' => '2',
                'amount_lo' => '8', 'amount_hi' => '10', 'effort_lo' => '4', 'effort_hi' => '5', 'rest_s' => '90',
                'load_kg' => '', 'confirmed' => false, 'reason' => 'tried it',
                'issue_reason' => 'split over the day', 'clearance_reason' => 'asked by letter',
            ],
            'gate' => [
                'key' => $uuid, 'symptoms' => ['dizziness'], 'repeat' => false, 'sbp' => '120', 'dbp' => '70',
                'heart_rate' => '70', 'spo2' => '97', 'pain' => '1', 'unwell' => 'no', 'skin_ok' => 'yes',
            ],
            'figure' => [
                'rule' => 'hypertension_controlled', 'field' => 'effort_max', 'value' => '6',
                'reason' => 'clinic protocol 4', 'seen' => null,
            ],
            'school' => ['school' => 'fragile_bone', 'choice' => 'light_many', 'seen' => null],
            'unit' => ['mass_unit' => 'lb', 'seen' => 'kg'],
            'bench' => [
                'kind' => 'cuff', 'client_id' => $now['client'], 'fault' => 'none', 'drift_pct' => '0',
                'true' => ['sbp' => '120', 'dbp' => '80'],
            ],
            'answers' => ['answers' => ['home' => 'alone', 'wants' => 'walk']],
            'intake' => ['field' => 'home', 'accept' => true],
            'confirm' => ['rule' => 'older_adult_new', 'reason' => 'four weeks done'],
            'mend' => ['part' => 'place', 'id' => 0],
            'account' => [
                'current_password' => 'not it', 'password' => 'four quiet words here',
                'password_confirmation' => 'four quiet words here', 'letter_keys' => true,
            ],
            'sign-in' => ['email' => 'guess@clinic.example', 'password' => 'x'],
            'link' => [
                'email' => 'guess@clinic.example', 'token' => str_repeat('a', 64),
                'password' => 'four quiet words here', 'password_confirmation' => 'four quiet words here',
            ],
            'reading' => [
                'device_id' => 'cuff-1', 'kind' => 'cuff', 'client_id' => $now['client'], 'key' => $uuid,
                'time' => $now['today'].'T09:30:00+01:00', 'unit' => 'mmHg',
                'values' => ['sbp' => 128, 'dbp' => 76, 'heart_rate' => 70], 'battery_pct' => 80,
            ],
        ];
    }

    /** Which form a route takes. */
    public static function formOf(string $uri): string
    {
        foreach ([
            'api/readings' => 'reading', 'intake/{token}' => 'answers', 'sign-in' => 'sign-in',
            'forgot-password' => 'link', 'reset-password' => 'link', 'welcome' => 'link', 'account' => 'account',
            'rulebook/school' => 'school', 'rulebook/unit' => 'unit',
            'rulebook' => 'figure', 'bench' => 'bench', 'kit/band' => 'band', '/kit' => 'kit', '/screen' => 'screen',
            '/mend' => 'mend', '/intake' => 'intake', '/measure' => 'measure', '/confirm' => 'confirm',
            'next-morning' => 'morning', '/log' => 'log', '/gate' => 'gate', '/plan' => 'plan', '/review' => 'plan',
        ] as $part => $form) {
            if (str_contains('/'.$uri, $part)) {
                return $form;
            }
        }

        return str_ends_with($uri, 'clients') ? 'screen' : 'plan';
    }

    /**
     * As JSON with the bare number 1e400 where it stands; text that is no UTF-8 is sent as it is.
     *
     * @param  array<array-key, mixed>  $form
     */
    public static function json(array $form): string
    {
        $json = json_encode($form, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR, 128);

        return str_replace('"'.self::BEYOND.'"', '1e400', $json === false ? '{}' : $json);
    }
}
