<?php

declare(strict_types=1);

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Exercises\BandCap;
use BuoyantStep\Core\Exercises\BandSetUp;
use BuoyantStep\Core\Exercises\BandUser;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\BandForm;
use BuoyantStep\Core\Kit\BandMaterial;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\MassUnit;
use BuoyantStep\Core\Units\Reason;

function kitBand(string $material = 'latex', float $rest = 1200): KitBand
{
    return new KitBand(
        'b', 'a band', new Band($rest, [[25, 9], [50, 15], [100, 24], [150, 32]]), BandMaterial::from($material),
        BandForm::Flat,
    );
}

function bandRung(string $path): Rung
{
    [$family, $rung] = explode('/', $path);

    return Catalogue::standard()->family($family)->rung($rung);
}

/** @return list<string> */
function noteRules(BandSetUp $setUp): array
{
    return array_map(static fn (Reason $r): string => $r->rule, $setUp->notes);
}

it('reads a scale: 9.80665 N is one kilogram, and a pull to 180 cm of 120 is half as long again', function (): void {
    $band = Band::fromPulls(1200, [[1500, 9.0], [1800, 15.0]]);
    expect($band->curve())->toBe([[0.0, 0.0], [25.0, 9.0], [50.0, 15.0]])->and(BandSetUp::KGF)->toBe(9.80665)
        ->and(fn () => Band::fromPulls(1200, [[1200, 5.0]]))->toThrow(InvalidInput::class, 'pull it further');
});

it('says where to stand for a row, further away for a harder pull', function (): void {
    $client = Made::client(['height_mm' => 1700]);
    $light = BandSetUp::of(kitBand(), bandRung('band_row/standing'), new BandUser($client), 'mean', 20);
    $hard = BandSetUp::of(kitBand(), bandRung('band_row/standing'), new BandUser($client), 'mean', 40);
    expect($hard->standMm)->toBeGreaterThan($light->standMm)
        ->and($light->band->mean($light->startMm, $light->endMm))->toEqualWithDelta(20.0, 0.01)
        // the band at its start length, and the arm that reaches towards the anchor
        ->and($light->standMm)->toBe((int) round($light->startMm + 0.386 * 1700))
        ->and($light->says)->toContain('shoe lengths')->toContain((int) round($light->standMm / 10).' cm')
        ->and($light->topView())->not->toBeNull()
        ->and($light->endMm - $light->startMm)->toEqualWithDelta(340.0, 0.01);
});

it('says how short to grip where the body fixes the distance', function (): void {
    $setUp = BandSetUp::of(
        kitBand(), bandRung('band_curl/one'), new BandUser(Made::client(['height_mm' => 1700])), 'end', 20,
    );
    expect($setUp->standMm)->toBeNull()
        ->and($setUp->freeMm)->toBeLessThan(1200)
        ->and($setUp->band->force($setUp->endMm))->toBeGreaterThan(19.0)->toBeLessThanOrEqual(20.0)
        ->and($setUp->says)->toContain('slack band')
        ->and(noteRules($setUp))->toContain('band.shoe', 'band.inspect', 'band.latex');
});

it('warns of a cap at the end, of a slack start, of the skin, and of latex', function (): void {
    $client = Made::client();
    expect(
        noteRules(
            BandSetUp::of(
                kitBand(), bandRung('band_row/seated'), new BandUser($client), 'mean', 25,
                new BandCap(10.0, 'Arms lifted up to 1 kg'),
            ),
        ),
    )->toContain('band.cap')
        ->and(
            noteRules(
                BandSetUp::of(
                    kitBand(), bandRung('band_row/seated'), new BandUser($client), 'mean', 25, new BandCap(200.0, ''),
                ),
            ),
        )->not->toContain('band.cap')
        ->and(
            noteRules(BandSetUp::of(kitBand(), bandRung('band_row/standing'), new BandUser($client), 'end', 33.0)),
        )->toContain('band.taut')
        ->and(
            noteRules(
                BandSetUp::of(kitBand(rest: 400), bandRung('band_side_step/ankle'), new BandUser($client), 'end', 28),
            ),
        )->toContain('band.skin')
        ->and(
            noteRules(
                BandSetUp::of(kitBand('latex_free'), bandRung('band_row/seated'), new BandUser($client), 'mean', 25),
            ),
        )->not->toContain('band.latex');
});

