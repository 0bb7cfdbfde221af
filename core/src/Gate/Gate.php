<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Gate;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Gate\Checks\Glucose;
use BuoyantStep\Core\Gate\Checks\HeartRate;
use BuoyantStep\Core\Gate\Checks\HighPressure;
use BuoyantStep\Core\Gate\Checks\IrregularPulse;
use BuoyantStep\Core\Gate\Checks\Ketones;
use BuoyantStep\Core\Gate\Checks\LowPressure;
use BuoyantStep\Core\Gate\Checks\OpenStopSigns;
use BuoyantStep\Core\Gate\Checks\PainAtRest;
use BuoyantStep\Core\Gate\Checks\Saturation;
use BuoyantStep\Core\Gate\Checks\Signs;
use BuoyantStep\Core\Gate\Checks\SkinAndLimbs;
use BuoyantStep\Core\Gate\Checks\Standing;
use BuoyantStep\Core\Gate\Checks\Temperature;
use BuoyantStep\Core\Gate\Checks\Tiredness;
use BuoyantStep\Core\Gate\Checks\Weight;
use BuoyantStep\Core\Gate\Checks\Withheld;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Sign;

/**
 * The check before a session. Every finding is kept and the most cautious verdict wins; what was not entered is
 * unknown and said so; a session waits for a binding watch that is missing, and is lighter without another. Nothing
 * here ever gets freer when a reading gets worse. Sources: ACSM Guidelines 11th ed.; ADA (Colberg 2016); ATS/ERS
 * 2013; Mottola 2019; house conventions.
 */
final readonly class Gate
{
    public function __construct(private Profile $client, private Day $on, private Envelope $envelope)
    {
    }

    /**
     * @param  list<Sign>|null  $signs  null when nobody asked
     * @param  int|null  $pain  at rest, 0 to 10
     * @param  list<string>  $openStopSigns  red flags on record that nobody has cleared, in words
     */
    public function check(
        Readings $readings,
        ?array $signs = [],
        ?int $pain = null,
        array $openStopSigns = [],
    ): GateResult {
        $at = new Arrival($this->client, $this->on, $this->envelope, $readings, $signs ?? []);
        $findings = [];
        foreach ($this->checks($pain, $openStopSigns) as $check) {
            foreach ($check->findings($at) as $finding) {
                $findings[] = $finding;
            }
        }
        if ($signs === null && $this->envelope->addsRedFlags()) {
            $findings[] = Finding::lighter(
                'gate.not_asked', 'Red flags were not asked about, and this client has some of their own.',
                'Ask about them.', 'House convention, cautious',
            );
        }
        usort($findings, static fn (Finding $a, Finding $b): int => $b->verdict->rank() <=> $a->verdict->rank());
        $unknown = [
            ...($pain === null ? ['pain at rest'] : []), ...($signs === null ? ['signs and symptoms'] : []),
            ...(Weight::isUnknown($at) ? ['the weight of the days before'] : []), ...MissingWatches::unknown($at),
        ];

        return new GateResult($findings[0]->verdict ?? GateVerdict::Go, $findings, $unknown);
    }

    /**
     * @param  list<string>  $openStopSigns
     * @return iterable<Check>
     */
    private function checks(?int $pain, array $openStopSigns): iterable
    {
        yield new OpenStopSigns($openStopSigns);
        yield new Withheld;
        yield new Signs;
        yield new HighPressure;
        yield new LowPressure;
        yield new Standing;
        yield new IrregularPulse;
        yield new HeartRate;
        yield new Saturation;
        yield new Glucose;
        yield new Ketones;
        yield new Temperature;
        yield new Weight;
        yield new SkinAndLimbs;
        yield new Tiredness;
        yield new PainAtRest($pain);
        yield new MissingWatches;
    }
}
