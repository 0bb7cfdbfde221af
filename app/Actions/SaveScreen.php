<?php

declare(strict_types=1);

namespace App\Actions;

use App\Editing\StaleRecord;
use App\Models\Client;
use App\Models\Decision;
use App\Models\User;
use App\Rows\Abilities;
use App\Rows\BuildSituation;
use App\Rows\ConditionDetails;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use Illuminate\Support\Facades\DB;

/** Keeps an intake as a whole or not at all, after the core has found it plausible. */
final class SaveScreen
{
    public function __construct(private readonly BuildSituation $build, private readonly SetOwnLimit $limits)
    {
    }

    /** Beginnings of the kinds of decision that take the screen to its next version. */
    private const CHANGED_BY = ['client.', 'intake.accepted', 'falls.', 'limit.'];

    private const COLUMNS = [
        'given_name', 'family_name', 'birth_date', 'sex', 'due_date', 'grip_left', 'grip_right', 'standing',
        'floor_transfer', 'home',
        'training_level', 'training_since', 'usual_pain', 'pain_where', 'pain_school', 'supine_school', 'bone_school',
        'days', 'minutes', 'aim', 'structure', 'wants', 'treatment_days', 'best_time',
        'mass_unit', 'birth_given_on', 'birth_kind', 'birth_symptoms', 'medicines', 'insensate', 'usual',
    ];

    /**
     * @param  array<string, mixed>  $input  validated
     * @param  int|null  $version  of the screen that the change was made on; null where nobody else can have changed it
     *
     * @throws StaleRecord
     */
    public function run(?Client $client, User $by, array $input, ?int $version = null): Client
    {
        return DB::transaction(function () use ($client, $by, $input, $version): Client {
            $new = $client === null;
            if ($client !== null) {
                self::next($client, $version);
            }
            $client ??= (new Client(['clinic_id' => $by->clinic_id]))->setRelation('clinic', $by->clinic);
            $days = array_map(
                static fn (mixed $d): int => is_numeric($d) ? (int) $d : 0,
                is_array($input['days']) ? $input['days'] : [],
            );
            sort($days);
            $client->fill([
                ...array_intersect_key($input, array_flip(self::COLUMNS)),
                'days' => $days,
                'body_mass_g' => Mass::typed($input['body_mass_kg'])->grams ?? 0,
                'abilities' => Abilities::kept($input['abilities'] ?? null),
                'height_mm' => (int) round((is_numeric($input['height_cm']) ? (float) $input['height_cm'] : 0) * 10),
            ])->save();
            self::conditions($client, $input['conditions']);
            $client->load('conditions', 'clinic');
            $this->assertPlausible($client);
            $this->clearance($client, $by, $input['clearance'] ?? null);
            Decision::record(
                $by, $client, $new ? 'client.added' : 'client.screened', $new ? 'Client added.' : 'Screen changed.',
                ['screen' => $this->build->openForm($client)],
            );

            return $client;
        });
    }

    private static function conditions(Client $client, mixed $conditions): void
    {
        $client->conditions()->delete();
        foreach (is_array($conditions) ? $conditions : [] as $condition) {
            $row = is_array($condition) ? $condition : [];
            $client->conditions()->create(
                [
                    'code' => $row['code'] ?? '',
                    'side' => $row['side'] ?? null,
                    'since' => $row['since'] ?? null,
                    'until' => $row['until'] ?? null,
                    'details' => ConditionDetails::fromForm($row['details'] ?? [], $row['numbers'] ?? []),
                ],
            );
        }
    }

    /**
     * Locks the client and takes the screen to its next version.
     *
     * @throws StaleRecord
     */
    public static function next(Client $client, ?int $version = null): void
    {
        $now = Client::query()->lockForUpdate()->findOrFail($client->id)->screen_version;
        if ($version !== null && $version !== $now) {
            throw StaleRecord::of($client->clinic_id, $client->id, self::CHANGED_BY);
        }
        $client->screen_version = $now + 1;
    }

    private function assertPlausible(Client $client): void
    {
        try {
            Profile::read(
                new Bag($this->build->openForm($client), '/client'),
            )->assertPlausible($client->clinic->today());
        } catch (CoreError $e) {
            throw Refusal::from(
                new ($e::class)(
                    $e->errorCode,
                    $e->getMessage(),
                    str_replace(['/pregnancy', '/postpartum/birth_date'], ['', '/birth_given_on'], $e->pointer),
                ),
                'birth_date',
            );
        }
    }

    private function clearance(Client $client, User $by, mixed $clearance): void
    {
        if (
            ! is_array($clearance)
            || ! is_string($clearance['given_by'] ?? null)
            || trim($clearance['given_by']) === ''
        ) {
            return;
        }
        $row = [
            'given_by' => $clearance['given_by'], 'given_on' => $clearance['given_on'] ?? null,
            'until' => $clearance['until'] ?? null, 'restrictions' => $clearance['restrictions'] ?? null,
        ];
        if ($client->clearances()->where($row)->doesntExist()) {
            $client->clearances()->create([...$row, 'user_id' => $by->id]);
            Decision::record(
                $by, $client, 'clearance.recorded', 'Clearance recorded from '.$clearance['given_by'].'.', $row,
            );
        }
        $this->restrictions($client, $by, $row, $clearance['limits'] ?? null);
    }

    /**
     * A restriction that is a limit acts like one, with the letter as its source.
     *
     * @param  array<string, mixed>  $letter  the clearance it stands in
     */
    private function restrictions(Client $client, User $by, array $letter, mixed $limits): void
    {
        foreach (is_array($limits) ? array_values($limits) : [] as $i => $limit) {
            if (! is_array($limit) || ! is_string($limit['part'] ?? null)) {
                continue;
            }
            [$region, $side] = explode('|', $limit['part']) + ['', ''];
            $on = is_string($letter['given_on']) ? Day::of($letter['given_on'])->label() : '';
            $this->limits->add($client, $by, [
                'field' => $limit['field'] ?? '', 'value' => $limit['value'] ?? '',
                'region' => $region, 'side' => $side, 'until' => $letter['until'],
                'set_by' => sprintf('%s, letter of %s', is_string($letter['given_by']) ? $letter['given_by'] : '', $on),
                'why' => is_string($letter['restrictions']) && $letter['restrictions'] !== ''
                    ? mb_substr($letter['restrictions'], 0, 300) : 'A restriction of the clearance.',
            ], "clearance.limits.$i.value");
        }
    }
}
