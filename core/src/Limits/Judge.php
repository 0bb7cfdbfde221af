<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Client\FunctionStatus;
use BuoyantStep\Core\Client\GripClass;
use BuoyantStep\Core\Client\Side;
use BuoyantStep\Core\Units\Reason;

/** Holds an exercise's demands against an envelope. Prefers a change to a refusal, and names both. */
final readonly class Judge
{
    /** Standing rungs from this balance challenge upwards need the support that the envelope asks for. */
    private const SUPPORT_FROM_BALANCE = 2;

    private const SAYS = [
        'wedge_trunk' => 'Raise the trunk 30 degrees or more on a wedge or pillows.',
        'side_lying_instead' => 'Do it lying on the side instead.',
        'seated_instead' => 'Do it seated.',
        'shorten_range' => 'Shorten the range so that it stops before the limit.',
        'narrower_stance' => 'Keep the feet closer together.',
        'grip_aid' => 'Use a strap, loop or cuff in place of the grip.',
        'firm_surface' => 'On the firm floor, shoes on.',
        'eyes_open' => 'Keep the eyes open.',
        'pad' => 'A soft pad under the strap or edge; look at the skin afterwards.',
        'wider_stance' => 'Feet further apart.',
        'two_hands_on_bar' => 'Both hands on one stick: the better arm helps.',
        'sliding_cloth' => 'The hand on a cloth that slides.',
        'trunk_belt' => 'A belt round trunk and chair.',
        'chocks' => 'Chocks under the wheels.',
        'someone_home' => 'Only while someone is at home.',
        'hold_on:fingertip' => 'Fingertips on a counter or wall.',
        'hold_on:one_hand' => 'Hold on with one hand.',
        'hold_on:two_hands' => 'Hold on with both hands.',
    ];

    /** Motions that a shorter range, a narrower stance or an aid can keep within the limit. */
    private const EASED_BY = [
        'deep_knee_flexion_loaded' => ['shorten_range'],
        'hip_flexion_past_90' => ['shorten_range'],
        'shoulder_past_90' => ['shorten_range'],
        'spine_flexion_end_range' => ['shorten_range'],
        'spine_rotation_end_range' => ['shorten_range'],
        'wide_stance_load' => ['narrower_stance'],
        'grip_sustained_heavy' => ['grip_aid'],
    ];

    private const POSITION_EASED_BY = [
        'supine_flat' => ['wedge_trunk', 'side_lying_instead', 'seated_instead'],
        'standing' => ['seated_instead'],
        'long_static_standing' => ['seated_instead'],
        'quadruped' => ['seated_instead'],
        'kneeling' => ['seated_instead'],
    ];

    public function __construct(private Envelope $envelope, private FunctionStatus $function)
    {
    }

    public function verdict(Demands $demands): Verdict
    {
        $findings = [
            ...$this->position($demands),
            ...$this->motions($demands),
            ...$this->amounts($demands),
            ...$this->support($demands),
            ...$this->surroundings($demands),
            ...$this->grip($demands),
        ];
        if ($findings === []) {
            return new Verdict(Verdict::FITS, [], []);
        }
        $changes = [];
        $out = false;
        foreach ($findings as [$change, $reason]) {
            if ($change === null) {
                $out = true;
            } else {
                $changes[$change] = ['change' => $change, 'says' => self::says($change)];
            }
        }

        return new Verdict(
            $out ? Verdict::OUT : Verdict::CHANGES,
            $out ? [] : self::furthest($changes),
            array_map(static fn (array $f): Reason => $f[1], $findings),
        );
    }

    /**
     * Of several degrees of one change the furthest alone is said: who holds on with a hand has fingertips down as well. Who
     * sits needs no hold.
     *
     * @param  array<string, array{change: string, says: string}>  $changes
     * @return list<array{change: string, says: string}>
     */
    public static function furthest(array $changes): array
    {
        $furthest = [];
        foreach (array_keys($changes) as $change) {
            [$name, $argument] = explode(':', $change) + ['', ''];
            $degree = $name === 'hold_on' ? self::supportRank($argument) : -(int) $argument;
            if (! isset($furthest[$name]) || $degree > $furthest[$name][0]) {
                $furthest[$name] = [$degree, $changes[$change]];
            }
        }
        if (isset($furthest['seated_instead'])) {
            unset($furthest['hold_on']);
        }

        return array_column(array_values($furthest), 1);
    }

    public static function says(string $change): string
    {
        [$name, $argument] = explode(':', $change) + ['', ''];

        return self::SAYS[$change] ?? match ($name) {
            'shorter_hold' => sprintf('Hold for %s s at most.', $argument),
            'lighten' => sprintf('Lighten to %s %% of 1RM.', $argument),
            default => ucfirst(str_replace('_', ' ', $name)).'.',
        };
    }

    /** @return list<array{string|null, Reason}> */
    private function position(Demands $demands): array
    {
        $findings = [];
        $withheld = $this->envelope->tightest(Field::Clearance);
        if ($withheld?->value === 'withheld') {
            $findings[] = [null, self::reason($withheld)];
        }
        $limit = $this->envelope->has(Field::AvoidPositions, self::lyingSide($demands), $demands->scope());
        if ($limit !== null) {
            $findings[] = [self::firstPossible($demands, self::POSITION_EASED_BY[$demands->position] ?? []), self::reason($limit)];
        }
        $floor = $this->envelope->has(Field::AvoidPositions, 'floor', $demands->scope());
        if ($floor !== null && $demands->floorTransfer) {
            $findings[] = [null, self::reason($floor)];
        }
        $overhead = $this->envelope->has(Field::AvoidPositions, 'arms_overhead', $demands->scope());
        if ($overhead !== null && in_array('shoulder_past_90', $demands->motions, true)) {
            $findings[] = [self::firstPossible($demands, ['shorten_range']), self::reason($overhead)];
        }

        return $findings;
    }

    /** Whoever works one side lying on the side lies on the other one. */
    private static function lyingSide(Demands $demands): string
    {
        return $demands->position !== 'side_lying' ? $demands->position : match ($demands->side) {
            Side::Left => 'side_lying_right',
            Side::Right => 'side_lying_left',
            Side::Both => 'side_lying',
        };
    }

    /** @return list<array{string|null, Reason}> */
    private function motions(Demands $demands): array
    {
        $findings = [];
        foreach ($demands->motions as $motion) {
            $limit = $this->envelope->has(Field::AvoidMotions, $motion, $demands->scope());
            if ($limit !== null) {
                $findings[] = [self::firstPossible($demands, self::EASED_BY[$motion] ?? []), self::reason($limit)];
            }
        }
        $unsupported = $this->envelope->has(Field::AvoidMotions, 'single_leg_load_unsupported');
        if ($unsupported !== null && in_array('single_leg_load', $demands->motions, true) && $demands->usualSupport === 'free') {
            $change = $this->holdOn($demands, 'fingertip');
            $findings[] = [$change, self::reason($unsupported)];
        }

        return $findings;
    }

    /** @return list<array{string|null, Reason}> */
    private function amounts(Demands $demands): array
    {
        $findings = [];
        $impact = $this->envelope->tightest(Field::ImpactMax, $demands->scope());
        if ($impact !== null && $demands->impact > $impact->value) {
            $findings[] = [null, self::reason($impact)];
        }
        $hold = $this->envelope->tightest(Field::HoldMaxS, $demands->scope());
        if ($hold !== null && $demands->holdS !== null && $demands->holdS > $hold->value) {
            $findings[] = [self::firstPossible($demands, ['shorter_hold:'.$hold->value]), self::reason($hold)];
        }
        $load = $this->envelope->tightest(Field::LoadPctMax, $demands->scope());
        if ($load !== null && $demands->loadPct !== null && $demands->loadPct > $load->value) {
            $findings[] = [$load->value === 0 ? null : self::firstPossible($demands, ['lighten:'.$load->value]), self::reason($load)];
        }
        $effort = $this->envelope->tightest(Field::EffortMax, $demands->scope());
        if ($effort !== null && $demands->effort !== null && $demands->effort > $effort->value) {
            // Effort has no change of its own: less of it is a lighter load or fewer reps, for the dose to find.
            $findings[] = [$demands->loadPct !== null && $load !== null && $load->value !== 0 ? self::firstPossible($demands, ['lighten:'.min((int) $load->value, (int) $demands->loadPct)]) : null, self::reason($effort)];
        }
        $lift = $this->envelope->tightest(Field::LiftMaxG, $demands->scope());
        if ($lift !== null && $demands->bodyOnHands) {
            $findings[] = [null, new Reason('limit', $lift->rule, 'The hands would carry part of the body. '.$lift->says, $lift->source)];
        }
        $breath = $this->envelope->tightest(Field::Breath, $demands->scope());
        if ($breath !== null && $breath->value === 'no_holding' && $demands->breath === 'high') {
            $findings[] = [self::firstPossible($demands, ['lighten:60']), self::reason($breath)];
        }

        return $findings;
    }

    /** @return list<array{string|null, Reason}> */
    private function support(Demands $demands): array
    {
        $limit = $this->envelope->tightest(Field::SupportMin, $demands->scope());
        if ($limit === null || ! $demands->isStanding() || $demands->balance < self::SUPPORT_FROM_BALANCE) {
            return [];
        }
        $needed = (string) $limit->value;
        if (self::supportRank($demands->usualSupport) >= self::supportRank($needed)) {
            return [];
        }

        return [[$this->holdOn($demands, $needed), self::reason($limit)]];
    }

    /** @return list<array{string|null, Reason}> */
    private function surroundings(Demands $demands): array
    {
        $findings = [];
        $surface = $this->envelope->tightest(Field::SurfaceMax, $demands->scope());
        $scale = Field::SurfaceMax->scale() ?? [];
        if ($surface !== null && array_search($demands->surface, $scale, true) < array_search($surface->value, $scale, true)) {
            $findings[] = [self::firstPossible($demands, ['firm_surface']), self::reason($surface)];
        }
        $vision = $this->envelope->tightest(Field::Vision, $demands->scope());
        if ($vision !== null && $vision->value === 'eyes_open' && $demands->vision === 'eyes_closed') {
            $findings[] = [self::firstPossible($demands, ['eyes_open']), self::reason($vision)];
        }
        foreach ($demands->materials as $material) {
            $limit = $this->envelope->has(Field::AvoidMaterial, $material, $demands->scope());
            if ($limit !== null) {
                $findings[] = [$material === 'latex' ? null : self::firstPossible($demands, ['pad']), self::reason($limit)];
            }
        }
        $supervision = $this->envelope->word(Field::SupervisionMin, $demands->scope());
        if ($supervision === 'clinician_present' || (($supervision === 'someone_home' || $demands->spotter) && $this->function->isAlone())) {
            $findings[] = [null, new Reason('limit', 'supervision', 'This needs someone there, and the client is alone.', 'House convention, cautious')];
        }

        return $findings;
    }

    /** @return list<array{string|null, Reason}> */
    private function grip(Demands $demands): array
    {
        if ($demands->grip === GripClass::None) {
            return [];
        }
        $hand = $this->function->grip($demands->side);
        if ($hand->allows($demands->grip) || $this->isAided($demands)) {
            return [];
        }
        $says = sprintf('Needs a %s grip; %s hand grip is %s.', $demands->grip->value, $demands->side === Side::Both ? 'the weaker' : 'the '.$demands->side->value, $this->gripKnown($demands->side) ? $hand->value : 'not known');

        return [[self::firstPossible($demands, ['grip_aid']), new Reason('limit', 'function', $says, 'House convention, cautious')]];
    }

    /** An aid counts unless it would strap skin that cannot feel it. */
    private function isAided(Demands $demands): bool
    {
        foreach ($this->function->aids($demands->side) as $aid) {
            if ($aid->covers($demands->grip)) {
                return $this->envelope->has(Field::AvoidMaterial, 'tight_strap_on_insensate_skin', $demands->scope()) === null;
            }
        }

        return false;
    }

    private function gripKnown(Side $side): bool
    {
        return match ($side) {
            Side::Left => $this->function->gripLeft !== null,
            Side::Right => $this->function->gripRight !== null,
            Side::Both => $this->function->gripLeft !== null && $this->function->gripRight !== null,
        };
    }

    /**
     * A rung that is done free can be done holding on. A rung that is defined by its support (fingertips, one hand) cannot:
     * with more support it is the rung below, and that is the one to give.
     */
    private function holdOn(Demands $demands, string $needed): ?string
    {
        if ($demands->usualSupport !== 'free') {
            return null;
        }
        if ($needed === 'seated') {
            return self::firstPossible($demands, ['seated_instead']);
        }

        // Where the hands cannot give that much support, a seat can: what helps someone who may not stand helps here too.
        return self::firstPossible($demands, self::supportRank($demands->support) >= self::supportRank($needed) ? ['hold_on:'.$needed, 'seated_instead'] : ['seated_instead']);
    }

    private static function supportRank(string $support): int
    {
        return (int) array_search($support, Field::SupportMin->scale() ?? [], true);
    }

    /** @param  list<string>  $changes */
    private static function firstPossible(Demands $demands, array $changes): ?string
    {
        foreach ($changes as $change) {
            if ($demands->canTake($change)) {
                return $change;
            }
        }

        return null;
    }

    private static function reason(Limit $limit): Reason
    {
        return new Reason('limit', $limit->rule, $limit->says, $limit->source);
    }
}
