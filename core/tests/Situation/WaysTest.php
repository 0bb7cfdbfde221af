<?php

declare(strict_types=1);

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Situation\Ways;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Choice;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Way;

function waysOf(array $client, string $family, string $rung, ?Place $place = null): Ways
{
    $situation = Made::situation(Made::client($client), place: $place ?? new Place(Thing::cases()));
    $family = $situation->catalogue->family($family);

    return new Ways($situation->at($family, $family->rung($rung)));
}

/** @return list<string> */
function openWays(Ways $ways, Choice $choice): array
{
    return array_map(static fn (Way $w): string => $w->value, $ways->open($choice));
}

it('offers every stance to who is free, and to each choice its usual way first', function (): void {
    $ways = waysOf([], 'squat', 'to_chair');
    expect(openWays($ways, Choice::Stance))->toBe(['stance_hip', 'stance_wide', 'stance_narrow', 'stance_toes_out'])
        ->and($ways->in([]))->toBe([Way::StanceHip])
        ->and($ways->in([Way::PalmsUp, Way::StanceToesOut, Way::StanceWide]))->toBe([Way::StanceToesOut]);
    foreach (Choice::cases() as $choice) {
        expect($choice->ways()[0]->says())->toBeNull($choice->value)->and(count($choice->ways()))->toBeGreaterThan(1);
    }
});

it('stands wider in pregnancy, and narrow with a sore pelvis, whatever was chosen before', function (): void {
    $due = (string) Day::of(Made::TODAY)->plus(80);
    $pregnant = waysOf(['pregnancy' => ['due_date' => $due]], 'squat', 'to_chair');
    expect($pregnant->in([]))->toBe([Way::StanceWide])
        ->and($pregnant->in([Way::StanceHip]))->toBe([Way::StanceHip], 'what was chosen wins where it is open');
    $sore = waysOf(
        ['pregnancy' => ['due_date' => $due], 'conditions' => [['code' => 'pregnancy_pelvic_girdle_pain']]],
        'squat', 'to_chair',
    );
    expect(openWays($sore, Choice::Stance))->not->toContain('stance_wide')
        ->and($sore->in([Way::StanceWide]))->not->toBe([Way::StanceWide]);
    // A rung that is wide by itself is open to her only narrower: then that is how it is done.
    $low = waysOf(
        ['pregnancy' => ['due_date' => $due], 'conditions' => [['code' => 'pregnancy_pelvic_girdle_pain']]],
        'squat', 'low_pause',
    );
    expect(openWays($low, Choice::Stance))->not->toContain('stance_wide')
        ->and($low->in([]))->toBe([Way::StanceNarrow])
        ->and($low->in([Way::StanceWide]))->toBe([Way::StanceNarrow]);
});

it('keeps shoes on where feet may not be bare', function (): void {
    $free = waysOf([], 'heel_raise', 'fingertips');
    $numb = waysOf(['conditions' => [['code' => 'peripheral_neuropathy']]], 'heel_raise', 'fingertips');
    expect(openWays($free, Choice::Feet))->toContain('feet_bare')
        ->and(openWays($numb, Choice::Feet))->not->toContain('feet_bare')
        ->and($numb->in([Way::FeetBare]))->not->toContain(Way::FeetBare);
});

it('holds on only to what carries what the rung is done with, and to what is there', function (
    string $rung, array $open,
): void {
    expect(openWays(waysOf([], 'heel_raise', $rung), Choice::Hold))->toBe($open);
})->with([
    'two hands' => ['two_hands', ['hold_counter', 'hold_rail']],
    'fingertips' => ['fingertips', ['hold_counter', 'hold_rail', 'hold_wall', 'hold_chair', 'hold_stick']],
]);

it('gives nobody a stick where a hand holds on, and no rail to a home without one', function (): void {
    expect(openWays(waysOf([], 'step_lunge', 'hand'), Choice::Hold))->toBe(
        ['hold_counter', 'hold_rail', 'hold_wall', 'hold_chair'],
    );
    $place = new Place([Thing::Counter, Thing::Wall]);
    expect(openWays(waysOf([], 'heel_raise', 'fingertips', $place), Choice::Hold))->toBe(['hold_counter', 'hold_wall']);
});

it('leaves no hold to choose where nothing is held on to', function (): void {
    $choices = static fn (string $family, string $rung): array => array_map(
        static fn (Choice $c): string => $c->value, waysOf([], $family, $rung)->choices(),
    );
    expect($choices('line_walk', 'free'))->not->toContain('hold')
        ->and($choices('line_walk', 'along'))->toContain('hold')
        ->and($choices('clam', 'lying'))->toBe([]);
});

it('changes the demands by the way, and by nothing where the way is about a hand', function (): void {
    $demands = Catalogue::standard()->family('heel_raise')->rung('two_hands')->demands;
    expect($demands->in(Way::StanceWide)->movement->has(Motion::WideStanceLoad))->toBeTrue()
        ->and($demands->in(Way::StanceWide)->in(Way::StanceNarrow)->movement->has(Motion::WideStanceLoad))->toBeFalse()
        ->and($demands->in(Way::FeetBare)->movement->positions())->toContain(Position::BareFeet)
        ->and($demands->in(Way::FeetBare)->in(Way::FeetBare)->movement->also)->toHaveCount(1)
        ->and($demands->in(Way::HoldStick)->footing->most)->toBe(Support::Fingertip)
        ->and($demands->in(Way::HoldChair)->footing->most)->toBe(Support::OneHand)
        ->and($demands->in(Way::HoldCounter)->footing->most)->toBe($demands->footing->most)
        ->and($demands->in(Way::PalmsUp))->toBe($demands);
});

it('never opens a way that asks for more than the rung does, for made-up clients', function (): void {
    $made = new Made(91);
    $seen = $narrowed = 0;
    for ($i = 0; $i < 150; $i++) {
        $situation = Made::situation(Made::client($made->randomForm()), place: new Place(Thing::cases()));
        foreach (['squat', 'heel_raise', 'line_walk', 'stance_balance'] as $code) {
            $family = $situation->catalogue->family($code);
            foreach ($family->rungs as $rung) {
                $here = $situation->at($family, $rung);
                $ways = new Ways($here);
                foreach ($here->isOut() ? [] : $ways->choices() as $choice) {
                    foreach ($ways->open($choice) as $way) {
                        foreach ($here->openSides() as $side) {
                            $seen++;
                            expect($situation->judge->verdict($rung->demands->in($way)->onSide($side))->isOut())
                                ->toBeFalse("client $i, $code/{$rung->code}, {$way->value}");
                        }
                    }
                    $narrowed += count($choice->ways()) - count($ways->open($choice));
                }
            }
        }
    }
    expect($seen)->toBeGreaterThan(1000)->and($narrowed)->toBeGreaterThan(100);
});
