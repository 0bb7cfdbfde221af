<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Client\FunctionStatus;
use BuoyantStep\Core\Client\Grip;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\GripClass;
use BuoyantStep\Core\Vocabulary\Side;

it('reads a whole client', function (): void {
    $client = Made::client([
        'conditions' => [
            [
                'code' => 'osteoporosis', 'since' => '2026-01-01', 'until' => '2027-01-01',
                'detail' => 'vertebral_fracture',
            ],
        ],
        'usual' => ['sbp' => 128, 'pain' => 2],
        'medicines' => ['beta blocker'],
        'insensate' => ['left foot'],
        'schools' => ['pain' => 'none'],
    ]);
    expect($client->conditions[0]->details)->toBe(['vertebral_fracture'])
        ->and((string) $client->conditions[0]->until)->toBe('2027-01-01')
        ->and($client->usual->systolic)->toBe(128.0)
        ->and($client->usual->spo2)->toBeNull()
        ->and($client->takes('beta blocker'))->toBeTrue()
        ->and($client->takes('insulin'))->toBeFalse()
        ->and($client->schools)->toBe(['pain' => 'none']);
});

it('refuses a field that is missing, of another kind or implausible, and names it', function (
    array $with, string $pointer,
): void {
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
    'an unknown side' => [
        ['conditions' => [['code' => 'osteoporosis', 'side' => 'middle']]], '/client/conditions/0/side',
    ],
    'an unknown birth' => [
        ['postpartum' => ['birth_date' => '2026-01-01', 'birth' => 'forceps']], '/client/postpartum/birth',
    ],
    'an implausible usual' => [['usual' => ['sbp' => 20]], '/client/usual/sbp'],
]);

