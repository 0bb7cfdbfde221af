<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Grip;
use BuoyantStep\Core\Client\SkinSite;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Exercises\Axis;
use BuoyantStep\Core\Exercises\BandUse;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\HelperPart;
use BuoyantStep\Core\Exercises\Muscle;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Exercises\Purpose;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\BandForm;
use BuoyantStep\Core\Kit\BandMaterial;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Measures\AllTests;
use BuoyantStep\Core\Measures\Tests\EasySet;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\BreathTemptation;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\Choice;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\GripClass;
use BuoyantStep\Core\Vocabulary\Material;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Surface;
use BuoyantStep\Core\Vocabulary\Vision;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

const CATALOGUE = __DIR__.'/../../catalogue';

/** @return list<array{Family, Rung}> */
function everyRung(): array
{
    $all = [];
    foreach (Catalogue::standard()->families() as $family) {
        foreach ($family->rungs as $rung) {
            $all[] = [$family, $rung];
        }
    }

    return $all;
}

/** @return array<string, mixed> */
function schemaErrors(mixed $data, string $schema): array
{
    $result = (new Validator)->validate($data, (string) file_get_contents(CATALOGUE.'/../schema/'.$schema));

    return $result->isValid() ? [] : (new ErrorFormatter)->format($result->error());
}

it('fits its schema, file by file, and each rung is whole once what the family shares is laid under '
    .'it', function (string $file): void {
        $data = json_decode((string) file_get_contents($file));
        expect(schemaErrors($data, 'family.json'))->toBe([])->and(basename($file, '.json'))->toBe($data->code);
        foreach ($data->rungs as $rung) {
            $whole = (object) [...(array) $data->shared, ...(array) $rung];
            $whole->demands = (object) [...(array) ($data->shared->demands ?? []), ...(array) ($rung->demands ?? [])];
            expect(schemaErrors($whole, 'rung.json'))->toBe([], $data->code.'/'.$rung->code);
        }
    })->with(static fn (): array => array_map(static fn (string $f): array => [$f], glob(CATALOGUE.'/*.json') ?: []));

it('covers every pattern with sixty families and a hundred and fifty rungs or more', function (): void {
    $families = Catalogue::standard()->families();
    expect(count($families))->toBeGreaterThanOrEqual(60)->and(count(everyRung()))->toBeGreaterThanOrEqual(150)
        ->and(
            array_diff(
                array_column(Pattern::cases(), 'value'),
                array_map(static fn (Family $f): string => $f->pattern->value, $families),
            ),
        )->toBe([]);
});

it('has no family of one rung', function (): void {
    foreach (Catalogue::standard()->families() as $family) {
        expect(count($family->rungs))->toBeGreaterThan(1, $family->code);
    }
});

it('opens a rung of every pattern without any measure, and gives each pattern one main family', function (): void {
    foreach (Pattern::cases() as $pattern) {
        $families = array_filter(
            Catalogue::standard()->families(), static fn (Family $f): bool => $f->pattern === $pattern,
        );
        expect(
            array_filter($families, static fn (Family $f): bool => $f->rungs[0]->needs === []),
        )->not->toBe([], $pattern->value)
            ->and(
                array_filter($families, static fn (Family $f): bool => $f->draft === 1),
            )->toHaveCount(1, $pattern->value);
    }
});

it('uses words that exist, and asks only for tests that exist', function (): void {
    foreach (everyRung() as [, $rung]) {
        expect($rung->demands->footing->most->atLeast($rung->demands->footing->usual))->toBeTrue($rung->name);
        foreach (array_keys($rung->needs) as $test) {
            expect(AllTests::named($test)->about()->code)->toBe($test);
        }
        foreach ($rung->demands->changes ?? [] as $change) {
            expect(Change::of($change)->says())->not->toBe('', $rung->name);
        }
    }
});

it('says of a hand that holds a load no more support than the other hand can give', function (): void {
    foreach (everyRung() as [$family, $rung]) {
        $hands = match ($rung->work->holding?->value) {
            'both_hands', 'each_hand' => [Support::Free, Support::Seated],
            'one_hand' => [Support::Free, Support::Fingertip, Support::OneHand, Support::Seated],
            default => null,
        };
        if ($hands !== null) {
            expect(in_array($rung->demands->footing->most, $hands, true))->toBeTrue($family->code.'/'.$rung->code);
        }
    }
});

it('never asks less of a harder rung than of the one below', function (): void {
    foreach (Catalogue::standard()->families() as $family) {
        for ($i = 1; $i < count($family->rungs); $i++) {
            // Standing is opened by standing tests, sitting and lying by others.
            if ($family->rungs[$i - 1]->demands->isStanding() !== $family->rungs[$i]->demands->isStanding()) {
                continue;
            }
            foreach ($family->rungs[$i - 1]->needs as $test => $least) {
                expect($family->rungs[$i]->needs[$test] ?? 0)->toBeGreaterThanOrEqual(
                    $least, $family->rungs[$i]->name.' '.$test,
                );
            }
        }
    }
});

