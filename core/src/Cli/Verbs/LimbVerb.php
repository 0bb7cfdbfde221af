<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Body\Limb;
use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;

final class LimbVerb implements Verb
{
    public function name(): string
    {
        return 'limb';
    }

    public function about(): string
    {
        return 'the torque of a limb, and the share that a weight on it adds';
    }

    public function answer(Bag $input): Answer
    {
        $limb = $input->enum('segment', Limb::class);
        $mass = $input->number('body_mass_kg', 20, 350);
        $height = $input->int('height_mm', 900, 2300) / 1000;
        $inHand = ($input->optString('at') ?? 'end') === 'hand';
        if ($inHand && $limb->handAt() === null) {
            throw InvalidInput::at('/at', 'A leg has no hand: use "end" for a cuff at the ankle.');
        }
        $own = $limb->torque($mass, $height);
        $added = $limb->addedTorque($height, $input->int('added_g', 0, 100_000), $inHand);

        return new Answer([
            'limb_torque_nm' => round($own, 2), 'added_torque_nm' => round($added, 2),
            'added_pct' => round($added / $own * 100, 1),
        ]);
    }
}
