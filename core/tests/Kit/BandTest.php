<?php

declare(strict_types=1);

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Kit\Band;
use BuoyantStep\Core\Kit\Reach;

/*
 * One straight band to count with: a metre at rest, 20 N at twice its length, so 0.2 N for each percent.
 */
function straight(float $maxElongationPct = 200): Band
{
    return new Band(1000, [[100, 20]], 1, $maxElongationPct);
}

it('makes its points from pulls on a luggage scale', function (): void {
    $band = Band::fromPulls(1200, [[1500, 9], [1800, 15], [2400, 24]]);
    expect($band->curve())->toBe([[0.0, 0.0], [25.0, 9], [50.0, 15], [100.0, 24]])
        ->and($band->strands)->toBe(1)
        ->and($band->knownToMm())->toBe(2400.0)
        ->and($band->force(1500))->toBe(9.0);
});

it('takes pulls in any order', function (): void {
    expect(
        Band::fromPulls(1200, [[2400, 24], [1500, 9], [1800, 15]])->curve(),
    )->toBe(Band::fromPulls(1200, [[1500, 9], [1800, 15], [2400, 24]])->curve());
});

it('refuses a pull that stretches nothing, and takes one that does', function (): void {
    expect(fn () => Band::fromPulls(1200, [[1200, 9]]))->toThrow(InvalidInput::class, 'no longer than at rest')
        ->and(Band::fromPulls(1200, [[1201, 9]])->knownToMm())->toEqualWithDelta(1201.0, 1e-9);
});

it('refuses a point that does not rise in either direction', function (array $points, string $pointer): void {
    try {
        new Band(1000, $points);
        $this->fail('taken');
    } catch (InvalidInput $e) {
        expect($e->pointer)->toBe($pointer);
    }
})->with([
    'a first point of no stretch' => [[[0, 5]], '/points/0'],
    'a first point of no force' => [[[10, 0]], '/points/0'],
    'the same stretch twice' => [[[10, 5], [10, 6]], '/points/1'],
    'the same force twice' => [[[10, 5], [20, 5]], '/points/1'],
]);

it('knows the force at rest, between, at the last point, and nothing past it', function (
    float $length, ?float $force,
): void {
    expect(straight()->force($length))->toBe($force);
})->with([[900, 0.0], [1000, 0.0], [1250, 5.0], [2000, 20.0], [2000.1, null]]);

it('keeps its curve through folding: half as long, twice as strong', function (): void {
    $folded = straight()->folded();
    expect($folded->restMm)->toBe(500.0)
        ->and($folded->strands)->toBe(2)
        ->and($folded->force(750))->toBe(20.0)
        ->and($folded->curve())->toBe([[0.0, 0.0], [100, 40]])
        ->and($folded->folded()->force(375))->toBe(40.0);
});

it('pulls by the share it is stretched when it is gripped shorter', function (): void {
    expect(straight()->shortenedTo(600)->force(900))->toBe(10.0)
        ->and(straight()->folded()->shortenedTo(400)->force(600))->toBe(20.0);
});

it('means the force over a travel, also of no travel', function (): void {
    expect(straight()->mean(1000, 1500))->toBe(5.0)
        ->and(straight()->mean(1200, 1600))->toBe(8.0)
        ->and(straight()->mean(1200, 1200))->toBe(4.0)
        // Half of the way slack: nothing, then up to 4 N.
        ->and(straight()->mean(800, 1200))->toBe(1.0)
        ->and(straight()->mean(1900, 2001))->toBeNull();
});

describe('where to stand', function (): void {
    it('reaches from taut to the end of what is measured and safe', function (): void {
        expect(straight()->reachByStart(300, 'end'))->toEqual(new Reach(6.0, 20.0))
            ->and(straight()->reachByStart(300, 'mean'))->toEqual(new Reach(3.0, 17.0))
            ->and(
                array_map(
                    static fn (float $n): float => round($n, 9),
                    array_values((array) straight()->reachByStart(300, 'end', 5)),
                ),
            )->toBe([7.0, 20.0])
            // Safe to 60 % only: the end may come to 1600 mm.
            ->and(straight(60)->reachByStart(300, 'end'))->toEqual(new Reach(6.0, 12.0));
    });

    it('finds the start for an end and for a mean', function (string $at, float $force, float $start): void {
        expect(straight()->startFor(300, $at, $force))->toEqualWithDelta($start, 1e-6);
    })->with(
        [
            ['end', 10, 1200], ['end', 6, 1000], ['end', 20, 1700], ['mean', 8, 1250], ['mean', 3, 1000],
            ['mean', 17, 1700],
        ],
    );

    it('says which forces there are when one is out of reach', function (float $force): void {
        expect(fn () => straight()->startFor(300, 'end', $force))->toThrow(InvalidInput::class, 'gives 6.0 to 20.0 N');
    })->with([5.99, 20.01]);

    it('travels as far as its stretch allows and no further', function (): void {
        expect(straight()->reachByStart(1000, 'end'))->toEqual(new Reach(20.0, 20.0))
            ->and(fn () => straight()->reachByStart(1001, 'end'))->toThrow(InvalidInput::class, '1000 mm is the most');
    });
});

describe('how short to grip it, where the lengths are fixed', function (): void {
    it('reaches from all of it to the shortest grip', function (): void {
        // From 800 to 1200 mm: with 800 mm free the end is at 50 %, with 600 mm at 100 %.
        $reach = straight()->reachByRest(800, 400, 'end');
        expect($reach->least)->toEqualWithDelta(10.0, 1e-9)->and($reach->most)->toEqualWithDelta(20.0, 1e-6);
        // Five percent taut at the start leaves 761.9 mm free: 57.5 % at the end.
        expect(straight()->reachByRest(800, 400, 'end', 5)->least)->toEqualWithDelta(11.5, 1e-9)
            // Where the start is longer than the band, all of it is free.
            ->and(straight()->reachByRest(1100, 400, 'end')->least)->toEqualWithDelta(10.0, 1e-9);
    });

    it('finds the free length for an end and for a mean', function (string $at, float $force, float $rest): void {
        expect(straight()->restFor(800, 400, $at, $force))->toEqualWithDelta($rest, 0.001);
    })->with([
        'the end, all free' => ['end', 10, 800],
        // 20 × (1200 - 700) / 700.
        'the end, gripped' => ['end', 14.285714, 700],
        'the mean, gripped' => ['mean', 8.571429, 700],
    ]);

    it('says which forces there are when one is out of reach', function (float $force): void {
        expect(
            fn () => straight()->restFor(800, 400, 'end', $force),
        )->toThrow(InvalidInput::class, 'gives 10.0 to 20.0 N here');
    })->with([9.9, 20.1]);

    it('refuses a way that is too long for the band', function (): void {
        // To 2000 mm at 100 % takes a metre free; from 800 mm only 800 can be.
        expect(fn () => straight()->restFor(800, 1200, 'end', 20))->toThrow(
            InvalidInput::class, 'too short for a travel of 1200 mm from 800 mm',
        );
    });
});
