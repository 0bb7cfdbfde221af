<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Pattern;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Plan\Aim;
use BuoyantStep\Core\Plan\Channel;
use BuoyantStep\Core\Plan\Draft;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\LeftOut;
use BuoyantStep\Core\Plan\PlanItem;
use BuoyantStep\Core\Plan\Stair;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;

function situation(Profile $client, ?MeasureSet $measures = null, ?Kit $kit = null): Situation
{
    return Made::situation($client, $measures, $kit ?? Made::kitchen());
}

/** What is wrong with a drafted item for this client; null when nothing is. */
function wrongWith(PlanItem $item, Situation $situation): ?string
{
    $here = $situation->at($item->family, $item->rung);
    foreach ($item->sides as $one) {
        if ($here->verdict($one)?->isOut() ?? true) {
            return 'out on the '.$one->value;
        }
    }
    // The side that was dosed, not the one that the limits are asked for by default.
    foreach ($item->dose->isApart() ? [Side::Left, Side::Right] : [$here->workingSide()] as $side) {
        $of = $item->dose->isApart() ? $here->onSide($side) : $here;
        $own = new PlanItem($of, $item->goal, $item->dose->on($side), $item->dosing, [$side], $item->band);
        $wrong = wrongOn($side, $own, $of, $situation);
        if ($wrong !== null) {
            return $wrong;
        }
    }

    return null;
}

function wrongOn(Side $side, PlanItem $item, RungHere $here, Situation $situation): ?string
{
    $limits = new DoseLimits(
        $situation->envelope, new Scope($item->rung->demands->scope()->region, $side), $item->goal,
        $here->estimate()?->grams, system: $here->system(), shareOfG: $here->capEstimate($here->estimate())?->grams,
        waits: $situation->envelope->is(ConditionTrait::CapWaits),
    );
    $breaches = $limits->breaches($item->dose);
    if ($breaches !== []) {
        return $breaches[0]->limit->field->value.' by '.$breaches[0]->limit->rule;
    }
    if (($item->dose->loadG === null) !== ($item->rung->work->holding === null)) {
        return 'a load where there should be none, or none where there should be one';
    }
    if ($item->dose->loadG !== null && $here->ladder()?->at($item->dose->loadG) === null) {
        return $item->dose->loadG.' g cannot be made';
    }
    if (($item->band === null) !== ($item->rung->work->band === null)) {
        return 'a band where there should be none, or none where there should be one';
    }
    if ($item->band !== null) {
        $cap = $limits->cap()->grams;
        $end = $item->band->setUp->band->force($item->band->setUp->endMm);
        if ($end === null || ($cap !== null && $end > $cap / 1000 * 9.80665 + 1e-6)) {
            return 'a band over its cap, or past what was measured';
        }
        if ($limits->isBlind() && $item->dose->effort->hi > 5) {
            return 'a band, capped by percent, without an estimate, at effort '.$item->dose->effort->hi;
        }
    }
    $share = ($item->rung->work->start?->percent() ?? 0) * $situation->client->bodyMassKg * 10;
    $lightest = $here->ladder()?->lightest()->loadG ?? 0;
    if (
        $item->dose->loadG !== null && ($here->estimate() === null || $limits->isBlind())
        && ($item->dose->effort->hi > 5 || $item->dose->loadG > max(2 * $share + 1, $lightest))
    ) {
        return 'without an estimate, and not near the load to begin with: '.$item->dose->loadG;
    }

    return null;
}

