<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Client\Side;
use BuoyantStep\Core\Client\TrainingLevel;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Measures\Test;

/**
 * Drafts a session: for each pattern the hardest rung that the limits allow, the measures open and the kit can load;
 * then trims to the minutes, fewer sets first, then the least important exercise, never the warm-up.
 */
final readonly class Drafter
{
    public const MOST_ITEMS = 8;

    /** Trimming stops here: fewer exercises than this is another kind of session, for the clinician to decide. */
    public const FEWEST_ITEMS = 4;

    /** After a birth 12-15 reps at a moderate load come before chasing load (limits.md); for a year. House convention. */
    private const REBUILD_DAYS = 365;

    public function __construct(private Situation $situation)
    {
    }

    public function draft(Wishes $wishes): Draft
    {
        $items = [];
        $left = [];
        foreach ($this->byPattern() as $pattern => $families) {
            [$item, $why] = $this->choose($families, $wishes);
            if ($item !== null && count($items) < self::MOST_ITEMS) {
                $items[] = $item;
            } else {
                $left[] = ['pattern' => Pattern::from($pattern)->label(), 'says' => $item !== null ? sprintf('A session holds %d exercises; this one can be swapped in.', self::MOST_ITEMS) : $why];
            }
        }
        [$items, $trims, $dropped] = $this->trim($items, $wishes);
        $order = array_map(static fn (Pattern $p): string => $p->value, Pattern::cases());
        usort($items, static fn (PlanItem $a, PlanItem $b): int => array_search($a->family->pattern->value, $order, true) <=> array_search($b->family->pattern->value, $order, true));

        return new Draft($items, $this->seconds($items, $wishes), [...$left, ...$dropped], $trims);
    }

    /**
     * One family at one rung, dosed; null with the reason when it cannot be.
     *
     * @return array{PlanItem|null, string}
     */
    public function item(Family $family, Rung $rung, Wishes $wishes): array
    {
        $verdicts = $this->situation->verdicts($rung);
        $open = $this->situation->openSides($rung);
        if ($open === []) {
            $reasons = array_values($verdicts)[0]->because;

            return [null, $rung->name.': '.($reasons[0]->says ?? 'out')];
        }
        $missing = $this->situation->missing($rung);
        if ($missing !== []) {
            return [null, $rung->name.': '.self::lacks($missing)];
        }
        $goal = $this->goal($family, $wishes);
        $dosing = $this->situation->prescriber->prescribe(
            $rung, $goal, count($wishes->days), $this->situation->oneRepMax($family), $this->situation->ladder($rung), $this->situation->workingSide($rung),
        );
        $dose = $dosing->dose;
        if ($dose === null) {
            return [null, $rung->name.': '.($dosing->findings[0] ?? 'no dose')];
        }
        $band = null;
        if ($rung->band !== null) {
            [$band, $why] = BandFit::best($this->situation, $family, $rung, $goal);
            if ($band === null) {
                return [null, $rung->name.': '.$why];
            }
            $dosing = $dosing->with($band->because());
        }

        return [new PlanItem($family, $rung, $goal, $dose, $dosing, $this->leadFirst($open), $this->situation->changes($rung, $open), $band?->recipe() ?? $dosing->makeable?->recipe($this->situation->kit), $band), ''];
    }

    /** @param  list<Thing>  $missing */
    public static function lacks(array $missing): string
    {
        return 'missing here: '.implode(', ', array_map(static fn (Thing $t): string => $t->label().($t->substitute() === null ? '' : ' (or '.$t->substitute().')'), $missing)).'.';
    }

    /** How the load of a dose is made, or the band set up, in words; null where neither is used. */
    public function recipe(Family $family, Rung $rung, Goal $goal, Dose $dose): ?string
    {
        if ($rung->band !== null) {
            return BandFit::best($this->situation, $family, $rung, $goal)[0]?->recipe();
        }

        return $dose->loadG === null ? null : $this->situation->ladder($rung)?->at($dose->loadG)?->recipe($this->situation->kit);
    }

    /** Which goal a family serves for this client. */
    public function goal(Family $family, Wishes $wishes): Goal
    {
        return match ($family->kind) {
            'warm_up' => Goal::WarmUp,
            'balance' => Goal::Balance,
            'hold' => Goal::Isometric,
            'mobility' => Goal::Mobility,
            // Speed comes after the first block; until then the same movement is learnt.
            'power' => $this->situation->isInFirstBlock() ? Goal::Learn : Goal::Power,
            default => match ($wishes->aim) {
                'endurance' => Goal::Endurance,
                'learn' => Goal::Learn,
                default => $this->strengthGoal(),
            },
        };
    }

    /** The first test that the rung asks for and this client has not reached, in words; null when it is open as a start. */
    public function notYet(Rung $rung): ?string
    {
        foreach ($rung->needs as $code => $least) {
            $test = Test::from($code);
            $value = $this->situation->measures->value($test);
            if ($value === null) {
                return sprintf('%s not measured; %d %s opens it.', $test->label(), $least, $test->unit());
            }
            if ($value < $least) {
                return sprintf('%s is %s; %d %s opens it.', $test->label(), rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.'), $least, $test->unit());
            }
        }

        return null;
    }

    /** @param  list<PlanItem>  $items */
    public function seconds(array $items, Wishes $wishes): int
    {
        return Minutes::session($items, $wishes->structure, $this->situation->envelope->atLeast(Field::RestMinS, 0));
    }

    private function strengthGoal(): Goal
    {
        $client = $this->situation->client;
        $sinceBirth = $client->daysSinceBirth($this->situation->on);
        if ($client->dueDate !== null || ($sinceBirth !== null && $sinceBirth <= self::REBUILD_DAYS)) {
            return Goal::StrengthEndurance;
        }
        if ($client->hasInForce('osteoporosis', $this->situation->on) && ($client->schools['fragile_bone'] ?? null) === 'light_many') {
            return Goal::LightMany;
        }
        if ($this->situation->isInFirstBlock()) {
            return Goal::StrengthFirstBlock;
        }

        return $client->trainingLevel === TrainingLevel::Trained && $client->age($this->situation->on) < 65 ? Goal::StrengthTrained : Goal::StrengthOlder;
    }

    /** @return array<string, list<Family>> most important pattern first, each pattern's main family first */
    private function byPattern(): array
    {
        $byPattern = [];
        foreach ($this->situation->catalogue->families() as $family) {
            $byPattern[$family->pattern->value][] = $family;
        }
        foreach ($byPattern as &$families) {
            usort($families, static fn (Family $a, Family $b): int => [$a->draft, $a->code] <=> [$b->draft, $b->code]);
        }

        return $byPattern;
    }

    /**
     * @param  list<Family>  $families
     * @return array{PlanItem|null, string}
     */
    private function choose(array $families, Wishes $wishes): array
    {
        $why = '';
        foreach ($families as $family) {
            foreach (array_reverse($family->rungs) as $rung) {
                if ($this->notYet($rung) !== null) {
                    continue;
                }
                [$item, $reason] = $this->item($family, $rung, $wishes);
                if ($item !== null) {
                    return [$item, ''];
                }
                // Of all that is out, the easiest rung of the main family says it best.
                if ($family === $families[0] || $why === '') {
                    $why = $reason;
                }
            }
        }

        return [null, $why];
    }

    /**
     * @param  list<PlanItem>  $items  most important first
     * @return array{list<PlanItem>, list<string>, list<array{pattern: string, says: string}>}
     */
    private function trim(array $items, Wishes $wishes): array
    {
        $trims = [];
        $dropped = [];
        $budget = $wishes->minutes * 60;
        for ($i = count($items) - 1; $i > 0 && $this->seconds($items, $wishes) > $budget; $i--) {
            if ($items[$i]->dose->sets > 1 && $items[$i]->goal !== Goal::WarmUp) {
                $items = array_values(array_replace($items, [$i => $items[$i]->withDose($items[$i]->dose->with(sets: $items[$i]->dose->sets - 1))]));
                $trims[] = lcfirst($items[$i]->family->name);
            }
        }
        $trims = $trims === [] ? [] : [sprintf('One set fewer to fit %d minutes: %s.', $wishes->minutes, implode(', ', $trims))];
        while (count($items) > self::FEWEST_ITEMS && $this->seconds($items, $wishes) > $budget) {
            $last = $items[count($items) - 1];
            $items = array_slice($items, 0, -1);
            $dropped[] = ['pattern' => $last->family->pattern->label(), 'says' => sprintf('Left out to fit %d minutes.', $wishes->minutes)];
        }
        if ($this->seconds($items, $wishes) > $budget) {
            $trims[] = sprintf('Still %d minutes: give more minutes, or leave one out by hand.', Minutes::round($this->seconds($items, $wishes)));
        }

        return [$items, $trims, $dropped];
    }

    /**
     * @param  list<Side>  $sides
     * @return list<Side>
     */
    private function leadFirst(array $sides): array
    {
        $lead = $this->situation->leadingSide();
        usort($sides, static fn (Side $a, Side $b): int => ($b === $lead) <=> ($a === $lead));

        return $sides;
    }
}
