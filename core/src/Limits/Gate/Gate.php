<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits\Gate;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Units\Mass;

/**
 * The check before a session. Every finding is kept and the most cautious verdict wins; what was not entered is unknown and
 * said so, and a watch asked for before the session that is missing means wait. Nothing here ever gets freer when a reading
 * gets worse. Sources: ACSM Guidelines 11th ed.; ADA (Colberg 2016); ATS/ERS 2013; Mottola 2019; house conventions.
 */
final readonly class Gate
{
    private const ACSM = 'ACSM Guidelines, 11th ed.';

    private const ADA = 'ADA (Colberg 2016)';

    private const PREGNANCY = 'Mottola 2019 (SOGC/CSEP); ACOG Committee Opinion 804 (2020)';

    /** Days after a birth in which the pregnancy thresholds of pressure hold. */
    private const POSTPARTUM_DAYS = 42;

    /** @var array<string, string> watch to how it is asked for */
    private const WATCHES = ['bp' => 'blood pressure', 'hr' => 'heart rate', 'spo2' => 'saturation', 'glucose' => 'glucose', 'weight' => 'weight', 'temperature' => 'temperature', 'skin' => 'a look at the skin', 'limb_girth' => 'the girth of the limb'];

    public function __construct(private Profile $client, private Day $on, private Envelope $envelope)
    {
    }

    /**
     * @param  list<string>  $symptoms  known codes
     * @param  list<string>  $openStopSigns  stop signs on record that nobody has cleared, in words
     */
    public function check(Readings $readings, array $symptoms = [], ?int $pain = null, array $openStopSigns = []): GateResult
    {
        $findings = [
            ...self::openStops($openStopSigns), ...$this->standing(), ...$this->symptoms($symptoms), ...$this->pressure($readings, $symptoms), ...$this->lowPressure($readings, $symptoms), ...$this->pulse($readings, $symptoms),
            ...$this->saturation($readings, $symptoms), ...$this->glucose($readings), ...$this->ketones($readings), ...$this->restOfBody($readings, $symptoms), ...$this->pain($pain),
        ];
        [$missing, $unknown] = $this->missing($readings, $pain);
        $findings = [...$findings, ...$missing];
        usort($findings, static fn (Finding $a, Finding $b): int => $b->verdict->rank() <=> $a->verdict->rank());

        return new GateResult($findings[0]->verdict ?? GateVerdict::Go, $findings, $unknown);
    }

    /**
     * @param  list<string>  $signs
     * @return list<Finding>
     */
    private static function openStops(array $signs): array
    {
        return array_map(static fn (string $sign): Finding => new Finding(
            GateVerdict::StopAndCall, 'gate.stop_sign_open', sprintf('A stop sign is open: %s.', $sign), 'Nothing resumes until a clinician has cleared it; call your clinic, and the emergency number if it is back.', null, 'House convention, cautious',
        ), $signs);
    }

    private function isPregnantOrNewMother(): bool
    {
        $days = $this->client->daysSinceBirth($this->on);

        return $this->client->dueDate !== null || ($days !== null && $days < self::POSTPARTUM_DAYS);
    }

    /** @return list<Finding> */
    private function standing(): array
    {
        $clearance = $this->envelope->tightest(Field::Clearance);

        return $clearance?->value === 'withheld' ? [new Finding(GateVerdict::StopAndCall, $clearance->rule, $clearance->says, 'No session; the treating team decides.', null, $clearance->source)] : [];
    }

    /**
     * @param  list<string>  $symptoms
     * @return list<Finding>
     */
    private function symptoms(array $symptoms): array
    {
        $findings = [];
        foreach ($symptoms as $symptom) {
            $words = Symptoms::all()[$symptom] ?? $symptom;
            $findings[] = match (true) {
                isset(Symptoms::STOP[$symptom]), isset(Symptoms::STOP_IN_PREGNANCY[$symptom]) && $this->isPregnantOrNewMother() => new Finding(GateVerdict::StopAndCall, 'gate.stop_sign', ucfirst($words).'.', 'Stop. Call the emergency number or the treating team, by your local rules.', null, 'Stop signs, ACSM Guidelines, 11th ed.'),
                isset(Symptoms::NOT_TODAY[$symptom]) => new Finding(GateVerdict::NotToday, 'gate.severe_low', ucfirst($words).'.', 'No session today; tell the diabetes team.', null, self::ADA),
                isset(Symptoms::EASE[$symptom]) => new Finding(GateVerdict::Lighter, 'gate.pelvic', ucfirst($words).'.', 'An easier rung; pelvic-health referral if it lasts.', null, 'Goom, Donnelly and Brockwell 2019'),
                default => new Finding(GateVerdict::Lighter, 'gate.symptom', ucfirst($words).'.', 'Go lighter, and stop if it grows.'),
            };
        }

        return $findings;
    }

    /**
     * @param  list<string>  $symptoms
     * @return list<Finding>
     */
    private function pressure(Readings $r, array $symptoms): array
    {
        $s = $r->sbp ?? 0;
        $d = $r->dbp ?? 0;
        $says = sprintf('Blood pressure %s/%s.', $r->sbp === null ? '?' : (int) $r->sbp, $r->dbp === null ? '?' : (int) $r->dbp);
        $alarming = array_intersect($symptoms, ['headache', 'sudden_headache', 'vision_change', 'chest_pain']) !== [];
        if ($this->isPregnantOrNewMother()) {
            return match (true) {
                $s >= 160 || $d >= 110, ($s >= 140 || $d >= 90) && $alarming => [new Finding(GateVerdict::StopAndCall, 'gate.bp', $says, 'Call the maternity team now.', null, self::PREGNANCY)],
                $s >= 140 || $d >= 90 => [new Finding(GateVerdict::NotToday, 'gate.bp', $says, 'No session; see the maternity provider the same day.', null, self::PREGNANCY)],
                default => [],
            };
        }
        $known = $this->client->hasInForce('hypertension_controlled', $this->on);

        return match (true) {
            ($s >= 160 || $d >= 100) && $alarming => [new Finding(GateVerdict::StopAndCall, 'gate.bp', $says.' With headache, vision change or chest pain.', 'Stop. Call the emergency number.', null, self::ACSM)],
            ($s >= 180 || $d >= 110) && $r->repeat => [new Finding(GateVerdict::NotToday, 'gate.bp', $says.' Again.', 'No session; tell their doctor today.', null, self::ACSM)],
            $s >= 180 || $d >= 110 => [new Finding(GateVerdict::Wait, 'gate.bp', $says, 'Sit quietly for 5 minutes, then read it again.', 5, self::ACSM)],
            $s < 160 && $d < 100 => [],
            $known => [new Finding(GateVerdict::Lighter, 'gate.bp', $says, 'Lighter: fewer sets, no holds, longer rests.', null, self::ACSM)],
            $r->repeat => [new Finding(GateVerdict::Lighter, 'gate.bp', $says.' Again, and no hypertension is on record.', 'Lighter; tell their doctor.', null, self::ACSM)],
            default => [new Finding(GateVerdict::Wait, 'gate.bp', $says.' No hypertension is on record.', 'Sit quietly for 5 minutes, then read it again.', 5, self::ACSM)],
        };
    }

    /**
     * @param  list<string>  $symptoms
     * @return list<Finding>
     */
    private function lowPressure(Readings $r, array $symptoms): array
    {
        if ($r->sbp === null || $r->sbp >= 100) {
            return [];
        }
        $usual = $this->client->usual->sbp;
        $usuallyLow = $usual !== null && $usual < 90 && $r->sbp > $usual - 15;
        $says = sprintf('Upper pressure %d%s.', (int) $r->sbp, $usual === null ? ', usual not known' : sprintf(', usual %d', (int) $usual));

        return match (true) {
            in_array('dizziness', $symptoms, true) => [new Finding(GateVerdict::NotToday, 'gate.bp_low', $says.' With dizziness.', 'Lie down; no session today.')],
            $r->sbp < 90 && ! $usuallyLow => [new Finding(GateVerdict::NotToday, 'gate.bp_low', $says, 'No session today unless the team has recorded a usual that low.')],
            ! $usuallyLow && ($usual === null || $r->sbp <= $usual - 15) => [new Finding(GateVerdict::Lighter, 'gate.bp_low', $says, 'Lighter; rise slowly.')],
            default => [],
        };
    }

    /**
     * @param  list<string>  $symptoms
     * @return list<Finding>
     */
    private function pulse(Readings $r, array $symptoms): array
    {
        $findings = [];
        if ($r->irregularPulse === true) {
            $findings[] = match (true) {
                $symptoms !== [] => new Finding(GateVerdict::StopAndCall, 'gate.irregular', 'Irregular pulse with symptoms.', 'Stop. Call, by your local rules.', null, self::ACSM),
                $r->repeat => new Finding(GateVerdict::NotToday, 'gate.irregular', 'Irregular pulse, again.', 'No session; tell their doctor.'),
                default => new Finding(GateVerdict::Wait, 'gate.irregular', 'Irregular pulse, new.', 'Sit for 5 minutes and feel it again.', 5, self::ACSM),
            };
        }
        if ($r->heartRate === null) {
            return $findings;
        }
        $usual = $this->client->usual->heartRate;
        $usuallySlow = $usual !== null && $usual < 45 && $r->heartRate > $usual - 10;
        $says = sprintf('Resting heart rate %d%s.', (int) $r->heartRate, $usual === null ? '' : sprintf(', usual %d', (int) $usual));
        if ($r->heartRate >= 120 || ($r->heartRate < 40 && ! $usuallySlow)) {
            $findings[] = new Finding(GateVerdict::NotToday, 'gate.hr', $says, 'No session today; tell their doctor.', null, self::ACSM);
        } elseif ($r->heartRate > 100 || ($usual !== null && $r->heartRate >= $usual + 20)) {
            $findings[] = new Finding(GateVerdict::Lighter, 'gate.hr', $says, 'Lighter today.', null, self::ACSM);
        }

        return $findings;
    }

    /**
     * @param  list<string>  $symptoms
     * @return list<Finding>
     */
    private function saturation(Readings $r, array $symptoms): array
    {
        if ($r->spo2 === null) {
            return [];
        }
        $lung = $this->client->hasInForce('chronic_lung_disease', $this->on);
        $floor = $lung ? 88 : 92;
        $says = sprintf('Saturation %d %%.', (int) $r->spo2);

        return match (true) {
            $r->spo2 < $floor && array_intersect($symptoms, ['breathless_at_rest', 'new_breathlessness']) !== [] => [new Finding(GateVerdict::StopAndCall, 'gate.spo2', $says.' Breathless at rest.', 'Stop. Call the emergency number.', null, 'ATS/ERS 2013')],
            $r->spo2 < $floor && $r->repeat => [new Finding(GateVerdict::NotToday, 'gate.spo2', $says.' Again.', 'No session unless ordered otherwise; tell their doctor.', null, 'ATS/ERS 2013')],
            $r->spo2 < $floor => [new Finding(GateVerdict::Wait, 'gate.spo2', $says, 'Warm the finger, sit, read it again.', 5, 'ATS/ERS 2013')],
            $lung && $r->spo2 <= 91 => [new Finding(GateVerdict::Lighter, 'gate.spo2', $says, 'Lighter; watch it during the session.', null, 'ATS/ERS 2013')],
            default => [],
        };
    }

    /** @return list<Finding> */
    private function glucose(Readings $r): array
    {
        $g = $r->glucose;
        if ($g === null) {
            return [];
        }
        $lowering = $this->envelope->has(Field::Watches, 'glucose|before') !== null;
        $says = sprintf('Glucose %.1f mmol/L.', $g);

        return match (true) {
            $g < 3.0 => [new Finding(GateVerdict::NotToday, 'gate.glucose', $says, 'Treat the low; no session today.', null, self::ADA)],
            $lowering && $g < 5.0 => [new Finding(GateVerdict::Wait, 'gate.glucose', $says, '15-30 g of carbohydrate, then test again in 15 minutes.', 15, self::ADA)],
            $lowering && $g <= 5.5 => [new Finding(GateVerdict::Lighter, 'gate.glucose', $says, 'Carbohydrate first; keep some within reach.', null, self::ADA.'; bands simplified (house)')],
            $g > 13.9 && $r->unwell === true => [new Finding(GateVerdict::StopAndCall, 'gate.glucose', $says.' And unwell.', 'Stop. Call the diabetes team or the emergency number.', null, self::ADA)],
            $g > 13.9 && $r->ketones === null => [new Finding(GateVerdict::Wait, 'gate.glucose', $says.' Ketones not known.', 'Test ketones first.', 10, self::ADA)],
            $g > 16.7 => [new Finding(GateVerdict::Lighter, 'gate.glucose', $says, $r->unwell === null ? 'Only if they feel well: ask. Then lighter, and drink.' : 'Lighter, and drink.', null, self::ADA)],
            default => [],
        };
    }

    /** @return list<Finding> */
    private function ketones(Readings $r): array
    {
        return match (true) {
            $r->ketones === null || $r->ketones < 0.6 => [],
            $r->ketones >= 1.5 => [new Finding(GateVerdict::StopAndCall, 'gate.ketones', sprintf('Ketones %.1f mmol/L.', $r->ketones), 'Stop. Call the diabetes team.', null, self::ADA)],
            default => [new Finding(GateVerdict::Lighter, 'gate.ketones', sprintf('Ketones %.1f mmol/L.', $r->ketones), 'Follow the diabetes team\'s plan first; then lighter.', null, self::ADA)],
        };
    }

    /**
     * @param  list<string>  $symptoms
     * @return list<Finding>
     */
    private function restOfBody(Readings $r, array $symptoms): array
    {
        $findings = [];
        if ($r->tempC !== null && $r->tempC >= 38.0) {
            $findings[] = new Finding(GateVerdict::NotToday, 'gate.temperature', sprintf('Temperature %.1f °C.', $r->tempC), 'No session with a fever.', null, self::ACSM);
        }
        $usual = $this->client->usual->weightKg;
        if ($r->weightKg !== null && $usual !== null && $r->weightKg - $usual > 2 && $this->client->hasInForce('heart_failure', $this->on)) {
            $breathless = array_intersect($symptoms, ['new_breathlessness', 'breathless_at_rest']) !== [];
            $findings[] = new Finding($breathless ? GateVerdict::StopAndCall : GateVerdict::NotToday, 'gate.weight', sprintf('Weight up %s.', Mass::say(($r->weightKg - $usual) * 1000)), 'Hold the session and call the heart-failure team.', null, 'AACVPR; ESC');
        }
        if ($r->skinOk === false) {
            $findings[] = new Finding(GateVerdict::Lighter, 'gate.skin', 'Skin not intact at a contact.', 'Use other contacts; rest that limb.', null, 'PVA upper-limb guideline');
        }
        if ($r->limbChange === true) {
            $findings[] = new Finding(GateVerdict::Lighter, 'gate.limb', 'The limb is swollen or larger.', 'Rest that limb; tell the clinician.', null, 'Schmitz 2009; Campbell 2019');
        }
        if ($r->unwell === true) {
            $findings[] = new Finding(GateVerdict::Lighter, 'gate.unwell', 'Feels unwell.', 'Ask what, and take the temperature. Lighter; no session when it is new and they would rather lie down.', null, 'House convention, cautious');
        }
        if ($r->sleptBadly === true || ($r->fatigue !== null && $r->fatigue >= 7)) {
            $findings[] = new Finding(GateVerdict::Lighter, 'gate.fatigue', $r->sleptBadly === true ? 'Slept badly.' : sprintf('Fatigue %d of 10.', (int) $r->fatigue), 'Halve the sets; keep the habit.', null, 'ACSM (Campbell 2019)');
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function pain(?int $pain): array
    {
        if ($pain === null) {
            return [];
        }
        $usual = $this->client->usual->pain;
        $says = sprintf('Pain at rest %d of 10%s.', $pain, $usual === null ? '' : sprintf(', usual %d', (int) $usual));

        return match (true) {
            $usual !== null ? $pain >= $usual + 2 : $pain > 5 => [new Finding(GateVerdict::NotToday, 'gate.pain', $says, 'No session today; look at what changed.', null, 'Thomeé 1997, adapted')],
            $usual !== null ? $pain > $usual : $pain >= 4 => [new Finding(GateVerdict::Lighter, 'gate.pain', $says, 'Lighter, in the pain-free range.', null, 'Thomeé 1997, adapted')],
            default => [],
        };
    }

    /** @return array{list<Finding>, list<string>} what a watch asks for and is missing; everything that was not entered */
    private function missing(Readings $r, ?int $pain): array
    {
        $entered = [
            'bp' => $r->sbp !== null && $r->dbp !== null, 'hr' => $r->heartRate !== null, 'spo2' => $r->spo2 !== null, 'glucose' => $r->glucose !== null, 'weight' => $r->weightKg !== null,
            'temperature' => $r->tempC !== null, 'skin' => $r->skinOk !== null, 'limb_girth' => $r->limbChange !== null,
        ];
        $findings = [];
        $unknown = $pain === null ? ['pain at rest'] : [];
        foreach (self::WATCHES as $watch => $words) {
            if ($entered[$watch]) {
                continue;
            }
            $limit = $this->envelope->has(Field::Watches, $watch.'|before');
            if ($limit === null) {
                $unknown[] = $words;

                continue;
            }
            $findings[] = new Finding(GateVerdict::Wait, 'gate.missing', ucfirst($words).' is not entered, and is asked for before each session.', 'Enter '.$words.'.', null, $limit->source);
        }

        return [$findings, $unknown];
    }
}
