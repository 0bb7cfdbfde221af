<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate\Checks;

use BuoyantStep\Core\Gate\Arrival;
use BuoyantStep\Core\Gate\Check;
use BuoyantStep\Core\Gate\Finding;
use BuoyantStep\Core\Gate\Source;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Sign;

/** The pressure standing against that lying: a drop keeps a session seated. */
final class Standing implements Check
{
    private const RULE = 'gate.standing';

    /** A drop of so much counts, mmHg (ACSM Guidelines 11th ed.). */
    private const SYSTOLIC = 20;

    private const DIASTOLIC = 10;

    public function findings(Arrival $at): iterable
    {
        $lying = $at->readings->pressure;
        $up = $at->readings->standing;
        if (! $up->isEntered() && $at->envelope->is(ConditionTrait::DropsOnStanding)) {
            yield Finding::lighter(
                self::RULE, 'The pressure standing is not entered.',
                'Read it after 1 and 3 minutes of standing, and enter the lower. Until then seated, and lighter.',
            );
        }
        $drops = self::fell($lying->systolic, $up->systolic, self::SYSTOLIC)
            || self::fell($lying->diastolic, $up->diastolic, self::DIASTOLIC);
        if ($drops) {
            $says = sprintf('Blood pressure %s, standing %s.', $lying->label(), $up->label());
            yield $at->says(Sign::Dizziness, Sign::Faintness, Sign::VisionChange)
                ? Finding::notToday(
                    self::RULE, $says.' With symptoms.', 'Sit or lie down; no session today.', Source::ACSM,
                )
                : Finding::lighter(
                    self::RULE, $says, 'Seated work only; rise slowly, and hold on to something.', Source::ACSM,
                );
        }
    }

    private static function fell(?float $from, ?float $to, int $by): bool
    {
        return $from !== null && $to !== null && $from - $to >= $by;
    }
}
