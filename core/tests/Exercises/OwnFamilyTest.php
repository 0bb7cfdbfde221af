<?php

declare(strict_types=1);

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\FamilyFile;
use BuoyantStep\Core\Exercises\Lowered;
use BuoyantStep\Core\Exercises\OwnFamily;
use BuoyantStep\Core\Exercises\Search\Finder;
use BuoyantStep\Core\Exercises\Search\Index;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Tests\Support\Made;

/** @return array<string, mixed> a copy of a family under a code of its own */
function copyOf(string $family, array $with = []): array
{
    return [
        ...Catalogue::standard()->data($family), 'code' => 'own_1_copy', 'name' => 'Bath rail squat',
        'copied_from' => $family, 'draft' => 20, ...$with,
    ];
}

/** @return array<string, mixed> */
function wholeRung(string $at): array
{
    [$family, $code] = explode('/', $at);

    return array_column(FamilyFile::rungs(Catalogue::standard()->data($family)), null, 'code')[$code];
}

it('reads a copy like any family, and finds nothing lowered in it', function (): void {
    foreach (['squat', 'band_row', 'line_walk', 'helper_row', 'floor_transfer', 'hip_thrust'] as $family) {
        $own = OwnFamily::read(copyOf($family), Catalogue::standard());
        expect($own->lowered)->toBe([], $family)->and($own->family->copiedFrom)->toBe($family);
    }
});

it('tells each demand that is lower than the source\'s', function (string $rung, array $demands, array $lowered): void {
    $source = wholeRung($rung);
    $copy = [...$source, 'demands' => [...$source['demands'], ...$demands]];
    expect(Lowered::of($copy, $source))->toBe($lowered);
})->with([
    'nothing' => ['squat/to_chair', [], []],
    'more' => ['squat/to_chair', [
        'balance' => 3, 'spine_load' => 'high', 'motions' => ['hip_flexion_past_90', 'single_leg_load'],
    ], []],
    'another position' => ['squat/to_chair', ['position' => 'seated'], ['position']],
    'balance' => ['squat/to_chair', ['balance' => 0], ['balance']],
    'impact' => ['hop/two_feet', ['impact' => 1], ['impact']],
    'the spine' => ['floor_lift/floor', ['spine_load' => 'low'], ['load on the spine']],
    'the breath' => ['strap_row/steep', ['breath' => 'low'], ['held breath']],
    'the grip' => ['strap_row/steep', ['grip' => 'hook'], ['grip']],
    'the hands' => ['floor_push/floor', ['hand_weight' => 'some'], ['weight on the hands']],
    'a motion' => ['squat/to_chair', ['motions' => []], ['motions']],
    'a position that comes along' => ['bridge/two_legs', ['also' => []], ['positions']],
    'what touches the skin' => ['band_row/seated', ['material' => []], ['materials']],
    'the floor' => ['floor_push/floor', ['floor_transfer' => false], ['going to the floor']],
    'an anchor' => ['band_row/seated', ['anchor' => false], ['an anchor']],
    'somebody' => ['floor_transfer/half_way', ['spotter' => false], ['somebody beside it']],
    'a softer ground made firm' => ['soft_line/along', ['surface' => 'firm'], ['surface']],
    'eyes opened' => ['stance_extras/eyes_closed', ['vision' => 'eyes_open'], ['vision']],
    'a hand that holds on' => ['line_walk/free', ['usual_support' => 'one_hand'], ['how it is held on to']],
    'more to hold on to' => ['curl/standing', ['support' => 'two_hands'], ['the most that is held on to']],
    'a limb' => ['squat/to_chair', ['parts' => []], ['limbs it needs']],
    'one side in place of both' => [
        'squat/to_chair', ['motion_sides' => ['hip_flexion_past_90' => 'working']],
        ['the sides of hip flexion past 90'],
    ],
    'a grip that is excused' => ['strap_row/steep', ['trains_grip' => true], ['the grip it needs']],
    'parts that press' => ['helper_press/push', ['self_load' => []], ['parts that press']],
]);

