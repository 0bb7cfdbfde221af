<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Models\User;
use App\Rows\BuildSituation;
use App\Rows\OwnSetUp;
use App\Rows\PlanItemRow;
use App\Rows\WayRows;
use App\Rows\WishRows;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Plan\Days\OnDays;
use BuoyantStep\Core\Plan\Days\WeekShape;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\PlanFit;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Situation\Ways;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Way;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Changes to a draft, one exercise at a time; every change is held against the limits before it is kept. */
final class EditPlan
{
    public function __construct(
        private readonly BuildSituation $build,
        private readonly Catalogue $catalogue,
        private readonly PlanDesk $desk,
    ) {
    }

    public function swapRung(Client $client, User $by, int $itemId, string $rung, int $revision): void
    {
        $this->change($client, $by, $itemId, $revision, 'Another rung', function (
            PlanItem $item, Situation $situation, Wishes $wishes,
        ) use ($rung, $client): array {
            $family = $this->catalogue->family($item->family);
            $others = $item->plan->items->reject(static fn (PlanItem $i): bool => $i->is($item));
            self::assertAnotherRung($others->where('family', $item->family), $family->rung($rung));
            $offer = (new Drafter($situation))->offer($situation->at($family, $family->rung($rung)), $wishes);

            return [
                ...PlanItemRow::from($offer->item ?? throw Refusal::at('rung', $offer->why), $item),
                ...OwnSetUp::row($client, $item->family, $rung),
            ];
        });
    }

    /**
     * @param  Closure(Dose): Dose  $typed  from the dose that stands to the one that was typed
     * @param  bool  $confirmed  an unusual dose was looked at twice
     */
    public function setDose(Client $client, User $by, int $itemId, Closure $typed, int $revision, bool $confirmed): void
    {
        $this->change($client, $by, $itemId, $revision, 'Another dose', function (
            PlanItem $item, Situation $situation,
        ) use ($typed, $confirmed): array {
            $here = $this->here($item, $situation);
            $goal = PlanItemRow::goal($item);
            $dose = DoseFaults::asMeant($here, $typed(PlanItemRow::dose($item)));
            CheckDose::assertAllowed($here, $goal, $dose, $confirmed);
            $recipe = Drafter::recipe($here, $goal, $dose);

            return [
                'dose' => $dose->jsonSerialize(), 'recipe' => $recipe,
                'because' => [
                    ...$item->because,
                    [
                        'from' => 'rule',
                        'rule' => 'clinician',
                        'says' => sprintf(
                            'Set by the clinician: %s%s.', $dose->amountLabel(),
                            $dose->loadLabel() === null ? '' : ', '.$dose->loadLabel(),
                        ),
                        'source' => '',
                    ],
                ],
            ];
        });
    }

    /** Which school decides its steps; null leaves it to the clinic's. */
    public function setSchool(Client $client, User $by, int $itemId, ?string $school, int $revision): void
    {
        $this->change($client, $by, $itemId, $revision, 'Another school', static function (PlanItem $item) use (
            $school,
        ): array {
            $kind = PlanItemRow::dose($item)->kind;
            if ($school !== null && ! SchoolBook::find($school)->serves($kind)) {
                throw Refusal::at('school', sprintf('This school does not decide about %s.', $kind->label()));
            }

            return ['school' => $school];
        });
    }

    /**
     * In which way it is done, of those that are open for this client here.
     *
     * @param  bool  $always  for every exercise of this client from now on that has the choice
     */
    public function setWay(Client $client, User $by, int $itemId, Way $way, bool $always, int $revision): void
    {
        $says = sprintf('%s: %s', $way->of()->label(), $way->label());
        $this->change($client, $by, $itemId, $revision, $says, function (
            PlanItem $item, Situation $situation,
        ) use ($way, $always, $client): array {
            $ways = new Ways($this->here($item, $situation));
            if (! in_array($way, $ways->open($way->of()), true) || ! in_array($way->of(), $ways->choices(), true)) {
                throw Refusal::at('way', sprintf(
                    '%s, %s, is not open here: a limit forbids it, or the home lacks it.', $way->of()->label(),
                    $way->label(),
                ));
            }
            if ($always) {
                $client->update(['ways' => WayRows::with($client->ways, $way)]);
            }

            return ['ways' => WayRows::with($item->ways, $way)];
        });
    }

