<?php

declare(strict_types=1);

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\Side;

$bag = new Bag(
    [
        'text' => 'a', 'blank' => '  ', 'whole' => 3, 'float' => 3.0, 'half' => 3.5, 'yes' => true, 'side' => 'left',
        'list' => [['a' => 1], ['a' => 2]], 'words' => ['x', 'y'], 'one' => 'x', 'map' => ['k' => 'v', 'n' => 1],
        'nothing' => null,
    ],
    '/at',
);

it('reads what is there', function () use ($bag): void {
    expect($bag->string('text'))->toBe('a')
        ->and($bag->int('whole'))->toBe(3)
        ->and($bag->int('float'))->toBe(3)
        ->and($bag->number('half', 0, 9))->toBe(3.5)
        ->and($bag->bool('yes'))->toBeTrue()
        ->and($bag->bool('absent', true))->toBeTrue()
        ->and($bag->enum('side', Side::class))->toBe(Side::Left)
        ->and($bag->strings('words'))->toBe(['x', 'y'])
        ->and($bag->strings('one'))->toBe(['x'])
        ->and($bag->strings('absent'))->toBe([])
        ->and($bag->texts('map'))->toBe(['k' => 'v'])
        ->and($bag->bags('list')[1]->int('a'))->toBe(2)
        ->and($bag->optInt('nothing'))->toBeNull()
        ->and($bag->has('nothing'))->toBeFalse();
});

it('refuses the rest and says where', function (callable $read, string $pointer) use ($bag): void {
    try {
        $read($bag);
        $this->fail('accepted');
    } catch (InvalidInput $e) {
        expect($e->pointer)->toBe($pointer)->and($e->getMessage())->toContain('must');
    }
})->with([
    'a blank text' => [fn (Bag $b) => $b->string('blank'), '/at/blank'],
    'a number for a text' => [fn (Bag $b) => $b->string('whole'), '/at/whole'],
    'a half for a whole' => [fn (Bag $b) => $b->int('half'), '/at/half'],
    'a text for a number' => [fn (Bag $b) => $b->number('text', 0, 1), '/at/text'],
    'over the top' => [fn (Bag $b) => $b->int('whole', 0, 2), '/at/whole'],
    'under the bottom' => [fn (Bag $b) => $b->number('half', 4, 9), '/at/half'],
    'a text for a yes' => [fn (Bag $b) => $b->bool('text'), '/at/text'],
    'a number for a word' => [fn (Bag $b) => $b->enum('whole', Side::class), '/at/whole'],
    'a yes for a word' => [fn (Bag $b) => $b->enum('yes', Side::class), '/at/yes'],
    'a list for a word' => [fn (Bag $b) => $b->enum('words', Side::class), '/at/words'],
    'an unknown word' => [fn (Bag $b) => $b->enum('text', Side::class), '/at/text'],
    'a text for an object' => [fn (Bag $b) => $b->bag('text'), '/at/text'],
    'an object for a list' => [fn (Bag $b) => $b->bags('map'), '/at/map'],
    'numbers for texts' => [fn (Bag $b) => $b->strings('list'), '/at/list/0'],
    'texts for numbers' => [fn (Bag $b) => $b->ints('words', 0, 9), '/at/words/0'],
]);

it('refuses what is not an object', fn () => Bag::decode('3'))->throws(InvalidInput::class);

it('guesses what was meant only when it is near', function (): void {
    expect(
        UnknownCode::of('test', 'chair_stand', ['chair_stand_30s', 'grip'])->getMessage(),
    )->toContain('Did you mean "chair_stand_30s"')
        ->and(
            UnknownCode::of('test', 'zzz', ['chair_stand_30s', 'grip'])->getMessage(),
        )->not->toContain('Did you mean "chair');
});

it('takes a number to the ends of its range and no further', function (
    callable $read, int|float $in, int|float $out,
): void {
    expect($read(new Bag(['n' => $in, 'list' => [$in]])))->toEqual($in)
        ->and(fn () => $read(new Bag(['n' => $out, 'list' => [$out]])))->toThrow(InvalidInput::class);
})->with([
    'whole, least' => [fn (Bag $b) => $b->int('n', 2, 5), 2, 1],
    'whole, most' => [fn (Bag $b) => $b->int('n', 2, 5), 5, 6],
    'number, least' => [fn (Bag $b) => $b->number('n', 0.5, 1.5), 0.5, 0.49],
    'number, most' => [fn (Bag $b) => $b->number('n', 0.5, 1.5), 1.5, 1.51],
    'a list of whole ones, least' => [fn (Bag $b) => $b->ints('list', 1, 7)[0], 1, 0],
    'a list of whole ones, most' => [fn (Bag $b) => $b->ints('list', 1, 7)[0], 7, 8],
]);

it('says the range that would work', function (callable $read, string $says): void {
    expect(fn () => $read(new Bag(['n' => 99])))->toThrow(InvalidInput::class, $says);
})->with([
    'open above' => [fn (Bag $b) => $b->int('n', 100), '"n" must be a whole number, 100 or more.'],
    'closed' => [fn (Bag $b) => $b->int('n', 2, 5), '"n" must be a whole number from 2 to 5.'],
    'of numbers' => [fn (Bag $b) => $b->number('n', 0.5, 20), '"n" must be a number from 0.5 to 20.'],
]);

it('reads pairs of numbers, and nothing that is no pair', function (): void {
    expect((new Bag(['p' => [[25, 9], [50.5, 15]]]))->pairs('p'))->toBe([[25.0, 9.0], [50.5, 15.0]])
        ->and((new Bag([]))->pairs('p'))->toBe([]);
    foreach ([[[25]], [[25, 9, 3]], [['a', 9]], [25]] as $wrong) {
        try {
            (new Bag(['p' => $wrong], '/at'))->pairs('p');
            $this->fail('accepted '.json_encode($wrong));
        } catch (InvalidInput $e) {
            expect($e->pointer)->toStartWith('/at/p/0');
        }
    }
});

it('reads a number of either sign', function (): void {
    expect((new Bag(['x' => -0.38]))->signed('x'))->toBe(-0.38)->and((new Bag([]))->signed('x'))->toBe(0.0);
});

it('takes a whole number written with a point for what it is, and no other', function (): void {
    expect((new Bag(['n' => 4.0]))->int('n'))->toBe(4)
        ->and(fn () => (new Bag(['n' => 1e15]))->int('n'))->toThrow(InvalidInput::class)
        ->and(fn () => (new Bag(['n' => '4']))->int('n'))->toThrow(InvalidInput::class);
});