it('has no two rungs that differ by nothing, and says truly what a step changes', function (): void {
    $names = [];
    $plain = static fn (Rung $r): string => (string) json_encode(
        [
            $r->demands, $r->work->holding, $r->work->eachSide, $r->work->kind, $r->work->secondsPerUnit,
            $r->setUp->equipment,
            $r->work->lever, $r->work->band,
            $r->setUp->says, $r->figure,
        ],
    );
    foreach (Catalogue::standard()->families() as $family) {
        $steps = array_map(static fn (Rung $r): string => $r->step, $family->rungs);
        expect(array_unique($steps))->toBe($steps)
            ->and($family->rungs[0]->axes === [] || count($family->rungs[0]->axes) > 0)->toBeTrue();
        array_push($names, ...array_map(static fn (Rung $r): string => $r->name, $family->rungs));
        for ($i = 1; $i < count($family->rungs); $i++) {
            [$below, $rung] = [$family->rungs[$i - 1], $family->rungs[$i]];
            $at = $family->code.'/'.$rung->code;
            expect($rung->axes)->not->toBe([], $at)->and($plain($rung) === $plain($below))->toBeFalse($at);
            if (in_array(Axis::Surface, $rung->axes, true)) {
                expect(
                    [
                        $rung->demands->footing->surface, $rung->setUp->equipment,
                        $rung->demands->setting->floorTransfer,
                    ] === [
                        $below->demands->footing->surface, $below->setUp->equipment,
                        $below->demands->setting->floorTransfer,
                    ],
                )->toBeFalse($at);
            }
            if (in_array(Axis::Vision, $rung->axes, true)) {
                expect($rung->demands->footing->vision)->toBe(Vision::EyesClosed, $at);
            }
            if (in_array(Axis::Support, $rung->axes, true) && $rung->demands->isStanding()) {
                expect(
                    [$rung->demands->footing->usual, $rung->demands->footing->most, $rung->setUp->equipment] === [
                        $below->demands->footing->usual, $below->demands->footing->most, $below->setUp->equipment,
                    ],
                )->toBeFalse($at);
            }
            if (in_array(Axis::Load, $rung->axes, true)) {
                expect(
                    [
                        $rung->work->holding, $rung->work->band, $rung->demands->hands->grip, $rung->setUp->equipment,
                    ] === [
                        $below->work->holding, $below->work->band, $below->demands->hands->grip,
                        $below->setUp->equipment,
                    ]
                        && $rung->setUp->says === $below->setUp->says,
                )->toBeFalse($at);
            }
        }
    }
    expect(array_diff_assoc($names, array_unique($names)))->toBe([]);
});

it('says each set-up whole: whoever reads a sheet has not read the rung below', function (): void {
    foreach (everyRung() as [$family, $rung]) {
        expect(preg_match('/^(the same|same)\b/i', $rung->setUp->says))->toBe(0, $family->code.'/'.$rung->code)
            ->and(strlen($rung->setUp->says))->toBeGreaterThan(11);
    }
});

it('draws nobody into a load, a held breath or weight on the hands past the first rung without a '
    .'measure', function (): void {
        foreach (Catalogue::standard()->families() as $family) {
            foreach (array_slice($family->rungs, 1) as $rung) {
                if (
                    $rung->work->holding !== null
                    || $rung->demands->strain->breath === BreathTemptation::High
                    || $rung->demands->hands->carryBody()
                ) {
                    expect($rung->needs)->not->toBe([], $family->code.'/'.$rung->code);
                }
            }
        }
    });

it('asks for a load where a load is held, and for a band where a band is used', function (): void {
    foreach (everyRung() as [$family, $rung]) {
        $at = $family->code.'/'.$rung->code;
        expect(in_array(Thing::Load, $rung->setUp->equipment, true))->toBe($rung->work->holding !== null, $at)
            ->and(in_array(Thing::Band, $rung->setUp->equipment, true))->toBe($rung->work->band !== null, $at)
            ->and(
                $rung->work->band === null || in_array(Material::Latex, $rung->demands->setting->materials, true),
            )->toBeTrue($at);
    }
});

it('has no rung that no client could ever reach', function (): void {
    $rows = [];
    foreach (AllTests::list() as $test) {
        if ($test instanceof EasySet) {
            continue;
        }
        foreach ($test->about()->sides ? ['left', 'right'] : [null] as $side) {
            $rows[] = array_filter(
                [
                    'test' => $test->about()->code,
                    'side' => $side,
                    'value' => $test->about()->lessIsBetter ? $test->about()->range->min : $test->about()->range->max,
                ],
                static fn (mixed $v): bool => $v !== null,
            );
        }
    }
    $kit = new Kit(
        Made::kitchen()->pieces,
        Made::kitchen()->carriers,
        [new KitBand('b', 'band', new Band(1200, [[100, 24], [200, 40]]), BandMaterial::LatexFree, BandForm::Flat)],
    );
    $kit = new Kit(
        [
            ...$kit->pieces,
            ...Made::kit(
                [
                    [
                        'id' => 'cuff', 'mass_g' => 500, 'count' => 2, 'grip' => 'none', 'holdable' => true,
                        'packable' => false,
                    ],
                    [
                        'id' => 'can', 'mass_g' => 480, 'count' => 4, 'grip' => 'power', 'holdable' => true,
                        'packable' => true,
                    ],
                ],
            )->pieces,
        ],
        [...$kit->carriers, ...Made::kit([], [['id' => 'backpack', 'mass_g' => 700, 'grip' => 'none']])->carriers],
        $kit->bands,
    );
    $situation = Made::situation(Made::client(), Made::measures($rows), $kit, place: new Place(Thing::cases()));
    $drafter = new Drafter($situation);
    foreach (everyRung() as [$family, $rung]) {
        $here = $situation->at($family, $rung);
        $offer = $drafter->offer($here, new Wishes);
        // Asked as a yes or no: a failed "not null" would write the whole client down, 450 times.
        expect($offer->item !== null)->toBeTrue($family->code.'/'.$rung->code.': '.$offer->why)
            ->and($here->notYet())->toBeNull($rung->name);
    }
});

