<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $plan_id
 * @property int $position
 * @property string $family
 * @property int $nth  which of several of its family, 1 first
 * @property string $rung
 * @property string $goal
 * @property array<string, mixed> $dose
 * @property string|null $school  of progression, chosen for this exercise
 * @property list<int>|null $light_days  1 Monday to 7 Sunday
 * @property list<int>|null $off_days  on which it is left out
 * @property list<string>|null $ways  chosen for this exercise: stance, palms, what is held on to
 * @property string|null $own_set_up  for this client, in the clinician's words
 * @property string|null $note  from the clinician to the client
 * @property list<string> $sides
 * @property list<array{change: string, says: string}> $changes
 * @property list<array{from: string, rule: string, says: string, source: string}> $because
 * @property list<string> $findings
 * @property string|null $recipe
 * @property int|null $last_load_g
 * @property-read Plan $plan
 */
final class PlanItem extends Model
{
    /** What goes along when an exercise is copied into another plan. */
    public const COPIED = [
        'position', 'family', 'nth', 'rung', 'goal', 'dose', 'school', 'light_days', 'off_days', 'ways', 'own_set_up',
        'note', 'sides', 'changes', 'because', 'findings', 'recipe',
    ];

    protected $guarded = [];

    protected $attributes = ['nth' => 1];

    /** Is it the same exercise in another version of the plan, on whatever rung? */
    public function isSameAs(self $other): bool
    {
        return $this->family === $other->family && $this->nth === $other->nth;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'dose' => 'array', 'sides' => 'array', 'changes' => 'array', 'because' => 'array', 'findings' => 'array',
            'light_days' => 'array', 'off_days' => 'array', 'ways' => 'array',
            'position' => 'integer', 'nth' => 'integer', 'last_load_g' => 'integer',
        ];
    }

    /** @return BelongsTo<Plan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(Plan::class);
    }
}
