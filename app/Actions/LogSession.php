<?php

declare(strict_types=1);

namespace App\Actions;

use App\Editing\OneForm;
use App\Models\Client;
use App\Models\Decision;
use App\Models\LoggedEstimate;
use App\Models\LogItem;
use App\Models\LogSource;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\SessionLog;
use App\Models\SessionLogVersion;
use App\Models\User;
use App\Rows\BlockRow;
use App\Rows\BuildSituation;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\LoggedEstimates;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Plan\BandFit;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Support;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what was done and has the next doses worked out. Same key and same content is one session: a double click, a
 * retry or a lost answer never doubles a set. Same key and other content is a correction: kept, with the earlier one
 * beside it.
 *
 * @phpstan-type Session array{
 *     done_on: string, pain_before: int|null, pain_next_morning: int|null, stop_sign: string|null,
 *     skipped: string|null, note: string|null, pain_where?: string|null
 * }
 * @phpstan-type Item array{
 *     item: int, sets: list<array<string, mixed>>, pain_during: int|null, seen?: list<string>, support?: string|null,
 *     pauses?: int|null, instead?: string|null
 * }
 */
final class LogSession
{
    public function __construct(
        private readonly WorkOutReview $review,
        private readonly AcceptSteps $steps,
        private readonly BuildSituation $build,
        private readonly Catalogue $catalogue,
    ) {
    }

    /**
     * @param  Session  $session
     * @param  list<Item>  $items
     * @param  int|null  $corrects  version that a correction was made on; null for a session that is sent as it was
     *     done
     */
    public function run(
        Client $client,
        ?User $by,
        Plan $plan,
        string $key,
        array $session,
        array $items,
        LogSource $source = LogSource::Clinician,
        ?int $corrects = null,
        bool $toSee = false,
    ): SessionLog {
        $hash = OneForm::hash([$plan->id, $session, $items]);

        return DB::transaction(function () use (
            $client, $by, $plan, $key, $session, $items, $source, $corrects, $hash, $toSee,
        ): SessionLog {
            Client::query()->lockForUpdate()->findOrFail($client->id);
            $log = SessionLog::query()->where(
                'client_id', $client->id,
            )->where('idempotency_key', $key)->lockForUpdate()->first();
            if ($log !== null) {
                return $this->again($log, $client, $by, $plan, $session, $items, $source, $corrects, $hash);
            }
            $log = $client->logs()->create(
                [
                    ...$session, 'idempotency_key' => $key, 'plan_id' => $plan->id, 'user_id' => $by?->id,
                    'source' => $source, 'content_hash' => $hash, 'to_see' => $toSee,
                ],
            );
            $this->keepItems($log, $client, $plan, $items);
            $this->review->run($client, sprintf('the session of %s, entered since.', Day::of($log->done_on)->label()));
            $this->stepUp($client, $by);

            return $log;
        });
    }

    /** A session that came from elsewhere was looked at. */
    public function seenBy(Client $client, User $by, int $id): void
    {
        DB::transaction(function () use ($client, $by, $id): void {
            $log = $client->logs()->lockForUpdate()->findOrFail($id);
            if (! $log->to_see) {
                return;
            }
            $log->update(['to_see' => false]);
            Decision::record(
                $by, $client, 'log.looked_at', sprintf('Session of %s looked at.', Day::of($log->done_on)->label()),
                ['log' => $log->id],
            );
            $this->steps->small($client, $by);
        });
    }

    /** Next-morning pain comes a day late; it changes the review, and what was decided before it stays decided. */
    public function nextMorning(Client $client, ?User $by, SessionLog $log, int $pain): void
    {
        DB::transaction(function () use ($client, $by, $log, $pain): void {
            Client::query()->lockForUpdate()->findOrFail($client->id);
            $now = SessionLog::query()->lockForUpdate()->findOrFail($log->id);
            if ($now->pain_next_morning === $pain) {
                return;
            }
            if ($now->pain_next_morning !== null) {
                throw Refusal::at(
                    'pain_next_morning',
                    sprintf(
                        '%d was entered for that morning already. If it is wrong, correct the session on Log.',
                        $now->pain_next_morning,
                    ),
                );
            }
            // What was sent first is kept by its content: sent again, it is known, and does not take the morning away.
            $this->keepEarlier(
                $now, self::whoTold($now), $now->source, $now->content_hash, self::content($now),
                inForce: true,
            );
            $now->update(['pain_next_morning' => $pain, 'version' => $now->version + 1, 'content_hash' => null]);
            $says = sprintf('Pain the morning after %s: %d.', Day::of($now->done_on)->label(), $pain);
            self::record($by, $client, 'log.next_morning', $says, ['log' => $now->id, 'pain' => $pain]);
            $this->review->run($client, Phrase::within($says));
            $this->stepUp($client, $by);
        });
    }

