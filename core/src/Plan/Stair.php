<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Limits\Verdict;
use BuoyantStep\Core\Units\Reason;

/** A family as a stair for this client: which rungs are above the water, and what holds the others under. */
final class Stair
{
    public const OPEN = 'open';

    public const CHANGES = 'changes';

    public const UNDER = 'under';

    /** @return list<array{code: string, name: string, step: string, axes: string, state: string, says: string, not_yet: string|null, notes: list<string>, seed: bool}> */
    public static function of(Family $family, Situation $situation, Wishes $wishes): array
    {
        $drafter = new Drafter($situation);
        $steps = [];
        $seed = null;
        foreach ($family->rungs as $rung) {
            $verdicts = array_values($situation->verdicts($rung));
            [$item, $why] = $drafter->item($family, $rung, $wishes);
            $changes = $item === null ? [] : array_column($item->changes, 'says');
            $out = array_filter($verdicts, static fn (Verdict $v): bool => $v->isOut());
            $notYet = $drafter->notYet($rung);
            if ($item !== null && $notYet === null) {
                $seed = $rung->code;
            }
            $steps[] = [
                'code' => $rung->code,
                'name' => $rung->name,
                'step' => $rung->step,
                'axes' => $rung->axesLabel(),
                'state' => $item === null ? self::UNDER : ($changes === [] ? self::OPEN : self::CHANGES),
                'says' => $item === null ? $why : trim(implode(' ', $changes).($out === [] ? '' : ' One side only.')),
                'not_yet' => $notYet,
                'notes' => array_map(static fn (Reason $r): string => $r->says, $situation->leverNotes($rung)),
            ];
        }

        // Where the measures say to begin: the hardest rung that is open and whose tests were reached.
        return array_map(static fn (array $step): array => [...$step, 'seed' => $step['code'] === $seed], $steps);
    }
}
