<?php

declare(strict_types=1);

namespace App\Actions;

use App\Letters\DraftLetter;
use App\Letters\Field;
use App\Models\Client;
use App\Models\Clinic;
use App\Models\Decision;
use App\Models\Letter;
use App\Models\LetterKind;
use App\Models\LetterTemplate;
use App\Models\User;
use App\Rows\BuildSituation;
use Illuminate\Support\Facades\DB;

/** Drafts a note or a letter from the record, keeps what is typed over it, and keeps it as it was sent. */
final class WriteLetter
{
    public function __construct(private readonly DraftLetter $draft, private readonly BuildSituation $build)
    {
    }

    /** @return array{letter: Letter, empty: list<string>} with the fields that the record leaves empty */
    public function begin(Client $client, User $by, LetterKind $kind, ?string $recipient): array
    {
        $drafted = $this->draft->of($kind, $client, $this->build->of($client), $by, $recipient);
        $letter = Letter::query()->create([
            'client_id' => $client->id, 'user_id' => $by->id, 'kind' => $kind, 'recipient' => $recipient,
            'body' => $drafted['body'], 'facts' => $drafted['facts'],
        ]);

        return ['letter' => $letter, 'empty' => $drafted['empty']];
    }

    public function save(Client $client, int $id, string $body, ?string $recipient, int $seen): void
    {
        DB::transaction(static function () use ($client, $id, $body, $recipient, $seen): void {
            $letter = self::open($client, $id, $seen);
            $letter->update(['body' => $body, 'recipient' => $recipient, 'revision' => $letter->revision + 1]);
        });
    }

    /** As it was sent: it is not changed any more. */
    public function keep(Client $client, User $by, int $id, int $seen): void
    {
        DB::transaction(static function () use ($client, $by, $id, $seen): void {
            $letter = self::open($client, $id, $seen);
            $letter->update(['kept_at' => now(), 'revision' => $letter->revision + 1]);
            Decision::record($by, $client, 'letter.kept', sprintf(
                '%s kept as sent%s.', ucfirst($letter->kind->label()),
                $letter->recipient === null ? '' : ' to '.$letter->recipient,
            ), ['letter' => $letter->id, 'hash' => hash('sha256', $letter->body)]);
        });
    }

    public function discard(Client $client, int $id, int $seen): void
    {
        DB::transaction(static fn () => self::open($client, $id, $seen)->delete());
    }

    /** @param  string|null  $body  null for the words that come with the application */
    public function template(Clinic $clinic, User $by, LetterKind $kind, ?string $body): void
    {
        $unknown = $body === null ? [] : DraftLetter::unknown($body);
        if ($unknown !== []) {
            throw Refusal::at('body', sprintf(
                'There is no field {%s}. Fields are: %s.', $unknown[0], implode(', ', array_map(
                    static fn (Field $f): string => '{'.$f->value.'}', Field::cases(),
                )),
            ));
        }
        DB::transaction(static function () use ($clinic, $by, $kind, $body): void {
            if ($body === null) {
                LetterTemplate::query()->where('clinic_id', $clinic->id)->where('kind', $kind->value)->delete();
            } else {
                LetterTemplate::query()->updateOrCreate(
                    ['clinic_id' => $clinic->id, 'kind' => $kind->value], ['body' => $body, 'user_id' => $by->id],
                );
            }
            Decision::record($by, $clinic, 'letter.template', 'Words of the '.$kind->label().' changed.');
        });
    }

    private static function open(Client $client, int $id, int $seen): Letter
    {
        $letter = Letter::query()->where('client_id', $client->id)->lockForUpdate()->findOrFail($id);
        if ($letter->kept_at !== null) {
            throw Refusal::at('body', 'It is kept as it was sent, and is not changed any more. Begin a new one.');
        }
        if ($letter->revision !== $seen) {
            throw Refusal::at(
                'body', 'A colleague changed it meanwhile. Copy what you typed, load the page again, and put it in.',
            );
        }

        return $letter;
    }
}
