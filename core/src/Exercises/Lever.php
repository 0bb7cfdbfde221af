<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises;

use BuoyantStep\Core\Body\Limb;
use BuoyantStep\Core\Body\PushUp;
use BuoyantStep\Core\Body\Segment;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Input\Bag;

/**
 * What makes a rung heavy beside the load in the hand: a limb, the body on the hands, the height of a seat, one side.
 */
final readonly class Lever
{
    /**
     * @param  'limb'|'push_up'|'seat'|'suitcase'|'held'  $kind
     * @param  bool  $inHand  is a load held in the hand rather than worn at the end of the limb?
     * @param  'toes'|'knees'  $from
     * @param  int|null  $handsMm  height of the hands, or
     * @param  int|null  $feetShoes  shoe lengths that the feet stand behind arm's length from a wall
     * @param  int  $raisedMm  cushions on a seat of 450 mm
     */
    private function __construct(
        public string $kind,
        public ?Limb $segment = null,
        public bool $inHand = false,
        public string $from = 'toes',
        public ?int $handsMm = null,
        public ?int $feetShoes = null,
        public int $raisedMm = 0,
    ) {
    }

    /**
     * Grams of the body that the hands carry in a push-up; null for another lever, or where no figure is known. With
     * the feet so many shoes (0.152 H, Drillis and Contini in Winter 2009) behind arm's length (0.332 H) from a wall.
     */
    public function onHands(Profile $client): ?float
    {
        if ($this->kind !== 'push_up') {
            return null;
        }
        $height = (float) $client->heightMm;
        $share = $this->feetShoes !== null
            ? PushUp::atWall($height, $this->from, (Segment::ARM + $this->feetShoes * Segment::FOOT) * $height)
            : PushUp::onFloor($height, $this->from, (float) $this->handsMm);

        return $share === null ? null : $share * $client->bodyMassKg * 1000;
    }

    public static function read(Bag $bag): self
    {
        return match ($bag->string('kind')) {
            'limb' => new self(
                'limb', segment: $bag->enum('segment', Limb::class), inHand: $bag->string('load_at') === 'hand',
            ),
            'push_up' => new self(
                'push_up', from: $bag->string('from') === 'knees' ? 'knees' : 'toes',
                handsMm: $bag->optInt('hands_mm', 0, 1500), feetShoes: $bag->optInt('feet_shoes', 0, 6),
            ),
            'seat' => new self('seat', raisedMm: $bag->int('raised_mm', 0, 400)),
            'held' => new self('held'),
            default => new self('suitcase'),
        };
    }
}
