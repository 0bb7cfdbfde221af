<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Client\SkinSite;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\ImpliedByFacts;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Limits\WithoutCrossings;
use BuoyantStep\Core\Vocabulary\Material;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Watched;

/** Skin that cannot feel: no tight strap and no hard edge there, looked at before and after. */
final class InsensateSkin implements ConditionRules, ImpliedByFacts
{
    use WithoutCrossings;

    private const CODE = 'insensate_skin';

    public function about(): ConditionAbout
    {
        return new ConditionAbout(
            self::CODE, 'Skin that cannot feel', group: ConditionGroup::Nerves, sided: true, freeDetails: true,
            words: ['no feeling', 'numb skin', 'pressure sore'],
        );
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $rules = (new Rules(self::CODE, 'PVA upper-limb guideline'))
            ->watch(Watched::Skin, Moment::Before, 'That skin before each session.')
            ->watch(Watched::Skin, Moment::After, 'That skin after each session.')
            ->note('Pads at every contact there.');
        foreach ($this->where($condition) as $scope) {
            $rules->within($scope)
                ->set(Field::AvoidMaterial, Material::TightStrap, 'No tight strap where the skin cannot feel.')
                ->set(Field::AvoidMaterial, Material::HardEdge, 'No hard edge where the skin cannot feel.');
        }

        return $rules;
    }

    public function implied(Facts $facts): ?Condition
    {
        $sites = $facts->client->insensateSites;

        return $sites === [] ? null : new Condition(self::CODE, details: $sites);
    }

    /** @return list<Scope> the parts of the body named; everything where a word is not known */
    private function where(Condition $condition): array
    {
        $scopes = array_map(SkinSite::scope(...), $condition->details);

        return $scopes === [] ? [new Scope] : $scopes;
    }
}
