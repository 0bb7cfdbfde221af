<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Body\Moves;
use BuoyantStep\Core\Body\SystemLoad;
use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\LoggedEstimates;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\Confidence;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Measures\EstimateFrom;
use BuoyantStep\Core\Measures\OneRepMax;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Reason;

/** Without a family, `system` true counts the body of a seat rise or squat. */
final class EstimateVerb implements Verb
{
    public function name(): string
    {
        return 'estimate';
    }

    public function about(): string
    {
        return 'the estimated 1RM in use, from what was logged and measured';
    }

    public function answer(Bag $input): Answer
    {
        $client = Profile::read($input->bag('client'));
        $on = Day::of($input->string('on'), '/on');
        $client->assertPlausible($on);
        $system = $this->system($input, $client);
        $estimates = LoggedEstimates::of(array_map(Performed::read(...), $input->bags('history')), $system);
        foreach ($input->bags('easy_sets') as $set) {
            $lifted = (int) round($system->with($set->int('load_g', 0, 200_000)));
            if ($lifted < 1) {
                throw InvalidInput::at($set->pointer('load_g'), 'A set of nothing tells nothing; give a load above 0.');
            }
            $estimates[] = Estimate::of(
                OneRepMax::estimate($lifted, $set->int('reps', 1, 200), $set->int('rir', 0, 50)), EstimateFrom::EasySet,
                $set->has('on') ? Day::of($set->string('on'), $set->pointer('on')) : null,
            );
        }
        $estimate = Estimate::inUse(array_values(array_filter($estimates)), $on);

        return new Answer([
            'e1rm_g' => $estimate?->grams, 'system' => $system->movesBody(),
            'from' => $estimate->from->value ?? 'none', 'on' => $estimate?->on === null ? null : (string) $estimate->on,
            'confidence' => ($estimate->confidence ?? Confidence::None)->value,
            'because' => [$this->because($estimate, $on)],
        ]);
    }

    /** @throws InvalidInput|UnknownCode */
    private function system(Bag $input, Profile $client): SystemLoad
    {
        if (! $input->has('family')) {
            return $input->bool('system') ? SystemLoad::moving(Moves::Rise, $client->bodyMassKg) : new SystemLoad;
        }
        try {
            $family = Catalogue::standard()->family($input->string('family'));
        } catch (UnknownCode $unknown) {
            throw new UnknownCode($unknown->errorCode, $unknown->getMessage(), '/family');
        }
        foreach ($family->rungs as $rung) {
            if ($rung->takesLoad()) {
                return $rung->work->system($client);
            }
        }

        return $family->rungs[0]->work->system($client);
    }

    private function because(?Estimate $estimate, Day $on): Reason
    {
        return $estimate === null
            ? new Reason('measure', 'no_estimate', 'No easy set, and no logged set with RPE 5 or more, gives one.')
            : new Reason('measure', 'e1rm', $estimate->inWords($on), 'Epley 1985; Brzycki 1993');
    }
}
