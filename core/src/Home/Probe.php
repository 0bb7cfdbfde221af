<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Home;

use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Gate;
use BuoyantStep\Core\Gate\Readings;
use BuoyantStep\Core\Gate\Vital;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\Sign;

/**
 * Asks the gate itself what it says to some answers: the rows of a card are found, not written a second time.
 *
 * @phpstan-type Answers array<string, bool|float|list<Sign>>
 */
final class Probe
{
    /** @var array<string, array<string, Finding>> */
    private array $known = [];

    /**
     * @param  list<string>  $openStopSigns  in words
     * @param  list<array{on: string, kg: float}>  $weights  of the days before
     */
    public function __construct(
        private readonly Gate $gate,
        private readonly array $openStopSigns,
        private readonly array $weights = [],
    ) {
    }

    /**
     * @param  Answers  $answers  by field; what is not there was not answered
     * @return array<string, Finding> each by what tells it from the others
     */
    public function says(array $answers): array
    {
        $key = serialize($answers);

        return $this->known[$key] ??= $this->ask($answers);
    }

    /**
     * What these answers say beyond what the others do.
     *
     * @param  Answers  $answers
     * @param  Answers  $without
     * @return array<string, Finding>
     */
    public function adds(array $answers, array $without): array
    {
        return array_diff_key($this->says($answers), $this->says($without));
    }

    /**
     * @param  Answers  $answers
     * @return array<string, Finding>
     */
    private function ask(array $answers): array
    {
        $signs = $answers['signs'] ?? [];
        $pain = $answers[Vital::Pain->value] ?? null;
        unset($answers['signs'], $answers[Vital::Pain->value]);
        $result = $this->gate->check(
            Readings::read(new Bag([...$answers, 'weight_log' => $this->weights])), is_array($signs) ? $signs : [],
            is_float($pain) ? (int) $pain : null, $this->openStopSigns,
        );
        $says = [];
        foreach ($result->findings as $finding) {
            $says[implode('|', [
                $finding->rule, $finding->verdict->value, (string) $finding->againInMinutes, $finding->do,
            ])] = $finding;
        }
        ksort($says);

        return $says;
    }
}
