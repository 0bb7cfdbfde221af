<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Actions\HomeDoor;
use App\Models\Client;
use Illuminate\Support\Carbon;

/** The client's page at home as the sheet prints it: where it is, and the letters of its PIN. */
final class HomePageResource
{
    /**
     * @return array{
     *     address: string, code: string, letters: string, own_pin: bool, locked: bool, line: string, phones: int,
     *     seen: string|null, expires: string|null, title: string, says: string
     * }|null null where none is open
     */
    public static function of(Client $client): ?array
    {
        $page = HomeDoor::of($client)?->loadMissing('devices');
        $zone = $client->clinic->timezone;

        return $page === null ? null : [
            'address' => url('/home/door/'.$page->code), 'code' => implode(' ', str_split($page->code, 4)),
            'letters' => $page->letters, 'own_pin' => $page->pin_hash !== null, 'locked' => $page->locked_at !== null,
            'line' => $page->line ?? '', 'phones' => $page->devices->count(),
            'seen' => self::day($page->devices->max('seen_at'), $zone),
            'title' => SheetWords::says('home.title'),
            'says' => SheetWords::says($page->pin_hash === null ? 'home.pin' : 'home.own_pin', [
                'letters' => $page->letters,
            ]),
            'expires' => $page->expires_at?->setTimezone($zone)->format('Y-m-d'),
        ];
    }

    private static function day(mixed $at, string $zone): ?string
    {
        return $at instanceof Carbon ? $at->setTimezone($zone)->format('Y-m-d') : null;
    }
}
