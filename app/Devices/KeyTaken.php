<?php

declare(strict_types=1);

namespace App\Devices;

use RuntimeException;

/** A reading came under a key that another reading was kept under. Neither is changed. */
final class KeyTaken extends RuntimeException
{
}