it('tells also who sets up, who helps and what opens it', function (string $rung, array $with, array $lowered): void {
    $source = wholeRung($rung);
    $copy = array_filter([...$source, ...$with], static fn (mixed $v): bool => $v !== null);
    expect(Lowered::of($copy, $source))->toBe($lowered);
})->with([
    'alone' => ['floor_transfer/half_way', ['alone' => true], ['set up alone']],
    'no helper' => ['helper_row/both', ['helper' => null], ['a helper']],
    'fewer measures' => ['squat/to_chair', ['needs' => []], ['the measures that open it']],
    'a lower measure' => [
        'squat/to_chair', ['needs' => [['test' => 'chair_stand_30s', 'at_least' => 1]]], ['the measures that open it'],
    ],
    'a higher one' => ['squat/to_chair', ['needs' => [['test' => 'chair_stand_30s', 'at_least' => 20]]], []],
]);

it('refuses what is no copy, and names the place', function (array $with, string $pointer): void {
    try {
        OwnFamily::read(copyOf('squat', $with), Catalogue::standard());
        $this->fail('read');
    } catch (InvalidInput $error) {
        expect(str_starts_with($error->pointer, $pointer))->toBeTrue($error->pointer)
            ->and($error->getMessage())->not->toBe('');
    }
})->with([
    'no source' => [['copied_from' => ''], '/copied_from'],
    'a source that is a copy itself' => [['copied_from' => 'own_1_other'], '/copied_from'],
    'a code of the catalogue' => [['code' => 'squat'], '/code'],
    'another pattern' => [['pattern' => 'balance'], '/pattern'],
    'another kind' => [['kind' => 'mobility'], '/kind'],
    'the first turn' => [['draft' => 1], '/draft'],
    'no rung' => [['rungs' => []], '/rungs'],
    'a field of its own' => [['colour' => 'red'], ''],
    'no words' => [['words' => []], '/words'],
]);

it('refuses a rung that the source has not, one without cues, and a picture that cannot be drawn', function (
    Closure $spoil, string $says,
): void {
    $data = copyOf('squat');
    $data['rungs'][1] = $spoil($data['rungs'][1]);
    expect(fn () => OwnFamily::read($data, Catalogue::standard()))->toThrow(InvalidInput::class, $says);
})->with([
    'another code' => [static fn (array $r): array => [...$r, 'code' => 'levitate'], 'copy of one of squat'],
    'one cue' => [static fn (array $r): array => [...$r, 'cues' => ['Up.']], 'cues'],
    'a pose that is none' => [
        static fn (array $r): array => [...$r, 'figure' => ['start' => ['body' => 'handstand'], 'props' => []]],
        'handstand',
    ],
    'a limb that is stretched' => [
        static fn (array $r): array => [
            ...$r, 'figure' => ['start' => ['body' => 'crook', 'arms' => 'bar'], 'props' => []],
        ], 'stretches a limb',
    ],
]);

it('offers a clinic its own beside the catalogue\'s, and retires it without losing it', function (): void {
    $own = copyOf('squat', ['words' => ['bath squat']]);
    $with = Catalogue::standard()->with(['own_1_copy' => $own], []);
    $codes = static fn (Catalogue $c): array => array_map(static fn ($f): string => $f->code, $c->families());
    expect($codes($with))->toContain('own_1_copy', 'squat')
        ->and($with->family('own_1_copy')->name)->toBe('Bath rail squat')
        ->and($with->family('squat'))->toBe(Catalogue::standard()->family('squat'))
        ->and($with->has('own_1_copy'))->toBeTrue()->and($with->isStandard('own_1_copy'))->toBeFalse()
        ->and($with->mark())->not->toBe('')->and(Catalogue::standard()->mark())->toBe('')
        ->and((new Finder(Index::of($with)))->find('bath squat')[0]->family)->toBe('own_1_copy');
    $without = Catalogue::standard()->with(['own_1_copy' => $own], ['own_1_copy']);
    expect($codes($without))->not->toContain('own_1_copy')
        ->and($without->family('own_1_copy')->name)->toBe('Bath rail squat')
        ->and($without->mark())->not->toBe($with->mark())
        ->and(Catalogue::standard()->with([], []))->toBe(Catalogue::standard())
        ->and(fn () => Catalogue::standard()->family('own_1_copy'))->toThrow(UnknownCode::class);
});

it('drafts the catalogue\'s main family of a pattern before a clinic\'s own', function (): void {
    $situation = Made::situation(Made::client());
    $family = OwnFamily::read(copyOf('squat'), Catalogue::standard())->family;
    $offer = (new Drafter($situation))->offer($situation->at($family, $family->rungs[0]), new Wishes);
    expect($offer->item)->not->toBeNull()->and($family->draft)->toBeGreaterThanOrEqual(OwnFamily::FIRST_DRAFT);
});
