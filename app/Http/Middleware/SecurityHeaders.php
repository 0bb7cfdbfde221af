<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** What a browser is told with every answer: run only our own code, show it in no frame, keep no record on the disk. */
final class SecurityHeaders
{
    private const HSTS_SECONDS = 31_536_000;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = Vite::useCspNonce();
        $response = $next($request);
        $headers = $response->headers;
        $headers->set('Content-Security-Policy', implode('; ', [
            "default-src 'none'",
            "script-src 'self' 'nonce-$nonce'",
            "style-src 'self' 'nonce-$nonce'",
            "img-src 'self' data:",
            "font-src 'self'",
            "connect-src 'self'",
            "manifest-src 'self'",
            "form-action 'self'",
            "base-uri 'none'",
            "frame-ancestors 'none'",
        ]));
        $headers->set('X-Frame-Options', 'DENY');
        $headers->set('X-Content-Type-Options', 'nosniff');
        // A link from home is a key: it is passed on to nobody.
        $headers->set(
            'Referrer-Policy',
            $request->is('intake/*', 'welcome/*', 'reset-password/*', 'home', 'home/*') ? 'no-referrer' : 'same-origin',
        );
        $headers->set(
            'Permissions-Policy', 'camera=(), microphone=(), geolocation=(), payment=(), usb=(), bluetooth=()',
        );
        $headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $headers->remove('X-Powered-By');
        if ($request->isSecure()) {
            $headers->set('Strict-Transport-Security', 'max-age='.self::HSTS_SECONDS);
        }
        // Every answer of the application is about somebody, or about somebody's clinic; only files are cached.
        $headers->set('Cache-Control', 'no-store, private');

        return $response;
    }
}
