<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Gate\Gate;
use BuoyantStep\Core\Gate\Readings;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Sign;

final class GateVerb implements Verb
{
    public function name(): string
    {
        return 'gate';
    }

    public function about(): string
    {
        return 'the check before a session: go, lighter, wait, not today, stop and call';
    }

    public function answer(Bag $input): Answer
    {
        $client = Profile::read($input->bag('client'));
        $on = Day::of($input->string('on'), '/on');
        $client->assertPlausible($on);
        $symptoms = $input->has('symptoms') ? Sign::readAll($input->strings('symptoms'), '/symptoms') : null;
        $readings = Readings::read($input->has('readings') ? $input->bag('readings') : new Bag([], '/readings'));

        return new Answer((new Gate($client, $on, RuleBook::standard()->envelope(new Facts($client, $on))))->check(
            $readings, $symptoms, $input->optInt('pain', 0, 10), $input->strings('open_stop_signs'),
        )->jsonSerialize());
    }
}
