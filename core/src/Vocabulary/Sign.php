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
    case BreathlessBeforeEffort = 'breathless_before_effort';
    case WeaknessOfBalance = 'weakness_of_balance';
    case BreastboneClick = 'breastbone_click';
    case SaddleNumbness = 'saddle_numbness';
    case RestPainInLeg = 'rest_pain_in_leg';
    case TroubleSpeaking = 'trouble_speaking';
    case Confusion = 'confusion_or_drooping_face';
    case HeadKnock = 'knock_to_the_head';
    case AbdominalPain = 'abdominal_pain';
    case BabyMovesLess = 'baby_moves_less';

    public function label(): string
    {
        return match ($this) {
            self::ChestPain => 'chest pain or pressure',
            self::Faintness => 'faintness',
            self::NewBreathlessness => 'new breathlessness',
            self::BreathlessAtRest => 'breathless at rest',
            self::NewWeakness => 'new weakness or numbness',
            self::SuddenHeadache => 'sudden headache',
            self::CalfSwelling => 'calf pain or swelling',
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
            self::BreathlessBeforeEffort => 'breathless before effort',
            self::WeaknessOfBalance => 'weakness that affects balance',
            self::BreastboneClick => 'clicking of the breastbone or a change of the wound',
            self::RestPainInLeg => 'leg pain at rest',
            self::TroubleSpeaking => 'trouble speaking',
            self::Confusion => 'confusion or a drooping face',
            self::HeadKnock => 'a knock to the head',
            self::AbdominalPain => 'abdominal pain',
            self::BabyMovesLess => 'the baby moving less',
            self::SaddleNumbness => 'saddle numbness or a change of bladder or bowel',
        };
    }

    public function code(): string
    {
        return $this->value;
    }

    public function kind(): SignKind
    {
        return match ($this) {
            self::Dizziness, self::Headache => SignKind::StopInPregnancy,
            self::Doming, self::PelvicHeaviness, self::Leaking => SignKind::Ease,
            self::SevereLow => SignKind::NotToday,
            default => SignKind::Stop,
        };
    }

    /** Whom to turn to: the emergency number at once, or the treating team the same day. */
    public function urgency(): Urgency
    {
        return match ($this) {
            self::NewBonePain, self::BreastboneClick, self::SaddleNumbness, self::RestPainInLeg, self::RedFlagPain,
            self::DeviceShock, self::BabyMovesLess, self::Doming, self::PelvicHeaviness, self::Leaking,
            self::SevereLow, self::Dizziness, self::Headache => Urgency::Refer,
            default => Urgency::CallNow,
        };
    }

    /**
     * A red flag as it was written down: its code, or words of somebody's own, which stay as they are.
     */
    public static function words(string $written): string
    {
        return self::tryFrom($written)?->label() ?? $written;
    }

    /**
     * @param  list<string>  $codes
     * @return list<self>
     *
     * @throws UnknownCode for one that nobody knows
     */
    public static function readAll(array $codes, string $pointer): array
    {
        $signs = [];
        foreach ($codes as $i => $code) {
            $signs[] = self::tryFrom($code)
                ?? throw UnknownCode::of('symptom', $code, array_column(self::cases(), 'value'), "$pointer/$i");
        }

        return $signs;
    }
}
