<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $client_id
 * @property int $plan_item_id
 * @property int $session_log_id
 * @property string $status
 * @property string $decision
 * @property string|null $lever
 * @property string $rung
 * @property array<string, mixed> $dose
 * @property list<array{from: string, rule: string, says: string, source: string}> $because
 * @property list<array{lever: string, says: string}>|null $offers  what else could move, in the core's open form
 * @property string $otherwise
 * @property array<string, mixed>|null $taken  the dose that went into the plan
 * @property int|null $plan_snapshot_id
 * @property bool $review
 * @property-read PlanItem $planItem
 * @property-read Client $client
 * @property-read SessionLog|null $sessionLog
 */
final class Proposal extends Model
{
    public const OPEN = 'open';

    public const SUPERSEDED = 'superseded';

    /** What a clinician has said of it; these stay. */
    public const DECIDED = ['accepted', 'edited', 'refused'];

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'dose' => 'array', 'because' => 'array', 'offers' => 'array', 'review' => 'boolean', 'taken' => 'array',
            'plan_snapshot_id' => 'integer',
        ];
    }

    /** @return BelongsTo<PlanItem, $this> */
    public function planItem(): BelongsTo
    {
        return $this->belongsTo(PlanItem::class);
    }

    /** @return BelongsTo<SessionLog, $this> */
    public function sessionLog(): BelongsTo
    {
        return $this->belongsTo(SessionLog::class);
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }
}
