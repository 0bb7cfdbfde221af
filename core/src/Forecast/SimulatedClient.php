<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Forecast;

use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Exercises\StartFloor;
use BuoyantStep\Core\Log\LoggedSet;
use BuoyantStep\Core\Log\Performed;
use BuoyantStep\Core\Measures\EffortScale;
use BuoyantStep\Core\Measures\RepsPossible;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Side;
use Random\Randomizer;

/**
 * A made-up body that does what a dose says, as well as it can, and says how hard it felt. It has a true strength of
 * its
 * own that nobody sees, grows by training, has bad days and tells effort only roughly. For demo data, load tests,
 * simulation and forecast; it never writes a dose. Every figure here is made up to be plausible, none is a norm.
 */
final class SimulatedClient
{
    /** True 1RM as a multiple of the share of body mass at which a load starts, for an average person. */
    private const MAX_OVER_START = 7.5;

    /** Of all that is lifted, with the body: one rise could be done with so much more. */
    private const MAX_OVER_BODY = 1.45;

    /** What a weak side does, of the other. */
    private const WEAK_SIDE = 0.75;

    /** @var array<string, float> what is trained to its true 1RM, grams of all that is lifted */
    private array $max = [];

    /** @var array<string, float> what is trained to the most that could be done of what is counted */
    private array $most = [];

    public function __construct(
        private readonly Profile $client,
        private readonly Randomizer $luck,
        private readonly float $strength,
        private readonly float $gainPct,
    ) {
    }

    /** The true 1RM of what a rung trains, grams of all that is lifted; null where it takes no load. */
    public function trueMaxG(RungHere $here): ?float
    {
        $start = $here->rung->work->start;
        $system = $here->rung->work->system($this->client);
        if (! $system->movesBody() && ($here->rung->work->holding === null || $start === null)) {
            return null;
        }
        $key = $here->family->code.($here->rung->work->eachSide && $system->movesBody() ? '/one' : '');

        $max = $this->max[$key] ??= $this->spread() * $this->strength * ($system->movesBody()
            ? $system->bodyG * self::MAX_OVER_BODY
            : $this->client->bodyMassKg * 10 * ($start?->percent() ?? 0) * ($start === StartFloor::Cuff
                ? 2 * self::MAX_OVER_START
                : self::MAX_OVER_START));

        return $max * self::onThatSide($here);
    }

    /** A weak side does less than the other. */
    private static function onThatSide(RungHere $here): float
    {
        return $here->only !== Side::Both && $here->situation->hasWeakSide()
            && $here->situation->leadingSide() === $here->only ? self::WEAK_SIDE : 1.0;
    }

    /**
     * Does the exercise as it is prescribed, on each of these sides, and tells how it went.
     *
     * @param  list<Side>  $sides
     * @param  float  $form  1 on a usual day, less on a bad one
     * @param  int  $pain  during, 0 to 10
     */
    public function does(RungHere $here, Dose $dose, array $sides, Day $on, float $form = 1.0, int $pain = 0): Performed
    {
        $sets = [];
        $today = $form * $this->between(0.97, 1.03);
        for ($set = 0; $set < $dose->sets; $set++) {
            foreach ($sides as $side) {
                $sets[] = $this->set($here->onSide($side), $dose->on($side), $side, $today * (1 - 0.03 * $set));
            }
        }
        $this->grow($here, $dose);

        return new Performed($on, $sets, 0, $pain, max(0, $pain - 2));
    }