    /** Small steps go into the plan by somebody's hand: never by a client's own. */
    private function stepUp(Client $client, ?User $by): void
    {
        if ($by !== null) {
            $this->steps->small($client, $by);
        }
    }

    /**
     * What a client tells of is no decision of the clinic's: the session itself keeps it.
     *
     * @param  array<string, mixed>  $facts
     */
    private static function record(?User $by, Client $client, string $kind, string $says, array $facts): void
    {
        if ($by !== null) {
            Decision::record($by, $client, $kind, $says, $facts);
        }
    }

    private static function whoTold(SessionLog $log): ?User
    {
        return $log->user_id === null ? null : User::query()->findOrFail($log->user_id);
    }

    /**
     * @param  Session  $session
     * @param  list<Item>  $items
     */
    private function again(
        SessionLog $log,
        Client $client,
        ?User $by,
        Plan $plan,
        array $session,
        array $items,
        LogSource $source,
        ?int $corrects,
        string $hash,
    ): SessionLog {
        if ($log->content_hash === $hash) {
            return $log;
        }
        if ($corrects === null && $log->earlier()->where('content_hash', $hash)->exists()) {
            // Sent again after it was corrected: it was kept the first time.
            return $log;
        }
        self::assertSameStart($log, $plan, $corrects);
        if (! $source->mayCorrect($log->source)) {
            $this->keepEarlier($log, $by, $source, $hash, ['session' => $session, 'items' => $items], inForce: false);

            return $log;
        }
        if ($log->hasOpenStopSign() && $session['stop_sign'] === null) {
            throw Refusal::at(
                'stop_sign',
                sprintf(
                    'A red flag stands on record: %s. It is not corrected away; on Review say who looked and what '
                        .'was found.',
                    Sign::words((string) $log->stop_sign),
                ),
            );
        }
        $this->correct($log, $client, $by, $plan, $session, $items, $source, $hash);

        return $log;
    }

    private static function assertSameStart(SessionLog $log, Plan $plan, ?int $corrects): void
    {
        if ($corrects !== null && $corrects !== $log->version) {
            throw Refusal::at(
                'version',
                'Somebody corrected this session meanwhile. The page shows it as it is now; make your correction on '
                    .'that.',
            );
        }
        if ($plan->id !== $log->plan_id) {
            throw Refusal::at(
                'plan_id', 'This session was done on another version of the plan. Open it on Log and correct it there.',
            );
        }
    }

    /**
     * @param  Session  $session
     * @param  list<Item>  $items
     */
    private function correct(
        SessionLog $log,
        Client $client,
        ?User $by,
        Plan $plan,
        array $session,
        array $items,
        LogSource $source,
        string $hash,
    ): void {
        $this->keepEarlier(
            $log, self::whoTold($log), $log->source, $log->content_hash, self::content($log),
            inForce: true,
        );
        $log->update([
            ...$session, 'version' => $log->version + 1, 'user_id' => $by?->id, 'source' => $source,
            'content_hash' => $hash,
            // Another sign than the one that was cleared has not been cleared.
            'stop_cleared_at' => $session['stop_sign'] === $log->stop_sign ? $log->stop_cleared_at : null,
        ]);
        $log->items()->delete();
        $this->keepItems($log, $client, $plan, $items);
        $says = sprintf(
            'The session of %s was corrected (version %d).', Day::of($log->done_on)->label(), $log->version,
        );
        self::record($by, $client, 'log.corrected', $says, ['log' => $log->id, 'version' => $log->version]);
        $this->review->run($client, Phrase::within($says));
    }

    /** @return array{session: array<string, mixed>, items: list<array<string, mixed>>} */
    private static function content(SessionLog $log): array
    {
        return [
            'session' => $log->only([
                'done_on', 'pain_before', 'pain_next_morning', 'pain_where', 'stop_sign', 'skipped', 'note',
            ]),
            'items' => array_values(
                $log->items()->get()->map(
                    static fn (LogItem $i): array => [
                        'family' => $i->family, 'rung' => $i->rung,
                        ...$i->only(['sets', 'pain_during', 'seen', 'support', 'pauses', 'instead']),
                    ],
                )->all(),
            ),
        ];
    }

    /** @param  array{session: array<string, mixed>, items: list<array<string, mixed>>}  $content */
    private function keepEarlier(
        SessionLog $log,
        ?User $by,
        LogSource $source,
        ?string $hash,
        array $content,
        bool $inForce,
    ): void {
        SessionLogVersion::query()->create(
            [
                'session_log_id' => $log->id, 'user_id' => $by?->id, 'version' => $log->version, 'source' => $source,
                'content_hash' => $hash, 'was_in_force' => $inForce, 'content' => $content,
            ],
        );
    }