    /** How it is set up for this client; null takes it back. It comes back with the rung, in this plan and the next. */
    public function setUp(Client $client, User $by, int $itemId, ?string $says, int $revision): void
    {
        $this->change($client, $by, $itemId, $revision, 'Own set-up', static function (PlanItem $item) use (
            $says, $client,
        ): array {
            $client->update(['set_ups' => OwnSetUp::with($client, $item->family, $item->rung, $says)]);

            return ['own_set_up' => $says];
        });
    }

    /** A line from the clinician to the client, for this plan; null takes it back. */
    public function note(Client $client, User $by, int $itemId, ?string $says, int $revision): void
    {
        $this->change($client, $by, $itemId, $revision, 'Note', static fn (): array => ['note' => $says]);
    }

    /** On which of the plan's days it is done lighter, and on which it is left out. */
    public function setDays(Client $client, User $by, int $itemId, OnDays $on, int $revision): void
    {
        $this->change($client, $by, $itemId, $revision, 'Its days', static function (PlanItem $item) use ($on): array {
            $plan = $item->plan;
            $within = $on->within($plan->days);
            if (array_intersect($plan->days, [...$on->light, ...$on->off]) !== [] && $within == new OnDays) {
                throw Refusal::at('days_held', 'One day at least holds it whole: leave one as it is.');
            }
            $plan->update(['session' => WishRows::shapeOf($plan)->with(WeekShape::Own)->jsonSerialize()]);

            return PlanItemRow::shared($item, $within, $plan->days);
        });
    }

    /**
     * The same exercise as the limits, the kit and the measures of today have it: its dose is kept where it still may
     * be.
     */
    public function bringUpToDate(Client $client, User $by, int $itemId, int $revision): void
    {
        $this->change($client, $by, $itemId, $revision, 'Brought up to today', function (
            PlanItem $item, Situation $situation, Wishes $wishes,
        ): array {
            $offer = (new Drafter($situation))->offer($this->here($item, $situation), $wishes);
            $new = $offer->item ?? throw Refusal::at('rung', $offer->why);

            return PlanItemRow::renewed(
                $item, PlanItemRow::planned($item, $this->catalogue), $new, new PlanFit($situation),
            );
        });
    }

    /** @param  int  $to  its new place in the plan, 1 first */
    public function move(Client $client, User $by, int $itemId, int $to, int $revision): void
    {
        DB::transaction(function () use ($client, $by, $itemId, $to, $revision): void {
            $item = $this->onDesk($client, $by, $itemId, $revision, 'Moved');
            $others = $item->plan->items->reject(static fn (PlanItem $i): bool => $i->is($item))->values()->all();
            array_splice($others, max(0, min(count($others), $to - 1)), 0, [$item]);
            foreach ($others as $i => $row) {
                $row->update(['position' => $i + 1]);
            }
        });
    }

    public function remove(Client $client, User $by, int $itemId, int $revision): void
    {
        $situation = $this->build->of($client);
        DB::transaction(function () use ($client, $by, $itemId, $revision, $situation): void {
            $item = $this->onDesk($client, $by, $itemId, $revision, 'Taken out');
            if (! WarmUp::isLeftBy($item) && $situation->envelope->is(ConditionTrait::NeedsWarmUp)) {
                throw Refusal::at('plan', WarmUp::SAYS);
            }
            $item->delete();
        });
    }

