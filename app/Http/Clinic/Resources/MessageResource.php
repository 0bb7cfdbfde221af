<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\Client;
use App\Models\Message;
use App\Models\MessageKind;

/** What a client told, newest first, with the answers. */
final class MessageResource
{
    private const MOST = 60;

    /** Where a change that was told is put into the record. */
    private const MEET = [
        'new_tablets' => ['screen', 'Medicines are on Screen'],
        'fell' => ['measure', 'After a fall: red flags, then a re-test'],
        'ill' => ['screen', 'Conditions and clearance are on Screen'],
    ];

    /** @return array<string, mixed> */
    public static function of(Client $client): array
    {
        $zone = $client->clinic->timezone;
        $rows = $client->messages()->with(['user', 'answeredBy'])->limit(self::MOST)->get();

        return [
            'messages' => $rows->map(static fn (Message $m): array => [
                'id' => $m->id, 'kind' => $m->kind->label(), 'says' => $m->says,
                'at' => $m->created_at->setTimezone($zone)->format('Y-m-d H:i'), 'by' => $m->user->name ?? null,
                'answer' => $m->answer, 'answered_by' => $m->answeredBy->name ?? null,
                'answered_at' => $m->answered_at?->setTimezone($zone)->format('Y-m-d H:i'),
                'meet' => isset(self::MEET[$m->kind->value]) && $m->isOpen() ? [
                    'stage' => self::MEET[$m->kind->value][0], 'says' => self::MEET[$m->kind->value][1],
                ] : null,
            ])->all(),
            'kinds' => array_map(
                static fn (MessageKind $k): array => [$k->value, $k->label()], MessageKind::told(),
            ),
        ];
    }
}