    /** @param  list<Item>  $items */
    private function keepItems(SessionLog $log, Client $client, Plan $plan, array $items): void
    {
        $profile = $this->build->profile($client->loadMissing(BuildSituation::RELATIONS));
        $easier = BlockRow::of($plan, $this->build->of($client))->isEasierOn(Day::of($log->done_on));
        $estimates = [];
        foreach ($items as $row) {
            $item = $plan->items->firstOrFail('id', $row['item']);
            $kept = $log->items()->create([
                'plan_item_id' => $item->id, 'family' => $item->family, 'rung' => $item->rung,
                'dose' => $item->dose,
                'sets' => $this->withPulls($client, $item, $this->held(
                    $item, $row['support'] ?? null, $easier ? self::light($row['sets']) : $row['sets'],
                )),
                'pain_during' => $row['pain_during'], 'seen' => $this->seen($item, $row['seen'] ?? []),
                'support' => $row['support'] ?? null, 'pauses' => $row['pauses'] ?? null,
                'instead' => $row['instead'] ?? null,
            ]);
            foreach ($this->estimates($kept, $profile, Day::of($log->done_on)) as $best) {
                $estimates[] = [
                    'client_id' => $client->id, 'log_item_id' => $kept->id, 'family' => $item->family,
                    'rung' => $item->rung, 'side' => $best->side->value, 'done_on' => $log->done_on,
                    'grams' => $best->grams, 'confidence' => $best->confidence->value, 'says' => $best->says,
                ];
            }
        }
        LoggedEstimate::query()->insert($estimates);
        // What was read before knows nothing of this session.
        $client->unsetRelation('loggedEstimates');
    }

    /**
     * Fewer sets were asked for: they speak neither for a step nor against it.
     *
     * @param  list<array<string, mixed>>  $sets
     * @return list<array<string, mixed>>
     */
    private static function light(array $sets): array
    {
        return array_map(static fn (array $set): array => [...$set, 'light' => true], $sets);
    }

    /**
     * Whoever has to hold on to more than was planned is on a rung too high: its form did not hold.
     *
     * @param  list<array<string, mixed>>  $sets
     * @return list<array<string, mixed>>
     */
    private function held(PlanItem $item, ?string $support, array $sets): array
    {
        $used = Support::tryFrom((string) $support);

        return $used === null || PlanItemRow::planned($item, $this->catalogue)->support()->atLeast($used)
            ? $sets
            : array_map(static fn (array $set): array => [...$set, 'form_broke' => true], $sets);
    }

    /**
     * @param  list<string>  $codes
     * @return list<string>|null what was ticked of the rung's check-list; null where nothing was
     *     it refuses what the list does not have
     */
    private function seen(PlanItem $item, array $codes): ?array
    {
        $looks = $this->catalogue->family($item->family)->rung($item->rung)->teaching;
        foreach ($codes as $code) {
            if ($looks->look($code) === null) {
                throw Refusal::at(
                    'items', 'What was seen is ticked in the list of that exercise; reload the page and tick it again.',
                );
            }
        }

        return $codes === [] ? null : $codes;
    }

    /**
     * Where somebody says how far from the anchor they stood, that tells what the band pulled.
     *
     * @param  list<array<string, mixed>>  $sets
     * @return list<array<string, mixed>>
     */
    private function withPulls(Client $client, PlanItem $item, array $sets): array
    {
        $stood = $sets[0]['stood_cm'] ?? null;
        if (! is_int($stood)) {
            return $sets;
        }
        $family = $this->catalogue->family($item->family);
        $here = $this->build->of($client)->at($family, $family->rung($item->rung));
        $dose = PlanItemRow::dose($item);

        return array_map(static function (array $set) use ($here, $dose, $stood): array {
            $own = $dose->on(Side::tryFrom(is_string($set['side'] ?? null) ? $set['side'] : '') ?? Side::Both);
            $pull = BandFit::pulledAt($here, $own, $stood * 10);

            return $pull === null ? $set : [...$set, 'pull_n' => $pull];
        }, $sets);
    }

    /** @return list<Estimate> what the sets of one exercise tell about the 1RM: the best of each side */
    private function estimates(LogItem $item, Profile $profile, Day $on): array
    {
        $sets = array_map(static fn (array $set): LoggedSet => LoggedSet::read(new Bag($set)), $item->sets);
        $work = $this->catalogue->family($item->family)->rung($item->rung)->work;

        $all = LoggedEstimates::of([new Performed($on, $sets)], $work->system($profile));

        return array_values(array_filter(array_map(
            static fn (Side $side): ?Estimate => Estimate::inUse(
                array_values(array_filter($all, static fn (Estimate $e): bool => $e->side === $side)), $on,
            ),
            Side::cases(),
        )));
    }
}
