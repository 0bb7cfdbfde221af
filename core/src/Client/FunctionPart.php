<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Client;

/** What is asked about a client's function only where something says that it matters. */
enum FunctionPart: string
{
    case Limbs = 'limbs';
    case Trunk = 'trunk';
    case Bed = 'bed';
    case Wheelchair = 'wheelchair';
}