it('holds the chair of a seated pull, and asks for chocks where wheels would roll', function (): void {
    $says = static fn (array $with, float $friction): string => BandSetUp::of(
        kitBand(),
        bandRung('band_row/seated'),
        new BandUser(Made::client($with), $friction, (bool) ($with['conditions'] ?? false)),
        'end',
        50,
    )->notes[0]->says;
    expect($says([], 0.5))->toContain('stays put')
        ->and($says(['body_mass_kg' => 22, 'conditions' => [['code' => 'wheelchair_user']]], 0.2))->toContain('chocks');
});

it('refuses a pull that cannot be reached, a rung without a band, and a band too short for the way', function (): void {
    $client = Made::client();
    expect(
        fn () => BandSetUp::of(kitBand(), bandRung('band_row/seated'), new BandUser($client), 'mean', 300),
    )->toThrow(InvalidInput::class, 'is not reachable')
        ->and(
            fn () => BandSetUp::of(kitBand(), bandRung('curl/one_arm'), new BandUser($client), 'mean', 10),
        )->toThrow(InvalidInput::class, 'uses no band')
        ->and(
            fn () => BandSetUp::of(kitBand(rest: 150), bandRung('band_apart/chest'), new BandUser($client), 'mean', 10),
        )->toThrow(InvalidInput::class, 'too short');
});

it('meets the force it is asked for by free length, for thousands of bands', function (): void {
    $made = new Made(131);
    $met = 0;
    for ($i = 0; $i < 3000; $i++) {
        $points = [];
        $force = $elongation = 0.0;
        for ($n = $made->int(1, 5); $n > 0; $n--) {
            $points[] = [$elongation += $made->int(5, 60), $force += $made->int(1, 40)];
        }
        $band = new Band($made->int(400, 2500), $points);
        $start = (float) $made->int(150, 900);
        $travel = (float) $made->int(80, 600);
        $at = $made->chance(50) ? 'end' : 'mean';
        try {
            $rest = $band->restFor($start, $travel, $at, $wanted = $made->int(5, 600) / 10);
        } catch (InvalidInput) {
            continue;
        }
        $short = $band->shortenedTo($rest);
        $got = $at === 'end' ? $short->force($start + $travel) : $short->mean($start, $start + $travel);
        if (
            $got === null
            || abs($got - $wanted) > 0.01
            || $rest > $band->restMm
            || $short->elongationPct($start + $travel) > $band->maxElongationPct + 1e-6
        ) {
            $this->fail("band $i: asked $wanted, got ".json_encode($got)." from $rest mm");
        }
        $met++;
    }
    expect($met)->toBeGreaterThan(500);
});

it('suggests only starts that are taut by five percent or more, where the band has room', function (): void {
    $client = Made::client(['height_mm' => 1700]);
    foreach (['band_row/standing', 'band_curl/one', 'band_press/one', 'band_knee_extension/full_arc'] as $path) {
        $reach = BandSetUp::reach(kitBand(), bandRung($path)->work->band, $client->heightMm, 'mean');
        $setUp = BandSetUp::of(kitBand(), bandRung($path), new BandUser($client), 'mean', $reach->least);
        expect($setUp->band->elongationPct($setUp->startMm))->toBeGreaterThanOrEqual(4.999, $path)
            ->and(noteRules($setUp))->toContain('band.inspect')
            ->and($reach->most)->toBeGreaterThan($reach->least);
    }
});

it('folds a band that both hands hold: half as long and twice the pull, the sum of both hands', function (): void {
    $client = Made::client(['height_mm' => 1700]);
    $both = BandSetUp::of(kitBand(), bandRung('band_row/seated'), new BandUser($client), 'mean', 20);
    $one = BandSetUp::of(kitBand(), bandRung('band_row/one_arm'), new BandUser($client), 'mean', 20);
    expect($both->band->restMm)->toBe(600.0)
        ->and($both->band->strands)->toBe(2)
        ->and($both->says)->toContain('an end in each hand')
        ->and($both->standMm)->toBeLessThan($one->standMm)
        ->and($one->says)->not->toContain('an end in each hand');
});

