<?php

declare(strict_types=1);

namespace App\Exchange;

use RuntimeException;

/** A line of a file that cannot be read, in words for who made it. */
final class CsvFault extends RuntimeException
{
}
