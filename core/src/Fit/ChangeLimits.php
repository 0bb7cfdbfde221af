<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Fit;

use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Limit;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;

/** What a change asks of the dose: who has to count aloud goes no harder than that, a lightened load stays light. */
final class ChangeLimits
{
    private const RULE = 'change';

    /**
     * @param  list<Change>  $changes
     * @return list<Limit>
     */
    public static function of(array $changes): array
    {
        $limits = [];
        foreach ($changes as $change) {
            [$field, $value] = match ($change->kind) {
                ChangeKind::CountAloud => [Field::EffortMax, (int) Strain::COUNTED_EFFORT],
                ChangeKind::Lighten => [Field::LoadPctMax, $change->amount],
                ChangeKind::ShorterHold => [Field::HoldMaxS, $change->amount],
                default => [null, 0],
            };
            if ($field !== null) {
                $limits[] = new Limit($field, $value, self::RULE, $change->says(), 'House convention, cautious');
            }
        }

        return $limits;
    }
}
