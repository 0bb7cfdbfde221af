<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Actions\Refusal;
use Illuminate\Database\DetectsLostConnections;
use PDOException;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Throwable;

/** What a fault of the database means to whoever waits for the answer. */
final class DatabaseFault
{
    use DetectsLostConnections;

    /** MariaDB's numbers for a deadlock and for a wait for a lock that took too long. */
    private const LOCKED = [1213, 1205];

    public static function of(PDOException $fault): Throwable
    {
        $number = $fault->errorInfo[1] ?? 0;

        return match (true) {
            // Class 22 is data that does not fit its column; a check that the table holds is 4025.
            str_starts_with((string) $fault->getCode(), '22'), $number === 4025,
            $number === 1366 => Refusal::at(
                'form',
                'A value is outside what can be kept. Nothing was saved; look for a number or a text that is too long.',
            ),
            in_array($number, self::LOCKED, true) => new ConflictHttpException(
                'Somebody saved at the same moment. Nothing was changed here; send it again.', $fault,
            ),
            (new self)->causedByLostConnection($fault),
            str_starts_with((string) $fault->getCode(), '08') => new HttpException(
                503,
                'The database does not answer. What was sent may not be saved; send it again in a moment, it will not '
                    .'count twice.',
                $fault,
            ),
            default => $fault,
        };
    }
}
