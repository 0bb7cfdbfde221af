<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Tests\Simulate;

use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\BandForm;
use BuoyantStep\Core\Kit\BandMaterial;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use Random\Randomizer;

/**
 * Made-up clients as a clinic sees them: most with one or two conditions, a home with things to lift, two or three
 * days.
 */
final class Population
{
    private const CONDITIONS = [
        'older_adult_new', 'falls_risk_high', 'osteoporosis', 'osteopenia', 'hypertension_controlled',
        'coronary_disease', 'chronic_lung_disease', 'diabetes', 'stroke_hemiparesis', 'parkinsons',
        'osteoarthritis_knee',
        'osteoarthritis_hip', 'low_back_pain', 'rotator_cuff_pain', 'cancer', 'beta_blocker', 'anticoagulant',
        'multiple_sclerosis', 'wheelchair_user', 'lymphedema', 'peripheral_neuropathy', 'latex_allergy',
    ];

    private const SIDED = [
        'stroke_hemiparesis', 'osteoarthritis_knee', 'osteoarthritis_hip', 'rotator_cuff_pain', 'lymphedema',
    ];

    public function __construct(private readonly Randomizer $luck)
    {
    }

    /** @return array<string, mixed> in the open form */
    public function client(): array
    {
        $age = $this->luck->getInt(30, 88);
        $codes = array_map(
            fn (int $i): string => self::CONDITIONS[$i],
            (array) $this->luck->pickArrayKeys(self::CONDITIONS, $this->luck->getInt(1, 2)),
        );
        $wheels = in_array('wheelchair_user', $codes, true);

        return [
            'birth_date' => (string) Day::of(Made::TODAY)->plus(-$age * 365 - $this->luck->getInt(0, 364)),
            'sex' => $this->one(['female', 'male']), 'body_mass_kg' => $this->luck->getInt(50, 100),
            'height_mm' => $this->luck->getInt(1520, 1880),
            'conditions' => array_map(fn (string $code): array => [
                'code' => $code,
                ...(in_array($code, self::SIDED, true) ? ['side' => $this->one(['left', 'right'])] : []),
            ], $codes),
            'training' => ['level' => $this->one(['new', 'new', 'returning', 'trained'])],
            'function' => [
                'grip' => ['left' => $this->one(['full', 'full', 'fair']), 'right' => 'full'],
                'standing' => $wheels ? 'none' : 'free', 'floor_transfer' => $wheels ? 'helped' : 'alone',
                'home' => $this->one(['alone', 'someone_home']),
                ...($wheels ? ['wheelchair' => ['brakes' => 'both', 'anti_tip' => true, 'footplate' => true]] : []),
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $client
     * @param  float  $strength  1 for an average one
     * @return list<array<string, mixed>>
     */
    public function measures(array $client, float $strength, string $on): array
    {
        $rows = [];
        $sides = [
            'one_leg_stand' => 14 * $strength, 'arm_curl_30s' => 14 * $strength, 'shoulder_reach' => 160.0,
        ];
        $stands = $client['function']['standing'] !== 'none';
        foreach ([
            'chair_stand_30s' => $stands ? 12 * $strength : null, 'tandem_stand' => $stands ? 10.0 : null,
        ] as $test => $value) {
            if ($value !== null) {
                $rows[] = ['test' => $test, 'value' => (int) round($value), 'on' => $on];
            }
        }
        foreach ($sides as $test => $value) {
            foreach ($test === 'one_leg_stand' && ! $stands ? [] : ['left', 'right'] as $side) {
                $rows[] = ['test' => $test, 'side' => $side, 'value' => (int) round($value), 'on' => $on];
            }
        }

        return $rows;
    }

    /** A home with bottles, bags, a tote and a backpack, cuffs, two dumbbell handles with plates, and one band. */
    public function kit(): Kit
    {
        $pieces = [];
        foreach ([
            ['Bottle 0.5 L', 520, 6, 'power', true, true], ['Bottle 1 L', 1030, 4, 'power', true, true],
            ['Can', 480, 4, 'power', true, true], ['Rice 1 kg', 1000, 6, 'soft', true, true],
            ['Flour 2 kg', 2000, 4, 'soft', true, true], ['Beans 500 g', 500, 4, 'soft', true, true],
            ['Cuff 0.5 kg', 500, 2, 'none', true, false], ['Cuff 1 kg', 1000, 2, 'none', true, false],
            ['Cuff 2 kg', 2000, 2, 'none', true, false], ['Cuff 3 kg', 3000, 2, 'none', true, false],
        ] as $i => [$label, $mass, $count, $grip, $holdable, $packable]) {
            $pieces[] = [
                'id' => "p$i", 'label' => $label, 'mass_g' => $mass, 'count' => $count, 'grip' => $grip,
                'holdable' => $holdable, 'packable' => $packable,
            ];
        }
        foreach ([[250, 8], [500, 8], [1000, 8], [2000, 8]] as [$mass, $count]) {
            $pieces[] = [
                'id' => "plate$mass", 'label' => "Plate $mass g", 'mass_g' => $mass, 'count' => $count,
                'grip' => 'pinch', 'holdable' => false, 'packable' => true, 'plate' => true,
            ];
        }
        $carriers = [
            ['id' => 'tote', 'label' => 'Tote', 'mass_g' => 150, 'count' => 2, 'max_mass_g' => 15000,
                'max_pieces' => 12, 'grip' => 'hook'],
            ['id' => 'pack', 'label' => 'Backpack', 'mass_g' => 700, 'count' => 1, 'max_mass_g' => 20000,
                'max_pieces' => 14, 'grip' => 'none'],
            ['id' => 'basket', 'label' => 'Laundry basket', 'mass_g' => 1200, 'count' => 1, 'max_mass_g' => 25000,
                'max_pieces' => 20, 'grip' => 'power'],
            ['id' => 'bar', 'label' => 'Dumbbell handle', 'mass_g' => 800, 'count' => 2, 'max_mass_g' => 15000,
                'max_pieces' => 8, 'grip' => 'power', 'plates' => true],
        ];
        $kit = Made::kit($pieces, $carriers);
        $band = new Band(1200, [[25, 9], [50, 15], [100, 24], [150, 32]]);

        return new Kit(
            $kit->pieces, $kit->carriers, [new KitBand('b', 'Band', $band, BandMaterial::LatexFree, BandForm::Flat)],
        );
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->luck->getInt(0, count($of) - 1)];
    }
}
