<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Exercises\Figures\Figure;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Limits\Demands;

/** One prescribable thing: a step on a family's stair. */
final readonly class Rung
{
    /**
     * @param  string  $step  what makes this rung harder than the one below, in words; the first rung says what it is
     * @param  string  $sides  "both" (done once) or "each" (done left and right)
     * @param  list<Axis>  $axes  what the step changes; empty for the first rung
     * @param  list<Thing>  $equipment
     * @param  list<string>  $cues
     * @param  list<string>  $mistakes
     * @param  list<string>  $muscles
     * @param  array<string, int>  $needs  test code to the least result that opens this rung as a start
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $step,
        public array $axes,
        public Demands $demands,
        public ?Holding $holding,
        public string $sides,
        public DoseKind $doseKind,
        public float $secondsPerUnit,
        public int $setUpSeconds,
        public bool $alone,
        public array $equipment,
        public string $setUp,
        public array $cues,
        public array $mistakes,
        public string $tooHardIf,
        public string $tooEasyIf,
        public string $feel,
        public array $muscles,
        public array $needs,
        public ?Lever $lever,
        public ?BandUse $band,
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
            $bag->string('code'),
            $bag->string('name'),
            $bag->string('step'),
            array_map(static fn (string $a): Axis => Axis::from($a), $bag->strings('axes')),
            Demands::read($bag->bag('demands'), $bag->strings('changes')),
            $bag->optEnum('holding', Holding::class),
            $bag->string('sides'),
            $bag->enum('dose_kind', DoseKind::class),
            $bag->number('seconds_per_unit', 0.2, 60),
            $bag->int('set_up_seconds', 0, 600),
            $bag->bool('alone', true),
            array_map(static fn (string $t): Thing => Thing::from($t), $bag->strings('equipment')),
            $bag->string('set_up'),
            $bag->strings('cues'),
            $bag->strings('mistakes'),
            $bag->string('too_hard_if'),
            $bag->string('too_easy_if'),
            $bag->string('feel'),
            $bag->strings('muscles'),
            $needs,
            $bag->has('lever') ? Lever::read($bag->bag('lever')) : null,
            $bag->has('band') ? BandUse::read($bag->bag('band')) : null,
            Figure::read($bag->bag('figure')),
        );
    }

    /** @return list<string> what to fetch, in words */
    public function equipmentLabels(): array
    {
        return array_map(static fn (Thing $t): string => $t->label(), $this->equipment);
    }

    /** The step in a few words for the riser of a stair: "less support, longer lever". */
    public function axesLabel(): string
    {
        return implode(', ', array_map(static fn (Axis $a): string => $a->label(), $this->axes));
    }

    public function isOneSided(): bool
    {
        return $this->sides === 'each';
    }
}
