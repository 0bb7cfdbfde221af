<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Makeable;
use BuoyantStep\Core\Kit\MakeableLoads;
use BuoyantStep\Core\Vocabulary\GripClass;

final class LoadsVerb implements Verb
{
    public function name(): string
    {
        return 'loads';
    }

    public function about(): string
    {
        return 'every load a kit can make, and the best for a target';
    }

    public function answer(Bag $input): Answer
    {
        $holding = $input->enum('holding', Holding::class);
        $target = $input->int('target_g', 0, 200_000);
        $cap = $input->int('cap_g', 0, 200_000);
        $ladder = MakeableLoads::ladder(
            Kit::read($input), $holding, $cap, $input->optEnum('grip_max', GripClass::class),
        );
        $best = $ladder->best($target, $cap);
        $up = $best === null ? $ladder->lightest() : $ladder->above($best->loadG);
        $down = $best === null ? null : $ladder->below($best->loadG);

        return new Answer([
            'ladder_g' => $ladder->grams($cap),
            'best' => $this->row($best, $best),
            'next_up' => $up !== null && $up->loadG > $cap
                ? [...$this->row($up, $best) ?? [], 'over_cap' => true]
                : $this->row($up, $best),
            'next_down' => $this->row($down, $best),
        ]);
    }

    /**
     * @return array{
     *     load_g: int, step_pct: float|null, carrier: string|null, parts: list<array{id: string, count: int}>
     * }|null
     */
    private function row(?Makeable $load, ?Makeable $from): ?array
    {
        if ($load === null) {
            return null;
        }
        $parts = [];
        foreach ($load->parts() as $id => $count) {
            $parts[] = ['id' => (string) $id, 'count' => $count];
        }

        return [
            'load_g' => $load->loadG,
            'step_pct' => $from === null ? null : round(($load->loadG / $from->loadG - 1) * 100, 1),
            'carrier' => $load->carrier,
            'parts' => $parts,
        ];
    }
}
