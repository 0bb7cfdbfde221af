<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Errors;

/** A value that is missing, of the wrong kind, or outside its range. */
final class InvalidInput extends CoreError
{
    public static function at(string $pointer, string $message, string $code = 'invalid_input'): self
    {
        return new self($code, $message, $pointer);
    }
}