/** Can this rung be done from a seat, as it is or with the change that it takes? */
function isSeatable(Rung $rung): bool
{
    return $rung->demands->isSeated()
        || in_array(ChangeKind::SeatedInstead, $rung->demands->changes ?? [], true);
}

it('leads a seated client from every family to a rung that is done from a seat', function (): void {
    $catalogue = Catalogue::standard();
    foreach ($catalogue->families() as $family) {
        if ($family->pattern->allowsSeated()) {
            $rungs = [
                ...$family->rungs,
                ...($family->seatedFamily === null ? [] : $catalogue->family($family->seatedFamily)->rungs),
            ];
            expect(array_filter($rungs, isSeatable(...)))->not->toBe([], $family->code);
        }
    }
});

it('has in every pattern a rung that asks nothing of the hand', function (): void {
    foreach (Pattern::cases() as $pattern) {
        $handsFree = array_filter(
            everyRung(),
            static fn (array $fr): bool => $fr[0]->pattern === $pattern
                && (
                    Grip::None->allows($fr[1]->demands->hands->grip)
                        || in_array(ChangeKind::GripAid, $fr[1]->demands->changes ?? [], true)
                )
                && in_array($fr[1]->work->holding?->value, [null, 'worn', 'cuff', 'lap'], true),
        );
        expect($handsFree)->not->toBe([], $pattern->value);
    }
});

it('names what is asked for and not there', function (): void {
    expect(fn () => Catalogue::standard()->family('leg_press'))->toThrow(UnknownCode::class, 'Unknown family')
        ->and(
            fn () => Catalogue::standard()->family('curl')->rung('standng'),
        )->toThrow(UnknownCode::class, 'Did you mean "standing"');
});

it('lets a schema write each word of the vocabulary, and no other', function (): void {
    $rung = json_decode((string) file_get_contents(CATALOGUE.'/../schema/rung.json'), true)['properties'];
    $demands = $rung['demands']['properties'];
    $judged = json_decode((string) file_get_contents(CATALOGUE.'/../schema/verbs/judge.json'), true);
    $asked = $judged['properties']['demands']['properties'];
    $values = static fn (string $enum): array => array_column($enum::cases(), 'value');
    expect($rung['changes']['items']['enum'])->toBe($values(ChangeKind::class))
        ->and($rung['axes']['items']['enum'])->toBe($values(Axis::class))
        ->and($rung['equipment']['items']['enum'])->toBe($values(Thing::class))
        ->and($rung['dose_kind']['enum'])->toBe($values(DoseKind::class))
        ->and($rung['muscles']['items']['enum'])->toBe($values(Muscle::class))
        ->and($rung['helper']['enum'])->toBe($values(HelperPart::class))
        ->and($rung['choices']['items']['enum'])->toBe($values(Choice::class))
        ->and($rung['band']['properties']['anchor']['enum'])->toBe(BandUse::ANCHORS);
    $family = json_decode((string) file_get_contents(CATALOGUE.'/../schema/family.json'), true)['properties'];
    expect($family['serves']['items']['enum'])->toBe($values(Purpose::class));
    expect(array_diff($demands['material']['items']['enum'], $values(Material::class)))->toBe([]);
    // Who describes an exercise may say where a material touches, too.
    [$word, $placed] = $asked['material']['items']['anyOf'];
    expect($word['enum'])->toBe($values(Material::class))
        ->and($placed['properties']['what']['enum'])->toBe($values(Material::class))
        ->and($placed['properties']['site']['enum'])->toBe($values(SkinSite::class));
    foreach ([$demands, $asked] as $form) {
        expect($form['motions']['items']['enum'])->toBe($values(Motion::class))
            ->and($form['support']['enum'])->toBe($values(Support::class))
            ->and($form['surface']['enum'])->toBe($values(Surface::class))
            ->and($form['grip']['enum'])->toBe($values(GripClass::class))
            ->and($form['breath']['enum'])->toBe($values(BreathTemptation::class))
            ->and(array_diff($form['vision']['enum'], $values(Vision::class)))->toBe([])
            ->and(array_diff($form['position']['enum'], $values(Position::class)))->toBe([]);
    }
});