    /**
     * A comfortable set to estimate from: so many reps with a load near the middle of what can be done, and how many
     * more were left.
     *
     * @param  list<int>  $ladderG  ascending, within every cap
     * @param  int  $effort  0 to 10, where it stops
     * @return array{load_g: int, reps: int, rir: int}|null null where nothing can be lifted
     */
    public function easySet(RungHere $here, array $ladderG, int $effort): ?array
    {
        $max = $this->trueMaxG($here);
        if ($max === null || $ladderG === []) {
            return null;
        }
        $system = $here->rung->work->system($this->client);
        $reserve = max(3, EffortScale::reserve($effort));
        // Ten in all: the estimate is at its best there, also with five left.
        $aim = RepsPossible::loadFor(max(10, $reserve + 3), (int) $max);
        $load = $ladderG[0];
        foreach ($ladderG as $grams) {
            $load = $system->with($grams) <= $aim ? $grams : $load;
        }
        $possible = (int) floor(RepsPossible::at((int) $system->with($load), (int) $max));
        if ($possible < 1) {
            return null;
        }
        $reps = max(1, min(15, $possible - $reserve));

        $left = max(0, min(10, $possible - $reps + $this->luck->getInt(-1, 1)));

        return ['load_g' => $load, 'reps' => $reps, 'rir' => $left];
    }

    private function set(RungHere $here, Dose $dose, Side $side, float $today): LoggedSet
    {
        $most = $this->possible($here, $dose) * $today;
        $reserve = EffortScale::reserve($dose->effort->hi);
        // As many as asked, until the effort that was asked for; one at least.
        $stop = $dose->kind === DoseKind::Reps ? (int) floor($most) - $reserve : (int) floor($most * 0.95);
        $done = max(1, min($dose->amount->hi, $stop));
        $felt = $dose->kind === DoseKind::Reps
            ? self::felt($most - $done) : min(10.0, 2 + 6 * ($done / max(1.0, $most)) ** 2);
        $told = round(max(1.0, min(10.0, $felt + $this->between(-0.6, 0.6))));

        return new LoggedSet($dose->kind, $done, $dose->loadG, $told, $side, $most < $done, pullN: $dose->pullN);
    }

    /** How many of what is counted could be done at most, today as usual. */
    private function possible(RungHere $here, Dose $dose): float
    {
        $max = $this->trueMaxG($here);
        if ($max !== null && $dose->kind === DoseKind::Reps) {
            $system = $here->rung->work->system($this->client);

            return max(0.0, RepsPossible::at((int) round($system->with($dose->resistanceG())), (int) $max));
        }
        $key = $here->family->code.':'.$dose->kind->value;
        // Each rung asks for a fifth more of what the one before left.
        $harder = 0.8 ** $here->family->position($here->rung->code);
        $usual = match ($dose->kind) {
            DoseKind::Reps => 34.0, DoseKind::Seconds => 120.0, DoseKind::Hold => 60.0, DoseKind::Steps => 60.0,
            DoseKind::Trips => 14.0, DoseKind::Metres => 60.0,
        };

        return ($this->most[$key] ??= $this->spread() * $this->strength * $usual) * $harder;
    }

    /** What a set does to the one who does it: nothing when it is too light to notice. */
    private function grow(RungHere $here, Dose $dose): void
    {
        $max = $this->trueMaxG($here);
        $gain = 1 + $this->gainPct / 100;
        $useful = $max === null || $here->rung->work->system($this->client)->with($dose->resistanceG()) >= 0.4 * $max;
        if ($useful) {
            $this->max = self::grown($this->max, $here->family->code, $gain);
            $this->most = self::grown($this->most, $here->family->code, $gain);
        }
    }

    /**
     * @param  array<string, float>  $can
     * @return array<string, float>
     */
    private static function grown(array $can, string $family, float $gain): array
    {
        foreach ($can as $key => $value) {
            $of = explode(':', explode('/', $key)[0])[0];
            $can[$key] = $of === $family ? $value * $gain : $value;
        }

        return $can;
    }

    /** The effort that so many reps left feel like, 0 to 10 (Zourdos 2016 for the upper part). */
    private static function felt(float $left): float
    {
        return match (true) {
            $left <= 5 => 10 - max(0.0, $left),
            $left <= 6 => 5.0,
            $left <= 9 => 4.0,
            $left <= 13 => 3.0,
            default => 2.0,
        };
    }

    private function spread(): float
    {
        return $this->between(0.85, 1.15);
    }

    private function between(float $lo, float $hi): float
    {
        return $lo + ($hi - $lo) * $this->luck->getInt(0, 10_000) / 10_000;
    }
}