    /** @param  string|null  $rung  null for the one to begin with */
    public function add(Client $client, User $by, string $familyCode, ?string $rung, int $revision): void
    {
        $situation = $this->build->of($client);
        $wishes = $this->build->wishes($client);
        $family = $this->catalogue->family($familyCode);
        $drafter = new Drafter($situation);
        $offer = $rung === null
            ? $drafter->start($family, $wishes)
            : $drafter->offer($situation->at($family, $family->rung($rung)), $wishes);
        $says = $offer->why === '' ? 'No rung of this family is open yet: measure first.' : $offer->why;
        $item = $offer->item ?? throw Refusal::at('family', $says);
        DB::transaction(function () use ($client, $by, $item, $revision, $situation): void {
            $plan = $this->desk->draft($client, $by, $revision, 'Added: '.Phrase::within($item->family->name).'.');
            $of = $plan->items->where('family', $item->family->code);
            self::assertAnotherRung($of, $item->rung);
            $added = $plan->items()->create([
                'position' => self::highest($plan->items, 'position') + 1, 'nth' => self::highest($of, 'nth') + 1,
                ...PlanItemRow::from($item), ...OwnSetUp::row($client, $item->family->code, $item->rung->code),
            ]);
            $added->update($this->sharedAs($added, $plan->load('items')));
            $this->assertFits($added, $situation);
        });
    }

    /** @param  Collection<int, PlanItem>  $of  of the same family, that are in the plan already */
    private static function assertAnotherRung(Collection $of, Rung $rung): void
    {
        if ($of->contains('rung', $rung->code)) {
            $says = '"%s" is in the plan already; choose another rung of it.';
            throw Refusal::at('family', sprintf($says, $rung->name));
        }
    }

    /** @param  Collection<int, PlanItem>  $items */
    private static function highest(Collection $items, string $of): int
    {
        $most = $items->max($of);

        return is_numeric($most) ? (int) $most : 0;
    }

    /**
     * On which days it is done, as the plan's week has it.
     *
     * @return array<string, mixed> what to store
     */
    private function sharedAs(PlanItem $item, Plan $plan): array
    {
        $timed = array_map(Timed::planned(...), PlanItemRow::all($plan, $this->catalogue));
        $on = WishRows::shapeOf($plan)->week->share($timed, $plan->days);
        $place = $plan->items->values()->search(static fn (PlanItem $i): bool => $i->is($item));

        return is_int($place) ? PlanItemRow::shared($item, $on[$place], $plan->days) : [];
    }

    /** @param  callable(PlanItem, Situation, Wishes): array<string, mixed>  $to */
    private function change(Client $client, User $by, int $itemId, int $revision, string $says, callable $to): void
    {
        $situation = $this->build->of($client);
        $wishes = $this->build->wishes($client);
        DB::transaction(function () use ($client, $by, $itemId, $revision, $says, $to, $situation, $wishes): void {
            $item = $this->onDesk($client, $by, $itemId, $revision, $says);
            $item->update($to($item, $situation, $wishes));
            $this->assertFits($item, $situation);
        });
    }

    /** Whatever way a dose came, it passes the same door before it is kept. */
    private function assertFits(PlanItem $item, Situation $situation): void
    {
        $here = $this->here($item, $situation);
        CheckDose::assertAllowed($here, PlanItemRow::goal($item), PlanItemRow::dose($item), confirmed: true);
    }

    private function here(PlanItem $item, Situation $situation): RungHere
    {
        $family = $this->catalogue->family($item->family);

        return $situation->at($family, $family->rung($item->rung));
    }

    private function onDesk(Client $client, User $by, int $itemId, int $revision, string $says): PlanItem
    {
        $asked = PlanItem::query()->whereKey($itemId)->whereHas(
            'plan', static fn ($q) => $q->where('client_id', $client->id),
        )->firstOrFail();
        $plan = $this->desk->draft(
            $client,
            $by,
            $revision,
            sprintf('%s: %s.', $says, Phrase::within($this->catalogue->family($asked->family)->name)),
        );

        return $plan->items()->where('family', $asked->family)->where('nth', $asked->nth)->firstOrFail();
    }
}
