<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\HomeDevice;
use App\Models\HomePage;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Symfony\Component\HttpFoundation\Response;

/**
 * A client's phone shows the key that it was given at the door. What it sends carries a header that no page elsewhere
 * can add: a key alone writes nothing.
 */
final class HomeKey
{
    public const COOKIE = 'at_home';

    public const HEADER = 'X-At-Home';

    /** A phone that was not seen for so long knocks again, days. House convention. */
    private const DAYS = 90;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $device = self::device($request->cookies->getString(self::COOKIE));
        $writes = ! $request->isMethod('GET');
        if ($device === null || ($writes && $request->header(self::HEADER) === null)) {
            return $request->expectsJson()
                ? response()->json(['message' => __('home.shut.link'), 'closed' => true], 401)
                : redirect('/home/door');
        }
        // Two who share a phone: what one of them did is never taken in as the other's.
        if ($writes && $request->filled('whose') && $request->integer('whose') !== $device->page->client_id) {
            return response()->json(['message' => __('home.shut.link')], 409);
        }
        $request->attributes->set(HomePage::class, $device->page);
        $request->attributes->set(HomeDevice::class, $device);
        App::setLocale($device->page->client->clinic->locale);

        return $next($request);
    }

    private static function device(string $token): ?HomeDevice
    {
        $device = $token === '' ? null : HomeDevice::query()->where('token_hash', hash('sha256', $token))->where(
            'seen_at', '>', now()->subDays(self::DAYS),
        )->whereIn('home_page_id', HomePage::open()->select('id'))->with('page.client.clinic')->first();
        if ($device !== null && $device->seen_at?->isBefore(now()->subHour()) === true) {
            $device->update(['seen_at' => now()]);
        }

        return $device;
    }
}
