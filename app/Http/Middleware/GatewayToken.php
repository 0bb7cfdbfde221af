<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Clinic;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A gateway signs in with its clinic's token, sent as a bearer; only the token's hash is stored. */
final class GatewayToken
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $token = (string) $request->bearerToken();
        $clinic = $token === '' ? null : Clinic::query()->where('gateway_token_hash', hash('sha256', $token))->first();
        if ($clinic === null) {
            return response()->json(['message' => 'Send the gateway token of your clinic: Authorization: Bearer …'], 401);
        }
        $request->attributes->set('clinic', $clinic);

        return $next($request);
    }
}
