<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

/** As the norm tables use it; `other` has no norm and is compared with the person's own baseline. */
enum Sex: string
{
    case Female = 'female';
    case Male = 'male';
    case Other = 'other';
}
