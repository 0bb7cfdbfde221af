<?php

declare(strict_types=1);

use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\Side;

/*
 * What a rung says is held against what it demands: a demand that understates the risk defeats every limit. The rules
 * read the words of the files, as a reader of the sheet would; an exception is named with its reason.
 */

/** @return array<string, array<string, mixed>> family/rung to the whole rung as it is written */
function wholeRungs(): array
{
    static $all = null;
    if ($all !== null) {
        return $all;
    }
    $all = [];
    foreach (glob(dirname(__DIR__, 2).'/catalogue/*.json') ?: [] as $file) {
        $family = json_decode((string) file_get_contents($file), true);
        foreach ($family['rungs'] as $rung) {
            $whole = [...$family['shared'], ...$rung];
            $whole['demands'] = [...$family['shared']['demands'] ?? [], ...$rung['demands'] ?? []];
            $all[$family['code'].'/'.$rung['code']] = $whole;
        }
    }

    return $all;
}

/** @param  list<string>  $fields */
function wordsOf(array $rung, array $fields): string
{
    return implode(' ', array_map(
        static fn (string $f): string => is_array($rung[$f]) ? implode(' ', $rung[$f]) : $rung[$f], $fields,
    ));
}

/** @return list<string> the rungs that say it and do not demand it */
function understated(string $says, array $fields, callable $demands, string $unless = '(?!)'): array
{
    $found = [];
    foreach (wholeRungs() as $at => $rung) {
        $text = wordsOf($rung, $fields);
        if (preg_match("~$says~i", $text) === 1 && preg_match("~$unless~i", $text) !== 1 && ! $demands($rung)) {
            $found[] = "$at: $text";
        }
    }

    return $found;
}

function isPosed(array $rung, string ...$positions): bool
{
    return array_intersect($positions, [$rung['demands']['position'], ...$rung['demands']['also'] ?? []]) !== [];
}

function makesMotion(array $rung, string ...$motions): bool
{
    return array_intersect($motions, $rung['demands']['motions']) !== [];
}

function isHeldBy(array $rung, string ...$supports): bool
{
    return $rung['demands']['position'] !== 'standing' || in_array($rung['demands']['usual_support'], $supports, true);
}

