<?php

declare(strict_types=1);

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Reworded;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\Support;

/** What nobody is told who holds on, and what no sentence says twice. */
const NOT_ON = 'hands? (just|a finger) above|hands? free|arms crossed';

const HANDS_OFF = '/hover (the|your)|'.NOT_ON.'|let go|\bgrab|fingertips|\bon on\b/i';

/** @return list<string> all that is printed of a rung */
function printedOf(Rung $rung, Change $change): array
{
    $anew = Reworded::by([$change]);

    return $anew->all(array_filter([
        $rung->name, $rung->setUp->says, ...$rung->teaching->cues, ...$rung->teaching->mistakes,
        $rung->teaching->tooHardIf, $rung->teaching->feel, $rung->teaching->picture, $rung->teaching->target,
        $rung->teaching->fade,
    ]));
}

it('prints nothing that a change contradicts, on any rung that takes the change', function (
    Change $change, string $against,
): void {
    $looked = 0;
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            if ($rung->demands->changes === null || ! in_array($change->kind, $rung->demands->changes, true)) {
                continue;
            }
            $looked++;
            foreach (printedOf($rung, $change) as $line) {
                expect(preg_match($against, $line))->toBe(0, "{$family->code}/{$rung->code}: $line");
            }
        }
    }
    expect($looked)->toBeGreaterThan(1);
})->with([
    'one hand' => [
        fn () => Change::holdOn(Support::OneHand), HANDS_OFF,
    ],
    'both hands' => [
        fn () => Change::holdOn(Support::TwoHands), HANDS_OFF,
    ],
    'fingertips' => [fn () => Change::holdOn(Support::Fingertip), '/hover the hands|'.NOT_ON.'/i'],
    'eyes' => [fn () => Change::of(ChangeKind::EyesOpen), '/eyes (shut|closed)|(close|shut) (the|your) eyes/i'],
    'a wedge' => [fn () => Change::of(ChangeKind::WedgeTrunk), '/on the back(?!, (head and )?trunk raised)/i'],
]);

it('says in place of it what holds now', function (): void {
    $one = Reworded::by([Change::holdOn(Support::OneHand)]);
    expect($one->says('Seat rise, arms crossed'))->toBe('Seat rise, one hand holding on')
        ->and($one->says('You grab the counter.'))->toBe('You have to pull on the hand.')
        ->and($one->says('Facing the counter, fingertips on it, feet hip width apart.'))
        ->toBe('Facing the counter, one hand holding it, feet hip width apart.')
        ->and($one->says('Eyes on one spot.'))->toBe('Eyes on one spot.')
        ->and(Reworded::by([])->says('Hover the hands above the counter.'))->toBe('Hover the hands above the counter.')
        ->and(Reworded::by([Change::of(ChangeKind::WedgeTrunk)])->says('On the back on a firm bed, knees bent.'))
        ->toBe('On the back, head and trunk raised on a wedge, on a firm bed, knees bent.');
});

it('counts in a cue what the dose counts, whatever the cue was written with', function (): void {
    $counted = 0;
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            $cues = $rung->teaching->cues;
            // As written where the dose counts the same, or nothing.
            expect(Reworded::by([])->all($cues))->toBe(array_values(array_unique($cues)));
            foreach (Reworded::by([], '4-0-2-0')->all($cues) as $cue) {
                expect(preg_match(
                    '/\b(?<!Elbow )(lower|down|sink|back|return|sit) for (?:a slow count of )?'
                        .'(one|two|three|five|six)\b/i', $cue,
                ))->toBe(0, "{$family->code}/{$rung->code}: $cue");
                $counted += (int) preg_match('/ for four\b/', $cue);
            }
        }
    }
    expect($counted)->toBeGreaterThan(30)
        ->and(Reworded::by([], '3-0-2-0')->says('Lower for five, hover for one, then rise.'))
        ->toBe('Lower for three, hover for one, then rise.')
        ->and(Reworded::by([], '4-0-2-0')->says('Elbow back for three, let it go for three.'))
        ->toBe('Elbow back for three, let it go for four.')
        ->and(Reworded::by([], '4-0-2-0')->says('Lower for a slow count of three.'))
        ->toBe('Lower for a slow count of four.')
        ->and(Reworded::by([], '0-0-2-0')->says('Down for three.'))->toBe('Down for three.');
});

it('tells a client nothing in the words of the desk', function (): void {
    foreach (ChangeKind::cases() as $kind) {
        expect(Change::of($kind)->says())->not->toMatch('/\b(RPE|1RM)\b/');
    }
});
