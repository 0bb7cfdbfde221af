<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\EnvelopeReport;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Units\Day;

final class LimitsVerb implements Verb
{
    public function name(): string
    {
        return 'limits';
    }

    public function about(): string
    {
        return 'the merged envelope of a client on a day, with reasons and the dates ahead';
    }

    public function answer(Bag $input): Answer
    {
        $client = Profile::read($input->bag('client'));
        $on = Day::of($input->string('on'), '/on');
        $client->assertPlausible($on);
        $facts = new Facts($client, $on, MeasureSet::read($input->bags('measures')));
        $rules = RuleBook::standard();

        return new Answer(
            ['envelope' => EnvelopeReport::of($rules->envelope($facts)), 'crossings' => $rules->crossings($facts)],
        );
    }
}
