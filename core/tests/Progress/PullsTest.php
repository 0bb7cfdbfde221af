<?php

declare(strict_types=1);

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseFaults;
use BuoyantStep\Core\Dose\DoseField;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Pulls;
use BuoyantStep\Core\Dose\Reasons;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\BandForm;
use BuoyantStep\Core\Kit\BandMaterial;
use BuoyantStep\Core\Kit\Door;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\KitBand;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Plan\BandFit;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Progress\Exercise;
use BuoyantStep\Core\Progress\Reviewed;
use BuoyantStep\Core\Progress\Reviewer;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\Side;

/** @param  list<array{float, float}>  $points */
function aBand(string $label, array $points, float $rest = 1500, BandForm $form = BandForm::Flat): KitBand
{
    return new KitBand($label, $label, new Band($rest, $points), BandMaterial::LatexFree, $form);
}

const SOFT = [[25, 5], [50, 9], [100, 15], [150, 20]];

const FIRM = [[25, 18], [50, 30], [100, 48], [150, 64]];

/** @param  list<KitBand>  $bands */
function bandHere(array $bands, string $path = 'band_row/one_arm', array $client = [], array $measures = []): RungHere
{
    $kit = new Kit([], [], $bands);
    $situation = Made::situation(
        Made::client($client), Made::measures($measures), $kit, new Place(Thing::cases(), door: Door::Towards),
    );

    return Made::at($situation, $path);
}

function pullDose(?int $newtons, array $with = []): Dose
{
    return Dose::read(new Bag(array_filter([
        'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 12], 'effort' => ['lo' => 6, 'hi' => 8], 'rest_s' => 60,
        'pull_n' => $newtons, ...$with,
    ])));
}

/** After so many sessions, three days apart, each set the same. */
function afterPulling(RungHere $here, Dose $dose, array $set, int $sessions = 2): Reviewed
{
    $history = [];
    for ($i = 0; $i < $sessions; $i++) {
        $history[] = Performed::read(new Bag([
            'date' => (string) Day::of(Made::TODAY)->plus(-2 - 3 * $i),
            'sets' => array_fill(0, 2, array_filter([...$set, 'pull_n' => $dose->pullN])),
        ]));
    }

    return (new Reviewer($here->situation, new Wishes))->review(
        new Exercise($here, Goal::StrengthOlder, $dose, $history),
    );
}

it('lists whole newtons from each band, then doubled, and names the plainest that gives it', function (): void {
    $soft = Pulls::of(bandHere([aBand('soft', SOFT)]));
    $all = $soft->newtons();
    // Doubled it pulls twice as hard, from half the length.
    expect($all)->toBe(range(min($all), max($all)))
        ->and($soft->band(min($all))->label)->toBe('soft')
        ->and($soft->band(max($all))->label)->toBe('soft, doubled')
        ->and(max($all))->toBeGreaterThan(20)->toBeLessThanOrEqual(40);

    $both = Pulls::of(bandHere([aBand('soft', SOFT), aBand('firm', FIRM)]));
    expect($both->band(max($all))->label)->toBe('firm')
        ->and(Pulls::of(bandHere([aBand('loop', SOFT, form: BandForm::Loop)]))->newtons())->not->toContain(max($all))
        ->and(Pulls::of(bandHere([]))->newtons())->toBe([])
        ->and($both->nearest(min($both->newtons()) + 2.9))->toBe(min($both->newtons()) + 2)
        ->and($both->nearest(0.5))->toBe(min($both->newtons()));
    // Of one band only: the soft one as it is ends below what it gives when it is doubled, and what the firm one gives.
    [$plain, $firm] = [$both->band(min($both->newtons())), $both->band(max($both->newtons()))];
    expect($both->nearest(1000, $plain))->toBeLessThan($both->nearest(1000, $firm))
        ->and($both->band($both->nearest(1000, $plain)))->toBe($plain)
        ->and($both->band($both->nearest(0.5, $firm)))->toBe($firm)
        ->and($both->nearest(20, aBand('another', SOFT)))->toBeNull();
});

it('never lists a pull whose end is over the cap', function (int $percent, int $easyG): void {
    $here = bandHere([aBand('soft', SOFT), aBand('firm', FIRM)], client: [
        'own_limits' => [[
            'field' => 'load_pct_max', 'value' => (string) $percent, 'by' => 'Dr Amari', 'why' => 'as ordered',
        ]],
    ], measures: [[
        'test' => 'easy_set', 'family' => 'band_row', 'rung' => 'one_arm', 'load_g' => $easyG, 'reps' => 8, 'rir' => 2,
        'on' => Made::TODAY,
    ]]);
    $cap = Pulls::cap($here)->newtons;
    $pulls = Pulls::of($here)->newtons();
    expect($pulls)->not->toBe([]);
    foreach ($pulls as $newtons) {
        $setUp = BandFit::ofPull($here, $newtons)->setUp;
        expect($setUp->band->force($setUp->endMm))->toBeLessThanOrEqual($cap + 1e-6)
            ->and($setUp->meanN())->toBeGreaterThan($newtons - 0.6)->toBeLessThan($newtons + 0.6);
    }
})->with([[50, 3000], [60, 4000], [80, 5000]]);

