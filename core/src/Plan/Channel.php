<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Plan;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Dosing;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Dose\Kinds;
use BuoyantStep\Core\Dose\Pulls;
use BuoyantStep\Core\Kit\Ladder;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Phrase;
use BuoyantStep\Core\Units\Span;
use BuoyantStep\Core\Vocabulary\Per;
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
     * @param  string|null  $moves  what is really lifted, where the body is lifted with the load
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
        public ?string $moves = null,
    ) {
    }

    public static function of(
        RungHere $here,
        Goal $goal,
        Dose $dose,
        Dosing $dosing,
        ?Ladder $ladder,
        ?int $last = null,
    ): self {
        return match (true) {
            $dose->loadG !== null => self::ofLoad($here, $dose, $dose->loadG, $dosing, $ladder, $last),
            $dose->pullN !== null => self::ofPull($here, $goal, $dose),
            default => self::ofAmount($here, $goal, $dose, $last),
        };
    }

    /** A band's pull as a luggage scale shows it, among all that the bands here give under the limits. */
    private static function ofPull(RungHere $here, Goal $goal, Dose $dose): self
    {
        $pull = (int) $dose->resistanceG();
        $there = Pulls::of($here)->grams();
        $estimate = $here->estimate()?->grams;
        $percent = $goal->row()->percent;
        $range = $estimate === null || $percent === null ? null : new Span(
            (int) round($estimate * $percent->lo / 100), (int) round($estimate * $percent->hi / 100),
        );
        $capped = Pulls::cap($here);
        $cap = $capped->newtons === null || $there === [] ? null : max($there);
        $next = array_values(array_filter($there, static fn (int $g): bool => $g > $pull))[0] ?? null;
        $label = (string) $dose->loadLabel();
        $top = (int) max($pull * 1.4, ($range->hi ?? 0) * 1.15, min($there === [] ? 0 : max($there), $pull * 2) * 1.1);

        return new self(
            unit: 'g', top: $top, goalLo: $range?->lo, goalHi: $range?->hi, cap: $cap,
            capSays: $cap === null ? null : $capped->says,
            ticks: self::thin(array_values(array_filter($there, static fn (int $g): bool => $g <= $top)), $pull),
            float: $pull, last: null, next: $next, label: $label,
            text: $label.($range === null ? '; no goal range until an easy set is measured' : sprintf(
                '; goal %s to %s', Mass::say($range->lo), Mass::say($range->hi),
            )).($cap === null ? '; no cap on the pull' : sprintf(
                '; at most %s, %s', Mass::say($cap), Phrase::within($capped->says),
            )),
        );
    }

    private static function ofLoad(
        RungHere $here,
        Dose $dose,
        int $load,
        Dosing $dosing,
        ?Ladder $ladder,
        ?int $last,
    ): self {
        $moves = $here->moved($load);
        $next = $ladder?->above($load)?->loadG;
        $goal = $dosing->goalLoad;
        $cap = $dosing->cap->grams;
        $top = (int) max(
            $load * 1.4, ($goal->hi ?? 0) * 1.15, ($cap ?? 0) * 1.2, min($next ?? 0, $load * 2) * 1.05,
        );
        $ticks = array_values(array_filter($ladder?->grams($top) ?? [], static fn (int $g): bool => $g <= $top));
        $label = $dose->isApart()
            ? (string) $dose->loadLabel() : Mass::say($load).($dose->per === Per::Hand ? ' each hand' : '');
        $aim = $goal === null
            ? '; no goal range until an easy set is measured'
            : sprintf('; goal %s to %s', Mass::say($goal->lo), Mass::say($goal->hi));
        $capped = $cap === null
            ? '; no cap on the load'
            : sprintf('; cap %s, %s', Mass::say($cap), Phrase::within((string) $dosing->cap->says()));

        return new self(
            unit: 'g', top: $top, goalLo: $goal?->lo, goalHi: $goal?->hi, cap: $cap, capSays: $dosing->cap->says(),
            ticks: self::thin($ticks, $load), float: $load, last: $last,
            next: $next !== null && $next <= $top ? $next : null, label: $label,
            text: $label.($moves === null ? '' : '; '.$moves).$aim.$capped, moves: $moves,
        );
    }

    private static function ofAmount(RungHere $here, Goal $goal, Dose $dose, ?int $last): self
    {
        $counted = Kinds::of($dose->kind);
        $range = $counted->increment() === null ? $counted->range($goal) : $dose->amount;
        $field = $counted->cappedBy($goal);
        $limit = $field === null ? null : $here->envelope()->tightest($field, $here->rung->demands->scope());
        $cap = $limit !== null && is_int($limit->value) ? $limit->value : null;
        // Where the dose is said in minutes, its banks are too.
        $per = $dose->isMinutes() && $cap === null && ($last ?? 0) % 60 === 0 && $range->lo % 60 === 0
            && $range->hi % 60 === 0 ? 60 : 1;
        $in = static fn (int $amount): int => intdiv($amount, $per);
        $label = $dose->isMinutes()
            ? $dose->with(sets: 1)->amountLabel()
            : $dose->amount->label().' '.$dose->kind->unit();
        $capped = $cap === null ? '' : sprintf('; cap %d, %s', $cap, Phrase::within((string) $limit->says));

        return new self(
            unit: $per === 60 ? 'min' : $dose->kind->shortUnit(),
            top: (int) ceil(max($in($range->hi), $in($dose->amount->hi), $cap ?? 0) * 1.25),
            goalLo: $in(min($range->lo, $dose->amount->lo)), goalHi: $in($range->hi), cap: $cap,
            capSays: $limit?->says, ticks: [], float: $in($dose->amount->hi),
            last: $last === null ? null : $in($last), next: null, label: $label,
            text: sprintf('%s; goal %d to %d%s', $label, $in($range->lo), $in($range->hi), $capped),
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

        return array_values(
            array_filter(
                $ticks,
                static fn (int $tick, int $i): bool => $i % $keep === 0 || $tick === $float,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'unit' => $this->unit, 'top' => $this->top, 'goal_lo' => $this->goalLo, 'goal_hi' => $this->goalHi,
            'cap' => $this->cap, 'cap_says' => $this->capSays,
            'ticks' => $this->ticks, 'float' => $this->float, 'last' => $this->last, 'next' => $this->next,
            'says' => [
                'goal' => $this->say($this->goalLo, $this->goalHi), 'cap' => $this->say($this->cap),
                'last' => $this->say($this->last), 'next' => $this->say($this->next),
            ],
            'label' => $this->label, 'text' => $this->text, 'moves' => $this->moves,
        ];
    }

    /** One figure, or two with a dash, with the unit; empty where there is none. */
    private function say(?int ...$figures): string
    {
        $said = [];
        foreach ($figures as $figure) {
            if ($figure !== null) {
                $said[] = $this->unit === 'g' ? Mass::say($figure) : (string) $figure;
            }
        }

        return $said === [] ? '' : implode('-', $said).($this->unit === 'g' ? '' : ' '.$this->unit);
    }
}
