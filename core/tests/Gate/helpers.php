<?php

declare(strict_types=1);

use BuoyantStep\Core\Gate\Gate;
use BuoyantStep\Core\Gate\GateResult;
use BuoyantStep\Core\Gate\Readings;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Sign;

function gateFor(array $client, array $readings, array $symptoms = [], ?int $pain = null): GateResult
{
    $on = Day::of(Made::TODAY);
    $profile = Made::client($client);

    return (
        new Gate($profile, $on, RuleBook::standard()->envelope(new Facts($profile, $on)))
    )->check(Readings::read(new Bag($readings)), Sign::readAll($symptoms, ''), $pain);
}

const PRESSED = ['conditions' => [['code' => 'hypertension_controlled']]];
const BREATHLESS = ['conditions' => [['code' => 'chronic_lung_disease']]];
const SUGARED = ['conditions' => [['code' => 'diabetes_glucose_lowering']]];
const CORD = ['conditions' => [['code' => 'spinal_cord_injury_t6_or_above']], 'usual' => ['sbp' => 95, 'dbp' => 60]];
const FAINT = ['conditions' => [['code' => 'orthostatic_drop']]];
const FAILING = ['conditions' => [['code' => 'heart_failure']]];
const GLIFLOZIN = ['medicines' => ['empagliflozin 10 mg']];
const EXPECTING = ['pregnancy' => ['due_date' => '2027-03-01']];
