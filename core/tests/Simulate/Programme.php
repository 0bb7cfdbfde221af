<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Tests\Simulate;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Prescriber;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Forecast\SimulatedClient;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\House;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Log\LoggedEstimates;
use BuoyantStep\Core\Log\LoggedExercise;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\GoalFor;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\Exercise;
use BuoyantStep\Core\Progress\Reviewed;
use BuoyantStep\Core\Progress\SessionReview;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Side;
use Random\Randomizer;

/** One made-up client through some weeks of the real rules, with a clinician who takes every proposal. */
final class Programme
{
    private const FIRST_BLOCK_DAYS = 28;

    private const WITH_FIRST_BLOCK = ['older_adult_new', 'coronary_disease', 'stroke_hemiparesis', 'cancer'];

    /** @var list<Followed> */
    public array $exercises = [];

    /** @var list<array<string, mixed>> */
    private array $rows;

    private bool $firstBlockOver = false;

    private House $house;

    /** @param  array<string, mixed>  $form  the client in the open form */
    public function __construct(
        private array $form,
        array $rows,
        Kit $kit,
        private readonly Wishes $wishes,
        private readonly SimulatedClient $body,
        private readonly Randomizer $luck,
    ) {
        $this->rows = $rows;
        $this->house = new House($kit, new Place(Thing::cases()));
    }

    public function run(int $weeks): void
    {
        $start = Day::of(Made::TODAY);
        $situation = $this->situation($start);
        foreach ((new Drafter($situation))->draft($this->wishes)->items as $item) {
            $this->exercises[] = new Followed(
                $item->family->code, $item->rung->code, $item->goal, $item->dose, $item->sides,
            );
        }
        $gap = $this->luck->getInt(0, 3) === 0 ? $this->luck->getInt(4, max(4, $weeks - 3)) : null;
        $flare = $this->luck->getInt(0, 4) === 0 ? $this->luck->getInt(2, max(2, $weeks - 2)) : null;
        for ($week = 1; $week <= $weeks; $week++) {
            $bad = $this->luck->getInt(0, 99) < 8;
            foreach ($gap !== null && in_array($week, [$gap, $gap + 1], true) ? [] : $this->wishes->days as $weekday) {
                $on = $start->plus(($week - 1) * 7 + $weekday);
                $this->session($on, $week, $bad ? 0.9 : 1.0, $week === $flare);
            }
            $this->weekDone($week, $start->plus($week * 7));
        }
    }

    private function session(Day $on, int $week, float $form, bool $flare): void
    {
        $situation = $this->situation($on);
        foreach ($this->exercises as $exercise) {
            $here = $this->here($situation, $exercise);
            if (! $here->isOut() && ! $exercise->isOut) {
                $pain = $flare && $here->rung->demands->scope()->region->value === 'upper' ? 5 : 0;
                $exercise->history[] = $this->body->does($here, $exercise->dose, $exercise->sides, $on, $form, $pain);
            }
        }
        if (! $this->firstBlockOver && $week > intdiv(self::FIRST_BLOCK_DAYS, 7)) {
            $this->endFirstBlock($on);
        }
        $situation = $this->situation($on);
        $plan = $followed = [];
        foreach ($this->exercises as $exercise) {
            $here = $this->here($situation, $exercise);
            if (! $here->isOut() && ! $exercise->isOut && $exercise->history !== []) {
                $followed[] = [$here, $exercise];
                $plan[] = new Exercise(
                    $here, $exercise->goal, $exercise->dose, $exercise->history, asked: $exercise->asked,
                );
            }
        }
        foreach ((new SessionReview($situation, $this->wishes))->review($plan) as $i => $reviewed) {
            $this->decide($situation, $followed[$i][0], $followed[$i][1], $reviewed, $on);
        }
    }

