<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\DoseLimits;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\House;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Plan\GoalFor;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Progress\Course;
use BuoyantStep\Core\Progress\Exercise;
use BuoyantStep\Core\Progress\NextDose;
use BuoyantStep\Core\Progress\Reviewer;
use BuoyantStep\Core\Progress\School;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Situation\Situation;
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

        $school = SchoolBook::find($input->string('school'));
        $dose = Dose::read($input->bag('dose'));
        $facts = new Facts($client, $on, MeasureSet::read($input->bags('measures')));
        if ($input->has('rung')) {
            return $this->ofRung($input, $facts, $school, $dose, $history);
        }
        $course = new Course(
            $dose, $history, $on, $client, new DoseLimits(RuleBook::standard()->envelope($facts)), $ladder,
        );

        return new Answer([...NextDose::propose($school, $course)->jsonSerialize(), 'system' => false]);
    }

    /**
     * Of one rung of the catalogue, in a home: what is lifted with the load counts, and another rung may be next.
     *
     * @param  list<Performed>  $history
     *
     * @throws UnknownCode
     */
    private function ofRung(Bag $input, Facts $facts, School $school, Dose $dose, array $history): Answer
    {
        [$family, $rung] = explode('/', $input->string('rung'), 2) + ['', ''];
        try {
            $found = Catalogue::standard()->family($family);
            $chosen = $found->rung($rung);
        } catch (UnknownCode $unknown) {
            throw new UnknownCode($unknown->errorCode, $unknown->getMessage(), '/rung');
        }
        $kit = $input->has('kit') ? Kit::read($input->bag('kit')) : new Kit;
        $situation = new Situation($facts, new House($kit), Catalogue::standard(), RuleBook::standard());
        $here = $situation->at($found, $chosen);
        $wishes = new Wishes;
        $goal = (new GoalFor($situation))->family($found, $wishes->aim);
        $reviewed = (new Reviewer($situation, $wishes))->review(
            new Exercise($here, $goal, $dose, $history, $school->code()),
        );
        $estimate = $here->estimate($history);

        return new Answer([
            ...$reviewed->proposal->jsonSerialize(), 'rung' => $family.'/'.$reviewed->rung->code,
            'estimate' => $estimate === null ? null : [
                'e1rm_g' => $estimate->grams, 'from' => $estimate->from->value,
                'confidence' => $estimate->confidence->value,
            ],
            'system' => $here->system()->movesBody(),
        ]);
    }
}