it('counts someone as fragile for each of the reasons', function (array $with, bool $fragile): void {
    expect(RuleBook::standard()->envelope(new Facts(Made::client($with), Day::of(Made::TODAY)))
        ->is(ConditionTrait::Fragile))->toBe($fragile);
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
    'alone, cannot rise' => [
        ['function' => ['standing' => 'free', 'home' => 'alone', 'floor_transfer' => 'none']], true,
    ],
    'alone, rises alone' => [
        ['function' => ['standing' => 'free', 'home' => 'alone', 'floor_transfer' => 'alone']], false,
    ],
    'not alone, cannot rise' => [
        ['function' => ['standing' => 'free', 'home' => 'carer', 'floor_transfer' => 'none']], false,
    ],
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

it('knows when a condition is in force', function (
    ?string $since, ?string $until, array $details, bool $inForce,
): void {
    $condition = new Condition(
        'x', null, $since === null ? null : Day::of($since), $until === null ? null : Day::of($until), $details,
    );
    expect($condition->inForce(Day::of(Made::TODAY)))->toBe($inForce);
})->with([
    'always' => [null, null, [], true],
    'from today' => ['2026-11-25', null, [], true],
    'from tomorrow' => ['2026-11-26', null, [], false],
    'until today' => [null, '2026-11-25', ['end_confirmed'], true],
    'until yesterday, not confirmed' => [null, '2026-11-24', [], true],
    'until yesterday, confirmed' => [null, '2026-11-24', ['end_confirmed'], false],
]);

it('accepts the ends of every range and refuses what lies past them', function (array $with, bool $fits): void {
    $read = static fn (): Profile => Profile::read(new Bag([...Made::form(), ...$with]));
    if (! $fits) {
        expect($read)->toThrow(InvalidInput::class);

        return;
    }
    expect($read())->toBeInstanceOf(Profile::class);
})->with([
    '20 kg' => [['body_mass_kg' => 20], true],
    '19.9 kg' => [['body_mass_kg' => 19.9], false],
    '350 kg' => [['body_mass_kg' => 350], true],
    '350.1 kg' => [['body_mass_kg' => 350.1], false],
    '900 mm' => [['height_mm' => 900], true],
    '899 mm' => [['height_mm' => 899], false],
    '2300 mm' => [['height_mm' => 2300], true],
    '2301 mm' => [['height_mm' => 2301], false],
]);

it('refuses dates that cannot be true on the day, at their field', function (array $with, ?string $pointer): void {
    $client = Made::client($with);
    try {
        $client->assertPlausible(Day::of(Made::TODAY));
        $found = null;
    } catch (InvalidInput $e) {
        $found = $e->pointer;
    }
    expect($found)->toBe($pointer);
})->with([
    'born today' => [['birth_date' => '2026-11-25'], null],
    'born tomorrow' => [['birth_date' => '2026-11-26'], '/client/birth_date'],
    '115 years' => [['birth_date' => '1911-11-25'], null],
    '116 years' => [['birth_date' => '1910-11-25'], '/client/birth_date'],
    'due in 40 weeks' => [['pregnancy' => ['due_date' => '2027-09-01']], null],
    'due in 40 weeks and a day' => [['pregnancy' => ['due_date' => '2027-09-02']], '/client/pregnancy/due_date'],
    'gave birth today' => [['postpartum' => ['birth_date' => '2026-11-25', 'birth' => 'vaginal']], null],
    'gives birth tomorrow' => [
        ['postpartum' => ['birth_date' => '2026-11-26', 'birth' => 'vaginal']], '/client/postpartum/birth_date',
    ],
    'an order of one day' => [
        ['conditions' => [['code' => 'sternotomy', 'since' => '2026-10-01', 'until' => '2026-10-01']]], null,
    ],
    'an end before its start' => [
        [
            'conditions' => [
                ['code' => 'osteoporosis'], ['code' => 'sternotomy', 'since' => '2026-10-01', 'until' => '2026-09-30'],
            ],
        ],
        '/client/conditions/1/until',
    ],
    'an end without a start' => [['conditions' => [['code' => 'sternotomy', 'until' => '2026-09-30']]], null],
    'a start without an end' => [['conditions' => [['code' => 'sternotomy', 'since' => '2026-09-30']]], null],
]);

it('counts days of gestation and days since a birth', function (): void {
    $on = Day::of(Made::TODAY);
    expect(Made::client(['pregnancy' => ['due_date' => '2027-04-14']])->gestationDay($on))->toBe(140)
        ->and(Made::client()->gestationDay($on))->toBeNull()
        ->and(
            Made::client(['postpartum' => ['birth_date' => '2026-11-20', 'birth' => 'vaginal']])->daysSinceBirth($on),
        )->toBe(5)
        ->and(Made::client()->daysSinceBirth($on))->toBeNull();
});

it('knows a medicine however it is written', function (string $written, bool $takes): void {
    expect(Made::client(['medicines' => [$written]])->takes('beta blocker'))->toBe($takes);
})->with(
    [['beta blocker', true], ['Beta-Blocker', true], ['BETA_BLOCKER (bisoprolol 2.5)', true], ['alpha blocker', false]],
);

it('lowers the hands that a condition weakens, and no other', function (
    array $condition, Grip $left, Grip $right,
): void {
    $conditions = [Condition::read(new Bag($condition))];
    $function = (new FunctionStatus(gripLeft: Grip::Full, gripRight: Grip::Fair))->lessHandFunction($conditions);
    expect([$function->grip(Side::Left), $function->grip(Side::Right)])->toBe([$left, $right]);
})->with([
    'none on the left' => [['code' => 'hand_function_none', 'side' => 'left'], Grip::None, Grip::Fair],
    'none on the right' => [['code' => 'hand_function_none', 'side' => 'right'], Grip::Full, Grip::None],
    'weak on both' => [['code' => 'hand_function_weak', 'side' => 'both'], Grip::Weak, Grip::Weak],
    'weak, side not known' => [['code' => 'hand_function_weak'], Grip::Weak, Grip::Weak],
    'another condition' => [['code' => 'osteoporosis'], Grip::Full, Grip::Fair],
]);

it('never strengthens a hand by a condition', function (): void {
    $weak = new FunctionStatus(gripLeft: Grip::None, gripRight: Grip::Weak);
    $after = $weak->lessHandFunction([new Condition('hand_function_weak', Side::Both)]);
    expect([$after->grip(Side::Left), $after->grip(Side::Right)])->toBe([Grip::None, Grip::Weak])
        // A hand that nobody asked about stays one that nobody asked about.
        ->and(
            (new FunctionStatus)->lessHandFunction([new Condition('hand_function_weak', Side::Both)])->gripLeft,
        )->toBeNull();
});

it('rises from the floor alone, or with help that is there', function (
    string $transfer, string $home, bool $rises,
): void {
    $function = Made::client(['function' => ['floor_transfer' => $transfer, 'home' => $home]])->function;
    expect($function->canRiseFromFloor())->toBe($rises);
})->with([
    ['alone', 'alone', true],
    ['alone', 'carer', true],
    ['helped', 'alone', false],
    ['helped', 'someone_home', true],
    ['helped', 'carer', true],
    ['none', 'alone', false],
    ['none', 'carer', false],
]);

it('counts nobody asked about as nobody at home', function (): void {
    expect(Made::client(['function' => []])->function->isAlone())->toBeTrue()
        ->and(Made::client(['function' => ['home' => 'alone']])->function->isAlone())->toBeTrue()
        ->and(Made::client(['function' => ['home' => 'someone_home']])->function->isAlone())->toBeFalse();
});

it('gives two-handed work only the aids that both hands have', function (): void {
    $function = Made::client(
        [
            'function' => [
                'aids' => ['left' => ['wrist_loop', 'strap_mitt'], 'right' => ['strap_mitt', 'forearm_strap']],
            ],
        ],
    )->function;
    $codes = static fn (Side $side): array => array_map(static fn ($a): string => $a->value, $function->aids($side));
    expect($codes(Side::Left))->toBe(['wrist_loop', 'strap_mitt'])
        ->and($codes(Side::Right))->toBe(['strap_mitt', 'forearm_strap'])
        ->and($codes(Side::Both))->toBe(['strap_mitt']);
});
