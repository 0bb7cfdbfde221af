<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

use BuoyantStep\Core\Errors\UnknownCode;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\Support;

/** The picture of a rung in words: a start, an end unless it is a hold, the things around, and the load. */
final readonly class Figure
{
    /** More than this a limb does not stretch, body heights. */
    private const STRAIN = 0.02;

    /**
     * @param  array{string, string}  $start  body and arms; arms may be "" where the body says what they do
     * @param  array{string, string}|null  $end
     * @param  list<string>  $props
     * @param  string|null  $mark  the joint where something happens that is too small to see
     */
    public function __construct(public array $start, public ?array $end, public array $props, public ?string $load,
        public ?string $mark = null, private ?Held $held = null, private bool $raised = false,
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

    /**
     * With what is changed of the exercise: a hand on something fixed, the trunk on a wedge. What no picture can show,
     * or shows already, stays as it is drawn.
     *
     * @param  list<Change>  $made
     */
    public function changed(array $made): self
    {
        $held = null;
        $raised = false;
        foreach ($made as $change) {
            $raised = $raised || $change->kind === ChangeKind::WedgeTrunk && in_array('bed', $this->props, true);
            if ($change->kind === ChangeKind::HoldOn) {
                $held = $change->support === Support::TwoHands ? Held::byBoth() : Held::byOne();
            }
        }
        // A hand that carries something does not hold on as well.
        $held = $this->load !== null && $held?->isByBoth() === true ? null : $held;
        if ($held === null && ! $raised) {
            return $this;
        }
        $anew = new self($this->start, $this->end, $this->props, $this->load, $this->mark, $held, $raised);

        // A hand that would have to stretch is not drawn so.
        return $anew->draw()->strain() > self::STRAIN ? $this : $anew;
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
        $props = $this->props;
        if ($this->raised) {
            [$body, $arms, $props] = [Raised::body($body), Raised::arms($arms), Raised::props($props)];
        }
        $isFront = $body->optString('view') === 'front';
        if ($this->held !== null && ! $this->held->isShown($pose[1], $props, $isFront)) {
            $props = $this->held->props($props, $isFront);
            $arms = $this->held->arms($arms, $props, $isFront);
        }

        return Frame::of(new Skeleton($body, $arms, Props::surface(...$props)), $props, $this->load);
    }
}
