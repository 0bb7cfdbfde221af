<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Vocabulary;

/** What a condition asks the client to see to around a session, and nobody to measure. Its words stand on the sheet. */
enum Reminder: string
{
    /** While the medicine works. */
    case OnTime = 'on_time';
    case KeepCool = 'keep_cool';
    case BladderFirst = 'bladder_first';
    case Sleeve = 'sleeve';
    case Carbohydrate = 'carbohydrate';
    case RiseSlowly = 'rise_slowly';
    case ShoesOn = 'shoes_on';
    case DialysisDays = 'dialysis_days';
    case PelvicFloor = 'pelvic_floor';
}
