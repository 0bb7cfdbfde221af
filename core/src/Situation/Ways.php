<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Situation;

use BuoyantStep\Core\Fit\Verdict;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Vocabulary\Change;
use BuoyantStep\Core\Vocabulary\ChangeKind;
use BuoyantStep\Core\Vocabulary\Choice;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Way;

/**
 * In which ways a rung may be done by this client here: a way is open where the rung done so asks for no more changes
 * than it does anyhow, and the home has what one holds on to.
 */
final class Ways
{
    /** @var array<string, list<Way>> by choice: each asks for a judgement of its own, and is asked for several times */
    private array $open = [];

    public function __construct(private readonly RungHere $here)
    {
    }

    /** @return list<Choice> what there is to choose: a hold only where something is held on to */
    public function choices(): array
    {
        $usual = $this->here->rung->demands->footing->usual;

        return array_values(array_filter(
            $this->here->rung->choices,
            fn (Choice $c): bool => ($c !== Choice::Hold || ! in_array($usual, [Support::Free, Support::Seated], true))
                && count($this->open($c)) > 1,
        ));
    }

    /** @return list<Way> the usual one first */
    public function open(Choice $choice): array
    {
        return $this->open[$choice->value] ??= array_values(array_filter($choice->ways(), $this->isOpen(...)));
    }

    /**
     * The way of each choice: what was chosen where it is open, else what suits this client.
     *
     * @param  list<Way>  $chosen  for this exercise first, then for this client
     * @return list<Way> one for each choice
     */
    public function in(array $chosen): array
    {
        return array_map(function (Choice $choice) use ($chosen): Way {
            $open = $this->open($choice);
            foreach ([...$chosen, ...$this->suits($choice)] as $way) {
                if (in_array($way, $open, true)) {
                    return $way;
                }
            }

            return $open[0];
        }, $this->choices());
    }

    /**
     * What the body asks for by itself: room for the belly, less strain on a sore pelvis.
     *
     * @return list<Way>
     */
    private function suits(Choice $choice): array
    {
        return match (true) {
            $choice !== Choice::Stance => [],
            $this->isNarrowed() => [Way::StanceNarrow],
            // Mottola 2019 leaves the stance free; the wider one is common practice in later pregnancy.
            $this->here->situation->client->dueDate !== null => [Way::StanceWide],
            default => [],
        };
    }

    /** Is the rung open only with the feet closer together than it says? Then no wide stance is offered inside it. */
    private function isNarrowed(): bool
    {
        return array_filter(
            $this->here->verdicts(),
            static fn (Verdict $v): bool => array_filter(
                $v->changes, static fn (Change $c): bool => $c->kind === ChangeKind::NarrowerStance,
            ) !== [],
        ) !== [];
    }

    private function isOpen(Way $way): bool
    {
        if ($way === Way::StanceWide && $this->isNarrowed()) {
            return false;
        }
        $support = $way->support();
        $usual = $this->here->rung->demands->footing->usual;
        if ($support !== null && (! $support->atLeast($usual) || ! $this->has($way))) {
            return false;
        }
        $asked = $this->here->verdicts();
        foreach ($asked as $side => $verdict) {
            if ($verdict->isOut()) {
                continue;
            }
            $so = $this->here->judgedIn($way, $side);
            if ($so->isOut() || array_udiff($so->changes, $verdict->changes, self::compare(...)) !== []) {
                return false;
            }
        }

        return true;
    }

    private static function compare(Change $a, Change $b): int
    {
        return $a->code() <=> $b->code();
    }

    private function has(Way $way): bool
    {
        $place = $this->here->situation->place;

        return match ($way) {
            Way::HoldRail => $place->has(Thing::Post),
            Way::HoldWall => $place->has(Thing::Wall),
            Way::HoldChair => $place->has(Thing::Chair),
            Way::HoldStick => $place->has(Thing::Stick),
            default => true,
        };
    }
}
