<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\GatewayToken as Token;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpFoundation\Response;

/**
 * A gateway signs in with a token of its clinic, sent as a bearer; only the token's hash is stored. Guessing is
 * slowed down.
 */
final class GatewayToken
{
    /** Wrong tokens a minute from one address. House convention: a gateway that is set up wrong sends a few. */
    public const WRONG_A_MINUTE = 20;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $token = (string) $request->bearerToken();
        $found = $token === ''
            ? null
            : Token::query()->with('clinic')->where(
                'token_hash', hash('sha256', $token),
            )->whereNull('revoked_at')->first();
        if ($found === null) {
            return self::refuse('gateway:'.$request->ip());
        }
        $request->attributes->set('clinic', $found->clinic);

        return $next($request);
    }

    /** A gateway that is set up wrong must not silence a right one at the same address: only wrong tokens wait. */
    private static function refuse(string $key): Response
    {
        if (RateLimiter::tooManyAttempts($key, self::WRONG_A_MINUTE)) {
            $seconds = RateLimiter::availableIn($key);

            return response()->json(
                ['message' => sprintf('Too many wrong tokens. Wait %d seconds.', $seconds)],
                429,
                ['Retry-After' => (string) $seconds],
            );
        }
        RateLimiter::hit($key);

        return response()->json(['message' => 'Send a gateway token of your clinic: Authorization: Bearer …'], 401);
    }
}
