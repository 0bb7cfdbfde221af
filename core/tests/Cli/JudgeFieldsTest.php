<?php

declare(strict_types=1);

use BuoyantStep\Core\Cli\CommandLine;

/**
 * @return array<string, mixed> the verdict on demands, for somebody with a numb left hand whose left arm does not move
 */
function judgedHere(array $demands): array
{
    $input = [
        'client' => [
            'birth_date' => '1975-03-02', 'sex' => 'male', 'body_mass_kg' => 80, 'height_mm' => 1780,
            'insensate' => ['left hand'],
            'function' => [
                'standing' => 'free', 'trunk' => 'full', 'grip' => ['left' => 'full', 'right' => 'full'],
                'limbs' => ['arm_left' => 'none', 'arm_right' => 'full', 'leg_left' => 'full', 'leg_right' => 'full'],
            ],
        ],
        'on' => '2026-11-27',
        'demands' => ['position' => 'seated', 'region' => 'upper', 'support' => 'seated', ...$demands],
    ];
    [$code, $text] = CommandLine::run(['judge'], static fn (): string => (string) json_encode($input));
    expect($code)->toBe(0, $text);

    return json_decode($text, true);
}

it('asks of the skin only where a material touches it', function (array $material, string $verdict): void {
    expect(judgedHere(['material' => $material])['verdict'])->toBe($verdict);
})->with([
    'a strap somewhere on the arms' => [['tight_strap'], 'changes'],
    'the same as an object' => [[['what' => 'tight_strap']], 'changes'],
    'on the numb hand' => [[['what' => 'tight_strap', 'site' => 'left hand']], 'changes'],
    'on the other hand' => [[['what' => 'tight_strap', 'site' => 'right hand']], 'fits'],
    'on a foot' => [[['what' => 'tight_strap', 'site' => 'left foot']], 'fits'],
    'on both hands, told one by one' => [
        [['what' => 'tight_strap', 'site' => 'right hand'], ['what' => 'tight_strap', 'site' => 'left hand']],
        'changes',
    ],
]);

it('asks of a limb only on the side that is needed', function (array $parts, string $verdict, array $more = []): void {
    expect(judgedHere(['parts' => $parts, ...$more])['verdict'])->toBe($verdict);
})->with([
    'the arm that does not move' => [[['part' => 'arm', 'side' => 'left']], 'out'],
    'the other one' => [[['part' => 'arm', 'side' => 'right']], 'fits'],
    'both' => [[['part' => 'arm', 'side' => 'both']], 'out'],
    'no side named: both' => [[['part' => 'arm']], 'out'],
    'each named apart' => [[['part' => 'arm', 'side' => 'right'], ['part' => 'arm', 'side' => 'left']], 'out'],
    'the working arm, right' => [['arm' => 'working'], 'fits', ['side' => 'right']],
    'the other arm, working right' => [['arm' => 'other'], 'out', ['side' => 'right']],
    'named, whichever works' => [[['part' => 'arm', 'side' => 'right']], 'fits', ['side' => 'both']],
]);
