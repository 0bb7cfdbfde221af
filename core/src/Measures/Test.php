<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Measures;

use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Range;

/** A test that a clinician does with the client, in the order it is usually done. */
enum Test: string
{
    case ChairStand = 'chair_stand_30s';
    case FiveChairStands = 'five_chair_stands';
    case FourStage = 'four_stage_balance';
    case Tandem = 'tandem_stand';
    case OneLegStand = 'one_leg_stand';
    case Grip = 'grip';
    case TimedUpAndGo = 'timed_up_and_go';
    case ArmCurl = 'arm_curl_30s';
    case HeelRaise = 'heel_raise';
    case WallSit = 'wall_sit';
    case FrontPlank = 'front_plank';
    case SidePlank = 'side_plank';
    case PushUp = 'push_up_level';
    case PressureDrop = 'bp_lying_standing';
    case ShoulderReach = 'shoulder_reach';
    case AnkleRange = 'ankle_range';
    case FloorTransfer = 'floor_transfer';
    case TransferHeight = 'transfer_height';
    case EasySet = 'easy_set';

    public function label(): string
    {
        return match ($this) {
            self::ChairStand => '30 s chair stand',
            self::Tandem => 'Tandem stand',
            self::OneLegStand => 'One-leg stand',
            self::Grip => 'Hand grip',
            self::FiveChairStands => 'Five chair stands',
            self::FourStage => 'Four-stage balance',
            self::TimedUpAndGo => 'Timed up and go',
            self::ArmCurl => '30 s arm curl',
            self::HeelRaise => 'One-leg heel raise',
            self::WallSit => 'Wall sit',
            self::FrontPlank => 'Front plank',
            self::SidePlank => 'Side plank',
            self::PushUp => 'Push-ups at RPE 7',
            self::PressureDrop => 'Pressure drop on standing',
            self::ShoulderReach => 'Shoulder reach',
            self::AnkleRange => 'Ankle range, knee to wall',
            self::FloorTransfer => 'Floor transfer',
            self::TransferHeight => 'Lowest seat risen from',
            self::EasySet => 'Easy set',
        };
    }

    public function hasSides(): bool
    {
        return in_array(
            $this,
            [
                self::OneLegStand, self::Grip, self::ArmCurl, self::HeelRaise, self::SidePlank, self::ShoulderReach,
                self::AnkleRange,
            ],
            true,
        );
    }

    public function unit(): string
    {
        return match ($this) {
            self::ChairStand => 'stands',
            self::Tandem, self::OneLegStand => 's',
            self::Grip => 'kg',
            self::FiveChairStands => 's',
            self::FourStage => 'stages',
            self::TimedUpAndGo => 's',
            self::ArmCurl => 'curls',
            self::HeelRaise => 'raises',
            self::WallSit => 's',
            self::FrontPlank => 's',
            self::SidePlank => 's',
            self::PushUp => 'reps',
            self::PressureDrop => 'mmHg',
            self::ShoulderReach => 'degrees',
            self::AnkleRange => 'cm',
            self::FloorTransfer => 'of 2',
            self::TransferHeight => 'cm',
            self::EasySet => 'kg',
        };
    }

    /** Plausible raw values, both ends included. */
    public function range(): Range
    {
        return match ($this) {
            self::ChairStand => new Range(0, 60),
            self::Tandem => new Range(0, 10),
            self::OneLegStand => new Range(0, 30),
            self::Grip => new Range(0, 90),
            self::FiveChairStands => new Range(1, 120),
            self::FourStage => new Range(0, 4),
            self::TimedUpAndGo => new Range(2, 180),
            self::ArmCurl => new Range(0, 80),
            self::HeelRaise => new Range(0, 60),
            self::WallSit => new Range(0, 600),
            self::FrontPlank => new Range(0, 600),
            self::SidePlank => new Range(0, 600),
            self::PushUp => new Range(0, 100),
            self::PressureDrop => new Range(-60, 120),
            self::ShoulderReach => new Range(0, 180),
            self::AnkleRange => new Range(0, 25),
            self::FloorTransfer => new Range(0, 2),
            self::TransferHeight => new Range(20, 70),
            self::EasySet => new Range(0, 200),
        };
    }