it('keeps every drafted dose inside its envelope and its kit, for thousands of clients', function (): void {
    $made = new Made(41);
    $drafted = 0;
    for ($i = 0; $i < 3000; $i++) {
        $form = $made->randomForm();
        $situation = situation(
            Profile::read(new Bag($form)), $made->randomMeasures(),
            $made->chance(60) ? $made->randomKit() : Made::kitchen(),
        );
        $wishes = new Wishes($made->one(Aim::cases()), [2, 5], $made->int(10, 60), $made->one(Structure::cases()));
        $draft = (new Drafter($situation))->draft($wishes);
        foreach ($draft->items as $item) {
            $wrong = wrongWith($item, $situation);
            if ($wrong !== null) {
                $this->fail("client $i, {$item->rung->name}: $wrong ".json_encode($form));
            }
            $drafted++;
        }
        $trained = array_filter($draft->items, static fn (PlanItem $p): bool => ! $p->goal->isEasyMinutes()
            && $p->family->pattern !== Pattern::Mobility);
        if (
            count($draft->items) > Drafter::MOST_ITEMS + 1
            || ($draft->seconds > $wishes->minutes * 60 && count($trained) > 4)
        ) {
            $this->fail(
                "client $i: ".count($draft->items)." exercises, {$draft->seconds} s for {$wishes->minutes} min",
            );
        }
        if (
            count(
                array_unique(array_map(static fn (PlanItem $p): string => $p->family->code, $draft->items)),
            ) !== count($draft->items)
        ) {
            $this->fail("client $i: a family twice");
        }
    }
    expect($drafted)->toBeGreaterThan(15_000);
});

it('never sets a band up over a cap, nor past what was measured, for thousands of clients and '
    .'bands', function (): void {
        $made = new Made(43);
        $rungs = [];
        foreach (Catalogue::standard()->families() as $family) {
            foreach ($family->rungs as $rung) {
                if ($rung->work->band !== null) {
                    $rungs[] = [$family, $rung];
                }
            }
        }
        $fitted = 0;
        for ($i = 0; $i < 3000; $i++) {
            $form = $made->randomForm();
            $situation = Made::situation(
                Profile::read(new Bag($form)), $made->randomMeasures(),
                new Kit([], [], [$made->randomBand(), $made->randomBand()]), place: new Place(Thing::cases()),
            );
            [$family, $rung] = $made->one($rungs);
            $offer = (new Drafter($situation))->offer($situation->at($family, $rung), new Wishes);
            [$item, $why] = [$offer->item, $offer->why];
            $wrong = $item === null ? (trim($why) === '' ? 'no reason' : null) : wrongWith($item, $situation);
            if ($wrong !== null) {
                $this->fail("client $i, {$rung->name}: $wrong ".json_encode($form));
            }
            $fitted += $item === null ? 0 : 1;
        }
        expect($fitted)->toBeGreaterThan(300);
    });

/** @return array{Situation, Draft} */
function frailDraft(int $minutes = 45): array
{
    $situation = situation(
        Made::client(
            [
                'birth_date' => '1945-01-01',
                'conditions' => [
                    ['code' => 'osteoporosis', 'detail' => 'vertebral_fracture'], ['code' => 'hypertension_controlled'],
                    ['code' => 'falls_risk_high'],
                ],
                'training' => ['level' => 'new'],
                'function' => [
                    'grip' => ['left' => 'fair', 'right' => 'fair'], 'standing' => 'free', 'floor_transfer' => 'none',
                    'home' => 'alone',
                ],
            ],
        ),
        Made::measures([
            ['test' => 'chair_stand_30s', 'value' => 9],
            ['test' => 'tandem_stand', 'value' => 6],
            ['test' => 'one_leg_stand', 'side' => 'left', 'value' => 3],
            ['test' => 'one_leg_stand', 'side' => 'right', 'value' => 4],
            ['test' => 'easy_set', 'family' => 'seat_rise', 'load_g' => 2200, 'reps' => 10, 'rir' => 3],
            ['test' => 'easy_set', 'family' => 'tote_row', 'load_g' => 3300, 'reps' => 9, 'rir' => 3],
        ]),
    );

    return [$situation, (new Drafter($situation))->draft(new Wishes(Aim::Strength, [2, 4, 6], $minutes))];
}

it('drafts six to eight exercises for a complicated client, warm-up first', function (): void {
    [, $draft] = frailDraft();
    expect(count($draft->items))->toBeGreaterThanOrEqual(6)->toBeLessThanOrEqual(8)
        ->and($draft->items[0]->family->pattern)->toBe(Pattern::March)
        ->and(
            array_map(static fn (PlanItem $i): string => $i->family->code.'/'.$i->rung->code, $draft->items),
        )->toContain('seat_rise/no_hands', 'stance_balance/semi_tandem', 'heel_raise/two_hands', 'march/two_hands');
});

