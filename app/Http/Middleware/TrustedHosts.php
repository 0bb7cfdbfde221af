<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers only for hosts on the list (config/app.php): a link in a mail is made from the host that was asked for, and
 * must not lead elsewhere.
 */
final class TrustedHosts
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        try {
            $host = mb_strtolower($request->getHost());
        } catch (SuspiciousOperationException) {
            $host = '';
        }
        $known = config('app.hosts');
        if (! is_array($known) || ! in_array($host, $known, true)) {
            return response(
                'This address is not served here. Whoever runs the installation can add it to APP_HOSTS.',
                400,
                ['Content-Type' => 'text/plain; charset=UTF-8'],
            );
        }

        return $next($request);
    }
}
