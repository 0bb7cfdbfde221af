<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Conditions;

use BuoyantStep\Core\Client\Condition;
use BuoyantStep\Core\Limits\ConditionAbout;
use BuoyantStep\Core\Limits\ConditionGroup;
use BuoyantStep\Core\Limits\ConditionRules;
use BuoyantStep\Core\Limits\Crossing;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Rules;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Watched;

/**
 * A contraindication to exercise in pregnancy: absolute (no plan, exercise withheld) or relative (cleared by the
 * maternity team first). Some become so only from a week on; before it, clearance is asked for. Week unknown counts
 * as reached. Source: Mottola 2019 (SOGC/CSEP); ACOG Committee Opinion 804 (2020).
 */
final readonly class PregnancyContraindication implements ConditionRules
{
    private const SOURCE = 'Mottola 2019 (SOGC/CSEP); ACOG Committee Opinion 804 (2020)';

    private function __construct(
        private string $code,
        private string $label,
        private bool $absolute,
        private int $fromDay,
    ) {
    }

    /** @return list<self> */
    public static function all(): array
    {
        $absolute = [
            'ruptured_membranes' => 'Ruptured membranes', 'preterm_labour' => 'Preterm labour',
            'unexplained_bleeding' => 'Unexplained persistent bleeding', 'pre_eclampsia' => 'Pre-eclampsia',
            'cervical_insufficiency' => 'Cervical insufficiency', 'growth_restriction' => 'Growth restriction',
            'high_order_multiples' => 'Triplets or more',
            'uncontrolled_type_1_diabetes' => 'Uncontrolled type 1 diabetes',
            'uncontrolled_hypertension' => 'Uncontrolled hypertension',
            'uncontrolled_thyroid_disease' => 'Uncontrolled thyroid disease',
            'serious_heart_or_lung_disease' => 'Serious heart or lung disease',
        ];
        $relative = [
            'recurrent_loss' => 'Recurrent pregnancy loss', 'earlier_preterm_birth' => 'Earlier preterm birth',
            'gestational_hypertension' => 'Gestational hypertension', 'symptomatic_anaemia' => 'Symptomatic anaemia',
            'malnutrition' => 'Malnutrition',
            'eating_disorder' => 'Eating disorder',
            'mild_or_moderate_heart_or_lung_disease' => 'Mild or moderate heart or lung disease',
        ];
        $all = [
            new self('pregnancy_placenta_praevia', 'Placenta praevia', true, 26 * 7),
            new self('pregnancy_twins', 'Twins', false, 28 * 7),
        ];
        foreach ($absolute as $code => $label) {
            $all[] = new self('pregnancy_'.$code, $label, true, 0);
        }
        foreach ($relative as $code => $label) {
            $all[] = new self('pregnancy_'.$code, $label, false, 0);
        }

        return $all;
    }

    public function about(): ConditionAbout
    {
        return new ConditionAbout($this->code, $this->label.' (pregnancy)', group: ConditionGroup::Pregnancy);
    }

    public function limits(Condition $condition, Facts $facts): Rules
    {
        $day = $facts->client->gestationDay($facts->on);
        $reached = $day === null || $day >= $this->fromDay;
        $rules = new Rules($this->code, self::SOURCE);
        if ($this->code === 'pregnancy_gestational_hypertension') {
            $rules->watch(Watched::BloodPressure, Moment::Before, 'Blood pressure before each session.', true);
        }
        if ($this->absolute) {
            $rules->set(Field::Clearance, $reached ? Clearance::Withheld : Clearance::Required, $reached
                ? $this->label.': exercise is withheld; the maternity team decides.'
                : sprintf(
                    '%s: cleared by the maternity team first; withheld from %d weeks.',
                    $this->label,
                    intdiv($this->fromDay, 7),
                ));
        } else {
            $rules->set(Field::Clearance, $reached ? Clearance::Required : Clearance::Advised, $reached
                ? $this->label.': the maternity team clears exercise first.'
                : sprintf(
                    '%s: ask the maternity team; required from %d weeks.', $this->label, intdiv($this->fromDay, 7),
                ));
        }

        return $rules;
    }

    public function crossings(Condition $condition, Facts $facts): iterable
    {
        $day = $facts->client->gestationDay($facts->on);
        if ($day === null || $this->fromDay <= $day) {
            return [];
        }

        return [
            new Crossing(
                $facts->on->plus($this->fromDay - $day),
                $this->code,
                sprintf(
                    '%d weeks with %s: %s.',
                    intdiv($this->fromDay, 7),
                    Phrase::within($this->label),
                    $this->absolute ? 'exercise is withheld' : 'clearance is required',
                ),
                true,
            ),
        ];
    }
}