    private function decide(
        Situation $situation, RungHere $here, Followed $exercise, Reviewed $reviewed, Day $on,
    ): void {
        $proposal = $reviewed->proposal;
        if ($proposal->decision === Decision::Retest) {
            $this->retest($here, $exercise, $on);
        }
        if ($proposal->decision === Decision::Ease && $proposal->lever === null) {
            // Not even the lightest on the easiest rung will do: it is left out.
            $exercise->isOut = true;

            return;
        }
        $wasLoad = $exercise->dose->loadG;
        if (in_array($proposal->decision, [Decision::StepUp, Decision::Ease], true)) {
            $this->checked($situation, $here, $exercise, $reviewed);
            if ($exercise->rung !== $reviewed->rung->code) {
                $exercise->history = [];
                $exercise->lastRetest = $exercise->asked = null;
            }
            $exercise->rung = $reviewed->rung->code;
            $exercise->dose = $proposal->dose;
        }
        foreach ($proposal->decision === Decision::Stay ? $proposal->offers : [] as $offer) {
            if ($offer->lever === 'family' && $offer->dose !== null && ! $this->has($offer->family)) {
                [$exercise->family, $exercise->rung] = [(string) $offer->family, (string) $offer->rung];
                $exercise->dose = $offer->dose;
                $exercise->history = [];
                $exercise->lastRetest = $exercise->asked = null;
                break;
            }
        }
        $exercise->noted();
        $this->bounce($exercise, $wasLoad);
    }

    private function has(?string $family): bool
    {
        return array_filter($this->exercises, static fn (Followed $f): bool => $f->family === $family) !== [];
    }

    /** Steps that are too large, and doses past a limit. */
    private function checked(Situation $situation, RungHere $here, Followed $exercise, Reviewed $reviewed): void
    {
        $proposal = $reviewed->proposal;
        $new = $this->situationRung($situation, $exercise->family, $reviewed->rung->code);
        if (DoseLimits::of($new, $exercise->goal)->breaches($proposal->dose) !== []) {
            $exercise->overCap++;

        }
        if ($proposal->decision === Decision::StepUp && $proposal->lever?->value === 'load') {
            $system = $here->rung->work->system($situation->client);
            foreach ([Side::Left, Side::Right] as $side) {
                $most = $situation->envelope->number(Field::StepPctMax, $here->onSide($side)->scope()) ?? 10;
                // What a bridge of reps has made ready may be further apart.
                $step = $system->stepPct($exercise->dose->on($side)->loadG, $proposal->dose->on($side)->loadG);
                if ($step > $most + 0.01 && $proposal->bridge === null) {
                    $exercise->overStep++;
                }
            }
        }
    }

    private function retest(RungHere $here, Followed $exercise, Day $on): void
    {
        $n = count($exercise->history);
        if ($exercise->lastRetest !== null && $n - $exercise->lastRetest <= 4) {
            $exercise->nagged++;
        }
        $exercise->lastRetest = $n;
        $exercise->asked = $on;
        $limits = DoseLimits::of($here, $exercise->goal);
        $cap = $limits->cap($exercise->dose->per)->grams;
        $ladder = array_values(array_filter(
            $here->ladder()?->grams() ?? [], static fn (int $g): bool => $cap === null || $g <= $cap,
        ));
        $set = $this->body->easySet($here, $ladder, min(7, $limits->number(Field::EffortMax) ?? 7));
        if ($set !== null) {
            $this->rows[] = [
                'test' => 'easy_set', 'family' => $exercise->family, 'rung' => $exercise->rung, 'on' => (string) $on,
                ...$set,
            ];
            $exercise->retests++;
        }
    }

    /** Up and down again, or down and up, within four sessions. */
    private function bounce(Followed $exercise, ?int $wasLoad): void
    {
        $course = array_slice($exercise->course, -5);
        $now = end($course);
        $changed = false;
        foreach (array_reverse(array_slice($course, 0, -1)) as $at) {
            $same = $at[0] === $now[0] && $at[1] === $now[1];
            if ($changed && $same && ($wasLoad !== $now[1])) {
                $exercise->bounced = true;
            }
            $changed = $changed || ! $same;
        }
    }