it('steps a band by its pull, and says where to stand', function (): void {
    $here = bandHere([aBand('soft', SOFT)]);
    $next = afterPulling($here, pullDose(12), ['reps' => 12, 'effort' => 7]);
    expect($next->proposal->lever?->value)->toBe('pull')
        ->and($next->proposal->dose->pullN)->toBe(13)
        ->and($next->proposal->dose->loadG)->toBeNull()
        ->and(implode(' ', array_column($next->proposal->because, 'says')))->toContain('Stand or sit');
});

it('goes on doubled, then to the next band, then to the next rung', function (): void {
    $only = bandHere([aBand('soft', SOFT)]);
    $plain = array_filter(
        Pulls::of($only)->newtons(), static fn (int $n): bool => Pulls::of($only)->band($n)->label === 'soft',
    );
    $doubled = afterPulling($only, pullDose(max($plain)), ['reps' => 12, 'effort' => 7]);
    expect(implode(' ', array_column($doubled->proposal->because, 'says')))->toContain('soft, doubled');

    $firm = bandHere([aBand('soft', SOFT), aBand('firm', FIRM)]);
    $other = afterPulling($firm, pullDose(max($plain)), ['reps' => 12, 'effort' => 7]);
    expect(implode(' ', array_column($other->proposal->because, 'says')))->toContain('firm');

    $loop = bandHere([aBand('loop', SOFT, form: BandForm::Loop)]);
    $top = afterPulling($loop, pullDose(max(Pulls::of($loop)->newtons())), ['reps' => 12, 'effort' => 7]);
    expect($top->proposal->lever?->value)->toBe('rung')->and($top->rung->code)->not->toBe('one_arm');
});

it('eases a pull, and takes what was missed off it', function (): void {
    $here = bandHere([aBand('soft', SOFT)]);
    $hard = afterPulling($here, pullDose(14), ['reps' => 10, 'effort' => 9.5]);
    expect([$hard->proposal->lever?->value, $hard->proposal->dose->pullN])->toBe(['pull', 13]);
    $late = (new Reviewer($here->situation, new Wishes))->review(new Exercise(
        $here, Goal::StrengthOlder, pullDose(14), [Performed::read(new Bag([
            'date' => (string) Day::of(Made::TODAY)->plus(-15),
            'sets' => [['reps' => 12, 'effort' => 7, 'pull_n' => 14], ['reps' => 12, 'effort' => 7, 'pull_n' => 14]],
        ]))],
    ));
    // Ten percent off 14 N is 12.6.
    expect($late->proposal->dose->pullN)->toBe(12);
});

it('takes a logged pull for an estimate and drafts by it', function (): void {
    $here = bandHere([aBand('firm', FIRM)]);
    $sets = [Performed::read(new Bag([
        'date' => Made::TODAY, 'sets' => [['reps' => 8, 'effort' => 8, 'pull_n' => 30]],
    ]))];
    // 30 N is 3.059 kg on a scale; ten reps in all make it 36/27 of that.
    expect($here->estimate($sets)->grams)->toBe((int) round(30 / 9.80665 * 1000 * 36 / 27));
    $measured = bandHere([aBand('firm', FIRM)], measures: [[
        'test' => 'easy_set', 'family' => 'band_row', 'rung' => 'one_arm', 'load_g' => 4000, 'reps' => 8, 'rir' => 2,
        'on' => Made::TODAY,
    ]]);
    $item = (new Drafter($measured->situation))->offer($measured, new Wishes)->item;
    expect($item->dose->pullN)->toBe((int) floor($item->band->setUp->meanN() + 1e-6))
        ->and($item->dose->loadLabel())->toStartWith('a pull of ');
});