it('demands what it says', function (string $says, array $fields, callable $demands, string $unless): void {
    expect(understated($says, $fields, $demands, $unless))->toBe([]);
})->with([
    'a knee on the ground' => [
        '\bkneel|hands and knees|knees? on (a|the) (mat|cushion|bench|firm)|one knee on',
        ['set_up', 'step'],
        static fn (array $r): bool => isPosed($r, 'kneeling', 'quadruped'), 'helper kneels',
    ],
    'weight on a bent wrist' => [
        'hands (flat )?on (a|the) (mat|floor)|hands and knees|hands (on a mat )?under the shoulders',
        ['set_up', 'step'],
        static fn (array $r): bool => makesMotion($r, 'wrist_extension_loaded'), 'fists|forearm',
    ],
    'bare feet' => [
        '\bbare|shoes off|socks off', ['set_up', 'step', 'cues'],
        static fn (array $r): bool => isPosed($r, 'bare_feet'),
        'under socks',
    ],
    'arms over the head' => [
        'overhead|arms? straight up|above (the|your) head|over the head', ['set_up', 'step', 'name'],
        static fn (array $r): bool => makesMotion($r, 'shoulder_past_90'), '(?!)',
    ],
    'eyes shut' => [
        'eyes (shut|closed)|shut (your|the) eyes', ['set_up', 'step'],
        static fn (array $r): bool => $r['demands']['vision'] === 'eyes_closed', '(?!)',
    ],
    'soft ground' => [
        'stand (across|on) (it|a foam|a cushion|the foam)|foam pad|folded to a long strip|soft ground',
        ['set_up', 'step'],
        static fn (array $r): bool => $r['demands']['surface'] !== 'firm', '(?!)',
    ],
    'fingertips' => [
        'fingertips (on|ready|rest|light|of)', ['set_up'],
        static fn (array $r): bool => isHeldBy($r, 'fingertip', 'one_hand', 'two_hands'), '(?!)',
    ],
    'one hand' => [
        '\bone hand (on|holds)', ['set_up'],
        static fn (array $r): bool => isHeldBy($r, 'fingertip', 'one_hand', 'two_hands'), '(?!)',
    ],
    'both hands on something fixed' => [
        'both hands on (it|the (edge|counter|rail)|a (counter|rail))', ['set_up'],
        static fn (array $r): bool => isHeldBy($r, 'two_hands') || isset($r['holding']) || isset($r['band']),
        'fingertips of both',
    ],
    'no hand at all' => [
        'hands free|no hand\b|arms crossed|arms ahead|hands on the hips', ['set_up', 'step'],
        static fn (array $r): bool => isHeldBy($r, 'free'), 'just above|fingertip',
    ],
    'an anchor' => [
        'closed door|table leg|foot of a (heavy )?sofa|round a fixed post|under the seat|tested anchor', ['set_up'],
        static fn (array $r): bool => $r['demands']['anchor'], '(?!)',
    ],
    'the floor' => [
        '\bon a mat\b|sit on the floor|on the back on a mat', ['set_up'],
        static fn (array $r): bool => $r['demands']['floor_transfer'] || $r['demands']['position'] === 'standing',
        '(?!)',
    ],
    'somebody else' => [
        '\bhelper|somebody', ['set_up', 'step', 'cues'],
        static fn (array $r): bool => $r['demands']['spotter'], '(?!)',
    ],
    'one leg' => [
        'on one (leg|foot)\b|other foot off|one foot off|foot stays off|standing leg|free knee',
        ['set_up', 'step', 'cues'],
        static fn (array $r): bool => makesMotion($r, 'single_leg_load')
            || $r['demands']['position'] !== 'standing',
        '(?!)',
    ],
    'a hip past a right angle' => [
        'knees? over the hips|hands and knees|knee to the chest|knees? (in|drawn) to the chest',
        ['set_up', 'step', 'cues'], static fn (array $r): bool => makesMotion($r, 'hip_flexion_past_90'), '(?!)',
    ],
    'a turn of the trunk' => [
        'turn the (trunk|ribs|shoulders)\b|trunk turns|turn to (the left|both sides)', ['set_up', 'step'],
        static fn (array $r): bool => makesMotion($r, 'spine_rotation_loaded', 'spine_rotation_end_range'), 'not turn',
    ],
    'a back that bends backwards' => [
        'back bend|chest lifts back', ['step', 'name'],
        static fn (array $r): bool => makesMotion($r, 'spine_extension_end_range'), '(?!)',
    ],
    'a foot across the middle' => [
        'cross(es)? (in front|over|behind)', ['set_up', 'step', 'cues'],
        static fn (array $r): bool => makesMotion($r, 'hip_adduction_past_midline')
            || $r['demands']['region'] === 'upper',
        '(?!)',
    ],
    'a jump' => [
        '\bhop\b|\bjump(s|ing)?\b', ['set_up', 'step', 'name'],
        static fn (array $r): bool => $r['demands']['impact'] > 0, 'head jump',
    ],
]);

it('carries in the hands whatever it holds while standing', function (): void {
    foreach (wholeRungs() as $at => $rung) {
        $inHands = in_array($rung['holding'] ?? '', ['one_hand', 'each_hand', 'both_hands'], true);
        // A rise is held against the seat's own rules; with a knee or a hand on something the load only hangs.
        if ($inHands && $rung['demands']['position'] === 'standing' && ! str_starts_with($at, 'seat_rise/')) {
            expect(makesMotion($rung, 'carry_standing') || isset($rung['demands']['hand_weight'])
                || in_array('chair', $rung['equipment'], true) || in_array('table', $rung['equipment'], true)
                || $at === 'heel_edge/loaded')->toBeTrue($at);
        }
    }
});

it('goes to the floor for what lies or kneels on a mat, and puts weight on each wrist it bends', function (): void {
    foreach (wholeRungs() as $at => $rung) {
        if (in_array('mat', $rung['equipment'], true) && $rung['demands']['position'] !== 'standing') {
            expect($rung['demands']['floor_transfer'])->toBeTrue($at);
        }
        if (makesMotion($rung, 'wrist_extension_loaded') && ! isset($rung['holding'])) {
            expect($rung['demands']['hand_weight'] ?? null)->not->toBeNull($at);
        }
    }
});

