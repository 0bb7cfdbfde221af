<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Input\Bag;

/** The picture of a rung in words: a start, an end unless it is a hold, the things around, and the load. */
final readonly class Figure
{
    /**
     * @param  array{string, string}  $start  body and arms; arms may be "" where the body says what they do
     * @param  array{string, string}|null  $end
     * @param  list<string>  $props
     * @param  string|null  $mark  the joint where something happens that is too small to see
     */
    public function __construct(public array $start, public ?array $end, public array $props, public ?string $load,
        public ?string $mark = null,
    ) {
    }

    public static function read(Bag $bag): self
    {
        $pose = static fn (Bag $b): array => [$b->string('body'), $b->optString('arms') ?? ''];
        $end = $bag->optBag('end');

        return new self(
            $pose($bag->bag('start')), $end === null ? null : $pose($end), $bag->strings('props'),
            $bag->optString('load'), $bag->optString('mark'),
        );
    }

    /** @throws UnknownCode when a posture, prop or load has no such name */
    public function draw(): Drawing
    {
        return new Drawing(
            array_map($this->frame(...), $this->end === null ? [$this->start] : [$this->start, $this->end]),
            $this->mark,
        );
    }

    /** @param  array{string, string}  $pose */
    private function frame(array $pose): Frame
    {
        $postures = Postures::standard();
        $body = $postures->body($pose[0]);
        $arms = match (true) {
            $pose[1] !== '' => $postures->arms($pose[1]),
            $body->isText('arms') => $postures->arms($body->string('arms')),
            $body->has('arms') => $body->bag('arms'),
            default => $postures->arms('down'),
        };

        return Frame::of(new Skeleton($body, $arms, Props::surface(...$this->props)), $this->props, $this->load);
    }
}
