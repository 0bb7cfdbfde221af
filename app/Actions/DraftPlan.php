<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\LogItem;
use App\Models\Plan;
use App\Models\PlanItem as StoredItem;
use App\Models\SessionLog;
use App\Models\User;
use App\Rows\BlockRow;
use App\Rows\BuildSituation;
use App\Rows\OwnSetUp;
use App\Rows\PlanItemRow;
use App\Rows\WishRows;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Plan\Days\WeekShape;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Preferences;
use BuoyantStep\Core\Plan\Wishes;
use Illuminate\Support\Facades\DB;

/**
 * Drafts a whole session for a client as the next version: what has been done stays where it fits. An older draft makes
 * room for it, and can be taken back.
 */
final class DraftPlan
{
    public function __construct(
        private readonly BuildSituation $build,
        private readonly PlanDesk $desk,
        private readonly Catalogue $catalogue,
    ) {
    }

    /**
     * @param  int|null  $revision  of the plans as the page showed them; null where nobody else can have changed them
     * @param  array<string, mixed>|null  $wishes  what it is to hold, for this draft and the next; null leaves it
     * @param  bool  $keep  whether what has been done stays
     */
    public function run(
        Client $client, User $by, ?int $revision = null, ?array $wishes = null, bool $keep = true,
    ): Plan {
        return DB::transaction(function () use ($client, $by, $revision, $wishes, $keep): Plan {
            $this->desk->next($client, $by, $revision, 'A plan drafted anew.');
            if ($wishes !== null) {
                $this->keepWishes($client, $wishes);
            }

            return $this->drafted($client, $by, $keep);
        });
    }

    /** @param  array<string, mixed>  $wishes */
    private function keepWishes(Client $client, array $wishes): void
    {
        try {
            Preferences::read(
                new Bag(array_filter($wishes, static fn (mixed $v): bool => $v !== null), '/wishes'), $this->catalogue,
            );
        } catch (CoreError $error) {
            throw Refusal::from($error, 'wishes');
        }
        $client->update(['wishes' => [...$client->wishes ?? [], ...$wishes]]);
    }

    private function drafted(Client $client, User $by, bool $keep): Plan
    {
        $situation = $this->build->of($client);
        $stood = $client->plans()->whereIn('status', [Plan::DRAFT, Plan::ISSUED])->with('items')
            ->orderByDesc('version')->first();
        $wishes = $this->wishes($client, $stood);
        $done = $keep ? $this->done($client) : [];
        $draft = (new Drafter($situation))->draft($wishes, $done);
        $before = $client->plans()->orderByDesc('version')->first();
        $client->plans()->where('status', Plan::DRAFT)->delete();
        $plan = $client->plans()->create([
            'version' => $this->desk->nextVersion($client),
            'status' => Plan::DRAFT, 'revision' => $client->plan_revision,
            'aim' => $wishes->aim->value, 'structure' => $wishes->structure->value, 'minutes' => $wishes->minutes,
            'days' => $wishes->days, 'wishes' => $wishes->prefers->jsonSerialize(),
            'session' => $wishes->shape->jsonSerialize(),
            ...BlockRow::carried($before, $situation->on),
            'notes' => ['left' => $draft->left, 'trims' => $draft->trims],
            'drafted_on' => (string) $situation->on,
        ]);
        $nth = self::nths($draft->items, $stood);
        foreach ($draft->items as $i => $item) {
            // The same door as for a dose that is typed; nothing that the core drafts has ever been met there.
            CheckDose::assertAllowed($item->here, $item->goal, $item->dose, confirmed: true);
            $plan->items()->create([
                'position' => $i + 1, 'nth' => $nth[$i],
                ...PlanItemRow::from($item), ...PlanItemRow::days($draft->on[$i]),
                ...self::chosen($item, $nth[$i], $stood, $wishes),
                ...OwnSetUp::row($client, $item->family->code, $item->rung->code),
            ]);
        }
        Decision::record(
            $by,
            $client,
            'plan.drafted',
            sprintf('Version %d drafted with %d exercises.', $plan->version, count($draft->items)),
        );

        return $plan;
    }

    /**
     * Which of several of its family each is: the one that it was on its rung, else the first that is free.
     *
     * @param  list<PlanItem>  $items
     * @return array<int, int> by place
     */
    private static function nths(array $items, ?Plan $stood): array
    {
        $nth = $taken = [];
        foreach ($items as $i => $item) {
            $was = $stood?->items->where('rung', $item->rung->code)->firstWhere('family', $item->family->code);
            if ($was !== null) {
                $nth[$i] = $was->nth;
                $taken[$item->family->code][] = $was->nth;
            }
        }
        foreach ($items as $i => $item) {
            if (! isset($nth[$i])) {
                $free = 1;
                while (in_array($free, $taken[$item->family->code] ?? [], true)) {
                    $free++;
                }
                $nth[$i] = $free;
                $taken[$item->family->code][] = $free;
            }
        }

        return $nth;
    }

    /** As they stand; days that were set by hand in the plan that stood are not shared out again. */
    private function wishes(Client $client, ?Plan $stood): Wishes
    {
        $wishes = $this->build->wishes($client);
        $byHand = $stood !== null && WishRows::shapeOf($stood)->week === WeekShape::Own;

        return $byHand ? $wishes->shaped($wishes->shape->with(WeekShape::Own)) : $wishes;
    }

    /**
     * What a clinician chose for an exercise stays chosen: its school, its way, and its days where they were set by
     * hand and are still days of the plan.
     *
     * @return array<string, mixed>
     */
    private static function chosen(PlanItem $item, int $nth, ?Plan $stood, Wishes $wishes): array
    {
        $was = $stood?->items->where('nth', $nth)->firstWhere('family', $item->family->code);
        if ($was === null) {
            return [];
        }
        $on = PlanItemRow::onDays($was)->within($wishes->days);

        return [
            'school' => $was->school, 'ways' => $was->ways,
            ...$wishes->shape->week !== WeekShape::Own ? [] : [
                ...PlanItemRow::days($on), 'dose' => $on->dose($item->dose, $wishes->days)->jsonSerialize(),
            ],
        ];
    }

    /** @return list<Planned> exercises of the issued plan that were logged, as they stand on the desk now */
    private function done(Client $client): array
    {
        $client->load('plans.items');
        $desk = $client->plans->firstWhere('status', Plan::DRAFT)
            ?? $client->plans->firstWhere('status', Plan::ISSUED);

        return array_map(
            fn (StoredItem $i): Planned => PlanItemRow::planned($i, $this->catalogue),
            $desk === null ? [] : self::doneOf($desk, $client),
        );
    }

    /** @return list<StoredItem> of this plan, what has been logged under the issued one */
    public static function doneOf(Plan $desk, Client $client): array
    {
        $issued = $client->plans->firstWhere('status', Plan::ISSUED);
        if ($issued === null) {
            return [];
        }
        $logs = SessionLog::query()->select('id')->where('plan_id', $issued->id)->whereNull('skipped');
        $items = LogItem::query()->select('plan_item_id')->whereIn('session_log_id', $logs);
        $logged = StoredItem::query()->whereIn('id', $items)->get(['family', 'nth']);

        return array_values($desk->items->filter(
            static fn (StoredItem $i): bool => $logged->contains(static fn (StoredItem $l): bool => $i->isSameAs($l)),
        )->all());
    }
}
