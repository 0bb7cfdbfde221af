<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Gate\Symptoms;

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

    public function answer(Bag $input): array
    {
        $symptoms = [];
        foreach (Symptoms::all() as $code => $label) {
            $symptoms[] = ['code' => $code, 'label' => $label, 'stops' => isset(Symptoms::STOP[$code])];
        }

        return ['symptoms' => $symptoms];
    }
}
