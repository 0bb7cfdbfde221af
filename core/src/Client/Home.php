<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

/** Who is at home while the client exercises. */
enum Home: string
{
    case Alone = 'alone';
    case SomeoneHome = 'someone_home';
    case Carer = 'carer';
}
