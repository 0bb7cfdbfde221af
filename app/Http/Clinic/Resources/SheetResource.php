<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Rows\BlockRow;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\EasierWeek;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Kinds;
use BuoyantStep\Core\Dose\LightDay;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Reworded;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\PlanFit;
use BuoyantStep\Core\Progress\PainRule;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Reminder;
use BuoyantStep\Core\Vocabulary\Side;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Urgency;

/** The page the client takes home: what, how, how much, how hard, when to stop. Plain words, large type. */
final class SheetResource
{
    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly SessionResource $session,
        private readonly RuleBook $rules,
    ) {
    }

    /**
     * @param  list<string>  $stops  open red flags, in words
     * @return array<string, mixed>
     */
    public function of(Plan $plan, Client $client, Situation $situation, array $stops): array
    {
        $breaches = (new PlanFit($situation))->breaches(PlanItemRow::all($plan, $this->catalogue));
        $clinic = $client->clinic;

        return [
            'title' => SheetWords::says('title', ['name' => $client->name()]),
            'version' => $plan->version,
            'version_says' => SheetWords::says('version', ['version' => $plan->version])
                .($clinic->hasReadWords() ? '' : '. '.SheetWords::says('unread')),
            'status' => $plan->status,
            'issued_on' => $plan->issued_on,
            'marks' => self::marks($plan, $stops, $breaches),
            'stopped' => $stops,
            'breaches' => $breaches,
            'days' => $plan->days, 'days_says' => SheetWords::days($plan->days),
            'day_names' => array_map(static fn (int $d): string => SheetWords::says('weekday.'.$d), $plan->days),
            'easier' => self::easier($plan, $situation),
            'clinic' => [
                'name' => $clinic->name, 'address' => $clinic->address, 'phone' => $clinic->phone,
                'emergency' => $clinic->emergency_phone,
            ],
            'words' => SheetWords::headings(),
            ...$this->around($plan, $client, $situation),
            'pain' => self::pain($situation),
            'stop' => self::signs($situation, Urgency::CallNow, 'stop_says', $clinic->emergency_phone),
            'refer' => self::signs($situation, Urgency::Refer, 'refer_says', null),
            'sessions' => array_map(static fn (array $s): array => [
                ...$s, 'says' => SheetWords::days($s['days']),
            ], $this->session->of($plan, $situation)),
            'items' => $plan->items->map(
                fn (PlanItem $i): array => $this->item($i, $client, $situation),
            )->values()->all(),
        ];
    }

    /**
     * What may not be handed out says so on the paper itself.
     *
     * @param  list<string>  $stops
     * @param  list<string>  $breaches
     * @return list<array{string, string}>
     */
    private static function marks(Plan $plan, array $stops, array $breaches): array
    {
        $marks = array_keys(array_filter([
            'stopped' => $stops !== [], 'draft' => $plan->status === Plan::DRAFT,
            'outdated' => $plan->status === Plan::SUPERSEDED || $breaches !== [],
        ]));

        return array_map(static fn (string $mark): array => [
            SheetWords::says('mark.'.$mark), SheetWords::says('mark_says.'.$mark),
        ], $marks);
    }

    /** @return list<string> the easier weeks that are not over, with what is done in them */
    private static function easier(Plan $plan, Situation $situation): array
    {
        $counts = array_unique($plan->items->map(
            static fn (PlanItem $i): int => PlanItemRow::dose($i)->sets,
        )->sortDesc()->all());
        $fewer = array_filter($counts, static fn (int $sets): bool => EasierWeek::sets($sets) < $sets);
        $sets = implode('. ', array_map(static fn (int $sets): string => SheetWords::says('easier_sets', [
            'sets' => $sets, 'few' => EasierWeek::sets($sets),
        ]), $fewer));
        $ahead = array_filter(
            BlockRow::of($plan, $situation)->easierWeeks(),
            static fn (array $week): bool => $fewer !== [] && ! $week[1]->isBefore($situation->on),
        );

        return array_values(array_map(static fn (array $week): string => SheetWords::says('easier', [
            'from' => $week[0]->label(), 'to' => $week[1]->label(), 'sets' => $sets,
        ]), $ahead));
    }

    /**
     * What to see to around a session.
     *
     * @return array{before: list<string>, during: list<string>, after: list<string>}
     */
    private function around(Plan $plan, Client $client, Situation $situation): array
    {
        $at = ['before' => [], 'during' => [], 'after' => []];
        if ($client->best_time !== null) {
            $at['before'][] = SheetWords::says('best_time', ['time' => rtrim($client->best_time, '.')]);
        }
        $treated = array_values(array_intersect($plan->days, $client->treatment_days ?? []));
        if ($treated !== []) {
            $at['before'][] = SheetWords::says('treatment', ['days' => SheetWords::days($treated)]);
        }
        foreach ($this->rules->reminders($situation->facts()) as $reminder) {
            $at[$reminder === Reminder::RiseSlowly ? 'during' : 'before'][] = SheetWords::says(
                'reminder.'.$reminder->value,
            );
        }
        foreach ($situation->envelope->watches() as $watch) {
            $at[match ($watch->when) {
                Moment::Before => 'before',
                Moment::During => 'during',
                Moment::After => 'after',
            }][] = SheetWords::watch($watch);
        }
        $rungs = $plan->items->map(fn (PlanItem $i) => $this->catalogue->family($i->family)->rung($i->rung));
        if ($rungs->contains(static fn ($r): bool => in_array(Thing::Chair, $r->setUp->equipment, true))) {
            $at['before'][] = SheetWords::says('chair');
        }
        if ($rungs->contains(static fn ($r): bool => $r->work->band !== null)) {
            $at['before'][] = SheetWords::says('band');
        }
        if ($situation->envelope->breath() === Breath::NoHolding) {
            $at['during'][] = SheetWords::says('breathe_out');
        }

        return array_map(static fn (array $lines): array => array_values(array_unique($lines)), $at);
    }

    private static function pain(Situation $situation): string
    {
        $ceiling = PainRule::ceiling($situation->client, $situation->envelope, $situation->on);

        return SheetWords::says($ceiling === 0 ? 'pain.none' : 'pain.some', ['ceiling' => $ceiling]);
    }

    /** @return array{says: string, signs: list<string>} */
    private static function signs(Situation $situation, Urgency $urgency, string $key, ?string $number): array
    {
        $signs = array_filter(
            $situation->envelope->redFlags(), static fn (Sign $s): bool => $s->urgency() === $urgency,
        );

        return [
            'says' => SheetWords::says($key, ['number' => $number ?? SheetWords::says('emergency')]),
            'signs' => array_values(array_map(SheetWords::sign(...), $signs)),
        ];
    }

    /** @return array<string, mixed> */
    private function item(PlanItem $item, Client $client, Situation $situation): array
    {
        $planned = PlanItemRow::planned($item, $this->catalogue);
        [$family, $rung, $goal, $dose] = [$planned->family, $planned->rung, $planned->goal, $planned->dose];
        $here = $situation->at($family, $rung);
        $anew = Reworded::by($planned->made, $dose->tempo);

        return [
            'id' => $item->id,
            'name' => $anew->says($rung->name),
            'equipment' => $rung->equipmentLabels(),
            'figure' => $rung->figure->changed($planned->made)->draw(),
            'set_up' => $anew->says($rung->setUp->says), 'own_set_up' => $item->own_set_up,
            'note' => $item->note,
            'helper' => $rung->helper?->says(),
            'picture' => $rung->teaching->picture === null ? null : $anew->says($rung->teaching->picture),
            'target' => $rung->teaching->target === null ? null : $anew->says($rung->teaching->target),
            'fade' => $rung->teaching->fade === null ? null : ($anew->says($rung->teaching->fade) ?: null),
            'cues' => $anew->all($rung->teaching->cues),
            'mistakes' => $anew->all($rung->teaching->mistakes),
            'feel' => $anew->says($rung->teaching->feel),
            'changes' => array_map(SheetWords::fixed(...), [
                ...array_column($item->changes, 'says'), ...WaysResource::say($item, $client, $here),
            ]),
            'dose' => self::dose($dose, $goal, $rung),
            'light_says' => self::light($item, $here, $goal), 'off_days' => $item->off_days ?? [],
            'sides' => SheetWords::fixed(SidesResource::say(array_map(Side::from(...), $item->sides))),
            'recipe' => $item->recipe === null ? null : SheetWords::says(
                $rung->work->band === null ? 'with_load' : 'with_band', ['recipe' => SheetWords::recipe($item->recipe)],
            ),
            'too_hard_if' => $anew->says($rung->teaching->tooHardIf),
            'then_do' => $this->step($family, $family->position($rung->code), -1, $situation),
            'too_easy_if' => $anew->says($rung->teaching->tooEasyIf),
            'then_ask' => $this->step($family, $family->position($rung->code), 1, $situation),
            'rest_says' => $this->rest($item, $dose->sets),
            'hard_says' => SheetWords::says('of_ten', ['effort' => $dose->effort->label()]),
            'tempo_says' => SheetWords::tempo($dose->tempo),
            'pause_says' => $dose->pauseS === null ? '' : SheetWords::says('pause', ['seconds' => $dose->pauseS]),
            'goal' => $goal->value,
        ];
    }

    /** @return array<string, mixed> */
    private static function dose(Dose $dose, Goal $goal, Rung $rung): array
    {
        $leaves = Kinds::of($dose->kind)->leaves($goal, $dose->effort->hi);

        return [
            ...DoseResource::of($dose, $goal, $rung), 'effort_says' => SheetWords::fixed($leaves),
            'held' => $dose->heldLabel() === null ? null : SheetWords::fixed($dose->heldLabel()),
            'amount' => SheetWords::amount($dose->amountLabel()),
            'load' => $dose->loadLabel() === null ? null : SheetWords::amount($dose->loadLabel()),
        ];
    }

    /** What is done on its light days, in words; empty where every day is the same. */
    private static function light(PlanItem $item, RungHere $here, Goal $goal): string
    {
        if (($item->light_days ?? []) === []) {
            return '';
        }
        $dose = LightDay::of($here, PlanItemRow::dose($item));
        $recipe = Drafter::recipe($here, $goal, $dose);
        $says = SheetWords::says('light', [
            'days' => SheetWords::days($item->light_days ?? []), 'effort' => $dose->effort->label(),
            'amount' => SheetWords::amount(
                implode(', ', array_filter([$dose->amountLabel(), $dose->loadLabel()])),
            ),
        ]);

        return $recipe === null ? $says : $says.' '.SheetWords::recipe($recipe).'.';
    }

    /** Between its sets, where they follow each other; in rounds the rest stands at the head of the part. */
    private function rest(PlanItem $item, int $sets): string
    {
        $rest = $this->session->restOf($item);

        return $rest === null || $sets < 2 ? '' : $rest;
    }

    /**
     * The nearest rung in one direction that is open for this client here, with what must be changed of it.
     *
     * @param  -1|1  $by
     */
    private function step(Family $family, int $from, int $by, Situation $situation): string
    {
        for ($at = $from + $by; isset($family->rungs[$at]); $at += $by) {
            $here = $situation->at($family, $family->rungs[$at]);
            if (! $here->isOut() && $here->lacks() === null && ($by < 0 || $here->notYet() === null)) {
                $changes = $here->changes($here->openSides());
                $name = implode(' ', [
                    Reworded::by($changes)->says($here->rung->name).($changes === [] ? '' : '.'),
                    ...array_map(static fn (Change $c): string => SheetWords::fixed($c->says()), $changes),
                ]);

                return SheetWords::says($by < 0 ? 'then_do' : 'then_ask', ['name' => rtrim($name, '.')]);
            }
            // A harder step past one that is closed is not the next one.
            if ($by > 0) {
                break;
            }
        }

        return $by < 0 ? SheetWords::says('then_rest') : '';
    }
}
