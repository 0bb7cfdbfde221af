<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Cli\Answer;
use BuoyantStep\Core\Cli\Verb;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Exercises\Search\Finder;
use BuoyantStep\Core\Exercises\Search\Found;
use BuoyantStep\Core\Exercises\Search\Index;
use BuoyantStep\Core\Exercises\Search\OpenFirst;
use BuoyantStep\Core\Fit\Judge;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Units\Day;

final class FindVerb implements Verb
{
    public function name(): string
    {
        return 'find';
    }

    public function about(): string
    {
        return 'exercises by what people call them, what is open for a client first';
    }

    public function answer(Bag $input): Answer
    {
        $words = $input->string('words');
        $isOpen = $this->isOpen($input);
        $finder = new Finder(Index::of(Catalogue::standard()));
        $found = OpenFirst::order($finder->find($words), $isOpen);
        $write = fn (Found $f): array => $this->write($f, $isOpen);

        return new Answer([
            'families' => array_map($write, $found),
            'nearest' => $found === [] ? array_map($write, $finder->nearest($words)) : [],
        ]);
    }

    /**
     * @param  callable(string, string): (bool|null)  $isOpen
     * @return array{code: string, name: string, rungs: list<array{rung: string, name: string, open: bool|null}>}
     */
    private function write(Found $found, callable $isOpen): array
    {
        $family = Catalogue::standard()->family($found->family);

        return ['code' => $found->family, 'name' => $found->name, 'rungs' => array_map(
            static fn (string $rung): array => [
                'rung' => $rung, 'name' => $family->rung($rung)->name, 'open' => $isOpen($found->family, $rung),
            ], $found->rungs,
        )];
    }

    /**
     * Is a rung open for this client: does it fit, as it is or with changes? null for nobody in particular.
     *
     * @return callable(string, string): (bool|null)
     *
     * @throws InvalidInput when only one of client and day is given
     */
    private function isOpen(Bag $input): callable
    {
        if ($input->has('client') !== $input->has('on')) {
            throw InvalidInput::at(
                $input->has('client') ? '/on' : '/client',
                'A client needs the day as well, for example "on": "2026-06-01", and a day a client.',
            );
        }
        if (! $input->has('client')) {
            return static fn (): ?bool => null;
        }
        $client = Profile::read($input->bag('client'));
        $on = Day::of($input->string('on'), '/on');
        $client->assertPlausible($on);
        $judge = new Judge(RuleBook::standard()->envelope(new Facts($client, $on)), $client->function);

        return static fn (string $family, string $rung): bool => ! $judge->verdict(
            Catalogue::standard()->family($family)->rung($rung)->demands,
        )->isOut();
    }
}
