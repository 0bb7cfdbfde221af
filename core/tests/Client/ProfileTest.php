<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Client\FunctionStatus;
use BuoyantStep\Core\Client\Grip;
use BuoyantStep\Core\Client\GripClass;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Client\Side;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;

it('reads a whole client', function (): void {
    $client = Made::client([
        'conditions' => [['code' => 'osteoporosis', 'since' => '2026-01-01', 'until' => '2027-01-01', 'detail' => 'vertebral_fracture']],
        'usual' => ['sbp' => 128, 'pain' => 2],
        'medicines' => ['beta blocker'],
        'insensate' => ['left foot'],
        'schools' => ['pain' => 'none'],
    ]);
    expect($client->conditions[0]->details)->toBe(['vertebral_fracture'])
        ->and((string) $client->conditions[0]->until)->toBe('2027-01-01')
        ->and($client->usual->sbp)->toBe(128.0)
        ->and($client->usual->spo2)->toBeNull()
        ->and($client->takes('beta blocker'))->toBeTrue()
        ->and($client->takes('insulin'))->toBeFalse()
        ->and($client->schools)->toBe(['pain' => 'none']);
});

it('refuses a field that is missing, of another kind or implausible, and names it', function (array $with, string $pointer): void {
    try {
        Profile::read(new Bag([...Made::form(), ...$with], '/client'));
        $this->fail('accepted');
    } catch (InvalidInput $e) {
        expect($e->pointer)->toBe($pointer);
    }
})->with([
    'no birth date' => [['birth_date' => null], '/client/birth_date'],
    'a birth date in words' => [['birth_date' => 'in May'], '/client/birth_date'],
    'an unknown sex' => [['sex' => 'f'], '/client/sex'],
    'a mass in grams' => [['body_mass_kg' => 66000], '/client/body_mass_kg'],
    'a mass as text' => [['body_mass_kg' => '66'], '/client/body_mass_kg'],
    'a height in metres' => [['height_mm' => 2], '/client/height_mm'],
    'an unknown grip' => [['function' => ['grip' => ['left' => 'firm']]], '/client/function/grip/left'],
    'a condition without code' => [['conditions' => [['side' => 'left']]], '/client/conditions/0/code'],
    'an unknown side' => [['conditions' => [['code' => 'osteoporosis', 'side' => 'middle']]], '/client/conditions/0/side'],
    'an unknown birth' => [['postpartum' => ['birth_date' => '2026-01-01', 'birth' => 'forceps']], '/client/postpartum/birth'],
    'an implausible usual' => [['usual' => ['sbp' => 20]], '/client/usual/sbp'],
]);

it('counts someone as fragile for each of the reasons', function (array $with, bool $fragile): void {
    expect(Made::client($with)->isFragile(Day::of(Made::TODAY)))->toBe($fragile);
})->with([
    'nothing' => [[], false],
    '79' => [['birth_date' => '1946-11-26'], false],
    '80' => [['birth_date' => '1946-11-25'], true],
    'falls risk' => [['conditions' => [['code' => 'falls_risk_high']]], true],
    'vertebral fracture' => [['conditions' => [['code' => 'osteoporosis', 'detail' => 'vertebral_fracture']]], true],
    'osteoporosis alone' => [['conditions' => [['code' => 'osteoporosis']]], false],
    'heart failure' => [['conditions' => [['code' => 'heart_failure']]], true],
    'sternotomy' => [['conditions' => [['code' => 'sternotomy']]], true],
    'cancer under treatment' => [['conditions' => [['code' => 'cancer', 'detail' => 'under_treatment']]], true],
    'cancer after treatment' => [['conditions' => [['code' => 'cancer']]], false],
    'alone, cannot rise' => [['function' => ['standing' => 'free', 'home' => 'alone', 'floor_transfer' => 'none']], true],
    'alone, rises alone' => [['function' => ['standing' => 'free', 'home' => 'alone', 'floor_transfer' => 'alone']], false],
    'not alone, cannot rise' => [['function' => ['standing' => 'free', 'home' => 'carer', 'floor_transfer' => 'none']], false],
]);

it('lets each hand hold what its grip allows', function (Grip $grip, array $allowed): void {
    $found = [];
    foreach (GripClass::cases() as $class) {
        if ($grip->allows($class, 1500)) {
            $found[] = $class->value;
        }
    }
    expect($found)->toBe($allowed);
})->with([
    [Grip::None, ['none']],
    [Grip::Weak, ['none', 'hook', 'soft']],
    [Grip::Fair, ['none', 'hook', 'soft', 'power']],
    [Grip::Full, ['none', 'hook', 'soft', 'power', 'pinch']],
]);

it('lets a weak hand hold a soft bag only below two kilograms', function (): void {
    expect(Grip::Weak->allows(GripClass::Soft, 1999))->toBeTrue()
        ->and(Grip::Weak->allows(GripClass::Soft, 2000))->toBeFalse()
        ->and(Grip::Weak->allows(GripClass::Hook, 9000))->toBeTrue();
});

it('takes the weaker hand for two-handed work, and an unknown hand for none', function (): void {
    $function = new FunctionStatus(gripLeft: Grip::Fair, gripRight: Grip::Full);
    expect($function->grip(Side::Both))->toBe(Grip::Fair)
        ->and($function->grip(Side::Right))->toBe(Grip::Full)
        ->and((new FunctionStatus(gripLeft: Grip::Full))->grip(Side::Both))->toBe(Grip::None);
});

it('knows when a condition is in force', function (?string $since, ?string $until, array $details, bool $inForce): void {
    $condition = new Condition('x', null, $since === null ? null : Day::of($since), $until === null ? null : Day::of($until), $details);
    expect($condition->inForce(Day::of(Made::TODAY)))->toBe($inForce);
})->with([
    'always' => [null, null, [], true],
    'from today' => ['2026-11-25', null, [], true],
    'from tomorrow' => ['2026-11-26', null, [], false],
    'until today' => [null, '2026-11-25', ['end_confirmed'], true],
    'until yesterday, not confirmed' => [null, '2026-11-24', [], true],
    'until yesterday, confirmed' => [null, '2026-11-24', ['end_confirmed'], false],
]);
