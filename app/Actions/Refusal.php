<?php

declare(strict_types=1);

namespace App\Actions;

use BuoyantStep\Core\Errors\CoreError;
use Illuminate\Validation\ValidationException;

/** A refusal shown at the field it is about; what was typed stays in the form. */
final class Refusal
{
    public static function at(string $field, string $says): ValidationException
    {
        return ValidationException::withMessages([$field => $says]);
    }

    /** A core error in the form's terms: /client/birth_date becomes birth_date. */
    public static function from(CoreError $error, string $fallback): ValidationException
    {
        $field = str_replace('/', '.', ltrim(preg_replace('#^/client#', '', $error->pointer) ?? '', '/'));

        return self::at($field === '' ? $fallback : $field, $error->getMessage());
    }
}