it('takes as long for a rep as its pauses and counts add up to', function (): void {
    $numbers = ['two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'ten' => 10];
    foreach (wholeRungs() as $at => $rung) {
        preg_match_all('/\b(?:for|count) (two|three|four|five|six|ten)\b/', wordsOf($rung, ['cues']), $found);
        $seconds = array_sum(array_map(static fn (string $n): int => $numbers[$n], $found[1]));
        if ($rung['dose_kind'] === 'reps') {
            expect($rung['seconds_per_unit'])->toBeGreaterThanOrEqual($seconds, $at);
        }
    }
});

it('opens nothing that is done sitting by a test that is done standing', function (): void {
    foreach (wholeRungs() as $at => $rung) {
        if ($rung['demands']['position'] === 'seated') {
            expect(array_intersect(
                array_column($rung['needs'], 'test'), ['chair_stand_30s', 'one_leg_stand', 'tandem_stand'],
            ))->toBe([], $at);
        }
    }
});

it('lets a helper stand only in what needs somebody there, and says what they do', function (): void {
    $helped = array_filter(wholeRungs(), static fn (array $r): bool => isset($r['helper']));
    expect(array_unique(array_column($helped, 'helper')))->toContain('pulls', 'holds_pad', 'resists', 'steers');
    foreach ($helped as $at => $rung) {
        expect($rung['demands']['spotter'])->toBeTrue($at)->and($rung['alone'])->toBeFalse($at)
            ->and(Catalogue::standard()->family(explode('/', $at)[0])->rung(explode('/', $at)[1])->helper?->says())
            ->toStartWith('Somebody helps');
    }
});

it('names no person and no brand in what it can be found by', function (): void {
    foreach (Catalogue::standard()->families() as $family) {
        $words = [...$family->words, ...array_merge(...array_map(static fn ($r): array => $r->words, $family->rungs))];
        foreach ($words as $word) {
            // A name would begin with a capital letter.
            expect($word)->toBe(mb_strtolower($word), $family->code);
        }
        expect(array_unique($family->words))->toBe($family->words, $family->code)
            ->and($family->words)->not->toBe([], $family->code)->and($family->serves)->not->toBe([], $family->code);
    }
});

it('says of every thing in the hand that it weighs something', function (): void {
    $looked = 0;
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            $held = $rung->figure->load !== null
                || preg_match('/\b(mug|cup|tray|basket|pour|plants|ball arc)\b/i', $rung->name) === 1;
            // Paper cups are stacked one by one, and weigh nothing.
            if (! $held || $rung->work->holding !== null || $rung->work->band !== null || $rung->code === 'stack') {
                continue;
            }
            $looked++;
            expect($rung->demands->strain->carries)->not->toBeNull("{$family->code}/{$rung->code}");
        }
    }
    expect($looked)->toBeGreaterThan(8);
});

it('gives no cup, mug or basket to an arm that may carry nothing, and leaves the other arm its own', function (
    array $condition,
): void {
    $here = static fn (string $path): RungHere => Made::at(Made::situation(Made::client([
        'conditions' => [['side' => 'left', ...$condition]],
        'function' => [
            'standing' => 'free', 'grip' => ['left' => 'full', 'right' => 'full'], 'home' => 'someone_home',
        ],
    ]), null, Made::kitchen(), new Place(Thing::cases())), $path);
    expect($here('cup_carry/cup')->openSides())->toBe([Side::Right])
        ->and($here('cup_to_mouth/handle')->openSides())->toBe([Side::Right])
        ->and($here('hand_tasks/pour')->openSides())->toBe([Side::Right])
        ->and($here('cup_to_mouth/two')->isOut())->toBeTrue()
        ->and($here('dual_task/tray')->isOut())->toBeTrue()
        ->and($here('ball_arc/chest_arc')->isOut())->toBeTrue();
})->with([
    'a metastasis' => [['code' => 'bone_metastasis', 'detail' => ['arm']]],
    'a healing fracture' => [['code' => 'fracture_healing', 'detail' => ['arm'], 'since' => '2026-11-10']],
    'shoulder surgery' => [['code' => 'shoulder_surgery', 'since' => '2026-11-10']],
]);
