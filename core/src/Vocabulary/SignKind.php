<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What a reported sign does. */
enum SignKind
{
    /** Always stop and call. */
    case Stop;

    /** Stop and call in pregnancy and the weeks after a birth; otherwise it makes other findings worse. */
    case StopInPregnancy;

    /** Go lighter and tell the clinician. */
    case Ease;

    /** No session today. */
    case NotToday;

    /** On the list of red flags that a client is given; the check before a session asks for it in other words. */
    case Listed;
}
