<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Progress;

use BuoyantStep\Core\Dose\Dose;
use BuoyantStep\Core\Dose\Goal;
use BuoyantStep\Core\Plan\Drafter;
use BuoyantStep\Core\Plan\Session\Session;
use BuoyantStep\Core\Plan\Session\Timed;
use BuoyantStep\Core\Plan\Wishes;
use BuoyantStep\Core\Situation\RungHere;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Units\Reason;
use BuoyantStep\Core\Vocabulary\DoseKind;
use BuoyantStep\Core\Vocabulary\Tempo;

/**
 * What moves when load and rung are closed: sets up to the goal's, a slower lowering, another exercise of the
 * pattern.
 */
final readonly class OtherLevers
{
    /** Lowering any slower is another exercise. House convention. */
    private const SLOWEST_S = 5;

    /** @param  int  $roomS  seconds that the session has left */
    public function __construct(private Situation $situation, private Wishes $wishes, private int $roomS = PHP_INT_MAX)
    {
    }

    public function look(RungHere $here, Goal $goal, Course $course, Proposal $proposal): Proposal
    {
        $offers = $this->families($here);
        $dose = $course->dose;
        $more = $dose->sets < $goal->row()->sets->hi && $this->hasRoom($here, $goal, $dose)
            ? $dose->with(sets: $dose->sets + 1) : null;
        $slower = self::slower($dose);
        // Under a plateau nothing was proved: it is offered, not proposed.
        if ($this->isGoodRun($proposal)) {
            if ($more !== null) {
                $says = 'The next step is closed here: one set more.';

                return self::moved($proposal, Lever::Sets, $more, $says, $offers);
            }
            if ($slower !== null) {
                $says = 'The next step is closed here: lower a second slower.';

                return self::moved($proposal, Lever::Tempo, $slower, $says, $offers);
            }
        }

        return $proposal->offering([
            ...$offers,
            ...($more === null ? [] : [new Offered('sets', 'Or one set more.', $more)]),
            ...($slower === null ? [] : [new Offered('tempo', 'Or lower a second slower.', $slower)]),
        ]);
    }

    private function hasRoom(RungHere $here, Goal $goal, Dose $dose): bool
    {
        $more = Session::oneMoreSet(
            Timed::here($here, $goal, $dose), $this->wishes->structure, $this->situation->envelope->restMin(),
        );

        return $more <= $this->roomS;
    }

    private function isGoodRun(Proposal $proposal): bool
    {
        return array_filter(
            $proposal->because,
            static fn (Reason $r): bool => in_array(
                $r->rule, ['rung.none', 'rung.not_open', 'step.cap', 'kit.outgrown'], true,
            ),
        ) !== [];
    }

    /** @param  list<Offered>  $offers */
    private static function moved(Proposal $from, Lever $lever, Dose $dose, string $says, array $offers): Proposal
    {
        return new Proposal(
            Decision::StepUp, $lever, $dose,
            [...$from->because, new Reason('rule', 'lever.'.$lever->value, $says, 'Practice')],
            offers: [...$from->offers, ...$offers],
        );
    }

    /** The same with a lowering that takes a second longer; null where there is no tempo, or it is slow already. */
    private static function slower(Dose $dose): ?Dose
    {
        if ($dose->kind !== DoseKind::Reps || $dose->tempo === '') {
            return null;
        }
        $tempo = Tempo::read($dose->tempo);

        return $tempo->lowerS >= self::SLOWEST_S ? null : $dose->with(tempo: (string) $tempo->slower());
    }

    /** @return list<Offered> other exercises of the pattern that are open here */
    private function families(RungHere $here): array
    {
        $drafter = new Drafter($this->situation);
        foreach ($this->situation->catalogue->families() as $family) {
            if ($family->pattern !== $here->family->pattern || $family->code === $here->family->code
                || $family->kind !== $here->family->kind) {
                continue;
            }
            $item = $drafter->start($family, $this->wishes)->item;
            if ($item !== null) {
                return [new Offered(
                    'family', sprintf('Or another exercise of the pattern: %s.', $item->rung->name), $item->dose,
                    $family->code, $item->rung->code,
                )];
            }
        }

        return [];
    }
}
