<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Cli\Verbs;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Exercises\Family;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Log\LoggedEstimates;
use BuoyantStep\Core\Log\LoggedExercise;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\Estimate;
use BuoyantStep\Core\Plan\GoalFor;
use BuoyantStep\Core\Plan\Planned;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\Situation;

/** One exercise that was done lately: its rung, the dose it was done by, and its sessions. */
final readonly class Done
{
    /** @param  list<Performed>  $sessions */
    private function __construct(
        private Family $family,
        private Rung $rung,
        private Dose $dose,
        private array $sessions,
    ) {
    }

    /** @throws InvalidInput|UnknownCode naming the field */
    public static function read(Bag $bag): self
    {
        [$family, $rung] = explode('/', $bag->string('rung'), 2) + ['', ''];
        try {
            $found = Catalogue::standard()->family($family);
            $chosen = $found->rung($rung);
        } catch (UnknownCode $unknown) {
            throw new UnknownCode($unknown->errorCode, $unknown->getMessage(), $bag->pointer('rung'));
        }

        return new self(
            $found, $chosen, Dose::read($bag->bag('dose')), array_map(Performed::read(...), $bag->bags('sessions')),
        );
    }

    /** @return list<LoggedExercise> what its sets tell about the 1RM */
    public function logged(Profile $client): array
    {
        return array_map(
            fn (Estimate $e): LoggedExercise => new LoggedExercise($this->family->code, $this->rung->code, $e),
            LoggedEstimates::of($this->sessions, $this->rung->work->system($client)),
        );
    }

    public function planned(Situation $situation, Wishes $wishes): Planned
    {
        $here = $situation->at($this->family, $this->rung);

        return new Planned(
            $this->family, $this->rung, (new GoalFor($situation))->family($this->family, $wishes->aim), $this->dose,
            $here->openSides(), [],
        );
    }
}
