<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\FunctionStatus;
use BuoyantStep\Core\Vocabulary\Part;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Side;

/** What holds for somebody on wheels until their legs and trunk have been asked about: treated as unable. */
final class Wheels
{
    /** @param  bool  $stands  legs that carry are legs that move */
    public static function unasked(Rules $rules, FunctionStatus $function, bool $stands, bool $trunkToo): void
    {
        foreach ($stands ? [] : [Side::Left, Side::Right] as $side) {
            if ($function->limbs->use(Part::Leg, $side) === null) {
                $rules->within(new Scope(Part::Leg->region(), $side))->set(
                    Field::AvoidParts, Part::Leg,
                    sprintf('The %s leg has not been asked about: treated as unable.', $side->value),
                );
            }
        }
        $rules->everywhere();
        if ($function->trunk === null) {
            $says = 'Trunk control has not been asked about: a belt round trunk and chair.';
            $rules->set(Field::AvoidParts, Part::Sitting, $says);
            if ($trunkToo) {
                $rules->set(Field::AvoidParts, Part::Trunk, 'Trunk control has not been asked about.');
            }
        }
    }
}
