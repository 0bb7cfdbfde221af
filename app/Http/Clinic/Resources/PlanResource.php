<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Actions\PlanDesk;
use App\Actions\PreparePlan;
use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Queries\Kept;
use App\Rows\BlockRow;
use App\Rows\ClearanceRows;
use App\Rows\PlanItemRow;
use App\Rows\WishRows;
use BuoyantStep\Core\Dose\Prescriber;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\Channel;
use BuoyantStep\Core\Plan\Days\WeekShape;
use BuoyantStep\Core\Plan\PlanFit;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Plan\Stair;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Plan\Week;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Progress\School;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Reminder;
use Closure;

/** A plan with everything the Plan stage draws: dose, channel, stair, reasons, and what no longer fits. */
final class PlanResource
{
    /** Versions that are offered to be compared with. */
    private const MOST_VERSIONS = 12;

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly PreparePlan $prepare,
        private readonly PlanDesk $desk,
        private readonly WishesResource $wishes,
        private readonly SessionResource $session,
        private readonly RuleBook $rules,
        private readonly Kept $kept,
    ) {
    }

    /**
     * @param  Closure(): Situation  $situation
     * @return array<string, mixed>
     */
    public function of(?Plan $plan, Client $client, Closure $situation, Wishes $wishes): array
    {
        if ($plan === null) {
            return [
                'plan' => null, 'revision' => $client->plan_revision, ...$this->desk->said($client),
                'clearance' => ClearanceRows::missing($client, $situation()), 'ready' => self::ready($client),
                'wishes' => $this->wishes->of($plan, $client, $wishes->prefers),
                'versions' => self::versions($client, null),
            ];
        }

        $drawn = $this->kept->of('plan', $client, [$plan, $plan->items], fn (): array => [
            'clearance' => ClearanceRows::missing($client, $situation()),
            'plan' => $this->drawn($plan, $client, $situation(), $wishes),
        ]);

        return [
            ...$drawn,
            'revision' => $client->plan_revision,
            ...$this->desk->said($client),
            'ready' => self::ready($client),
            'wishes' => $this->wishes->of($plan, $client, $wishes->prefers),
            'versions' => self::versions($client, $plan),
        ];
    }

    /** @return array<string, mixed> */
    private function drawn(Plan $plan, Client $client, Situation $situation, Wishes $wishes): array
    {
        $items = [];
        foreach ($plan->items as $item) {
            $items[] = $this->item($item, $client, $situation, $wishes);
        }
        $sessions = $this->session->of($plan, $situation);

        return [
            'id' => $plan->id, 'version' => $plan->version, 'status' => $plan->status,
            'aim' => $plan->aim, 'structure' => $plan->structure, 'days' => $plan->days, 'budget' => $plan->minutes,
            'minutes' => max([0, ...array_column($sessions, 'minutes')]),
            'sessions' => $sessions,
            'session' => WishRows::shapeOf($plan)->jsonSerialize(),
            'left' => self::left($plan), 'trims' => $plan->notes['trims'],
            'issued_on' => $plan->issued_on, 'items' => $items,
            'ahead' => $this->ahead($plan, $client, $situation),
            'week' => $this->week($plan, $client, $situation), 'asks' => $this->asks($client, $situation),
            'block' => BlockRow::of($plan, $situation),
            'structures' => Options::of(Structure::class), 'weeks' => self::weeks($plan),
            'covers' => array_values(array_unique(array_column($items, 'pattern'))),
        ];
    }

    /** @return list<array{string, string}> what its days can hold; by hand only where they are so */
    private static function weeks(Plan $plan): array
    {
        $own = WishRows::shapeOf($plan)->week === WeekShape::Own;

        return array_values(array_filter(
            Options::of(WeekShape::class),
            static fn (array $o): bool => $own || $o[0] !== WeekShape::Own->value,
        ));
    }

    /** @return list<string> what the week depends on and the screen does not say */
    private function asks(Client $client, Situation $situation): array
    {
        $reminders = $this->rules->reminders($situation->facts());
        $missing = [
            'The days of dialysis are not on the screen.' => Reminder::DialysisDays,
            'When the medicine works best is not on the screen.' => Reminder::OnTime,
        ];

        return array_keys(array_filter($missing, static fn (Reminder $r): bool => in_array($r, $reminders, true)
            && ($r === Reminder::OnTime ? $client->best_time : $client->treatment_days) === null));
    }

    private function week(Plan $plan, Client $client, Situation $situation): Week
    {
        return new Week(
            PlanItemRow::all($plan, $this->catalogue), PlanItemRow::allOnDays($plan), $plan->days,
            $situation->envelope->atLeast(Field::HoursBetweenSameMuscle, 48),
            $situation->envelope->is(ConditionTrait::UsesWheels), $client->treatment_days ?? [],
        );
    }

    /** @return list<array{what: string, says: string}> */
    private static function left(Plan $plan): array
    {
        // Plans of before the first of July 2026 name the pattern alone.
        return array_map(static fn (array $l): array => [
            'what' => $l['what'] ?? $l['pattern'] ?? '', 'says' => $l['says'],
        ], $plan->notes['left']);
    }

    /** @return list<array{int, string}> other versions, the newest first: the number, and what it is */
    private static function versions(Client $client, ?Plan $plan): array
    {
        $others = $client->plans()->where('version', '!=', $plan->version ?? 0)->limit(self::MOST_VERSIONS)
            ->get(['version', 'issued_on']);

        return array_values($others->map(static fn (Plan $p): array => [$p->version, sprintf(
            'Version %d, %s', $p->version, $p->issued_on === null
                ? 'draft' : 'issued '.Day::of($p->issued_on)->label(),
        )])->all());
    }

    /** @return array{date: string, breaches: list<string>}|null */
    private function ahead(Plan $plan, Client $client, Situation $situation): ?array
    {
        $ahead = $this->prepare->ahead($plan, $client, $situation);

        return $ahead === null ? null : ['date' => $ahead->date->label(), 'breaches' => $ahead->breaches];
    }

    /** @return array{measured: bool, kit: bool} */
    private static function ready(Client $client): array
    {
        return ['measured' => $client->measures->isNotEmpty(), 'kit' => $client->pieces->isNotEmpty()];
    }

    /** @return array{seconds: int, family: string, pattern: string}&array<string, mixed> */
    private function item(PlanItem $item, Client $client, Situation $situation, Wishes $wishes): array
    {
        $planned = PlanItemRow::planned($item, $this->catalogue);
        [$family, $rung, $goal, $dose] = [$planned->family, $planned->rung, $planned->goal, $planned->dose];
        $here = $situation->at($family, $rung);
        // Drawn from today's limits and kit, not from those of the day it was drafted: what is out of date must show.
        $now = Prescriber::dosing($here, $goal, count($wishes->days));

        return [
            'id' => $item->id, 'family' => $item->family, 'nth' => $item->nth,
            'family_name' => $family->name,
            'pattern' => $family->pattern->label(),
            'rung' => $item->rung,
            'name' => $rung->name,
            'set_up' => $rung->setUp->says, 'own_set_up' => $item->own_set_up ?? '',
            'note' => $item->note ?? '',
            'figure' => $rung->figure->changed($planned->made)->draw(),
            'equipment' => $rung->equipmentLabels(),
            'lever_notes' => array_values(array_filter([
                $here->moved($dose->loadG),
                ...array_map(static fn (Reason $r): string => $r->says, $here->leverNotes()),
            ])),
            'goal' => $goal->label(), 'dose' => DoseResource::of($dose, $goal, $rung),
            'light' => LightResource::of($item, $here, $goal), 'off_days' => $item->off_days ?? [],
            'school' => $item->school ?? '',
            'ways' => WaysResource::of($item, $client, $here),
            'schools' => self::schools($dose->kind),
            'sides' => SidesResource::say($planned->sides),
            'recipe' => $item->recipe,
            'changes' => array_column($item->changes, 'says'),
            'for' => array_map(self::inFor(...), array_column(PlanItemRow::needs($item), 'says')),
            'because' => $item->because,
            'findings' => $item->findings,
            'breaches' => (new PlanFit($situation))->ofOne($planned),
            'channel' => Channel::of(
                $here, $goal, $dose, $now, $here->ladder(),
                $item->last_load_g === $dose->loadG ? null : $item->last_load_g,
            ),
            'stair' => Stair::of($family, $situation, $wishes),
            'shaped_by' => self::shapedBy($item->because),
            'seconds' => $rung->setUp->seconds + $dose->sets * Timed::planned($planned)->bout(),
        ];
    }

    /** "Chosen to climb stairs and kerbs." as "to climb stairs and kerbs". */
    private static function inFor(string $says): string
    {
        return rtrim(str_replace('Chosen ', '', $says), '.');
    }

    /** @return list<array{string, string}> the schools that decide about what is counted */
    private static function schools(DoseKind $kind): array
    {
        $all = array_values(array_filter(SchoolBook::all(), static fn (School $s): bool => $s->serves($kind)));

        return array_map(static fn (School $s): array => [$s->code(), $s->label()], $all);
    }

    /**
     * The rules that shaped this dose, so that pointing at one lights up the other.
     *
     * @param  list<array{from: string, rule: string, says: string, source: string}>  $because
     * @return list<string>
     */
    private static function shapedBy(array $because): array
    {
        return array_values(
            array_unique(
                array_map(
                    static fn (array $b): string => $b['says'],
                    array_filter($because, static fn (array $b): bool => $b['from'] === 'limit'),
                ),
            ),
        );
    }
}
