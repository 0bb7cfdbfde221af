<?php

declare(strict_types=1);

use BuoyantStep\Core\Tests\Check\Run;

it('opens and drafts nothing that the limits forbid, for hundreds of made-up clients', function (): void {
    $run = new Run(seed: 5);
    for ($n = 0; $n < 500; $n++) {
        $run->next();
    }
    expect($run->examples)->toBe([])
        ->and($run->violations)->toBe(0)
        ->and($run->exercises)->toBeGreaterThan(50_000)
        // What is planted is seen, in every field.
        ->and($run->caught)->toBe($run->planted)
        ->and(array_keys($run->byField))->toContain(
            'avoid_motions', 'avoid_positions', 'avoid_parts', 'avoid_material', 'breath', 'effort_max', 'hold_max_s',
            'impact_max', 'lift_max_g', 'load_pct_max', 'reps_max', 'reps_min', 'rest_min_s', 'spine_load_max',
            'supervision_min', 'support_min', 'surface_max', 'vision',
        );
});
