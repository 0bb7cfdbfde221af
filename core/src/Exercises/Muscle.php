<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

/** What a rung trains, in the words of a sheet; and the words by which the same muscles are asked for. */
enum Muscle: string
{
    case Thigh = 'thigh';
    case InnerThigh = 'inner thigh';
    case Hamstring = 'hamstring';
    case Buttock = 'buttock';
    case OuterHip = 'outer hip';
    case HipFlexors = 'hip flexors';
    case Hip = 'hip';
    case Calf = 'calf';
    case Shin = 'shin';
    case Ankle = 'ankle';
    case Foot = 'foot';
    case FrontTrunk = 'front trunk';
    case TrunkSides = 'trunk sides';
    case TrunkRotators = 'trunk rotators';
    case Trunk = 'trunk';
    case BackExtensors = 'back extensors';
    case UpperBack = 'upper back';
    case PelvicFloor = 'pelvic floor';
    case Breathing = 'breathing muscles';
    case Chest = 'chest';
    case Shoulder = 'shoulder';
    case FrontShoulder = 'front shoulder';
    case RearShoulder = 'rear shoulder';
    case ShoulderRotators = 'shoulder rotators';
    case ShoulderDepressors = 'shoulder depressors';
    case Biceps = 'biceps';
    case Triceps = 'triceps';
    case Forearm = 'forearm';
    case ForearmFlexors = 'forearm flexors';
    case ForearmExtensors = 'forearm extensors';
    case ForearmRotators = 'forearm rotators';
    case FingerFlexors = 'finger flexors';
    case FingerExtensors = 'finger extensors';
    case Grip = 'grip';
    case Hand = 'hand';
    case Neck = 'neck';

    /** @return list<string> what it is called in gyms, clinics and textbooks */
    public function words(): array
    {
        return match ($this) {
            self::Thigh => ['quads', 'quadriceps', 'front of thigh', 'legs', 'leg strength', 'rectus femoris', 'knee'],
            self::InnerThigh => ['adductors', 'groin', 'hip adductors'],
            self::Hamstring => ['hams', 'hamstrings', 'back of thigh', 'posterior chain'],
            self::Buttock => ['glutes', 'glute', 'gluteals', 'gluteus maximus', 'bum', 'bottom', 'posterior chain'],
            self::OuterHip => ['abductors', 'hip abductors', 'gluteus medius', 'glute med', 'side of hip'],
            self::HipFlexors => ['psoas', 'iliopsoas', 'front of hip'],
            self::Hip => ['hips'],
            self::Calf => ['calves', 'gastrocnemius', 'soleus', 'lower leg', 'achilles'],
            self::Shin => ['tibialis', 'dorsiflexors', 'front of lower leg', 'foot drop'],
            self::Ankle => ['ankles', 'peroneals'],
            self::Foot => ['feet', 'toes', 'arch of foot'],
            self::FrontTrunk => ['abs', 'abdominals', 'core', 'stomach', 'belly', 'tummy', 'deep abdominals'],
            self::TrunkSides => ['obliques', 'core', 'waist', 'quadratus lumborum', 'side abs'],
            self::TrunkRotators => ['obliques', 'core', 'rotation'],
            self::Trunk => ['core', 'torso', 'midsection'],
            self::BackExtensors => ['lower back', 'erectors', 'erector spinae', 'back', 'spine', 'lumbar'],
            self::UpperBack => [
                'back', 'rhomboids', 'trapezius', 'traps', 'lats', 'latissimus', 'shoulder blades', 'posture',
            ],
            self::PelvicFloor => ['pelvic floor muscles', 'bladder', 'leaking'],
            self::Breathing => ['diaphragm', 'breath'],
            self::Chest => ['pecs', 'pectorals'],
            self::Shoulder => ['shoulders', 'delts', 'deltoids'],
            self::FrontShoulder => ['front delts', 'anterior deltoid'],
            self::RearShoulder => ['rear delts', 'posterior deltoid'],
            self::ShoulderRotators => ['rotator cuff', 'cuff muscles', 'infraspinatus'],
            self::ShoulderDepressors => ['lats', 'shoulder depression'],
            self::Biceps => ['bicep', 'front of arm', 'upper arm', 'arms'],
            self::Triceps => ['tricep', 'back of arm', 'upper arm', 'arms'],
            self::Forearm => ['forearms', 'wrist', 'elbow tendon'],
            self::ForearmFlexors => ['wrist flexors', 'golfers elbow'],
            self::ForearmExtensors => ['wrist extensors', 'tennis elbow'],
            self::ForearmRotators => ['pronation', 'supination'],
            self::FingerFlexors => ['fingers', 'fist'],
            self::FingerExtensors => ['fingers', 'hand opening'],
            self::Grip => ['grip strength', 'handgrip', 'hand strength'],
            self::Hand => ['hands', 'dexterity', 'fine motor'],
            self::Neck => ['neck muscles', 'chin tuck'],
        };
    }
}
