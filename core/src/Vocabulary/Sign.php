<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

use BuoyantStep\Core\Errors\UnknownCode;

/** A sign or symptom that a client may report before, during or after a session. */
enum Sign: string implements Word
{
    case ChestPain = 'chest_pain';
    case Faintness = 'faintness';
    case NewBreathlessness = 'new_breathlessness';
    case BreathlessAtRest = 'breathless_at_rest';
    case NewWeakness = 'new_weakness';
    case SuddenHeadache = 'sudden_headache';
    case CalfSwelling = 'calf_swelling';
    case FallWithInjury = 'fall_with_injury';
    case LossOfControl = 'loss_of_bladder_or_bowel_control';
    case DysreflexiaSigns = 'dysreflexia_signs';
    case DeviceShock = 'device_shock';
    case RedFlagPain = 'red_flag_pain';
    case NewBonePain = 'new_bone_pain';
    case VaginalBleeding = 'vaginal_bleeding';
    case FluidLeaking = 'fluid_leaking';
    case RegularContractions = 'regular_contractions';
    case Dizziness = 'dizziness';
    case Headache = 'headache';
    case VisionChange = 'vision_change';
    case Doming = 'doming';
    case PelvicHeaviness = 'pelvic_heaviness';
    case Leaking = 'leaking';
    case SevereLow = 'severe_low_24h';
    case UnusualBreathlessness = 'unusual_breathlessness';
    case BreathlessBeforeEffort = 'breathless_before_effort';
    case ChestPainInPregnancy = 'chest_pain_in_pregnancy';
    case CalfPain = 'calf_pain_or_swelling';
    case WeaknessOfBalance = 'weakness_of_balance';
    case BreastboneClick = 'breastbone_click';
    case SaddleNumbness = 'saddle_numbness';

    public function label(): string
    {
        return match ($this) {
            self::ChestPain => 'chest pain or pressure',
            self::Faintness => 'faintness',
            self::NewBreathlessness => 'new breathlessness',
            self::BreathlessAtRest => 'breathless at rest',
            self::NewWeakness => 'new weakness or numbness',
            self::SuddenHeadache => 'sudden headache',
            self::CalfSwelling => 'calf swelling',
            self::FallWithInjury => 'a fall with injury',
            self::LossOfControl => 'loss of bladder or bowel control',
            self::DysreflexiaSigns => 'dysreflexia signs',
            self::DeviceShock => 'a shock from the device',
            self::RedFlagPain => 'new pain with a red flag',
            self::NewBonePain => 'new bone pain',
            self::VaginalBleeding => 'vaginal bleeding',
            self::FluidLeaking => 'fluid leaking',
            self::RegularContractions => 'regular painful contractions',
            self::Dizziness => 'dizziness',
            self::Headache => 'headache',
            self::VisionChange => 'vision change',
            self::Doming => 'doming of the belly',
            self::PelvicHeaviness => 'pelvic heaviness',
            self::Leaking => 'leaking',
            self::SevereLow => 'a low glucose that needed help within a day',
            self::UnusualBreathlessness => 'unusual breathlessness',
            self::BreathlessBeforeEffort => 'breathless before effort',
            self::ChestPainInPregnancy => 'chest pain',
            self::CalfPain => 'calf pain or swelling',
            self::WeaknessOfBalance => 'weakness that affects balance',
            self::BreastboneClick => 'clicking of the breastbone or a change of the wound',
            self::SaddleNumbness => 'saddle numbness or a change of bladder or bowel',
        };
    }

    /** In the open form of an envelope red flags are written as the client reads them. */
    public function code(): string
    {
        return $this->label();
    }

    public function kind(): SignKind
    {
        return match ($this) {
            self::Dizziness, self::Headache, self::VisionChange => SignKind::StopInPregnancy,
            self::Doming, self::PelvicHeaviness, self::Leaking => SignKind::Ease,
            self::SevereLow => SignKind::NotToday,
            self::UnusualBreathlessness,
            self::BreathlessBeforeEffort,
            self::ChestPainInPregnancy,
            self::CalfPain,
            self::WeaknessOfBalance,
            self::BreastboneClick,
            self::SaddleNumbness => SignKind::Listed,
            default => SignKind::Stop,
        };
    }

    /** @return list<self> what the check before a session asks for */
    public static function asked(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $s): bool => $s->kind() !== SignKind::Listed));
    }

    /** @return list<self> what is asked of anybody when a session is written down */
    public static function duringSession(): array
    {
        return [
            self::ChestPain, self::Faintness, self::NewBreathlessness, self::NewWeakness, self::SuddenHeadache,
            self::CalfSwelling, self::FallWithInjury,
        ];
    }

    /** The sign that was written down in these words; null for words of somebody's own. */
    public static function said(string $words): ?self
    {
        foreach (self::cases() as $sign) {
            if ($sign->label() === $words) {
                return $sign;
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $codes
     * @return list<self>
     *
     * @throws UnknownCode for one that the check before a session does not know
     */
    public static function readAll(array $codes, string $pointer): array
    {
        $asked = self::asked();
        $signs = [];
        foreach ($codes as $i => $code) {
            $sign = self::tryFrom($code);
            if ($sign === null || ! in_array($sign, $asked, true)) {
                throw UnknownCode::of('symptom', $code, array_column($asked, 'value'), "$pointer/$i");
            }
            $signs[] = $sign;
        }

        return $signs;
    }
}
