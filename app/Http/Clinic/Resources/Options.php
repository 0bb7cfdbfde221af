<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use BuoyantStep\Core\Client\BirthKind;
use BuoyantStep\Core\Client\BirthSymptom;
use BuoyantStep\Core\Client\Brakes;
use BuoyantStep\Core\Client\Cognition;
use BuoyantStep\Core\Client\FloorTransfer;
use BuoyantStep\Core\Client\Grip;
use BuoyantStep\Core\Client\Home;
use BuoyantStep\Core\Client\LimbUse;
use BuoyantStep\Core\Client\Medicine;
use BuoyantStep\Core\Client\Schools;
use BuoyantStep\Core\Client\Sex;
use BuoyantStep\Core\Client\SkinSite;
use BuoyantStep\Core\Client\Standing;
use BuoyantStep\Core\Client\TrainingLevel;
use BuoyantStep\Core\Client\Trunk;
use BuoyantStep\Core\Gate\Vital;
use BuoyantStep\Core\Kit\BandForm;
use BuoyantStep\Core\Kit\BandMaterial;
use BuoyantStep\Core\Kit\Door;
use BuoyantStep\Core\Kit\Floor;
use BuoyantStep\Core\Kit\PullAt;
use BuoyantStep\Core\Kit\WornOn;
use BuoyantStep\Core\Plan\Aim;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Units\MassUnit;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\GripClass;
use BuoyantStep\Core\Vocabulary\Labelled;
use BuoyantStep\Core\Vocabulary\Side;

/** What each list of a form offers: the words of the core with their labels. A page keeps no list of its own. */
final class Options
{
    /** The usual values that the gate compares with, in the order of the form. */
    private const USUAL = [Vital::Systolic, Vital::Diastolic, Vital::HeartRate, Vital::Saturation, Vital::Weight];

    /**
     * @param  class-string<Labelled>  $words
     * @return list<array{string, string}> code and label
     */
    public static function of(string $words): array
    {
        return array_map(
            static fn (Labelled $w): array => [(string) $w->value, $w->label()], $words::cases(),
        );
    }

    /** @return array<string, list<array{string, string}>|list<array<string, mixed>>> */
    public static function screen(): array
    {
        $sides = [Side::Left, Side::Right, Side::Both];

        return [
            'sex' => self::of(Sex::class), 'mass_unit' => self::units(),
            'supine_school' => self::school('pregnancy_supine'), 'pain_school' => self::school('pain'),
            'bone_school' => self::school('fragile_bone'), 'birth_kind' => self::of(BirthKind::class),
            'birth_symptoms' => self::of(BirthSymptom::class), 'training_level' => self::of(TrainingLevel::class),
            'medicines' => self::of(Medicine::class), 'insensate' => self::of(SkinSite::class),
            'grip' => self::of(Grip::class), 'standing' => self::of(Standing::class),
            'floor_transfer' => self::of(FloorTransfer::class), 'home' => self::of(Home::class),
            'limb' => self::of(LimbUse::class), 'trunk' => self::of(Trunk::class),
            'cognition' => self::of(Cognition::class), 'brakes' => self::of(Brakes::class),
            'asks' => array_map(static fn (Standing $s): array => [
                'standing' => $s->value, 'parts' => array_column($s->asks(), 'value'),
            ], Standing::cases()),
            'aim' => self::of(Aim::class), 'structure' => self::of(Structure::class),
            'side' => array_map(static fn (Side $s): array => [$s->value, $s->label()], $sides),
            'usual' => array_map(static fn (Vital $v): array => [
                'key' => $v->value, 'label' => 'Usual '.Phrase::within($v->label()), 'unit' => $v->unit(),
                'mass' => $v === Vital::Weight,
            ], self::USUAL),
        ];
    }

    /** @return array<string, list<array{string, string}>> */
    public static function kit(): array
    {
        return [
            'floor' => self::of(Floor::class), 'door' => self::of(Door::class),
            'band_form' => self::of(BandForm::class),
            'band_material' => self::of(BandMaterial::class), 'grip' => self::of(GripClass::class),
            'pull_at' => self::of(PullAt::class), 'worn_on' => self::of(WornOn::class),
        ];
    }

    /** @return list<array{string, string}> */
    public static function units(): array
    {
        return array_map(static fn (MassUnit $u): array => [$u->value, $u->value], MassUnit::cases());
    }

    /** @return list<array{string, string}> the choices of a question that practitioners answer differently */
    private static function school(string $question): array
    {
        return array_map(
            static fn (string $code): array => [$code, Schools::ALL[$question]['choices'][$code]],
            Schools::choices($question),
        );
    }
}
