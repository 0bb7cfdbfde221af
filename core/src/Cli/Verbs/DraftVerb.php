<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\House;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Place;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Measures\MeasureSet;
use BuoyantStep\Core\Plan\Aim;
use BuoyantStep\Core\Plan\BlockWish;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\OpenPlan;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Preferences;
use BuoyantStep\Core\Plan\Session\Shape;
use BuoyantStep\Core\Plan\Structure;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Day;

final class DraftVerb implements Verb
{
    public function name(): string
    {
        return 'draft';
    }

    public function about(): string
    {
        return 'a whole plan for a client in a home, in the open plan format';
    }

    public function answer(Bag $input): Answer
    {
        $client = Profile::read($input->bag('client'));
        $on = Day::of($input->string('on'), '/on');
        $client->assertPlausible($on);
        $kit = $input->has('kit') ? Kit::read($input->bag('kit')) : new Kit;
        $place = $input->has('home') ? Place::read($input->bag('home')) : new Place;
        $history = array_map(static fn (Bag $h): Done => Done::read($h), $input->bags('history'));
        $situation = new Situation(
            new Facts($client, $on, MeasureSet::read($input->bags('measures'))), new House($kit, $place),
            Catalogue::standard(), RuleBook::standard(),
            logged: array_merge(...array_map(static fn (Done $d): array => $d->logged($client), $history)),
        );
        $wishes = self::wishes($input->bag('wishes'));
        $done = array_map(static fn (Done $d): Planned => $d->planned($situation, $wishes), $history);
        $plan = OpenPlan::of((new Drafter($situation))->draft($wishes, $done), $wishes, $on);

        return new Answer($plan->jsonSerialize());
    }

    /** @throws InvalidInput naming the field */
    private static function wishes(Bag $bag): Wishes
    {
        return new Wishes(
            $bag->optEnum('aim', Aim::class) ?? Aim::Strength,
            $bag->ints('days', 1, 7),
            $bag->int('minutes', 5, 120),
            $bag->optEnum('structure', Structure::class) ?? Structure::Circuit,
            Preferences::read($bag, Catalogue::standard()),
            $bag->has('session') ? Shape::read($bag->bag('session')) : new Shape,
            $bag->has('weeks') ? BlockWish::read($bag) : null,
        );
    }
}