it('takes a loop as it is: round the legs the stance makes the pull, and it is not folded', function (): void {
    $loop = new KitBand('l', 'loop', new Band(300, [[50, 40], [120, 80]]), BandMaterial::Fabric, BandForm::Loop);
    $legs = BandSetUp::of(
        $loop, bandRung('band_side_step/thigh'), new BandUser(Made::client(['height_mm' => 1700])), 'end', 60,
    );
    expect($legs->freeMm)->toBeNull()
        ->and($legs->says)->toContain('cm from outside to outside')
        ->and($legs->band->force($legs->endMm))->toEqualWithDelta(60.0, 0.01)
        ->and($legs->band->restMm)->toBe(300.0);
});

it('works a standing row out to the centimetre, as by hand', function (): void {
    // One straight band of two metres, 20 N at twice its length; height 1700 mm; the row travels 374 mm.
    $band = new KitBand('b', 'a band', new Band(2000, [[100, 20]]), BandMaterial::Fabric, BandForm::Flat);
    $rung = bandRung('band_row/one_arm');
    expect($rung->work->band?->travelMm(1700))->toBe(374);
    $setUp = BandSetUp::of($band, $rung, new BandUser(Made::client(['height_mm' => 1700])), 'end', 5.0);
    // 5 N is 25 % of it: the end at 2500 mm, the start at 2126 mm (6 %), the arm of 0.386 × 1700 = 656 mm before it.
    expect($setUp->startMm)->toEqualWithDelta(2126.0, 1e-6)
        ->and($setUp->endMm)->toEqualWithDelta(2500.0, 1e-6)
        ->and($setUp->standMm)->toBe(2782)
        // 2782 / (0.152 × 1700) = 10.8 shoes, 2782 / (0.41 × 1700) = 3.99 steps: to halves.
        ->and($setUp->says)->toBe(
            'Anchor: closed door or post, chest height. Stand or sit 278 cm from it: about 11 shoe lengths, or 4 of '
                .'your own steps.',
        );
    $page = $setUp->jsonSerialize();
    $shown = static fn (string $k): string => MassUnit::Kilogram->render((string) $page[$k]);
    expect([$page['start_cm'], $page['end_cm'], $page['stand_cm'], $page['free_cm']])->toBe([213, 250, 278, null])
        ->and([$page['start_pct'], $page['end_pct']])->toBe([6, 25])
        ->and(array_map($shown, ['start', 'middle', 'end', 'mean']))->toBe(
            array_map(Made::shown(...), ['0.1 kg', '0.3 kg', '0.5 kg', '0.3 kg']),
        );
});

it('puts the anchor of a pull at the height of the hands, and of a pull-down over the door', function (): void {
    $client = Made::client(['height_mm' => 1700]);
    $band = new KitBand('b', 'a band', new Band(1200, [[100, 40]]), BandMaterial::Fabric, BandForm::Flat);
    $standing = BandSetUp::of($band, bandRung('band_row/standing'), new BandUser($client), 'mean', 30);
    $seated = BandSetUp::of($band, bandRung('band_row/seated'), new BandUser($client), 'mean', 30);
    // 0.85 of the shoulder's height of 0.818 × 1700; three quarters of that for someone who sits.
    expect($standing->heightMm)->toBe(1182)
        ->and($seated->heightMm)->toBe(887)
        ->and($standing->topView()['anchor'] ?? '')->toBe('closed door or post');
    $down = null;
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            if ($rung->work->band?->anchor === 'door_top') {
                $down ??= BandSetUp::of($band, $rung, new BandUser($client), 'mean', 30);
            }
        }
    }
    expect($down?->heightMm)->toBe(2000)->and($down?->topView()['anchor'] ?? '')->toBe('top of a closed door');
    // The floor is nearer than the band is long, by the height that the door stands above the shoulder.
    expect($down?->standMm)->toBeLessThan((int) round($down->startMm + 0.386 * 1700));
});

