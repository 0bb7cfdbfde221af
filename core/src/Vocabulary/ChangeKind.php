<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What can be changed about an exercise so that it fits. Some come in degrees: see Change. */
enum ChangeKind: string
{
    case WedgeTrunk = 'wedge_trunk';
    case SideLyingInstead = 'side_lying_instead';
    case SeatedInstead = 'seated_instead';
    case HoldOn = 'hold_on';
    case ShortenRange = 'shorten_range';
    case WiderStance = 'wider_stance';
    case NarrowerStance = 'narrower_stance';
    case GripAid = 'grip_aid';
    case TwoHandsOnBar = 'two_hands_on_bar';
    case SlidingCloth = 'sliding_cloth';
    case Pad = 'pad';
    case TrunkBelt = 'trunk_belt';
    case Chocks = 'chocks';
    case CountAloud = 'count_aloud';
    case Helper = 'helper';
    case Lighten = 'lighten';
    case ShorterHold = 'shorter_hold';
    case EyesOpen = 'eyes_open';
    case FirmSurface = 'firm_surface';
    case SomeoneHome = 'someone_home';

    /** Does it take something of the exercise itself away, and not only add a hold, a pad or a belt? */
    public function lessens(): bool
    {
        return in_array($this, [
            self::CountAloud, self::Lighten, self::ShortenRange, self::ShorterHold, self::NarrowerStance,
            self::SeatedInstead, self::SideLyingInstead,
        ], true);
    }
}
