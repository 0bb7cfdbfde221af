<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The draft of a client as it was before one change. The newest belongs to the newest change: a stack to go back on.
 *
 * @property int $id
 * @property int $client_id
 * @property int $user_id
 * @property int $revision
 * @property string $says
 * @property array{plan: array<string, mixed>, items: list<array<string, mixed>>}|null $draft  null when there was none
 * @property array<string, mixed>|null $wishes  of the client
 * @property bool $taken_back  the draft as it was after a change that was taken back
 */
final class PlanSnapshot extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['revision' => 'integer', 'draft' => 'array', 'wishes' => 'array', 'taken_back' => 'boolean'];
    }
}
