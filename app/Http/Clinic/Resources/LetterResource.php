<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Letters\DraftLetter;
use App\Letters\Field;
use App\Models\Client;
use App\Models\Letter;
use App\Models\LetterKind;
use App\Models\User;

/** Notes and letters of a client, one of them, and the words of a clinic. */
final class LetterResource
{
    private const MOST = 100;

    /** @return array<string, mixed> */
    public static function list(Client $client): array
    {
        $rows = Letter::query()->where('client_id', $client->id)->with('user')->latest('id')->limit(self::MOST)
            ->get(['id', 'client_id', 'user_id', 'kind', 'recipient', 'kept_at', 'updated_at', 'created_at']);

        return [
            'letters' => $rows->map(static fn (Letter $l): array => self::row($client, $l))->all(),
            'kinds' => Options::of(LetterKind::class),
            // Who cleared last is whom one writes to first.
            'recipient' => $client->clearances->first()->given_by ?? '',
        ];
    }

    /** @return array<string, mixed> */
    public static function one(Client $client, Letter $letter): array
    {
        return [
            'letter' => [
                ...self::row($client, $letter), 'body' => $letter->body, 'facts' => $letter->facts,
                'revision' => $letter->revision,
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function row(Client $client, Letter $letter): array
    {
        $zone = $client->clinic->timezone;

        return [
            'id' => $letter->id, 'kind' => $letter->kind->label(), 'recipient' => $letter->recipient ?? '',
            'by' => $letter->user->name, 'at' => $letter->updated_at->setTimezone($zone)->format('Y-m-d H:i'),
            'kept_at' => $letter->kept_at?->setTimezone($zone)->format('Y-m-d H:i'),
        ];
    }

    /** @return array<string, mixed> */
    public static function templates(User $user): array
    {
        return [
            'templates' => array_map(static fn (LetterKind $k): array => [
                'kind' => $k->value, 'label' => $k->label(), 'body' => DraftLetter::template($user->clinic, $k),
                'own' => DraftLetter::template($user->clinic, $k) !== trim(DraftLetter::standard($k)),
            ], LetterKind::cases()),
            'fields' => array_map(static fn (Field $f): array => [$f->value, $f->label()], Field::cases()),
            'may_change' => $user->can('setFigures', $user->clinic),
        ];
    }
}
