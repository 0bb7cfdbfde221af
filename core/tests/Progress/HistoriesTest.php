<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Progress\Decision;
use BuoyantStep\Core\Progress\Exercise;
use BuoyantStep\Core\Progress\Lever;
use BuoyantStep\Core\Progress\Reviewed;
use BuoyantStep\Core\Progress\Reviewer;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** What differs between two doses of one rung: the levers that moved. */
function levers(Dose $from, Dose $to): array
{
    return array_keys(array_filter([
        'load' => $from->loadG !== $to->loadG, 'sets' => $from->sets !== $to->sets,
        'tempo' => $from->tempo !== $to->tempo, 'amount' => $from->amount->hi < $to->amount->hi,
    ]));
}

/** @return list<PlanItem> drafted for a made-up client */
function someItems(Made $made): array
{
    $situation = Made::situation(
        Made::client($made->randomForm()), $made->randomMeasures(), $made->chance(50) ? Made::kitchen() : null,
    );

    return array_values(array_filter(
        (new Drafter($situation))->draft(new Wishes)->items,
        static fn (PlanItem $i): bool => ! in_array($i->goal, [Goal::WarmUp, Goal::Mobility], true),
    ));
}

/** @return list<array<string, mixed>> the open form of a history, newest first */
function someHistory(Made $made, Dose $dose): array
{
    $history = [];
    $ago = $made->int(0, 9);
    for ($n = $made->int(1, 6); $n > 0; $n--) {
        $set = array_filter([
            $dose->kind->value => max(1, $dose->amount->hi - $made->int(0, 3)), 'effort' => $made->int(3, 9),
            'load_g' => $dose->loadG,
        ]);
        $history[] = [
            'date' => (string) Day::of(Made::TODAY)->plus(-$ago), 'sets' => array_fill(0, $dose->sets, $set),
            'pain' => ['before' => 0, 'during' => $made->int(0, 3)],
        ];
        $ago += $made->int(2, 5);
    }

    return $history;
}

function reviewOf(PlanItem $item, array $history, ?string $school = null): Reviewed
{
    return (new Reviewer($item->here->situation, new Wishes))->review(new Exercise(
        $item->here, $item->goal, $item->dose,
        array_map(static fn (array $h): Performed => Performed::read(new Bag($h)), $history), $school,
    ));
}

it('moves one lever at most, inside the envelope, the same each time, and not for pain or effort', function (): void {
    $made = new Made(71);
    $seen = 0;
    for ($i = 0; $seen < 5000 && $i < 2500; $i++) {
        foreach (someItems($made) as $item) {
            $seen++;
            $school = $item->dose->kind === DoseKind::Reps ? $made->one(SchoolBook::all())->code() : null;
            $history = someHistory($made, $item->dose);
            $next = reviewOf($item, $history, $school);
            $says = "client $i, {$item->rung->code}: ".json_encode([$history, $next->proposal, $item->dose]);
            $again = reviewOf($item, $history, $school)->proposal;
            expect(json_encode($again))->toBe(json_encode($next->proposal), $says);
            $moved = $next->rung === $item->rung ? levers($item->dose, $next->proposal->dose) : [];
            $step = $next->proposal->decision === Decision::StepUp;
            if ($step && $next->proposal->lever?->value !== Lever::Measure->value) {
                expect(count($moved))->toBeLessThanOrEqual(1, $says);
            }
            if ($next->proposal->decision === Decision::Stay) {
                expect(array_diff($moved, []))->toBe([], $says);
            }
            if ($next->proposal->lever?->value !== null) {
                expect(Lever::tryFrom((string) $next->proposal->lever?->value))->not->toBeNull($says);
            }
            $at = $item->here->situation->at($item->family, $next->rung);
            $done = $next->rung === $item->rung
                ? array_map(static fn (array $h): Performed => Performed::read(new Bag($h)), $history) : [];
            // Where even the easiest rung is too heavy it says "leave it out", and proposes no dose.
            $leave = $next->proposal->decision === Decision::Ease && $next->proposal->lever?->value === null;
            $breaches = $leave || $next->proposal->decision === Decision::Stop ? []
                : DoseLimits::of($at, $item->goal, $done)->breaches($next->proposal->dose);
            expect($breaches)->toBe([], $says);
            // Worse in every way: no larger step.
            $worse = $history;
            $worse[0]['pain']['during'] = 9;
            $after = reviewOf($item, $worse, $school)->proposal;
            // From no load to an easier rung that has one, any load is another exercise.
            $other = $after->lever?->value === Lever::Rung->value && $item->dose->loadG === null;
            $most = $other ? PHP_INT_MAX : max($item->dose->loadG ?? 0, $next->proposal->dose->loadG ?? 0);
            expect($after->decision)->not->toBe(Decision::StepUp, $says)
                ->and($after->dose->loadG ?? 0)->toBeLessThanOrEqual($most, $says);
            $hard = $history;
            $hard[0]['sets'] = array_map(static fn (array $s): array => [...$s, 'effort' => 10], $hard[0]['sets']);
            expect(reviewOf($item, $hard, $school)->proposal->decision)->not->toBe(Decision::StepUp, $says);
            // A stop sign wins over everything.
            $stop = $history;
            $stop[0]['stop_sign'] = true;
            expect(reviewOf($item, $stop, $school)->proposal->decision)->toBe(Decision::Stop, $says);
        }
    }
    expect($seen)->toBeGreaterThanOrEqual(5000);
});

it('never answers four good weeks with a bare stay', function (): void {
    $made = new Made(73);
    $seen = 0;
    for ($i = 0; $seen < 600 && $i < 400; $i++) {
        foreach (someItems($made) as $item) {
            if ($item->goal === Goal::CoolDown) {
                continue;
            }
            $seen++;
            $set = array_filter([
                $item->dose->kind->value => max(30, $item->dose->amount->hi), 'effort' => $item->dose->effort->lo,
                'load_g' => $item->dose->loadG,
            ]);
            $history = array_map(static fn (int $ago): array => [
                'date' => (string) Day::of(Made::TODAY)->plus(-$ago), 'sets' => array_fill(0, $item->dose->sets, $set),
            ], range(1, 33, 4));
            $proposal = reviewOf($item, $history)->proposal;
            $stays = $proposal->decision === Decision::Stay && $proposal->offers === [];
            $byHand = array_filter($proposal->because, static fn ($r): bool => $r->rule === 'brake.by_hand') !== [];
            expect($stays && ! $byHand)->toBeFalse("client $i, {$item->rung->code}: ".json_encode($proposal));
        }
    }
    expect($seen)->toBeGreaterThanOrEqual(600);
});
