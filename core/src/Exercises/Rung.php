<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Body\Moves;
use BuoyantStep\Core\Exercises\Figures\Figure;
use BuoyantStep\Core\Fit\Demands;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Kit\Holding;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\Choice;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Tempo;
use BuoyantStep\Core\Vocabulary\WhichSide;

/** One prescribable thing: a step on a family's stair. */
final readonly class Rung
{
    /**
     * @param  string  $step  what makes this rung harder than the one below, in words; the first rung says what it is
     * @param  list<Axis>  $axes  what the step changes; empty for the first rung
     * @param  list<string>  $words  what it is called elsewhere, to be found by
     * @param  list<Choice>  $choices  what may be chosen inside it
     * @param  HelperPart|null  $helper  what somebody else does in it
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
        public array $words = [],
        public ?HelperPart $helper = null,
        public array $choices = [],
    ) {
    }

    public static function read(Bag $bag): self
    {
        $work = self::work($bag);
        $needs = [];
        foreach ($bag->bags('needs') as $need) {
            $needs[$need->string('test')] = $need->int('at_least', 0, 1000);
        }

        return new self(
            code: $bag->string('code'),
            name: $bag->string('name'),
            step: $bag->string('step'),
            axes: $bag->enums('axes', Axis::class),
            demands: self::loaded(
                Demands::read($bag->bag('demands'), $bag->enums('changes', ChangeKind::class)), $work,
            ),
            work: $work,
            setUp: new SetUp(
                $bag->enums('equipment', Thing::class), $bag->string('set_up'), $bag->int('set_up_seconds', 0, 600),
                $bag->bool('alone', true),
            ),
            teaching: Teaching::read($bag),
            needs: $needs,
            figure: Figure::read($bag->bag('figure')),
            words: $bag->strings('words'),
            helper: $bag->optEnum('helper', HelperPart::class),
            choices: $bag->enums('choices', Choice::class),
        );
    }

    /** The demands with what the load goes through: the hands that hold it, and what carries them. */
    private static function loaded(Demands $demands, Work $work): Demands
    {
        $side = $work->eachSide ? WhichSide::Working : WhichSide::Both;
        $carries = match ($demands->movement->position) {
            Position::Seated => [Region::Trunk],
            Position::Standing, Position::Kneeling => [Region::Trunk, Region::Lower],
            default => [],
        };

        return match (true) {
            $work->holding === Holding::OneHand => $demands->loading([Region::Upper, ...$carries], $side),
            $work->holding === Holding::OppositeHand => $demands->loading(
                [Region::Upper, ...$carries], WhichSide::Other,
            ),
            $work->holding === Holding::EachHand, $work->holding === Holding::BothHands => $demands->loading(
                [Region::Upper, ...$carries], WhichSide::Both,
            ),
            $work->holding === Holding::Worn => $demands->loading([Region::Trunk, ...$carries], WhichSide::Both),
            $work->holding === Holding::Lap => $demands->loading([Region::Lower], WhichSide::Both),
            $work->holding === Holding::Cuff => $demands->loading([$demands->scope()->region], $side),
            $work->band !== null => $demands->loading(
                $work->band->placement === 'hand' ? [Region::Upper, ...$carries] : [Region::Lower], $side,
            ),
            default => $demands,
        };
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
            $bag->optEnum('moves', Moves::class),
            $bag->optEnum('start', StartFloor::class),
            $bag->optInt('lower_s', 1, Tempo::MOST_S),
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

    public function takesLoad(): bool
    {
        return $this->work->holding !== null;
    }

    /** How many limbs share the work: hands that lift apart count for one, as their loads are counted. */
    public function limbs(): int
    {
        $apart = in_array($this->work->holding, [Holding::OneHand, Holding::EachHand], true);

        return $this->work->eachSide || ($apart && $this->demands->scope()->region === Region::Upper) ? 1 : 2;
    }
}
