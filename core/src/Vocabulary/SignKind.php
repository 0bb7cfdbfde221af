<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What a reported sign does. */
enum SignKind
{
    /** Always stop. */
    case Stop;

    /** Stop in pregnancy and the weeks after a birth; otherwise it makes other findings worse. */
    case StopInPregnancy;

    /** Go lighter and tell the clinician. */
    case Ease;

    /** No session today. */
    case NotToday;
}
