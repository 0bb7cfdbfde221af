<?php

declare(strict_types=1);

use BuoyantStep\Core\Fit\Demands;
use BuoyantStep\Core\Fit\Judge;
use BuoyantStep\Core\Fit\Verdict;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\ChangeKind;

function verdictOn(array $demands, array $client = [], ?array $changes = null): Verdict
{
    $profile = Made::client($client);
    $envelope = RuleBook::standard()->envelope(new Facts($profile, Day::of(Made::TODAY)));

    return (new Judge($envelope, $profile->function))->verdict(
        Demands::read(
            new Bag(['position' => 'standing', 'region' => 'lower', ...$demands]),
            $changes === null ? null : array_map(ChangeKind::from(...), $changes),
        ),
    );
}
