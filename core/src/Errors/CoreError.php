<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Errors;

use DomainException;

/**
 * Every error the core throws on purpose. It names the field it is about (a JSON pointer, '' for the whole input) and
 * says in one sentence what is wrong and what would work.
 */
abstract class CoreError extends DomainException
{
    public function __construct(
        public readonly string $errorCode,
        string $message,
        public readonly string $pointer = '',
    ) {
        parent::__construct($message);
    }
}
