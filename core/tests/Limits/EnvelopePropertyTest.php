<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;

const CLIENTS = 5000;

/** @return list<Scope> */
function everyScope(): array
{
    $scopes = [];
    foreach (Region::cases() as $region) {
        foreach (Side::cases() as $side) {
            $scopes[] = new Scope($region, $side);
        }
    }

    return $scopes;
}

/** Says which field and scope loosened; null when nothing did. */
function loosened(Envelope $before, Envelope $after, array $scopes): ?string
{
    foreach (Field::cases() as $field) {
        foreach ($scopes as $scope) {
            if ($field->isList()) {
                if (array_diff($before->words($field, $scope), $after->words($field, $scope)) !== []) {
                    return $field->value.' '.$scope->key();
                }

                continue;
            }
            $old = $before->tightest($field, $scope);
            $new = $after->tightest($field, $scope);
            if ($old !== null && ($new === null || $field->tightness($new->value) < $field->tightness($old->value))) {
                return $field->value.' '.$scope->key();
            }
        }
    }

    return null;
}

it('never loosens a field when a condition is added', function (): void {
    $made = new Made(11);
    $rules = RuleBook::standard();
    $codes = array_map(static fn ($a): string => $a->code, $rules->conditions());
    $scopes = everyScope();
    for ($i = 0; $i < CLIENTS; $i++) {
        $form = $made->randomForm();
        $measures = $made->randomMeasures();
        $on = Day::of(Made::TODAY);
        $more = [...$form, 'conditions' => [...$form['conditions'], $made->randomCondition($made->one($codes))]];
        $before = $rules->envelope(new Facts(Profile::read(new Bag($form)), $on, $measures));
        $after = $rules->envelope(new Facts(Profile::read(new Bag($more)), $on, $measures));
        // One assertion a client: two million expectations would cost more than the computation.
        if (($what = loosened($before, $after, $scopes)) !== null) {
            $this->fail("client $i: $what loosened by ".json_encode($more['conditions']));
        }
    }
    expect($i)->toBe(CLIENTS);
});

it('merges commutatively, associatively and idempotently', function (): void {
    $made = new Made(12);
    $rules = RuleBook::standard();
    $random = static fn (): Envelope => $rules->envelope(
        new Facts(Profile::read(new Bag($made->randomForm())), Day::of(Made::TODAY), $made->randomMeasures()),
    );
    $same = static fn (Envelope $a, Envelope $b): bool => array_map(
        static fn (Limit $l): string => $l->key(), $a->all(),
    ) === array_map(static fn (Limit $l): string => $l->key(), $b->all());
    for ($i = 0; $i < CLIENTS; $i++) {
        [$a, $b, $c] = [$random(), $random(), $random()];
        if (
            ! $same($a->merge($b), $b->merge($a))
            || ! $same($a->merge($b)->merge($c), $a->merge($b->merge($c)))
            || ! $same($a->merge($a), $a)
        ) {
            $this->fail("client $i");
        }
    }
    expect($i)->toBe(CLIENTS);
});

it('binds every part with what binds everything', function (): void {
    $made = new Made(13);
    $rules = RuleBook::standard();
    $scopes = everyScope();
    for ($i = 0; $i < 1000; $i++) {
        $envelope = $rules->envelope(
            new Facts(Profile::read(new Bag($made->randomForm())), Day::of(Made::TODAY), $made->randomMeasures()),
        );
        foreach (Field::cases() as $field) {
            $any = $envelope->tightest($field);
            foreach ($field->isList() || $any === null ? [] : $scopes as $scope) {
                if ($field->tightness($envelope->tightest($field, $scope)->value) < $field->tightness($any->value)) {
                    $this->fail($field->value.' '.$scope->key());
                }
            }
        }
    }
    expect($i)->toBe(1000);
});

it('never tightens balance support less for a worse tandem', function (): void {
    $rank = static fn (float $s): int => Field::SupportMin->tightness(
        Made::envelope(
            [['code' => 'falls_risk_high']], [['test' => 'tandem_stand', 'value' => $s]],
        )->word(Field::SupportMin),
    );
    for ($s = 0.0; $s < 10; $s += 0.5) {
        expect($rank($s))->toBeGreaterThanOrEqual($rank($s + 0.5));
    }
});
