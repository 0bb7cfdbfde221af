<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Exercises\Figures\Figure;
use BuoyantStep\Core\Fit\Demands;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\DoseKind;

/** One prescribable thing: a step on a family's stair. */
final readonly class Rung
{
    /**
     * @param  string  $step  what makes this rung harder than the one below, in words; the first rung says what it is
     * @param  list<Axis>  $axes  what the step changes; empty for the first rung
     * @param  array<string, int>  $needs  test code to the least result that opens this rung as a start
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $step,
        public array $axes,
        public Demands $demands,
        public Work $work,
        public SetUp $setUp,
        public Teaching $teaching,
        public array $needs,
        public Figure $figure,
    ) {
    }

    public static function read(Bag $bag): self
    {
        $needs = [];
        foreach ($bag->bags('needs') as $need) {
            $needs[$need->string('test')] = $need->int('at_least', 0, 1000);
        }

        return new self(
            code: $bag->string('code'),
            name: $bag->string('name'),
            step: $bag->string('step'),
            axes: $bag->enums('axes', Axis::class),
            demands: Demands::read($bag->bag('demands'), $bag->enums('changes', ChangeKind::class)),
            work: self::work($bag),
            setUp: new SetUp(
                $bag->enums('equipment', Thing::class), $bag->string('set_up'), $bag->int('set_up_seconds', 0, 600),
                $bag->bool('alone', true),
            ),
            teaching: new Teaching(
                $bag->strings('cues'), $bag->strings('mistakes'), $bag->string('too_hard_if'),
                $bag->string('too_easy_if'), $bag->string('feel'), $bag->strings('muscles'),
            ),
            needs: $needs,
            figure: Figure::read($bag->bag('figure')),
        );
    }

    private static function work(Bag $bag): Work
    {
        return new Work(
            $bag->enum('dose_kind', DoseKind::class),
            $bag->optEnum('holding', Holding::class),
            $bag->string('sides') === 'each',
            $bag->number('seconds_per_unit', 0.2, 60),
            $bag->has('lever') ? Lever::read($bag->bag('lever')) : null,
            $bag->has('band') ? BandUse::read($bag->bag('band')) : null,
        );
    }

    /** @return list<string> what to fetch, in words */
    public function equipmentLabels(): array
    {
        return array_map(static fn (Thing $t): string => $t->label(), $this->setUp->equipment);
    }

    /** The step in a few words for the riser of a stair: "less support, longer lever". */
    public function axesLabel(): string
    {
        return implode(', ', array_map(static fn (Axis $a): string => $a->label(), $this->axes));
    }

    public function isOneSided(): bool
    {
        return $this->work->eachSide;
    }
}
