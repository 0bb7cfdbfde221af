<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Measures\Formula;
use BuoyantStep\Core\Measures\OneRepMax;

final class E1rmVerb implements Verb
{
    public function name(): string
    {
        return 'e1rm';
    }

    public function about(): string
    {
        return 'estimated 1RM from a comfortable set';
    }

    public function answer(Bag $input): Answer
    {
        return new Answer(OneRepMax::estimate(
            $input->int('load_g', 1, 1_000_000),
            $input->int('reps', 1, 200),
            $input->int('rir', 0, 50),
            $input->optEnum('formula', Formula::class) ?? Formula::Auto,
        )->jsonSerialize());
    }
}