    /** How it is done, in words the clinician can read out. */
    public function script(): string
    {
        return match ($this) {
            self::ChairStand => 'Chair 43 cm high with its back to a wall, arms crossed. "Stand up fully and sit down '
                .'as often as you safely can until I say stop." 30 s. Any push with the arms makes the count 0.',
            self::Tandem => 'Beside a counter. One foot straight in front of the other, heel to toe. Up to 10 s; stop '
                .'the clock when a foot moves or a hand grabs.',
            self::OneLegStand => 'Beside a counter. Lift one foot; stop the clock when it lands, the stance foot '
                .'moves, or a hand grabs. Up to 30 s each side, best of two.',
            self::Grip => 'Seated, elbow bent square, wrist straight. Squeeze for 3 s. Best of two each hand.',
            self::FiveChairStands => 'Same chair, arms crossed. Five full stands as fast as is safe; stop the clock '
                .'at the fifth stand.',
            self::FourStage => 'Feet together, semi-tandem, tandem, one leg: 10 s each, beside a counter. Enter how '
                .'many stages were held for 10 s, in that order.',
            self::TimedUpAndGo => 'From the chair, walk 3 m at usual pace, turn, come back, sit. Usual shoes and aid.',
            self::ArmCurl => sprintf(
                'Seated at the edge, %s (women) or %s (men), full curls in 30 s. Another weight is recorded and has '
                    .'no norm.',
                Mass::say(2270),
                Mass::say(3630),
            ),
            self::HeelRaise => 'Fingertips on a wall, one leg, full height, one every 2 s. Stop when height is lost.',
            self::WallSit => 'Back on the wall, knees as bent as is comfortable. Stop at RPE 8, or at the hold '
                .'that the limits allow.',
            self::FrontPlank => 'On the forearms, at the counter when the floor is out. Count aloud; stop at RPE 8.',
            self::SidePlank => 'On the forearm, knees or feet. Count aloud; stop at RPE 8.',
            self::PushUp => 'The rung they train on, reps until RPE 7. Note the rung with the result.',
            self::PressureDrop => 'Lie 5 minutes, read; stand, read at 1 and 3 minutes. Enter the largest fall of the '
                .'systolic and of the diastolic pressure.',
            self::ShoulderReach => 'Seated, arm up in front as far as it goes without pain or leaning.',
            self::AnkleRange => 'Foot flat, knee to the wall: the farthest toe that still lets the heel stay down.',
            self::FloorTransfer => 'Down to the floor and up again beside a chair: 0 cannot, 1 with help, 2 alone. '
                .'Only with someone there.',
            self::TransferHeight => 'From high to low, the lowest seat from which they rise without hands. Lower is '
                .'better.',
            self::EasySet => 'A comfortable load they have practised. Stop well before the limit (RPE 5-6 when a '
                .'limit says so, never beyond 8) and ask how many more were left.',
        };
    }

    public function source(): string
    {
        return match ($this) {
            self::ChairStand => 'CDC STEADI 30-second chair stand',
            self::Tandem => 'CDC STEADI four-stage balance test',
            self::OneLegStand => 'Vellas 1997',
            self::Grip => 'Cruz-Jentoft 2019 (EWGSOP2)',
            self::FiveChairStands => 'Cruz-Jentoft 2019 (EWGSOP2)',
            self::FourStage => 'CDC STEADI four-stage balance test',
            self::TimedUpAndGo => 'CDC STEADI timed up and go',
            self::ArmCurl => 'Rikli and Jones 1999, 2013',
            self::HeelRaise => 'Lunsford and Perry 1995',
            self::WallSit => 'Own baseline',
            self::FrontPlank => 'Own baseline',
            self::SidePlank => 'Own baseline',
            self::PushUp => 'Own baseline',
            self::PressureDrop => 'Consensus on orthostatic hypotension (Freeman 2011)',
            self::ShoulderReach => 'Own baseline',
            self::AnkleRange => 'Own baseline',
            self::FloorTransfer => 'Own baseline; opens floor positions on Screen',
            self::TransferHeight => 'Own baseline',
            self::EasySet => 'Epley 1985; Brzycki 1993',
        };
    }

    /** Counted whole: half a stand is no stand. */
    public function isCount(): bool
    {
        return in_array(
            $this,
            [self::ChairStand, self::FourStage, self::ArmCurl, self::HeelRaise, self::PushUp, self::FloorTransfer],
            true,
        );
    }

    public function lessIsBetter(): bool
    {
        return in_array(
            $this, [self::FiveChairStands, self::TimedUpAndGo, self::PressureDrop, self::TransferHeight], true,
        );
    }

    /** What helps the one who watches: a stopwatch, a 30 s clock with a counter, or nothing. */
    public function clock(): string
    {
        return match ($this) {
            self::ChairStand, self::ArmCurl => 'count30',
            self::FiveChairStands, self::Tandem, self::OneLegStand, self::TimedUpAndGo, self::WallSit, self::FrontPlank,
            self::SidePlank => 'stopwatch',
            default => 'none',
        };
    }

    /** Asked of nearly everyone; the others are there when wanted. */
    public function isCore(): bool
    {
        return in_array($this, [self::ChairStand, self::Tandem, self::OneLegStand, self::Grip], true);
    }
}
