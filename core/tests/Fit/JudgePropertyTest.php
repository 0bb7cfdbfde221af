<?php

declare(strict_types=1);

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Fit\Demands;
use BuoyantStep\Core\Fit\Judge;
use BuoyantStep\Core\Fit\Verdict;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Side;

/** @return array<string, mixed> */
function randomDemands(Made $made): array
{
    return [
        'position' => $made->one(['standing', 'standing', 'seated', 'supine_flat', 'quadruped', 'prone', 'kneeling']),
        'region' => $made->one(['upper', 'lower', 'trunk', 'whole']),
        'side' => $made->one(['both', 'left', 'right']),
        'motions' => array_values(
            array_filter(
                [
                    'deep_knee_flexion_loaded', 'shoulder_past_90', 'single_leg_load', 'spine_flexion_end_range',
                    'wide_stance_load', 'grip_sustained_heavy', 'hip_flexion_past_90',
                ],
                static fn (): bool => $made->chance(15),
            ),
        ),
        'impact' => $made->int(0, 1),
        'support' => $made->one(['free', 'fingertip', 'one_hand', 'two_hands']),
        'surface' => $made->one(['firm', 'foam']),
        'vision' => $made->one(['eyes_open', 'eyes_closed']),
        'grip' => $made->one(['none', 'hook', 'power']),
        'balance' => $made->int(0, 4),
        'breath' => $made->one(['low', 'low', 'high']),
        'floor_transfer' => $made->chance(10),
        ...($made->chance(30) ? ['hold_s' => $made->int(1, 60)] : []),
        ...($made->chance(40) ? ['load_pct' => $made->int(10, 100), 'effort' => $made->int(2, 10)] : []),
    ];
}

it('fits once the changes of a verdict are made, for thousands of clients and demands', function (): void {
    $made = new Made(81);
    $on = Day::of(Made::TODAY);
    $seen = ['fits' => 0, 'changes' => 0, 'out' => 0];
    for ($i = 0; $i < 6000; $i++) {
        $client = Profile::read(new Bag($made->randomForm()));
        $judge = new Judge(
            RuleBook::standard()->envelope(new Facts($client, $on, $made->randomMeasures())), $client->function,
        );
        $form = randomDemands($made);
        $demands = Demands::read(new Bag($form));
        $verdict = $judge->verdict($demands);
        $seen[$verdict->verdict]++;
        if ($verdict->verdict === Verdict::CHANGES) {
            foreach ($verdict->changes as $change) {
                $demands = $demands->after($change);
            }
            $after = $judge->verdict($demands);
            if ($after->verdict !== Verdict::FITS) {
                $this->fail(
                    "client $i: still {$after->verdict} after ".json_encode([$verdict->changes, $form, $after]),
                );
            }
        }
    }
    expect(min($seen))->toBeGreaterThan(300);
});

it('never says more about an exercise when a condition is added', function (): void {
    $made = new Made(82);
    $on = Day::of(Made::TODAY);
    $codes = array_map(static fn ($a): string => $a->code, RuleBook::standard()->conditions());
    $rank = ['fits' => 0, 'changes' => 1, 'out' => 2];
    $rungs = array_merge(...array_map(static fn ($f): array => $f->rungs, Catalogue::standard()->families()));
    for ($i = 0; $i < 5000; $i++) {
        $form = $made->randomForm();
        $measures = $made->randomMeasures();
        $more = [...$form, 'conditions' => [...$form['conditions'], $made->randomCondition($made->one($codes))]];
        $judge = static function (array $form) use ($on, $measures): Judge {
            $client = Profile::read(new Bag($form));

            return new Judge(RuleBook::standard()->envelope(new Facts($client, $on, $measures)), $client->function);
        };
        $rung = $made->one($rungs);
        $side = $made->one(Side::cases());
        $before = $judge($form)->verdict($rung->demands->onSide($side))->verdict;
        $after = $judge($more)->verdict($rung->demands->onSide($side))->verdict;
        if ($rank[$after] < $rank[$before]) {
            $this->fail("client $i: {$rung->name} went from $before to $after");
        }
    }
    expect($i)->toBe(5000);
});
