<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Models\Plan;
use App\Models\PlanItem;
use App\Rows\PlanItemRow;
use App\Rows\WishRows;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Plan\Days\WeekSessions;
use BuoyantStep\Core\Plan\Minutes;
use BuoyantStep\Core\Plan\PlanFit;
use BuoyantStep\Core\Plan\Session\Block;
use BuoyantStep\Core\Plan\Session\Part;
use BuoyantStep\Core\Plan\Session\Ramp;
use BuoyantStep\Core\Plan\Session\Session;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Phrase;

/** The parts of a session in words: how each is gone through, with the rests that its minutes are counted from. */
final class SessionResource
{
    /** @var array<int, string> by item, of the plan that was put into words last */
    private array $rests = [];

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    public function sessions(Plan $plan, Situation $situation): WeekSessions
    {
        return (new PlanFit($situation))->sessions(
            PlanItemRow::all($plan, $this->catalogue), PlanItemRow::allOnDays($plan), $plan->days,
            Structure::from($plan->structure), WishRows::shapeOf($plan),
        );
    }

    /** How long to rest between the sets of one exercise, where its sets follow each other; null in rounds. */
    public function restOf(PlanItem $item): ?string
    {
        return $this->rests[$item->id] ?? null;
    }

    /**
     * @return list<array{days: list<int>, minutes: int, parts: list<array{
     *     part: string, label: string, minutes: int, says: list<string>, items: list<int>}>}>
     */
    public function of(Plan $plan, Situation $situation): array
    {
        $this->rests = [];
        $all = array_values($plan->items->all());

        return array_map(function (array $one) use ($all, $situation): array {
            $rows = $one['group']->of($all);
            $this->rests += self::restsOf($one['session'], $rows);

            return [
                'days' => $one['group']->days, 'minutes' => Minutes::round($one['session']->seconds),
                'parts' => $this->parts($one['session'], $rows, $situation),
            ];
        }, $this->sessions($plan, $situation)->all);
    }

    /**
     * @param  list<PlanItem>  $rows
     * @return list<array{part: string, label: string, minutes: int, says: list<string>, items: list<int>}>
     */
    private function parts(Session $session, array $rows, Situation $situation): array
    {
        $pieces = $session->perPiece();

        return array_map(fn (Block $block): array => [
            'part' => $block->part->value,
            'label' => self::label($block, count($pieces)),
            'minutes' => self::minutes($block->piece === null ? $block->seconds : $pieces[$block->piece - 1]),
            'says' => $this->says($block, $rows, $situation),
            'items' => array_map(static fn (int $place): int => $rows[$place]->id, $block->items),
        ], $session->blocks);
    }

    /** The nearest minute, so that the parts come to the whole; no part takes none. */
    private static function minutes(int $seconds): int
    {
        return max(1, (int) round($seconds / 60));
    }

    /**
     * @param  list<PlanItem>  $rows
     * @return array<int, string> by item
     */
    private static function restsOf(Session $session, array $rows): array
    {
        $rests = [];
        foreach ($session->blocks as $block) {
            foreach ($block->restS as $i => $seconds) {
                $rests[$rows[$block->items[$i]]->id] = self::words('rest', ['seconds' => $seconds]);
            }
        }

        return $rests;
    }

    private static function label(Block $block, int $pieces): string
    {
        return $block->piece === null
            ? self::words('part.'.$block->part->value)
            : self::words('part.piece', ['piece' => $block->piece, 'of' => $pieces]);
    }

    /**
     * @param  list<PlanItem>  $rows
     * @return list<string>
     */
    private function says(Block $block, array $rows, Situation $situation): array
    {
        $says = [];
        if ($block->piece !== null) {
            $says[] = self::words('piece');
        }
        if (($block->piece ?? 1) > 1) {
            $says[] = self::words('piece_warm_up', ['seconds' => Session::PIECE_WARM_UP_S]);
        }
        foreach ($block->ramped as $place) {
            $says[] = $this->ramp($rows[$place], $situation);
        }
        if ($block->part === Part::Activation) {
            $names = array_map(fn (int $p): string => Phrase::within($this->name($rows[$p])), $block->items);
            $says[] = self::words('activation', ['reps' => Session::EASY_REPS, 'names' => implode(', ', $names)]);
        } elseif ($block->part === Part::Main) {
            array_push($says, ...$this->rounds($block, $rows));
        }

        return array_values(array_filter($says));
    }

    /**
     * @param  list<PlanItem>  $rows
     * @return list<string>
     */
    private function rounds(Block $block, array $rows): array
    {
        if ($block->restS !== []) {
            return count($block->items) > 1 ? [self::words('straight', ['change' => $block->changeS])] : [];
        }
        $says = [self::words('rounds', ['change' => $block->changeS])];
        $says[] = match (true) {
            $block->rounds === 1 => self::words('one_round'),
            $block->aerobicMinutes > 0 => self::words('aerobic', [
                'minutes' => $block->aerobicMinutes,
            ]).' '.self::words('round_on', ['rounds' => $block->rounds]),
            $block->roundRestS > 0 => self::words('round_rest', [
                'seconds' => $block->roundRestS + $block->changeS, 'rounds' => $block->rounds,
            ]),
            default => self::words('round_on', ['rounds' => $block->rounds]),
        };
        foreach ($block->items as $place) {
            $sets = PlanItemRow::dose($rows[$place])->sets;
            if ($sets < $block->rounds) {
                $says[] = self::words($sets === 1 ? 'fewer_one' : 'fewer', [
                    'name' => $this->name($rows[$place]), 'sets' => $sets,
                ]);
            }
        }

        return $says;
    }

    private function ramp(PlanItem $row, Situation $situation): string
    {
        $family = $this->catalogue->family($row->family);
        $ramp = Ramp::of(
            $situation->at($family, $family->rung($row->rung)), PlanItemRow::goal($row), PlanItemRow::dose($row),
        );

        return $ramp === null ? '' : self::words('ramp', [
            'name' => $this->name($row), 'reps' => $ramp->amount->hi, 'load' => (string) $ramp->loadLabel(),
            'seconds' => max(Ramp::REST_S, $situation->envelope->restMin()),
        ]);
    }

    private function name(PlanItem $row): string
    {
        return $this->catalogue->family($row->family)->rung($row->rung)->name;
    }

    /** @param  array<string, int|string>  $with */
    private static function words(string $key, array $with = []): string
    {
        $words = __('session.'.$key, $with);

        return is_string($words) ? $words : '';
    }
}
