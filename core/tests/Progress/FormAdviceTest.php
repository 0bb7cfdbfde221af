<?php

declare(strict_types=1);

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Progress\FormAdvice;

/** @return list<string> "code running rung" */
function advised(array $seen): array
{
    $rung = Catalogue::standard()->family('squat')->rung('to_chair');

    return array_map(
        static fn (FormAdvice $a): string => trim($a->look->code.' '.$a->running.' '.$a->rung),
        FormAdvice::of('squat/to_chair', $rung, $seen),
    );
}

it('answers with the cue first, and with the rung once the cue has had its chance', function (): void {
    expect(advised([]))->toBe([])
        ->and(advised([[]]))->toBe([])
        ->and(advised([['heels']]))->toBe(['heels 1'])
        ->and(advised([['heels'], ['heels']]))->toBe(['heels 2'], 'the rung itself is no answer')
        ->and(advised([['rounds'], ['rounds']]))->toBe(['rounds 2 squat/counter_small'])
        ->and(advised([[], ['heels']]))->toBe([], 'not seen last time')
        ->and(advised([['heels'], [], ['heels']]))->toBe(['heels 1'], 'not running')
        ->and(advised([['shifts', 'rounds'], ['rounds']]))->toBe(['rounds 2 squat/counter_small', 'shifts 1'])
        // The most lasting first, wherever it stands on the check-list.
        ->and(advised([['heels', 'rounds', 'shifts'], ['shifts'], ['shifts']])[0])->toStartWith('shifts 3')
        ->and(advised([['heels', 'rounds', 'shifts'], ['heels'], ['heels']])[0])->toStartWith('heels 3')
        ->and(advised([['no_such_thing']]))->toBe([]);
});

it('says what was seen, why it is likely, what to say and what to try', function (): void {
    $catalogue = Catalogue::standard();
    $rung = $catalogue->family('squat')->rung('to_chair');
    expect(FormAdvice::of('squat/to_chair', $rung, [['rounds']])[0]->says($catalogue))->toBe(
        'The back rounds at the bottom. Too deep for these hips today. Say: Stop a hand higher, chest tall.',
    )->and(FormAdvice::of('squat/to_chair', $rung, [['rounds'], ['rounds']])[0]->says($catalogue))->toEndWith(
        'Seen in 2 sessions running: try small squat at the counter.',
    );
});

it('teaches with check-lists whose rungs exist, short cues and pictures that can be drawn', function (): void {
    $lists = $wrongs = 0;
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            $teaching = $rung->teaching;
            $codes = array_column($teaching->looks, 'code');
            expect(array_unique($codes))->toBe($codes, $family->code);
            $lists += $teaching->looks === [] ? 0 : 1;
            foreach ($teaching->looks as $look) {
                expect(str_word_count($look->cue))->toBeLessThanOrEqual(14, $look->cue);
                if ($look->rung !== null) {
                    [$to, $at] = explode('/', $look->rung);
                    expect(Catalogue::standard()->family($to))->toBeInstanceOf(Family::class)
                        ->and(Catalogue::standard()->family($to)->rung($at))->toBeInstanceOf(Rung::class);
                }
            }
            if ($teaching->wrong !== null) {
                $wrongs++;
                $wrong = $teaching->wrong->figure->draw();
                $right = $rung->figure->draw();
                $end = $right->frames[count($right->frames) - 1];
                expect($wrong->strain())->toBeLessThan(0.015, $family->code.'/'.$rung->code)
                    ->and(json_encode($wrong->frames[0]))->not->toBe(json_encode($right->frames[0]))
                    ->and(json_encode($wrong->frames[0]))->not->toBe(json_encode($end));
            }
        }
    }
    expect($lists)->toBeGreaterThan(100)->and($wrongs)->toBeGreaterThanOrEqual(15);
});
