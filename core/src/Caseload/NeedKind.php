<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Caseload;

use BuoyantStep\Core\Vocabulary\Labelled;

/** What somebody may need the clinician for, in the order in which a careful person would look. */
enum NeedKind: string implements Labelled
{
    case StopSign = 'stop_sign';
    case GateStopped = 'gate_stopped';
    case GateWaits = 'gate_waits';
    case Unreadable = 'unreadable';
    case PlanNoLongerFits = 'plan_no_longer_fits';
    case WorseNextMorning = 'worse_next_morning';
    case Ease = 'ease';
    case Message = 'message';
    case SessionToSee = 'session_to_see';
    case ClearanceMissing = 'clearance_missing';
    case LimitChange = 'limit_change';
    case ClearanceEnds = 'clearance_ends';
    case IntakeAnswered = 'intake_answered';
    case MeasureFirst = 'measure_first';
    case StepUp = 'step_up';
    case DraftWaits = 'draft_waits';
    case NoPlan = 'no_plan';
    case NotLogging = 'not_logging';
    case Plateau = 'plateau';
    case Retest = 'retest';
    case KitOutgrown = 'kit_outgrown';

    /** The words of the filter. */
    public function label(): string
    {
        return match ($this) {
            self::StopSign => 'red flag',
            self::GateStopped => 'gate: stop and call',
            self::GateWaits => 'gate: wait',
            self::Unreadable => 'record cannot be read',
            self::PlanNoLongerFits => 'plan no longer fits',
            self::WorseNextMorning => 'worse next morning',
            self::Ease => 'ease',
            self::Message => 'message',
            self::SessionToSee => 'session to look at',
            self::ClearanceMissing => 'clearance missing',
            self::LimitChange => 'limit change',
            self::ClearanceEnds => 'clearance ends',
            self::IntakeAnswered => 'intake answered',
            self::MeasureFirst => 'measure first',
            self::StepUp => 'ready to step up',
            self::DraftWaits => 'draft to issue',
            self::NoPlan => 'no plan yet',
            self::NotLogging => 'not logging',
            self::Plateau => 'plateau',
            self::Retest => 're-test due',
            self::KitOutgrown => 'kit outgrown',
        };
    }

    /** 0 comes first. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public function mark(): Mark
    {
        return match ($this) {
            self::StopSign, self::GateStopped => Mark::Stop,
            self::WorseNextMorning, self::Ease => Mark::Ease,
            self::StepUp => Mark::Up,
            default => Mark::Look,
        };
    }

    /** May it be put off to a later day? Never what stops a session, nor a plan that may harm as it stands. */
    public function canWait(): bool
    {
        return ! in_array(
            $this,
            [self::StopSign, self::GateStopped, self::GateWaits, self::Unreadable, self::PlanNoLongerFits],
            true,
        );
    }
}
