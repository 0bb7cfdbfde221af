<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\SignKind;

final class SymptomsVerb implements Verb
{
    public function name(): string
    {
        return 'symptoms';
    }

    public function about(): string
    {
        return 'every symptom code the gate knows';
    }

    public function answer(Bag $input): Answer
    {
        $symptoms = array_map(static fn (Sign $s): array => [
            'code' => $s->value, 'label' => $s->label(), 'stops' => $s->kind() === SignKind::Stop,
            'urgency' => $s->urgency()->value,
        ], Sign::cases());

        return new Answer(['symptoms' => $symptoms]);
    }
}