it('asks for a look where a session moves the estimate by more than fifteen percent', function (
    int $reps, int $load, bool $looks,
): void {
    $here = Made::at(Made::situation(Made::client(), null, Made::kit([
        ['id' => 'a', 'mass_g' => 5000], ['id' => 'b', 'mass_g' => 5500],
    ])), 'curl/one_arm');
    $dose = Dose::read(new Bag([
        'sets' => 1, 'reps' => ['lo' => 5, 'hi' => 12], 'effort' => ['lo' => 5, 'hi' => 9], 'rest_s' => 60,
        'load_g' => 5000,
    ]));
    $done = static fn (int $ago, int $reps, int $load): Performed => Performed::read(new Bag([
        'date' => (string) Day::of(Made::TODAY)->plus(-$ago),
        'sets' => [['reps' => $reps, 'effort' => 8, 'load_g' => $load]],
    ]));
    // Seven in all make it 36/30 of five kilograms, 6 kg; ten 36/27 of the load.
    $proposal = (new Reviewer($here->situation, new Wishes))->review(
        new Exercise($here, Goal::StrengthOlder, $dose, [$done(5, 5, 5000), $done(2, $reps, $load)]),
    )->proposal;
    expect(in_array('estimate.jump', array_column($proposal->because, 'rule'), true))->toBe($looks)
        ->and($proposal->review)->toBe($looks);
})->with([[5, 5000, false], [8, 5000, false], [8, 5170, false], [8, 5200, true], [5, 4100, true]]);

it('refuses a pull that no band here gives, and one over the cap', function (): void {
    $here = bandHere([aBand('soft', SOFT)]);
    $faults = static fn (RungHere $here, Dose $dose): array => array_map(
        static fn ($f): string => $f->field->value, (new DoseFaults($here, Goal::StrengthOlder))->of($dose),
    );
    expect($faults($here, pullDose(12)))->toBe([])
        ->and($faults($here, pullDose(200)))->toBe(['pull'])
        ->and($faults($here, pullDose(null, ['load_g' => 2000])))->toBe(['load'])
        ->and($faults(bandHere([], 'heel_raise/two_hands'), pullDose(12)))->toBe(['pull']);
});

it('says what the bands give in place of a pull that they do not', function (): void {
    $says = static fn (RungHere $here, int $newtons): string => (new DoseFaults($here, Goal::StrengthOlder))
        ->of(pullDose($newtons))[0]->says;
    $here = bandHere([aBand('soft', SOFT)]);
    $all = Pulls::of($here)->newtons();
    expect($says($here, 200))->toBe(sprintf(
        '%s is not to be had with the bands here. They give %s to %s in this exercise, under the limits.',
        Mass::sayForce(200), Mass::sayForce(min($all)), Mass::sayForce(max($all)),
    ))->and($says(bandHere([]), 12))->toBe(Mass::sayForce(12).' is not to be had with the bands here.');
});

it('lists a pull of a single newton', function (): void {
    expect(min(Pulls::of(bandHere([aBand('thread', [[25, 1], [50, 2], [100, 3], [150, 4]])]))->newtons()))->toBe(1);
});

describe('a band that nobody has measured', function (): void {
    $unknown = static fn (array $client = [], array $measures = []): RungHere => bandHere(
        [aBand('old', [])], client: $client, measures: $measures,
    );

    it('is used by how it feels, and said as such', function () use ($unknown): void {
        $here = $unknown();
        $item = (new Drafter($here->situation))->offer($here, new Wishes)->item;
        expect($item->dose->pullN)->toBeNull()
            ->and($item->recipe)->toContain('by feel')->toContain('RPE '.$item->dose->effort->label());
        $easy = afterPulling($here, $item->dose, ['reps' => $item->dose->amount->hi, 'effort' => 4]);
        expect([$easy->proposal->lever?->value, $easy->proposal->decision->value])->toBe(['pull', 'step_up'])
            ->and($easy->rung->code)->toBe('one_arm');
        $asMeant = afterPulling($here, $item->dose, ['reps' => $item->dose->amount->hi, 'effort' => 7]);
        expect($asMeant->proposal->decision->value)->toBe('stay');
    });

    it('is not used where a limit caps what works', function (array $limit) use ($unknown): void {
        $here = $unknown(['own_limits' => [[...$limit, 'by' => 'Dr Amari', 'why' => 'as ordered']]]);
        expect((new Drafter($here->situation))->offer($here, new Wishes)->item)->toBeNull();
    })->with([
        'a share of the 1RM' => [['field' => 'load_pct_max', 'value' => '60']],
        'a lift limit' => [['field' => 'lift_max_g', 'value' => '3000']],
        'that arm\'s' => [['field' => 'lift_max_g', 'value' => '3000', 'region' => 'upper', 'side' => 'left']],
    ]);

    it('is used where a limit is of another part', function () use ($unknown): void {
        $here = $unknown(['own_limits' => [[
            'field' => 'load_pct_max', 'value' => '60', 'region' => 'lower', 'side' => 'left', 'by' => 'Dr Amari',
            'why' => 'as ordered',
        ]]]);
        expect((new Drafter($here->situation))->offer($here, new Wishes)->item)->not->toBeNull();
    });
});

