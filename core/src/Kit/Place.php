<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Body\StayPut;
use BuoyantStep\Core\Client\FunctionStatus;
use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Units\Reason;

/** The home as a place to exercise in: what stands there, what the floor is like, what a band may be anchored to. */
final readonly class Place
{
    /**
     * @param  list<Thing>|null  $things  null until someone has gone through the home: then only the usual things are
     *     there
     * @param  Floor|null  $floor  null when not asked
     * @param  Door|null  $door  does a door close towards the client, so that a pull shuts it?
     * @param  bool|null  $chairAtWall  does the chair for rising stand against a wall?
     */
    public function __construct(
        public ?array $things = null,
        public ?Floor $floor = null,
        public ?Door $door = null,
        public ?bool $chairAtWall = null,
    ) {
    }

    /** @throws InvalidInput */
    public static function read(Bag $bag): self
    {
        $things = null;
        if ($bag->has('things')) {
            $things = [];
            foreach ($bag->strings('things') as $i => $code) {
                $things[] = Thing::tryFrom($code)
                    ?? throw InvalidInput::at(
                        $bag->pointer('things').'/'.$i,
                        sprintf(
                            'Unknown thing "%s"; known are: %s.', $code,
                            implode(', ', array_column(Thing::cases(), 'value')),
                        ),
                    );
            }
        }

        return new self(
            $things,
            $bag->optEnum('floor', Floor::class),
            $bag->optEnum('door', Door::class),
            $bag->has('chair_at_wall') ? $bag->bool('chair_at_wall') : null,
        );
    }

    public function has(Thing $thing): bool
    {
        if ($this->things === null) {
            return $thing->isUsual();
        }

        // A wall and something to sit on are in every home, ticked or not.
        return $thing === Thing::Wall
            || in_array($thing, $this->things, true)
            || ($thing === Thing::Chair && in_array(Thing::Armchair, $this->things, true));
    }

    /** A band in a door: only in one that the pull shuts. Not asked about counts as long as the door was ticked. */
    public function hasBandDoor(): bool
    {
        return $this->has(Thing::Door) && $this->door !== Door::Away && $this->door !== Door::None;
    }

    /** Can a band be fixed here so that one walks away from it; from above, only in a door? */
    public function hasAnchor(bool $fromAbove): bool
    {
        return $this->hasBandDoor() || (! $fromAbove && $this->has(Thing::Post));
    }

    /**
     * What a band may be anchored to in this home, and for what.
     *
     * @return list<array{name: string, serves: string, open: bool, why: string}>
     */
    public function anchors(): array
    {
        $door = match (true) {
            ! $this->has(Thing::Door) => 'no such door was ticked',
            $this->door === Door::Away, $this->door === Door::None => 'the pull would open it',
            $this->door === null => 'try it first: pull on it closed',
            default => '',
        };
        $chair = $this->chairAtWall === false ? 'back the chair to a wall first' : '';
        $row = static fn (string $name, string $serves, bool $open, string $why): array => [
            'name' => $name, 'serves' => $serves, 'open' => $open, 'why' => $why,
        ];

        return [
            $row('closed door, chest height', 'rows, pulls from the side', $this->hasBandDoor(), $door),
            $row('over the top of a closed door', 'pull-downs', $this->hasBandDoor(), $door),
            $row(
                'fixed post or rail', 'rows, pulls from the side', $this->has(Thing::Post),
                $this->has(Thing::Post) ? '' : 'none was ticked',
            ),
            $row('back leg of the chair', 'knee straightening', $chair === '', $chair),
            $row('round the backrest', 'seated presses', $chair === '', $chair),
            $row('under the whole width of the shoe', 'curls', true, ''),
        ];
    }

    /** Friction of the floor, for things that must not slide: 0.5 as a rule, 0.3 on a smooth floor. House estimates. */
    public function friction(): float
    {
        return $this->floor === Floor::Smooth ? StayPut::SMOOTH : StayPut::RULE;
    }

    /**
     * What makes this home unsafe or unready to exercise in, with what to do.
     *
     * @return list<Reason>
     */
    public function findings(FunctionStatus $function, Kit $kit): array
    {
        $findings = [];
        $say = static function (string $rule, string $says) use (&$findings): void {
            $findings[] = new Reason('kit', 'place.'.$rule, $says, 'House convention, cautious');
        };
        $chair = $this->aboutChair();
        if ($chair !== null) {
            $say($this->chairAtWall === false ? 'chair' : 'floor', $chair);
        }
        if ($kit->bands !== [] && $this->door !== Door::Towards) {
            $say('door', $this->aboutDoor());
        }
        if ($this->things !== null && ! $this->has(Thing::Counter)) {
            $say(
                'support',
                'No fixed counter: balance work needs another support that cannot move, such as a rail or a heavy '
                    .'table against a wall.',
            );
        }
        if ($function->isAlone() && ! $function->canRiseFromFloor()) {
            $say(
                'alone',
                'Alone and cannot get up from the floor: a telephone or alarm within reach from the floor, before the '
                    .'first session.',
            );
        }
        foreach ($kit->carriers as $carrier) {
            if ($carrier->maxMassG > 0 && ! $carrier->takesPlates && $carrier->massG + $carrier->maxMassG > 12_000) {
                $says = '%s may be filled to more than %s: check its handles and seams before each session.';
                $say('carrier', sprintf($says, $carrier->label, Mass::say(12_000)));
            }
        }

        return $findings;
    }

    private function aboutChair(): ?string
    {
        $smooth = $this->floor === Floor::Smooth;

        return match (true) {
            $this->chairAtWall === false && $smooth => 'The chair stands free on a smooth floor: it slides as the '
                .'client rises. Back it to a wall, rubber under the feet.',
            $this->chairAtWall === false => 'The chair stands free: back it to a wall before anyone rises from it.',
            $smooth => 'Smooth floor: shoes on, and rubber under chair and step.',
            default => null,
        };
    }

    private function aboutDoor(): string
    {
        return match ($this->door) {
            Door::Away => 'The door opens in the direction of the pull: a band in it would open it. Use the hinge '
                .'side of a door that closes towards the client, or a fixed post.',
            Door::None => 'No door to anchor a band in: use it underfoot, round the chair back, or between the '
                .'hands.',
            default => 'Has a door been tried? A band belongs only in a closed door that closes towards the '
                .'client.',
        };
    }
}
