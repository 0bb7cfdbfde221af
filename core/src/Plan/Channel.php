<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Dosing;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Exercises\DoseKind;
use BuoyantStep\Core\Exercises\Rung;
use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Limits\Envelope;
use BuoyantStep\Core\Limits\Field;
use BuoyantStep\Core\Limits\Scope;
use BuoyantStep\Core\Units\Mass;
use JsonSerializable;

/**
 * A dosed number between its two banks: too little to train on the left, the envelope's cap on the right, the goal's
 * range between them, a tick for every load this home can make, and the float for today's dose.
 */
final readonly class Channel implements JsonSerializable
{
    /**
     * @param  string  $unit  g, reps, s, min, steps or trips
     * @param  int  $top  right end of the scale
     * @param  int|null  $goalLo  below it lies the left bank; null when the goal sets no range for this number
     * @param  int|null  $cap  the right bank begins here
     * @param  list<int>  $ticks
     */
    public function __construct(
        public string $unit,
        public int $top,
        public ?int $goalLo,
        public ?int $goalHi,
        public ?int $cap,
        public ?string $capSays,
        public array $ticks,
        public int $float,
        public ?int $last,
        public ?int $next,
        public string $label,
        public string $text,
    ) {
    }

    public static function of(Rung $rung, Goal $goal, Dose $dose, Dosing $dosing, ?Ladder $ladder, Envelope $envelope, ?int $last = null): self
    {
        return $dose->loadG !== null
            ? self::ofLoad($dose, $dosing, $ladder, $last)
            : self::ofAmount($rung, $goal, $dose, $envelope, $last);
    }

    private static function ofLoad(Dose $dose, Dosing $dosing, ?Ladder $ladder, ?int $last): self
    {
        $load = (int) $dose->loadG;
        $next = $ladder?->above($load)?->loadG;
        $lo = $dosing->goalLoad?->lo;
        $hi = $dosing->goalLoad?->hi;
        $top = (int) (max($load * 1.4, ($hi ?? 0) * 1.15, ($dosing->capG ?? 0) * 1.2, min($next ?? 0, $load * 2) * 1.05));
        $ticks = array_values(array_filter($ladder?->grams($top) ?? [], static fn (int $g): bool => $g <= $top));
        $label = Mass::say($load).($dose->per === 'hand' ? ' each hand' : '');
        $text = $label
            .($lo !== null && $hi !== null ? sprintf('; goal %s to %s', Mass::say($lo), Mass::say($hi)) : '; no goal range until an easy set is measured')
            .($dosing->capG !== null ? sprintf('; cap %s, %s', Mass::say($dosing->capG), lcfirst((string) $dosing->capSays)) : '; no cap on the load');

        return new self('g', $top, $lo, $hi, $dosing->capG, $dosing->capSays, self::thin($ticks, $load), $load, $last, $next !== null && $next <= $top ? $next : null, $label, $text);
    }

    private static function ofAmount(Rung $rung, Goal $goal, Dose $dose, Envelope $envelope, ?int $last): self
    {
        $range = match ($dose->kind) {
            DoseKind::Steps, DoseKind::Trips => $dose->amount,
            default => $goal->row()->amount,
        };
        $field = match (true) {
            $dose->kind === DoseKind::Reps => Field::RepsMax,
            $dose->kind === DoseKind::Seconds && $goal->isEffortfulHold() => Field::HoldMaxS,
            default => null,
        };
        $limit = $field === null ? null : $envelope->tightest($field, new Scope($rung->demands->region, $rung->demands->side));
        $cap = $limit !== null && is_int($limit->value) ? $limit->value : null;
        // Where the dose is said in minutes, its banks are too.
        $per = $dose->isMinutes() && $cap === null && ($last ?? 0) % 60 === 0 && $range->lo % 60 === 0 && $range->hi % 60 === 0 ? 60 : 1;
        $unit = match (true) {
            $per === 60 => 'min',
            $dose->kind === DoseKind::Seconds => 's',
            default => $dose->kind->value,
        };
        $in = static fn (int $amount): int => intdiv($amount, $per);
        $label = $dose->isMinutes() ? $dose->with(sets: 1)->amountLabel() : $dose->amount->label().' '.$dose->kind->unit();
        $text = sprintf('%s; goal %d to %d%s', $label, $in($range->lo), $in($range->hi), $cap === null ? '' : sprintf('; cap %d, %s', $cap, lcfirst((string) $limit->says)));

        return new self(
            $unit,
            (int) ceil(max($in($range->hi), $in($dose->amount->hi), $cap ?? 0) * 1.25),
            $in(min($range->lo, $dose->amount->lo)), $in($range->hi), $cap, $limit?->says,
            [], $in($dose->amount->hi), $last === null ? null : $in($last), null, $label, $text,
        );
    }

    /**
     * A rich kit has hundreds of loads; more than forty ticks cannot be told apart, so every n-th is kept,
     * and always the one under the float.
     *
     * @param  list<int>  $ticks
     * @return list<int>
     */
    private static function thin(array $ticks, int $float): array
    {
        $keep = max(1, (int) ceil(count($ticks) / 40));

        return array_values(array_filter($ticks, static fn (int $tick, int $i): bool => $i % $keep === 0 || $tick === $float, ARRAY_FILTER_USE_BOTH));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'unit' => $this->unit, 'top' => $this->top, 'goal_lo' => $this->goalLo, 'goal_hi' => $this->goalHi, 'cap' => $this->cap, 'cap_says' => $this->capSays,
            'ticks' => $this->ticks, 'float' => $this->float, 'last' => $this->last, 'next' => $this->next, 'label' => $this->label, 'text' => $this->text,
        ];
    }
}
