<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Tests\Support;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Prescriber;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\BandForm;
use BuoyantStep\Core\Kit\BandMaterial;
use BuoyantStep\Core\Kit\House;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Measures\EstimateFrom;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\Material;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Part;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\SpineLoad;
use BuoyantStep\Core\Vocabulary\Supervision;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Surface;
use BuoyantStep\Core\Vocabulary\Vision;
use BuoyantStep\Core\Vocabulary\Watch;
use BuoyantStep\Core\Vocabulary\Watched;
use BuoyantStep\Core\Vocabulary\Word;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made-up clients, measures and kits: by hand for the examples, by a seeded generator for the properties. */
final class Made
{
    public const TODAY = '2026-11-25';

    private Randomizer $random;

    /** @var list<string>|null */
    private static ?array $codes = null;

    /** @var array<string, \BuoyantStep\Core\Limits\ConditionAbout>|null */
    private static ?array $abouts = null;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** Words of a test as the core says them: a mass is a token there until it is shown (see Units\MassUnit). */
    public static function said(string $words): string
    {
        return (string) preg_replace_callback(
            '/(\d+(?:\.\d+)?) (kg|g)\b/',
            static fn (array $m): string => Mass::say((float) $m[1] * ($m[2] === 'kg' ? 1000 : 1)),
            $words,
        );
    }

    /** "2.23 kg" as it is shown: with the narrow space. */
    public static function shown(string $words): string
    {
        return (string) preg_replace('/(?<=\d) (?=(?:kg|g|lb)\b)/', Mass::SPACE, $words);
    }

    /** @param  array<string, mixed>  $with */
    public static function client(array $with = []): Profile
    {
        return Profile::read(new Bag([...self::form(), ...$with]));
    }

