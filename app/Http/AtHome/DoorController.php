<?php

declare(strict_types=1);

namespace App\Http\AtHome;

use App\Actions\HomeDoor;
use App\Http\Controller;
use App\Http\Middleware\HomeKey;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response as AnyResponse;

/** The door of a client's page: an address and a PIN, in plain HTML that needs no script. */
final class DoorController extends Controller
{
    /** A phone keeps its key so long, minutes. */
    private const KEY_MINUTES = 60 * 24 * 180;

    public function show(string $code = ''): Response
    {
        return self::door($code);
    }

    public function enter(Request $request, HomeDoor $door): AnyResponse
    {
        $typed = static fn (mixed $word): string => is_string($word) ? mb_substr($word, 0, 60) : '';
        $code = $typed($request->input('code'));
        $pin = $typed($request->input('pin'));
        App::setLocale(HomeDoor::localeOf($code) ?? App::getLocale());
        try {
            $token = $door->enter($code, $pin);
        } catch (ValidationException $refused) {
            return self::door($code, $refused->errors(), 422);
        }

        return redirect('/home')->withCookie(Cookie::make(
            HomeKey::COOKIE, $token, self::KEY_MINUTES, '/home', null, $request->isSecure(), true, false, 'lax',
        ));
    }

    /** @param  array<array-key, mixed>  $errors */
    private static function door(string $code, array $errors = [], int $status = 200): Response
    {
        App::setLocale(HomeDoor::localeOf($code) ?? App::getLocale());

        return response()->view('home.door', ['code' => $code, 'problems' => $errors], $status);
    }
}
