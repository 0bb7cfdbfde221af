<?php

declare(strict_types=1);

use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Tests\Check\Book;
use BuoyantStep\Core\Tests\Twelve\Decisions;
use BuoyantStep\Core\Tests\Twelve\Twelve;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\Side;

/*
 * Twelve clients, each with what must be in their plan and what must not, written before the plan was drafted; and the
 * plan itself as text, to be read. UPDATE_PLANS=1 writes the texts anew; read what changed.
 */

/** @return array<string, mixed> the rung as the file has it */
function raw(PlanItem $item): array
{
    static $book = null;
    $book ??= Book::rungs();

    return $book[$item->family->code.'/'.$item->rung->code];
}

/** @return list<string> */
function changeKinds(PlanItem $item): array
{
    return array_map(static fn (Change $c): string => $c->kind->value, $item->changes);
}

function makes(PlanItem $item, string $motion, ?Side $side = null): bool
{
    $demands = raw($item)['demands'];
    $made = in_array($motion, $demands['motions'], true)
        || ($motion === 'weight_on_hand' && ($demands['hand_weight'] ?? 'none') !== 'none');
    if (! $made || $side === null) {
        return $made;
    }
    $which = $demands['motion_sides'][$motion] ?? 'both';
    $other = $side === Side::Left ? Side::Right : Side::Left;

    return $which === 'both' || array_filter(
        $item->sides,
        static fn (Side $s): bool => $s === Side::Both || $s === ($which === 'working' ? $side : $other),
    ) !== [];
}

function worksOn(PlanItem $item, Side $side): bool
{
    return in_array(Side::Both, $item->sides, true) || in_array($side, $item->sides, true);
}

/** Is the item as it must be? One small rule for each word that a file may expect. */
function keeps(PlanItem $item, string $what, mixed $value): bool
{
    $demands = raw($item)['demands'];
    $loaded = $item->dose->loadG !== null || $item->rung->work->band !== null;

    return match ($what) {
        'no_standing' => $demands['position'] !== 'standing',
        'no_leg' => ! isset($demands['parts']['leg']),
        'no_left_leg' => ! isset($demands['parts']['leg']) || ! worksOn($item, Side::Left),
        'no_grip' => $demands['grip'] === 'none' || in_array('grip_aid', changeKinds($item), true),
        'no_motions' => array_filter($value, static fn (string $m): bool => makes($item, $m)) === []
            || in_array('grip_aid', changeKinds($item), true),
        'no_motions_left' => array_filter($value, static fn (string $m): bool => makes($item, $m, Side::Left)) === [],
        'no_motions_right' => array_filter($value, static fn (string $m): bool => makes($item, $m, Side::Right)) === [],
        'no_positions' => array_intersect($value, [$demands['position'], ...$demands['also'] ?? []]) === []
            || in_array('wedge_trunk', changeKinds($item), true),
        'no_floor' => ! $demands['floor_transfer'],
        'effort' => $item->dose->effort->hi <= $value || $item->goal->value === 'warm_up',
        'rest' => $item->dose->restS >= $value,
        'reps' => $item->dose->kind->value !== 'reps'
            || ($item->dose->amount->lo >= $value[0] && $item->dose->amount->hi <= $value[1]),
        'impact' => $demands['impact'] <= $value,
        'spine' => $demands['spine_load'] !== 'high',
        'total_g' => ($item->dose->loadG ?? 0) * ($item->rung->work->holding?->value === 'each_hand' ? 2 : 1) <= $value,
        'hand_held' => $demands['position'] !== 'standing' || $demands['balance'] < 2
            || $demands['usual_support'] !== 'free' || in_array('hold_on', changeKinds($item), true),
        'no_load_left' => ! $loaded
            || ! worksOn($item, $item->rung->work->holding?->value === 'opposite_hand' ? Side::Right : Side::Left)
            || $demands['region'] === 'lower'
            && $item->dose->loadG === null,
        'no_pressing' => ! in_array('upper', $demands['self_load'] ?? [], true),
        'no_strap_left' => ! worksOn($item, Side::Left) || ! in_array('grip_aid', changeKinds($item), true),
        'blind_left' => $item->dose->loadG === null || $demands['region'] !== 'upper' || $item->dose->effort->hi <= 5,
        default => throw new LogicException("Nobody knows what $what means."),
    };
}

it('drafts what must be in the plan of each of twelve clients, and nothing that must not', function (
    string $code,
): void {
    $items = Twelve::draft($code)->items;
    $patterns = array_map(static fn (PlanItem $i): string => $i->family->pattern->value, $items);
    $expects = Twelve::file($code)['expects'];
    expect(count($expects))->toBeGreaterThanOrEqual(5, $code);
    foreach ($expects as $what => $value) {
        if ($what === 'must') {
            expect(array_diff($value, $patterns))->toBe([], $what);
        } elseif ($what === 'must_not') {
            expect(array_intersect($value, $patterns))->toBe([], $what);
        } elseif ($what === 'changes') {
            $made = array_merge(...array_map(changeKinds(...), $items));
            expect(array_diff($value, $made))->toBe([], $what);
        } else {
            foreach ($items as $item) {
                expect(keeps($item, $what, $value))->toBeTrue($what.': '.$item->rung->name);
            }
        }
    }
})->with(Twelve::codes());

it('drafts the plan that was read and signed', function (string $code): void {
    $file = __DIR__."/plans/$code.txt";
    if (getenv('UPDATE_PLANS') === '1') {
        file_put_contents($file, Twelve::text($code));
    }
    expect(Twelve::text($code))->toBe((string) file_get_contents($file));
})->with(Twelve::codes());

it('decides as was read and signed, and says why for each dose and each step', function (string $code): void {
    $file = __DIR__."/decisions/$code.txt";
    if (getenv('UPDATE_PLANS') === '1') {
        file_put_contents($file, Decisions::text($code));
    }
    expect(Decisions::text($code))->toBe((string) file_get_contents($file));
})->with(Twelve::codes());