it('begins where the body sets the distance, by the height of the client', function (
    string $path, float $ofHeight,
): void {
    foreach ([1500, 1700, 1900] as $height) {
        $rung = bandRung($path);
        $band = new KitBand('b', 'a band', new Band(2600, [[150, 90]]), BandMaterial::Fabric, BandForm::Flat);
        $reach = BandSetUp::reach($band, $rung->work->band, $height, 'end');
        expect(
            BandSetUp::of(
                $band, $rung, new BandUser(Made::client(['height_mm' => $height])), 'end',
                ($reach->least + $reach->most) / 2,
            )->startMm,
        )->toEqualWithDelta($ofHeight * $height, 1e-9);
    }
})->with([
    'underfoot' => ['band_curl/one', 0.40],
    'round the leg of the chair' => ['band_knee_extension/full_arc', 0.28],
    'round the backrest' => ['band_press/one', 0.22],
    'between the hands' => ['band_apart/chest', 0.26],
]);

it('warns of a start under five percent and of an end past nine tenths of what is safe, and not before', function (
    float $force, array $warnings,
): void {
    // A band of a metre that may take 100 %; the row travels 374 mm: the end at force / 0.2 N percent.
    $band = new KitBand('b', 'a band', new Band(1000, [[100, 20]], 1, 100), BandMaterial::Fabric, BandForm::Flat);
    $rules = noteRules(
        BandSetUp::of(
            $band, bandRung('band_row/one_arm'), new BandUser(Made::client(['height_mm' => 1700])), 'end', $force,
        ),
    );
    expect(array_values(array_intersect(['band.taut', 'band.overstretched'], $rules)))->toBe($warnings);
})->with([
    '4 % at the start' => [8.28, ['band.taut']],
    '5 % at the start' => [8.5, []],
    '90 % at the end' => [18.0, []],
    '91 % at the end' => [18.2, ['band.overstretched']],
]);

it('holds the end against the cap, to the tenth of a newton', function (float $capN, bool $warns): void {
    $band = new KitBand('b', 'a band', new Band(1000, [[100, 20]]), BandMaterial::Fabric, BandForm::Flat);
    $setUp = BandSetUp::of(
        $band, bandRung('band_row/one_arm'), new BandUser(Made::client(['height_mm' => 1700])), 'end', 10.0,
        new BandCap($capN, 'Surgeon\'s order.'),
    );
    expect(in_array('band.cap', noteRules($setUp), true))->toBe($warns);
})->with([[10.0, false], [9.9, true], [10.1, false]]);

it('says of each band that may hold latex whom it is not for', function (BandMaterial $of, ?string $says): void {
    $band = new KitBand('b', 'a band', new Band(2000, [[100, 20]]), $of, BandForm::Flat);
    $setUp = BandSetUp::of(
        $band, bandRung('band_row/one_arm'), new BandUser(Made::client(['height_mm' => 1700])), 'end', 5.0,
    );
    $latex = array_filter($setUp->notes, static fn (Reason $r): bool => str_contains($r->says, 'latex'));
    expect(array_column(array_map(static fn (Reason $r): array => ['says' => $r->says], array_values($latex)), 'says'))
        ->toBe($says === null ? [] : ["$says: not for anyone with a latex allergy, nor for their helpers."]);
})->with([
    [BandMaterial::Latex, 'Made of latex'], [BandMaterial::LatexFree, null],
    [BandMaterial::Fabric, 'May hold rubber thread, latex'],
]);

it('says from what pull a chair tips towards the anchor, by the height of a sitting shoulder', function (
    bool $wheels, string $says,
): void {
    // 0.818 of 1.7 m, three quarters of it sitting: 1.043 m; 60 kg and a wheelchair of 14 kg or a chair of 5 kg,
    // 0.20 m before their wheels or legs, with half as much again to spare.
    $strong = new KitBand(
        'b', 'a strong band', new Band(1200, [[50, 90], [100, 150], [150, 220]]), BandMaterial::LatexFree,
        BandForm::Flat,
    );
    $user = new BandUser(Made::client(['height_mm' => 1700, 'body_mass_kg' => 60]), wheels: $wheels);
    $setUp = BandSetUp::of($strong, bandRung('band_row/seated'), $user, 'mean', 120);
    expect(implode(' ', array_column($setUp->notes, 'says')))->toContain("could tip from $says N");
})->with([[true, '92'], [false, '81']]);
