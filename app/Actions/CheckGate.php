<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\GateCheck;
use App\Models\User;
use App\Rows\BuildSituation;
use App\Rows\WeightLog;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Gate\Gate;
use BuoyantStep\Core\Gate\Readings;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Sign;
use Illuminate\Support\Facades\DB;

/** The check before a session: judged by the core and kept, whatever it says. */
final class CheckGate
{
    public function __construct(private readonly BuildSituation $build)
    {
    }

    /**
     * @param  User|null  $by  who of the clinic checked; null where the client did, at home
     * @param  array<string, int|float|bool>  $readings  in the core's form
     * @param  list<string>|null  $symptoms  null when nobody asked
     */
    public function run(
        Client $client,
        ?User $by,
        array $readings,
        ?array $symptoms,
        ?int $pain,
        ?Day $on = null,
        ?string $sentKey = null,
    ): GateCheck {
        $situation = $this->build->of($client, $on);
        try {
            $signs = $symptoms === null ? null : Sign::readAll($symptoms, '/symptoms');
            $result = (new Gate($situation->client, $situation->on, $situation->envelope))->check(
                Readings::read(new Bag([...$readings, 'weight_log' => WeightLog::of($client, $situation->on)])),
                $signs, $pain, StopSigns::open($client),
            );
        } catch (CoreError $e) {
            throw Refusal::from($e, 'readings');
        }

        return DB::transaction(function () use (
            $client, $by, $readings, $symptoms, $pain, $situation, $result, $sentKey,
        ): GateCheck {
            $check = $client->gateChecks()->create([
                'user_id' => $by?->id, 'sent_key' => $sentKey, 'checked_on' => (string) $situation->on,
                'readings' => $readings,
                'symptoms' => $symptoms ?? [], 'pain' => $pain,
                'verdict' => $result->verdict->value,
                'because' => array_map(static fn ($f): array => $f->jsonSerialize(), $result->findings),
                'actions' => $result->actions(), 'unknown' => $result->unknown,
                'again_in_minutes' => $result->againInMinutes(),
            ]);
            if ($by !== null) {
                Decision::record(
                    $by, $client, 'gate', 'Gate: '.$result->verdict->label().'.',
                    ['check' => $check->id, 'readings' => $readings, 'symptoms' => $symptoms],
                );
            }

            return $check;
        });
    }
}