it('accounts for every pattern: used, or left out with the reason', function (): void {
    [$situation, $draft] = frailDraft(20);
    $patterns = array_unique(
        array_map(static fn ($f): string => $f->pattern->label(), $situation->catalogue->families()),
    );
    $used = array_map(static fn (PlanItem $i): string => $i->family->pattern->label(), $draft->items);
    expect(
        array_values(array_diff($patterns, $used, array_map(
            static fn (LeftOut $l): string => $l->pattern?->label() ?? '', $draft->left,
        ))),
    )->toBe([])
        ->and(
            array_filter(array_column($draft->left, 'says'), static fn (string $s): bool => trim($s) === ''),
        )->toBe([])
        ->and($draft->seconds)->toBeLessThanOrEqual(20 * 60)
        ->and($draft->items[0]->family->pattern)->toBe(Pattern::March);
});

it('lets the weaker side lead', function (): void {
    [, $draft] = frailDraft();
    $balance = array_values(
        array_filter($draft->items, static fn (PlanItem $i): bool => $i->family->code === 'stance_balance'),
    )[0];
    expect($balance->sides[0]->value)->toBe('left')
        ->and($balance->changes[0]->code())->toBe('hold_on:one_hand');
});

it('gives a client in a chair something for most patterns', function (): void {
    $situation = situation(
        Made::client(
            [
                'function' => [
                    'grip' => ['left' => 'full', 'right' => 'full'], 'standing' => 'none', 'floor_transfer' => 'none',
                    'home' => 'carer',
                ],
            ],
        ),
    );
    $draft = (new Drafter($situation))->draft(new Wishes(minutes: 60));
    expect(count($draft->items))->toBeGreaterThanOrEqual(6);
    foreach ($draft->items as $item) {
        expect(
            $item->rung->demands->isSeated()
                || in_array(Change::of(ChangeKind::SeatedInstead), $item->changes, false),
        )->toBeTrue($item->rung->name);
    }
});

it('gives someone about whom nothing was asked only what is safe for anyone', function (): void {
    $situation = situation(Made::client(['function' => [], 'training' => []]), kit: Made::kit([]));
    foreach ((new Drafter($situation))->draft(new Wishes)->items as $item) {
        expect($item->dose->loadG)->toBeNull()->and($item->dose->effort->hi)->toBeLessThanOrEqual(7);
    }
});

it('draws the channel from the same numbers', function (): void {
    [$situation, $draft] = frailDraft();
    foreach ($draft->items as $item) {
        $channel = Channel::of($item->here, $item->goal, $item->dose, $item->dosing, $item->here->ladder());
        $amount = $channel->unit === 'min' ? intdiv($item->dose->amount->hi, 60) : $item->dose->amount->hi;
        expect($channel->float)->toBe($item->dose->loadG ?? $amount)
            ->and($channel->top)->toBeGreaterThan($channel->float);
        if ($channel->cap !== null) {
            expect($channel->float)->toBeLessThanOrEqual($channel->cap)
                ->and($channel->text)->toContain('cap');
        }
        foreach ($channel->ticks as $tick) {
            expect($item->here->ladder()?->at($tick))->not->toBeNull();
        }
    }
});

it('says the banks of a dose in minutes where the dose is said in minutes', function (): void {
    [$situation, $draft] = frailDraft();
    $item = $draft->items[0];
    expect($item->dose->amountLabel())->toBe('3-5 min');
    $channel = Channel::of($item->here, $item->goal, $item->dose, $item->dosing, null, 240);
    expect(
        [$channel->unit, $channel->goalLo, $channel->goalHi, $channel->float, $channel->last, $channel->text],
    )->toBe(['min', 3, 5, 5, 4, '3-5 min; goal 3 to 5'])
        // A last time of three and a half minutes cannot be said in whole ones.
        ->and(
            Channel::of($item->here, $item->goal, $item->dose, $item->dosing, null, 210)->unit,
        )->toBe('s');
});

it('says for each step of a stair what holds it under water', function (): void {
    [$situation] = frailDraft();
    $steps = Stair::of(Catalogue::standard()->family('heel_raise'), $situation, new Wishes);
    expect(array_column($steps, 'state'))->toBe(['open', 'open', 'under', 'under'])
        ->and($steps[2]->says)->toContain('one hand on something fixed')
        ->and($steps[3]->notYet)->toContain('10 s opens it');
});
