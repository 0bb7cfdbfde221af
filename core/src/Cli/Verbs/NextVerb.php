<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Progress\Course;
use BuoyantStep\Core\Progress\NextDose;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Units\Day;

final class NextVerb implements Verb
{
    public function name(): string
    {
        return 'next';
    }

    public function about(): string
    {
        return 'the next dose of one exercise from what was done: step up, stay, ease, stop or re-test';
    }

    public function answer(Bag $input): Answer
    {
        $client = Profile::read($input->bag('client'));
        $on = Day::of($input->string('on'), '/on');
        $client->assertPlausible($on);
        $history = array_map(Performed::read(...), $input->bags('history'));
        foreach ($history as $i => $row) {
            if ($row->date->isAfter($on)) {
                throw InvalidInput::at(
                    '/history/'.$i.'/date',
                    sprintf(
                        '%s lies after %s; a session is logged on or before the day of the review.', $row->date, $on,
                    ),
                );
            }
        }
        $ladder = $input->has('ladder_g') ? $input->ints('ladder_g', 1, 200_000) : null;
        if ($ladder !== null) {
            sort($ladder);
        }

        $limits = new DoseLimits(RuleBook::standard()->envelope(new Facts($client, $on)));
        $course = new Course(Dose::read($input->bag('dose')), $history, $on, $client, $limits, $ladder);

        return new Answer(NextDose::propose(SchoolBook::find($input->string('school')), $course)->jsonSerialize());
    }
}
