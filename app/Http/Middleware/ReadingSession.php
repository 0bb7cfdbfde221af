<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

/**
 * A page asks for answers while somebody types: those only read. Were their session saved, one that comes between an
 * action and its page would use up the message of that action, and one that began before it would overwrite it.
 */
final class ReadingSession extends StartSession
{
    /** @param  Request  $request */
    protected function saveSession($request): void
    {
        if (! $request->isMethod('GET') || ! $request->wantsJson()) {
            parent::saveSession($request);
        }
    }
}
