<?php

declare(strict_types=1);

namespace App\Exceptions;

use BuoyantStep\Core\Errors\CoreError;
use ErrorException;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;
use Throwable;
use TypeError;
use WeakMap;

/**
 * What the log says of a fault: its kind, its place and its path through the code, never a value. A message of the
 * database quotes what was to be stored; a message of the core quotes what was typed; neither belongs in a log.
 */
final class QuietReport
{
    private const FRAMES = 12;

    /** @var WeakMap<Throwable, true>|null a fault is mapped for the log and again for the answer, and said once */
    private static ?WeakMap $said = null;

    public static function of(Throwable $fault): void
    {
        self::$said ??= new WeakMap;
        if (isset(self::$said[$fault])) {
            return;
        }
        self::$said[$fault] = true;
        Log::error(
            self::kind($fault),
            ['at' => self::place($fault->getFile(), $fault->getLine()), 'path' => self::path($fault)],
        );
    }

    /** A record that cannot be read back: whose it is by number, and where in it the fault lies. */
    public static function ofRecord(int $clientId, Throwable $fault): void
    {
        Log::warning('A stored record cannot be read', ['client' => $clientId, 'fault' => self::kind($fault)]);
    }

    private static function kind(Throwable $fault): string
    {
        $says = match (true) {
            $fault instanceof QueryException => 'SQLSTATE '.$fault->getCode().' in '.$fault->getSql(),
            $fault instanceof CoreError => $fault->errorCode.' at '.($fault->pointer === '' ? '/' : $fault->pointer),
            // These speak of types and names, not of values.
            $fault instanceof TypeError, $fault instanceof ErrorException => $fault->getMessage(),
            default => '',
        };

        return $fault::class.($says === '' ? '' : ': '.$says);
    }

    /** @return list<string> */
    private static function path(Throwable $fault): array
    {
        $frames = array_filter(
            $fault->getTrace(),
            static fn (array $f): bool => isset($f['file']) && ! str_contains($f['file'], '/vendor/'),
        );

        return array_map(
            static fn (array $f): string => self::place($f['file'], $f['line'] ?? 0),
            array_slice($frames, 0, self::FRAMES),
        );
    }

    private static function place(string $file, int $line): string
    {
        return str_replace(base_path().'/', '', $file).':'.$line;
    }
}
