<?php

declare(strict_types=1);

namespace App\Actions;

use App\Mail\SomethingWaits;
use App\Models\Client;
use App\Models\Decision;
use App\Models\Message;
use App\Models\MessageKind;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;

/** Keeps what a client told between two visits, and the clinician's short answer to it. */
final class KeepMessage
{
    /** @param  User|null  $by  who of the clinic wrote it down; null where the client did */
    public function tell(
        Client $client,
        ?User $by,
        MessageKind $kind,
        string $says,
        ?string $sentKey = null,
    ): Message {
        $message = DB::transaction(static function () use ($client, $by, $kind, $says, $sentKey): Message {
            Client::query()->lockForUpdate()->findOrFail($client->id);
            $new = ['user_id' => $by?->id, 'kind' => $kind, 'says' => $says];

            // Sent again, it is known.
            return $sentKey === null ? $client->messages()->create($new)
                : $client->messages()->firstOrCreate(['sent_key' => $sentKey], $new);
        });
        if (! $message->wasRecentlyCreated) {
            return $message;
        }
        $looksAfter = $client->assigned_to === null ? null : User::query()->find($client->assigned_to);
        // Whoever wrote it down knows of it already.
        if ($looksAfter !== null && $looksAfter->id !== $by?->id) {
            Mail::to($looksAfter->email)->send(new SomethingWaits);
        }

        return $message;
    }

    public function answer(Client $client, User $by, int $id, string $answer): void
    {
        DB::transaction(static function () use ($client, $by, $id, $answer): void {
            $message = $client->messages()->lockForUpdate()->findOrFail($id);
            if ($message->answered_at !== null) {
                throw Refusal::at('answer', 'A colleague answered this meanwhile; the page shows how.');
            }
            $message->update(['answer' => $answer, 'answered_by' => $by->id, 'answered_at' => now()]);
            Decision::record($by, $client, 'message.answered', sprintf(
                'Answered %s: %s', $message->kind->label(), $message->says,
            ), ['message' => $message->id], $answer);
        });
    }
}