    /**
     * A healthy trained adult of 46: nothing limits them.
     *
     * @return array<string, mixed>
     */
    public static function form(): array
    {
        return [
            'birth_date' => '1980-03-02',
            'sex' => 'female',
            'body_mass_kg' => 66,
            'height_mm' => 1670,
            'training' => ['level' => 'trained'],
            'function' => [
                'grip' => ['left' => 'full', 'right' => 'full'], 'standing' => 'free', 'floor_transfer' => 'alone',
                'home' => 'someone_home',
            ],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $conditions
     * @param  list<array<string, mixed>>  $measures
     */
    public static function envelope(array $conditions, array $measures = [], string $on = self::TODAY): Envelope
    {
        return RuleBook::standard()->envelope(
            new Facts(self::client(['conditions' => $conditions]), Day::of($on), self::measures($measures)),
        );
    }

    public static function situation(
        Profile $client,
        ?MeasureSet $measures = null,
        ?Kit $kit = null,
        ?Place $place = null,
        string $on = self::TODAY,
    ): Situation {
        return new Situation(
            new Facts($client, Day::of($on), $measures ?? new MeasureSet),
            new House($kit ?? new Kit, $place ?? new Place),
            Catalogue::standard(), RuleBook::standard(),
        );
    }

    /** Doses one rung by these limits alone, with nothing of the body moved: the load is all that is lifted. */
    public static function prescriber(Envelope $envelope, Rung $rung, Goal $goal, ?OneRepMax $max = null): Prescriber
    {
        return new Prescriber(
            new DoseLimits(
                $envelope, $rung->demands->scope(), $goal, $max?->grams,
                through: $rung->demands->strain->loaded(Side::Both),
            ),
            $goal, $max === null ? null : Estimate::of($max, EstimateFrom::EasySet, null),
        );
    }

    /** What a limit on this field holds: a word of the vocabulary where the open form writes one. */
    public static function word(Field $field, int|string|bool $value): int|string|bool|Word
    {
        if (! is_string($value)) {
            return $value;
        }

        return match ($field) {
            Field::Clearance => Clearance::from($value),
            Field::Breath => Breath::from($value),
            Field::SupportMin => Support::from($value),
            Field::SurfaceMax => Surface::from($value),
            Field::Vision => Vision::from($value),
            Field::SupervisionMin => Supervision::from($value),
            Field::AvoidPositions => Position::from($value),
            Field::AvoidMotions => Motion::from($value),
            Field::AvoidMaterial => Material::from($value),
            Field::AvoidParts => Part::from($value),
            Field::SpineLoadMax => SpineLoad::from($value),
            Field::StopSigns => Sign::from($value),
            Field::Watches => new Watch(...array_map(
                static fn (string $w): Watched|Moment => Watched::tryFrom($w) ?? Moment::from($w), explode('|', $value),
            )),
            default => $value,
        };
    }

    /** A rung written family/rung, for somebody, here. */
    public static function at(Situation $situation, string $path): RungHere
    {
        [$family, $rung] = explode('/', $path);
        $found = $situation->catalogue->family($family);

        return $situation->at($found, $found->rung($rung));
    }

    /** @param  list<array<string, mixed>>  $rows */
    public static function measures(array $rows): MeasureSet
    {
        return MeasureSet::read(array_map(static fn (array $r): Bag => new Bag($r), $rows));
    }

    /**
     * @param  list<array<string, mixed>>  $pieces
     * @param  list<array<string, mixed>>  $carriers
     */
    public static function kit(array $pieces, array $carriers = []): Kit
    {
        return Kit::read(new Bag([
            'pieces' => array_map(
                static fn (array $p): array => [
                    'grip' => 'power', 'holdable' => true, 'packable' => true, 'count' => 1, ...$p,
                ],
                $pieces,
            ),
            'carriers' => array_map(
                static fn (array $c): array => [
                    'grip' => 'hook', 'count' => 1, 'max_mass_g' => 20000, 'max_pieces' => 20, ...$c,
                ],
                $carriers,
            ),
        ]));
    }

    public static function kitchen(): Kit
    {
        return self::kit(
            [
                ['id' => 'half', 'mass_g' => 520, 'count' => 8],
                ['id' => 'can', 'mass_g' => 480, 'count' => 6],
                ['id' => 'rice', 'mass_g' => 500, 'count' => 4, 'grip' => 'soft'],
                ['id' => 'cuff', 'mass_g' => 500, 'count' => 2, 'grip' => 'none', 'packable' => false],
            ],
            [['id' => 'tote', 'mass_g' => 150, 'count' => 2]],
        );
    }

    public function int(int $min, int $max): int
    {
        return $this->random->getInt($min, $max);
    }

    public function chance(int $percent): bool
    {
        return $this->int(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param  list<T>  $from
     * @return T
     */
    public function one(array $from): mixed
    {
        return $from[$this->int(0, count($from) - 1)];
    }

    /** @return array<string, mixed> a random client in the open form */
    public function randomForm(): array
    {
        self::$codes ??= array_map(static fn ($a): string => $a->code, RuleBook::standard()->conditions());
        $conditions = [];
        for ($n = $this->int(0, 6); $n > 0; $n--) {
            $conditions[] = $this->randomCondition($this->one(self::$codes));
        }
        $form = [
            'birth_date' => (string) Day::of(self::TODAY)->plus(-$this->int(18 * 365, 95 * 365)),
            'sex' => $this->one(['female', 'male', 'other']),
            'body_mass_kg' => $this->int(45, 130),
            'height_mm' => $this->int(1450, 2000),
            'conditions' => $conditions,
            'function' => $this->randomFunction(),
        ];
        if ($this->chance(80)) {
            $form['training'] = ['level' => $this->one(['new', 'returning', 'trained'])];
        }
        if ($this->chance(25)) {
            $form['pregnancy'] = ['due_date' => (string) Day::of(self::TODAY)->plus($this->int(-10, 270))];
        } elseif ($this->chance(10)) {
            $form['postpartum'] = [
                'birth_date' => (string) Day::of(self::TODAY)->plus(-$this->int(0, 200)),
                'birth' => $this->one(['vaginal', 'caesarean']),
                'symptoms' => $this->chance(50) ? [$this->one(['leaking', 'symptom_free_screen'])] : [],
            ];
        }
        if ($this->chance(20)) {
            $form['medicines'] = [$this->one(['beta blocker', 'anticoagulant', 'insulin', 'statin'])];
        }

        return $form;
    }

    /** @return array<string, mixed> */
    public function randomCondition(string $code): array
    {
        self::$abouts ??= array_column(
            array_map(static fn ($a): array => [$a->code, $a], RuleBook::standard()->conditions()), 1, 0,
        );
        $about = self::$abouts[$code];
        $condition = ['code' => $code];
        if ($about->sided && $this->chance(80)) {
            $condition['side'] = $this->one(['left', 'right', 'both']);
        }
        if ($this->chance(20)) {
            $condition['since'] = (string) Day::of(self::TODAY)->plus($this->int(-200, 60));
        }
        $details = array_values(array_filter(array_keys($about->details), fn (): bool => $this->chance(30)));
        if ($details !== []) {
            $condition['detail'] = $details;
        }

        return $condition;
    }

    /** @return array<string, mixed> */
    public function randomFunction(): array
    {
        $function = [];
        if ($this->chance(85)) {
            $function['grip'] = [
                'left' => $this->one(['none', 'weak', 'fair', 'full']),
                'right' => $this->one(['none', 'weak', 'fair', 'full']),
            ];
        }
        foreach ([
            'standing' => ['none', 'supported', 'free', 'free'], 'floor_transfer' => ['none', 'helped', 'alone'],
            'home' => ['alone', 'someone_home', 'carer'],
        ] as $key => $values) {
            if ($this->chance(85)) {
                $function[$key] = $this->one($values);
            }
        }

        return $function;
    }

    public function randomMeasures(): MeasureSet
    {
        $rows = [];
        if ($this->chance(80)) {
            $rows[] = ['test' => 'chair_stand_30s', 'value' => $this->int(0, 22)];
        }
        if ($this->chance(80)) {
            $rows[] = ['test' => 'tandem_stand', 'value' => $this->int(0, 10)];
        }
        if ($this->chance(70)) {
            $rows[] = ['test' => 'one_leg_stand', 'side' => 'left', 'value' => $this->int(0, 30)];
            $rows[] = ['test' => 'one_leg_stand', 'side' => 'right', 'value' => $this->int(0, 30)];
        }
        foreach ([
            'seat_rise', 'tote_row', 'hinge', 'curl', 'suitcase_carry', 'shoulder_blade_pull', 'knee_extension',
        ] as $family) {
            if ($this->chance(60)) {
                $rows[] = [
                    'test' => 'easy_set', 'family' => $family, 'load_g' => $this->int(3, 160) * 100,
                    'reps' => $this->int(4, 16), 'rir' => $this->int(0, 6),
                ];
            }
        }

        return self::measures($rows);
    }

    public function randomKit(int $kinds = 5): Kit
    {
        $pieces = [];
        for ($i = 0; $i < $this->int(0, $kinds); $i++) {
            $pieces[] = [
                'id' => "p$i",
                'mass_g' => $this->chance(70) ? $this->int(20, 300) * 10 : $this->int(200, 3000),
                'count' => $this->int(1, 4),
                'grip' => $this->one(['none', 'hook', 'soft', 'power', 'pinch']),
                'worn_on' => $this->chance(80) ? 'limb' : 'back',
                'holdable' => $this->chance(70),
                'packable' => $this->chance(70),
            ];
        }
        $carriers = [];
        for ($i = 0; $i < $this->int(0, 2); $i++) {
            $carriers[] = [
                'id' => "c$i", 'mass_g' => $this->int(0, 150) * 10, 'count' => $this->int(1, 2),
                'max_mass_g' => $this->int(1, 12) * 1000, 'max_pieces' => $this->int(1, 6),
                'grip' => $this->one(['none', 'hook', 'power']),
                'worn_on' => $this->chance(80) ? 'back' : 'limb',
            ];
        }

        $kit = self::kit($pieces, $carriers);

        return $this->chance(50) ? new Kit($kit->pieces, $kit->carriers, [$this->randomBand()]) : $kit;
    }

    public function randomBand(): KitBand
    {
        $points = [];
        $force = $elongation = 0.0;
        for ($n = $this->int(1, 4); $n > 0; $n--) {
            $points[] = [$elongation += $this->int(20, 70), $force += $this->int(2, 30)];
        }

        return new KitBand(
            'b', 'band', new Band($this->int(300, 1800), $points), $this->one(BandMaterial::cases()),
            $this->one(BandForm::cases()),
        );
    }
}
