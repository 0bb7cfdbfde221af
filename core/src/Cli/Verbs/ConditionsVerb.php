<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\RuleBook;

final class ConditionsVerb implements Verb
{
    public function name(): string
    {
        return 'conditions';
    }

    public function about(): string
    {
        return 'every condition code there are rules for';
    }

    public function answer(Bag $input): Answer
    {
        return new Answer(['conditions' => RuleBook::standard()->conditions()]);
    }
}
