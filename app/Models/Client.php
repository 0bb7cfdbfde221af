<?php

declare(strict_types=1);

namespace App\Models;

use BuoyantStep\Core\Units\MassUnit;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $clinic_id
 * @property string $given_name
 * @property string $family_name
 * @property string $birth_date
 * @property string $sex
 * @property int $body_mass_g
 * @property int $height_mm
 * @property MassUnit|null $mass_unit
 * @property string|null $due_date
 * @property string|null $birth_given_on
 * @property string|null $birth_kind
 * @property list<string>|null $birth_symptoms
 * @property list<string>|null $medicines
 * @property list<string>|null $insensate
 * @property array<string, float|int|null>|null $usual
 * @property string|null $grip_left
 * @property string|null $grip_right
 * @property array{left?: list<string>, right?: list<string>}|null $aids
 * @property array{
 *     things?: list<string>|null, floor?: string|null, door?: string|null, chair_at_wall?: bool|null
 * }|null $place
 * @property string|null $standing
 * @property string|null $floor_transfer
 * @property string|null $home
 * @property string|null $training_level
 * @property string|null $training_since
 * @property int|null $usual_pain
 * @property string|null $pain_where
 * @property string|null $pain_school
 * @property string|null $supine_school
 * @property string|null $bone_school
 * @property list<int> $days
 * @property list<int>|null $treatment_days  of dialysis, infusions and the like; 1 Monday to 7 Sunday
 * @property string|null $best_time  of the day, for exercise
 * @property array<string, string>|null $set_ups  own set-ups by family/rung
 * @property list<string>|null $ways  how this client does it: stance, palms, what is held on to
 * @property int $minutes
 * @property string $aim
 * @property string $structure
 * @property string|null $wants
 * @property array<string, mixed>|null $wishes  what a plan is to hold, in the core's open form
 * @property int $screen_version
 * @property int $kit_version
 * @property int $plan_revision
 * @property bool $small_steps  what only counts a little more is accepted by itself
 * @property int|null $assigned_to  who of the clinic looks after this client
 * @property-read Clinic $clinic
 * @property-read Collection<int, ClientCondition> $conditions
 * @property-read Collection<int, Clearance> $clearances
 * @property-read Collection<int, MeasureResult> $measures
 * @property-read Collection<int, KitPiece> $pieces
 * @property-read Collection<int, KitCarrier> $carriers
 * @property array<string, string>|null $abilities
 * @property string|null $falls_answered
 * @property-read Collection<int, OwnLimit> $ownLimits
 * @property-read Collection<int, KitBand> $bands
 * @property-read Collection<int, Plan> $plans
 * @property-read Collection<int, SessionLog> $logs
 * @property-read Collection<int, LoggedEstimate> $loggedEstimates
 * @property-read Collection<int, GateCheck> $gateChecks
 * @property-read Collection<int, Proposal> $proposals
 * @property-read Collection<int, Message> $messages
 * @property-read Collection<int, Snooze> $snoozes
 * @property-read Collection<int, HomeIntake> $intakes
 */
final class Client extends Model
{
    protected $guarded = [];

    protected $attributes = ['screen_version' => 1, 'kit_version' => 1, 'plan_revision' => 0, 'small_steps' => false];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'days' => 'array', 'treatment_days' => 'array',
            'ways' => 'array', 'set_ups' => 'array', 'wishes' => 'array',
            'birth_symptoms' => 'array', 'medicines' => 'array', 'insensate' => 'array',
            'usual' => 'array', 'aids' => 'array', 'place' => 'array', 'abilities' => 'array',
            'mass_unit' => MassUnit::class,
            'body_mass_g' => 'integer', 'height_mm' => 'integer', 'minutes' => 'integer', 'usual_pain' => 'integer',
            'screen_version' => 'integer', 'kit_version' => 'integer', 'plan_revision' => 'integer',
            'small_steps' => 'boolean',
        ];
    }

    public function name(): string
    {
        return $this->given_name.' '.$this->family_name;
    }

    /** What masses are shown and typed in for this client: the client's own unit, or else the clinic's. */
    public function massUnit(): MassUnit
    {
        return $this->mass_unit ?? $this->clinic->mass_unit;
    }

    /** @return HasMany<OwnLimit, $this> those that hold */
    public function ownLimits(): HasMany
    {
        return $this->hasMany(OwnLimit::class)->whereNull('ended_at')->orderBy('id');
    }

    /** @return BelongsTo<Clinic, $this> */
    public function clinic(): BelongsTo
    {
        return $this->belongsTo(Clinic::class);
    }

    /** @return HasMany<ClientCondition, $this> */
    public function conditions(): HasMany
    {
        return $this->hasMany(ClientCondition::class)->orderBy('id');
    }

    /** @return HasMany<Clearance, $this> */
    public function clearances(): HasMany
    {
        return $this->hasMany(Clearance::class)->orderByDesc('given_on')->orderByDesc('id');
    }

    /** @return HasMany<MeasureResult, $this> */
    public function measures(): HasMany
    {
        return $this->hasMany(MeasureResult::class)->orderBy('measured_on')->orderBy('id');
    }

    /** @return HasMany<KitPiece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(KitPiece::class)->orderBy('id');
    }

    /** @return HasMany<KitCarrier, $this> */
    public function carriers(): HasMany
    {
        return $this->hasMany(KitCarrier::class)->orderBy('id');
    }

    /** @return HasMany<KitBand, $this> */
    public function bands(): HasMany
    {
        return $this->hasMany(KitBand::class)->orderBy('id');
    }

    /** @return HasMany<Plan, $this> */
    public function plans(): HasMany
    {
        return $this->hasMany(Plan::class)->orderByDesc('version');
    }

    /** @return HasMany<SessionLog, $this> */
    public function logs(): HasMany
    {
        return $this->hasMany(SessionLog::class)->orderByDesc('done_on')->orderByDesc('id');
    }

    /** @return HasMany<LoggedEstimate, $this> of the last weeks; older ones are not used while there are newer */
    public function loggedEstimates(): HasMany
    {
        return $this->hasMany(LoggedEstimate::class)
            ->where('done_on', '>=', now()->subDays(LoggedEstimate::DAYS)->format('Y-m-d'))->orderBy('done_on');
    }

    /** @return HasMany<GateCheck, $this> */
    public function gateChecks(): HasMany
    {
        return $this->hasMany(GateCheck::class)->orderByDesc('id');
    }

    /** @return HasMany<Proposal, $this> */
    public function proposals(): HasMany
    {
        return $this->hasMany(Proposal::class)->orderBy('id');
    }

    /** @return HasMany<Message, $this> newest first */
    public function messages(): HasMany
    {
        return $this->hasMany(Message::class)->orderByDesc('id');
    }

    /** @return HasMany<Snooze, $this> */
    public function snoozes(): HasMany
    {
        return $this->hasMany(Snooze::class)->orderBy('id');
    }

    /** @return HasMany<HomeIntake, $this> newest first */
    public function intakes(): HasMany
    {
        return $this->hasMany(HomeIntake::class)->orderByDesc('id');
    }
}