it('takes a pull that was typed to the tenth as the one that is to be had, a newton away at most', function (): void {
    $here = bandHere([aBand('Soft', SOFT)]);
    $there = Pulls::of($here)->newtons();
    [$least, $most] = [min($there), max($there)];
    expect(DoseFaults::asMeant($here, pullDose($most + 1))->pullN)->toBe($most)
        ->and(DoseFaults::asMeant($here, pullDose($most + 2))->pullN)->toBe($most + 2)
        ->and(DoseFaults::asMeant($here, pullDose($least))->pullN)->toBe($least);
    // Between the pulls of two bands, a newton from either, it is the lighter.
    $between = bandHere([aBand('Soft', SOFT), aBand('Next', [[25, 54], [50, 66], [100, 84], [150, 100]])]);
    expect(Pulls::of($between)->newtons())->toContain(35, 37)->not->toContain(36)
        ->and(DoseFaults::asMeant($between, pullDose(36))->pullN)->toBe(35);
});

it('lets a pull stand that the bands here give, and none that they do not', function (): void {
    $here = bandHere([aBand('Soft', SOFT)]);
    $most = max(Pulls::of($here)->newtons());
    $faults = new DoseFaults($here, Goal::StrengthTrained);
    expect($faults->stands(pullDose($most)))->toBeTrue()
        ->and($faults->stands(pullDose($most + 5)))->toBeFalse()
        ->and($faults->stands(pullDose(null)))->toBeTrue();
});

it('names the side of a pull', function (): void {
    expect(DoseField::Pull->on(Side::Left))->toBe(DoseField::LeftPull)
        ->and(DoseField::Pull->on(Side::Right))->toBe(DoseField::RightPull)
        ->and(DoseField::Pull->on(Side::Both))->toBe(DoseField::Pull)
        ->and(DoseField::Load->on(Side::Left))->toBe(DoseField::LeftLoad)
        ->and(DoseField::AmountHi->on(Side::Right))->toBe(DoseField::RightAmount)
        ->and(DoseField::Sets->on(Side::Left))->toBe(DoseField::Sets);
});

it('cuts a pull over its cap to the highest there is under it, not to the lowest', function (): void {
    $here = bandHere([aBand('firm', FIRM)], client: ['own_limits' => [[
        'field' => 'lift_max_g', 'value' => '3000', 'by' => 'R. Okonjo', 'why' => 'Ordered.',
    ]]]);
    $dose = Dose::read(new Bag([
        'sets' => 2, 'reps' => ['lo' => 8, 'hi' => 10], 'effort' => ['lo' => 5, 'hi' => 7], 'rest_s' => 60,
        'pull_n' => 60,
    ]));
    $cut = DoseLimits::of($here, Goal::StrengthOlder)->cut($dose, new Reasons, [500, 1500, 2500]);
    expect($cut->resistanceG())->toEqualWithDelta(2500, 60);
});

it('gives somebody with a latex allergy the pulls of a band that is free of latex alone', function (): void {
    $band = static fn (BandMaterial $m): KitBand => new KitBand(
        $m->value, $m->value, new Band(1500, $m === BandMaterial::LatexFree ? SOFT : FIRM), $m, BandForm::Flat,
    );
    $all = array_map($band, BandMaterial::cases());
    $allergic = ['conditions' => [['code' => 'latex_allergy']]];
    $usable = static fn (RungHere $here): array => array_map(
        static fn (KitBand $b): string => $b->id, Pulls::usable($here),
    );
    expect($usable(bandHere($all)))->toBe(['latex', 'latex_free', 'fabric']);
    $here = bandHere($all, client: $allergic);
    $pulls = Pulls::of($here);
    $gives = array_map(static fn (int $newtons): string => (string) $pulls->band($newtons)?->id, $pulls->newtons());
    expect($usable($here))->toBe(['latex_free'])
        ->and(array_values(array_unique($gives)))->toBe(['latex_free'])
        ->and($here->verdict(Side::Right)?->isOut())->toBeFalse();
    // Elastic fabric holds rubber thread as a rule.
    $none = array_map($band, [BandMaterial::Latex, BandMaterial::Fabric]);
    expect(bandHere($none, client: $allergic)->verdict(Side::Right)?->isOut())->toBeTrue()
        ->and(bandHere($none)->verdict(Side::Right)?->isOut())->toBeFalse();
});

it('leaves a pull alone that is under its cap, and one of which nobody knows what there is', function (): void {
    $here = bandHere([aBand('firm', FIRM)], client: ['own_limits' => [[
        'field' => 'lift_max_g', 'value' => '3000', 'by' => 'R. Okonjo', 'why' => 'Ordered.',
    ]]]);
    $limits = DoseLimits::of($here, Goal::StrengthOlder);
    $dose = pullDose(10);
    expect($limits->cut($dose, new Reasons, [500, 1500, 2500])->pullN)->toBe(10)
        ->and($limits->cut($dose, new Reasons, [])->pullN)->toBe(10);
});
