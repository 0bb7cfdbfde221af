<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\GripClass;
use BuoyantStep\Core\Client\Side;
use BuoyantStep\Core\Input\Bag;

/**
 * What an exercise asks of the body and the place. `support` is the most support it allows, because a hand that holds a
 * load cannot hold on; `usualSupport` is what it is done with unless told otherwise.
 */
final readonly class Demands
{
    /**
     * @param  list<string>  $motions  words of the envelope's avoid_motions
     * @param  list<string>  $materials
     * @param  list<string>|null  $changes  changes this exercise can take; null when every change may be tried
     * @param  bool  $bodyOnHands  do the hands carry part of the body? A lift limit then asks how much
     */
    public function __construct(
        public string $position,
        public array $motions,
        public Region $region,
        public Side $side,
        public int $impact,
        public string $support,
        public string $usualSupport,
        public string $surface,
        public string $vision,
        public GripClass $grip,
        public bool $floorTransfer,
        public int $balance,
        public string $breath,
        public ?int $holdS = null,
        public array $materials = [],
        public bool $anchor = false,
        public bool $spotter = false,
        public ?array $changes = null,
        public ?float $loadPct = null,
        public ?float $effort = null,
        public bool $bodyOnHands = false,
    ) {
    }

    /** @param  list<string>|null  $changes */
    public static function read(Bag $bag, ?array $changes = null): self
    {
        $support = $bag->optString('support') ?? 'free';

        return new self(
            $bag->string('position'),
            $bag->strings('motions'),
            $bag->enum('region', Region::class),
            $bag->optEnum('side', Side::class) ?? Side::Both,
            $bag->optInt('impact', 0, 3) ?? 0,
            $support,
            $bag->optString('usual_support') ?? 'free',
            $bag->optString('surface') ?? 'firm',
            $bag->optString('vision') ?? 'eyes_open',
            $bag->optEnum('grip', GripClass::class) ?? GripClass::None,
            $bag->bool('floor_transfer'),
            $bag->optInt('balance', 0, 4) ?? 0,
            $bag->optString('breath') ?? 'low',
            $bag->optInt('hold_s', 1, 600),
            $bag->strings('material'),
            $bag->bool('anchor'),
            $bag->bool('spotter'),
            $changes,
            $bag->optNumber('load_pct', 0, 100),
            $bag->optNumber('effort', 0, 10),
            $bag->bool('body_on_hands'),
        );
    }

    /** The same where the hands are known to carry no more than they may. */
    public function handsWithinLimit(): self
    {
        return $this->with(bodyOnHands: false);
    }

    public function withoutMaterial(string $material): self
    {
        return $this->with(withoutMaterials: [$material]);
    }

    public function onSide(Side $side): self
    {
        return $this->with(side: $side);
    }

    /** The same exercise once a change is made. What the change takes away is no longer demanded. */
    public function after(string $change): self
    {
        [$name, $argument] = explode(':', $change) + ['', ''];

        return match ($name) {
            'wedge_trunk' => $this->with(position: 'supine_raised'),
            'side_lying_instead' => $this->with(position: 'side_lying'),
            'seated_instead' => $this->with(position: 'seated', balance: 0, usualSupport: 'seated', without: ['single_leg_load']),
            'hold_on' => $this->with(usualSupport: self::more($this->usualSupport, $argument)),
            'shorten_range' => $this->with(without: ['deep_knee_flexion_loaded', 'hip_flexion_past_90', 'shoulder_past_90', 'spine_flexion_end_range', 'spine_rotation_end_range']),
            'narrower_stance' => $this->with(without: ['wide_stance_load']),
            'grip_aid' => $this->with(grip: GripClass::None, without: ['grip_sustained_heavy']),
            'lighten' => $this->with(breath: 'low', dosedAt: (float) $argument),
            'shorter_hold' => $this->with(holdS: (int) $argument),
            'pad' => $this->with(withoutMaterials: ['tight_strap_on_insensate_skin', 'hard_edge_on_insensate_skin']),
            'eyes_open' => $this->with(vision: 'eyes_open'),
            'firm_surface' => $this->with(surface: 'firm'),
            default => $this,
        };
    }

    /**
     * @param  list<string>  $without  motions no longer demanded
     * @param  list<string>  $withoutMaterials
     * @param  float|null  $dosedAt  a lighter share of the 1RM; the effort is then the dose's to find
     */
    private function with(?string $position = null, ?int $balance = null, ?string $usualSupport = null, array $without = [], ?GripClass $grip = null, ?string $breath = null, ?float $dosedAt = null, ?int $holdS = null, ?string $vision = null, ?string $surface = null, ?Side $side = null, array $withoutMaterials = [], ?bool $bodyOnHands = null): self
    {
        return new self(
            $position ?? $this->position, array_values(array_diff($this->motions, $without)), $this->region, $side ?? $this->side, $this->impact, $this->support, $usualSupport ?? $this->usualSupport,
            $surface ?? $this->surface, $vision ?? $this->vision, $grip ?? $this->grip, $this->floorTransfer, $balance ?? $this->balance, $breath ?? $this->breath,
            $this->holdS === null ? null : min($this->holdS, $holdS ?? $this->holdS), array_values(array_diff($this->materials, $withoutMaterials)), $this->anchor, $this->spotter, $this->changes,
            $this->loadPct === null ? null : min($this->loadPct, $dosedAt ?? $this->loadPct), $dosedAt === null ? $this->effort : null, $bodyOnHands ?? $this->bodyOnHands,
        );
    }

    private static function more(string $a, string $b): string
    {
        $scale = Field::SupportMin->scale() ?? [];

        return array_search($a, $scale, true) >= array_search($b, $scale, true) ? $a : $b;
    }

    public function scope(): Scope
    {
        return new Scope($this->region, $this->side);
    }

    public function isStanding(): bool
    {
        return $this->position === 'standing';
    }

    /** Can this change be made here at all? A change with an argument is listed by its name: hold_on:fingertip by hold_on. */
    public function canTake(string $change): bool
    {
        return $this->changes === null || in_array(explode(':', $change)[0], $this->changes, true);
    }
}
