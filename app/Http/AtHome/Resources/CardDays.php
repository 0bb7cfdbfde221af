<?php

declare(strict_types=1);

namespace App\Http\AtHome\Resources;

use App\Http\Clinic\Resources\SheetWords;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Rows\BlockRow;
use App\Rows\PlanItemRow;
use App\Rows\WishRows;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Home\DaySession;
use BuoyantStep\Core\Home\StepKind;
use BuoyantStep\Core\Home\WalkStep;
use BuoyantStep\Core\Plan\Minutes;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** Which session each day until the closing of a card holds, and the way through it, whole and lighter. */
final class CardDays
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /**
     * @param  Day  $until  not included
     * @return array{days: list<array<string, mixed>>, sessions: array<string, mixed>}
     */
    public function of(Plan $plan, Situation $situation, Day $until): array
    {
        $block = BlockRow::of($plan, $situation);
        $days = $sessions = [];
        for ($day = $situation->on; $day->isBefore($until); $day = $day->plus(1)) {
            $weekday = $day->weekday();
            $easier = $block->isEasierOn($day);
            $key = $weekday.($easier ? 'e' : '');
            $days[] = [
                'on' => (string) $day, 'name' => SheetWords::days([$weekday]), 'session' => $key,
                'planned' => $plan->days === [] || in_array($weekday, $plan->days, true), 'easier' => $easier,
            ];
            $sessions[$key] ??= [
                'whole' => $this->session($plan, $situation, $weekday, $easier, false),
                'lighter' => $this->session($plan, $situation, $weekday, $easier, true),
            ];
        }

        return ['days' => $days, 'sessions' => $sessions];
    }

    /** @return array<string, mixed> */
    private function session(Plan $plan, Situation $situation, int $weekday, bool $easier, bool $lighter): array
    {
        $day = DaySession::of(
            $situation, PlanItemRow::all($plan, $this->catalogue), PlanItemRow::allOnDays($plan), $plan->days,
            $weekday, Structure::from($plan->structure), WishRows::shapeOf($plan), $easier, $lighter,
        );
        $rows = array_map(
            static fn (int $place): PlanItem => $plan->items->values()->all()[$place], $day->places,
        );
        $items = [];
        foreach ($rows as $i => $row) {
            $items[$row->id] = CardItem::onDay(
                $day->items[$i], CardItem::recipe($row, $day->items[$i], $situation),
            );
        }

        return [
            'minutes' => Minutes::round($day->seconds), 'items' => $items,
            'steps' => array_map(static fn (WalkStep $step): array => [
                ...array_diff_key($step->jsonSerialize(), ['place' => true]),
                'item' => $step->place === null ? null : $rows[$step->place]->id,
                'says' => SheetWords::amount(self::kind($step, $day)->says($step->amount)),
                'load' => $step->load === null ? null : SheetWords::amount($step->load),
            ], $day->steps),
        ];
    }

    /** What a step counts: that of its exercise, and easy marching by the clock. */
    private static function kind(WalkStep $step, DaySession $day): DoseKind
    {
        return match ($step->kind) {
            StepKind::March => DoseKind::Seconds,
            StepKind::Easy => DoseKind::Reps,
            default => $step->place === null ? DoseKind::Seconds : $day->items[$step->place]->dose->kind,
        };
    }
}