    private function weekDone(int $week, Day $on): void
    {
        $situation = $this->situation($on);
        foreach ($this->exercises as $exercise) {
            $here = $this->here($situation, $exercise);
            $lesser = $exercise->dose->loadG === $exercise->dose->on(Side::Left)->loadG ? Side::Left : Side::Right;
            // Where the sides differ, the lesser one is the one to look at.
            $here = $exercise->dose->isApart() ? $here->onSide($lesser) : $here;
            $max = $exercise->dose->loadG === null ? null : $this->body->trueMaxG($here);
            if ($max === null || $here->isOut() || $exercise->isOut || $exercise->goal->row()->percent === null) {
                continue;
            }
            $system = $here->rung->work->system($situation->client);
            $share = 100 * $system->with($exercise->dose->loadG) / $max;
            $range = $exercise->goal->row()->percent;
            $useful = $share >= $range->lo - 5 && $share <= $range->hi + 5;
            if ($useful) {
                $exercise->usefulFrom ??= $week;
            }
            if ($week < 3) {
                continue;
            }
            $exercise->weeksLoaded++;
            $limits = DoseLimits::of($here, $exercise->goal);
            $cap = $limits->cap($exercise->dose->per)->grams;
            $held = ($cap !== null && $system->with($cap) < $max * $range->lo / 100)
                || ($limits->loadPct()?->value ?? 100) < $range->lo
                || ($limits->number(Field::EffortMax) ?? 10) < $exercise->goal->row()->effort->lo;
            if ($held && ! $useful) {
                $exercise->weeksHeld++;
            } else {
                $exercise->weeksUseful += $useful ? 1 : 0;
                $exercise->shares[] = $share;
            }
        }
    }

    private function endFirstBlock(Day $on): void
    {
        $this->firstBlockOver = true;
        if ($this->form['training']['level'] === 'new') {
            $this->form['training']['level'] = 'returning';
        }
        foreach ($this->form['conditions'] as $i => $condition) {
            if (in_array($condition['code'], self::WITH_FIRST_BLOCK, true)) {
                $this->form['conditions'][$i]['detail'] = ['first_block_done'];
            }
        }
        $situation = $this->situation($on);
        $for = new GoalFor($situation);
        foreach ($this->exercises as $exercise) {
            $here = $this->here($situation, $exercise);
            $goal = $for->family($here->family, $this->wishes->aim);
            if ($goal !== $exercise->goal && ! $here->isOut()) {
                $this->newGoal($here, $exercise, $goal);
            }
        }
    }

    private function newGoal(RungHere $here, Followed $exercise, Goal $goal): void
    {
        $range = Prescriber::range($here, $goal, $here->rung->work->kind);
        if ($range === null) {
            return;
        }
        $exercise->goal = $goal;
        $dosed = Prescriber::dosing($here, $goal, count($this->wishes->days))->dose;
        if ($dosed !== null && ! $dosed->kind->isTimed()) {
            // A new block doses anew from what is known by now, and never under what is done already.
            $lighter = ($dosed->loadG ?? 0) < ($exercise->dose->loadG ?? 0);
            $apart = $dosed->isApart() || $exercise->dose->isApart();
            $exercise->dose = $lighter && ! $apart
                ? $dosed->with(loadG: $exercise->dose->loadG, sets: $exercise->dose->sets)
                : $dosed->with(sets: $exercise->dose->sets);
        }
    }

    private function here(Situation $situation, Followed $exercise): RungHere
    {
        return $this->situationRung($situation, $exercise->family, $exercise->rung);
    }

    private function situationRung(Situation $situation, string $family, string $rung): RungHere
    {
        $found = $situation->catalogue->family($family);

        return $situation->at($found, $found->rung($rung));
    }

    private function situation(Day $on): Situation
    {
        $client = Profile::read(new Bag($this->form));
        $logged = [];
        foreach ($this->exercises as $exercise) {
            $rung = Catalogue::standard()->family($exercise->family)->rung($exercise->rung);
            foreach (LoggedEstimates::of($exercise->lately($on), $rung->work->system($client)) as $estimate) {
                $logged[] = new LoggedExercise($exercise->family, $exercise->rung, $estimate);
            }
        }

        return new Situation(
            new Facts(
                $client, $on,
                MeasureSet::read(array_map(static fn (array $r): Bag => new Bag($r), $this->rows)),
            ),
            $this->house, Catalogue::standard(), RuleBook::standard(),
            logged: $logged,
        );
    }
}
