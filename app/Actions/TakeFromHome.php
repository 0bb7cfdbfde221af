<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\GateCheck;
use App\Models\LogSource;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\SessionLog;
use App\Rows\BuildSituation;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\LightDay;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Home\HowHard;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Side;
use Illuminate\Support\Facades\DB;

/**
 * Takes in what a client's phone sends, exactly once however often it is sent: a session lands as one to look at, on
 * the version of the plan that it was done on. What a clinician has corrected is not overwritten.
 *
 * @phpstan-type Told array{
 *     done_on: string, lighter: bool, pain_before: int|null, pain_after: int|null, pain_where: string|null,
 *     whole: string|null, note: string|null, stop_sign: string|null, skipped: string|null
 * }
 * @phpstan-type Done array{
 *     item: int, sets: list<array{amount: int, side: string, how: string|null}>, pain: int|null, where: string|null,
 *     instead: string|null, left_out: bool, easy: bool
 * }
 */
final class TakeFromHome
{
    /** @var array<string, string> how it was all in all, as the clinician reads it */
    private const WHOLE = ['harder' => 'Harder than usual.', 'easier' => 'Easier than usual.'];

    private const NOTHING = 'Ended at home before the first set.';

    public function __construct(
        private readonly LogSession $log,
        private readonly CheckGate $gate,
        private readonly BuildSituation $build,
        private readonly Catalogue $catalogue,
    ) {
    }

    /**
     * @param  Told  $told
     * @param  list<Done>  $done
     */
    public function session(Client $client, int $planId, string $key, array $told, array $done): SessionLog
    {
        $plan = $client->plans()->with('items')->where('status', '!=', Plan::DRAFT)->find($planId);
        if ($plan === null) {
            throw Refusal::at('plan_id', 'This session belongs to no plan that was ever in use.');
        }
        $situation = $this->build->of($client);
        $items = $notes = [];
        foreach ($done as $row) {
            $item = $plan->items->firstWhere('id', $row['item'])
                ?? throw Refusal::at('items', 'An exercise of this session is not in its plan.');
            $notes[] = $this->noteOn($item, $row);
            $items[] = [
                'item' => $item->id, 'sets' => $this->sets($item, $row, $told, $situation),
                'pain_during' => $row['pain'],
                'instead' => $row['sets'] === [] ? $row['instead'] ?? ($row['left_out'] ? 'left out' : null) : null,
            ];
        }

        $kept = array_values(array_filter($items, static fn (array $i): bool => $i['sets'] !== []
            || $i['pain_during'] !== null || $i['instead'] !== null));

        return $this->log->run(
            $client, null, $plan, $key, [
                'done_on' => $told['done_on'], 'pain_before' => $told['pain_before'], 'pain_next_morning' => null,
                'stop_sign' => $told['stop_sign'], 'pain_where' => $told['pain_where'],
                // Where nothing was done it was no session.
                'skipped' => $told['skipped'] ?? ($kept === [] && $told['stop_sign'] === null ? self::NOTHING : null),
                'note' => self::note($told, $notes),
            ], $kept,
            LogSource::Client, toSee: true,
        );
    }

    /**
     * @param  array<string, int|float|bool>  $readings  in the core's form
     * @param  list<string>  $signs
     */
    public function check(Client $client, string $key, Day $on, array $readings, array $signs, ?int $pain): GateCheck
    {
        return DB::transaction(function () use ($client, $key, $on, $readings, $signs, $pain): GateCheck {
            Client::query()->lockForUpdate()->findOrFail($client->id);

            return GateCheck::query()->where('client_id', $client->id)->where('sent_key', $key)->first()
                ?? $this->gate->run($client, null, $readings, $signs, $pain, $on, $key);
        });
    }

    /** The morning after the session that this phone sent; asked again, the first answer stands. */
    public function morning(Client $client, string $key, int $pain): void
    {
        $log = $client->logs()->where('idempotency_key', $key)->first();
        if ($log !== null && $log->pain_next_morning === null) {
            $this->log->nextMorning($client, null, $log, $pain);
        }
    }

    /**
     * @param  Done  $row
     * @param  Told  $told
     * @return list<array<string, mixed>>
     */
    private function sets(PlanItem $item, array $row, array $told, Situation $situation): array
    {
        $isLight = PlanItemRow::onDays($item)->isLight(Day::of($told['done_on'])->weekday());
        $family = $this->catalogue->family($item->family);
        $dose = $isLight
            ? LightDay::of($situation->at($family, $family->rung($item->rung)), PlanItemRow::dose($item))
            : PlanItemRow::dose($item);

        return array_map(static function (array $set) use ($dose, $isLight, $told): array {
            $own = $dose->on(Side::from($set['side']));
            $how = HowHard::tryFrom((string) $set['how']);

            return array_filter([
                $dose->kind->value => $set['amount'], 'load_g' => $own->loadG,
                'pull_n' => $own->loadG === null ? $own->pullN : null, 'hold_s' => $own->holdS,
                'effort' => self::effort($how, $dose),
                'rir' => $dose->kind === DoseKind::Reps ? $how?->inReserve() : null, 'side' => $set['side'],
                // Nobody said how hard it was, or less was asked for: it speaks neither for a step nor against one.
                'light' => $isLight || $told['lighter'] || $how === null ? true : null,
                'form_broke' => $how?->breaksForm() === true ? true : null,
            ], static fn (mixed $v): bool => $v !== null);
        }, $row['sets']);
    }

    private static function effort(?HowHard $how, Dose $dose): float
    {
        return $how?->effort() ?? ($how?->inReserve() === null
            ? (float) $dose->effort->hi : LoggedSet::effortOf($how->inReserve()));
    }

    /** @param  Done  $row */
    private function noteOn(PlanItem $item, array $row): string
    {
        $says = array_filter([
            $row['instead'] === null ? '' : 'too hard, went on with '.$row['instead'],
            $row['left_out'] ? 'left out' : '', $row['easy'] ? 'too easy' : '',
            $row['where'] === null ? '' : 'hurt at '.$row['where'],
        ]);

        return $says === [] ? '' : sprintf(
            '%s: %s.', $this->catalogue->family($item->family)->rung($item->rung)->name, implode(', ', $says),
        );
    }

    /**
     * @param  Told  $told
     * @param  list<string>  $notes
     */
    private static function note(array $told, array $notes): ?string
    {
        $says = implode(' ', array_filter([
            $told['note'] ?? '', self::WHOLE[$told['whole'] ?? ''] ?? '',
            $told['pain_after'] === null || $told['pain_after'] === 0 ? ''
                : sprintf('Pain afterwards %d of 10.', $told['pain_after']),
            ...$notes,
        ]));

        return $says === '' ? null : Mass::cut($says, 500);
    }
}
