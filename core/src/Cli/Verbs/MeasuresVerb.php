<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Measures\AllTests;
use BuoyantStep\Core\Measures\Appraisal;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Measures\Result;
use BuoyantStep\Core\Units\Day;

final class MeasuresVerb implements Verb
{
    public function name(): string
    {
        return 'measures';
    }

    public function about(): string
    {
        return 'what test results mean: derived values, norms, flags, symmetry';
    }

    public function answer(Bag $input): Answer
    {
        $client = Profile::read($input->bag('client'));
        $set = MeasureSet::read($input->bags('results'));
        // The contract gives no day: the latest result's own date, or the norms of the age at the last birthday known.
        $on = $input->has('on') ? Day::of($input->string('on'), '/on') : self::latest($set);
        $client->assertPlausible($on);
        $symmetry = [];
        foreach (AllTests::list() as $test) {
            if ($test->about()->sides && $set->symmetry($test) !== null) {
                $symmetry[$test->about()->code] = $set->symmetry($test);
            }
        }

        return new Answer([
            'results' => array_map(
                static fn (Result $r): array => [
                    'test' => $r->test->about()->code, 'side' => $r->side?->value, 'value' => $r->value,
                    ...($r->oneRepMax?->jsonSerialize() ?? []), ...Appraisal::of($r, $client, $on)->jsonSerialize(),
                ],
                $set->results,
            ),
            'symmetry' => (object) $symmetry,
        ]);
    }

    private static function latest(MeasureSet $set): Day
    {
        $latest = null;
        foreach ($set->results as $result) {
            if ($result->on !== null && ($latest === null || $result->on->isAfter($latest))) {
                $latest = $result->on;
            }
        }

        return $latest
            ?? throw InvalidInput::at('/on', 'Give "on", or a date "on" with the results: norms depend on age.');
    }
}
