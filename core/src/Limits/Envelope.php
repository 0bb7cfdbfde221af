<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Vocabulary\Breath;
use BuoyantStep\Core\Vocabulary\Clearance;
use BuoyantStep\Core\Vocabulary\ConditionTrait;
use BuoyantStep\Core\Vocabulary\Material;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Part;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Scale;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Supervision;
use BuoyantStep\Core\Vocabulary\Watch;
use BuoyantStep\Core\Vocabulary\Watched;
use BuoyantStep\Core\Vocabulary\Word;

/**
 * What may be prescribed for one client on one day: a set of limits. Merging is the union of two sets, so it is
 * commutative, associative and idempotent by construction; reading a field takes the tightest value that binds the
 * part of the body in question, so a further limit can only narrow.
 */
final readonly class Envelope
{
    /** @var array<string, Limit> sorted by key */
    private array $limits;

    /** @var array<string, list<Limit>> field to limits, in rule order */
    private array $byField;

    /** @var array<string, list<Limit>> field to limits, the tightest first; of equals the first in rule order */
    private array $ranked;

    /** @var list<ConditionTrait> each once, in the order of the enum */
    private array $traits;

    /**
     * @param  iterable<Limit>  $limits
     * @param  list<ConditionTrait>  $traits  what else follows from the same facts
     */
    public function __construct(iterable $limits = [], array $traits = [])
    {
        $set = [];
        foreach ($limits as $limit) {
            $set[$limit->key()] = $limit;
        }
        ksort($set);
        $byField = [];
        foreach ($set as $limit) {
            $byField[$limit->field->value][] = $limit;
        }
        $this->limits = $set;
        $this->byField = $byField;
        // Ranked once: each rung of each client asks for the tightest of a dozen fields.
        foreach ($byField as $field => $ofField) {
            if (count($ofField) > 1) {
                $tight = static fn (Limit $l): int => $l->field->tightness($l->value);
                usort($ofField, static fn (Limit $a, Limit $b): int => $tight($b) <=> $tight($a));
                $byField[$field] = $ofField;
            }
        }
        $this->ranked = $byField;
        $this->traits = array_values(array_filter(
            ConditionTrait::cases(), static fn (ConditionTrait $t): bool => in_array($t, $traits, true),
        ));
    }

    public function merge(self $other): self
    {
        return new self(
            [...array_values($this->limits), ...array_values($other->limits)], [...$this->traits, ...$other->traits],
        );
    }

    /** @return list<Limit> the limits of a field that bind this work */
    public function binding(Field $field, Scope $work = new Scope): array
    {
        return array_values(
            array_filter($this->byField[$field->value] ?? [], static fn (Limit $l): bool => $l->scope->binds($work)),
        );
    }

    /** The tightest limit of a field with one value; null when nothing limits it. */
    public function tightest(Field $field, Scope $work = new Scope): ?Limit
    {
        foreach ($this->ranked[$field->value] ?? [] as $limit) {
            if ($limit->scope->binds($work)) {
                return $limit;
            }
        }

        return null;
    }

    public function number(Field $field, Scope $work = new Scope): ?int
    {
        $value = $this->tightest($field, $work)?->value;

        return is_int($value) ? $value : null;
    }

    /** Number of a field that always has one, because the defaults set it. */
    public function atLeast(Field $field, int $default, Scope $work = new Scope): int
    {
        return $this->number($field, $work) ?? $default;
    }

    public function is(ConditionTrait $trait): bool
    {
        return in_array($trait, $this->traits, true);
    }

    public function clearance(): Clearance
    {
        $value = $this->tightest(Field::Clearance)?->value;

        return $value instanceof Clearance ? $value : Clearance::None;
    }

    public function breath(): Breath
    {
        $value = $this->tightest(Field::Breath)?->value;

        return $value instanceof Breath ? $value : Breath::Free;
    }

    public function supervision(Scope $work = new Scope): Supervision
    {
        $value = $this->tightest(Field::SupervisionMin, $work)?->value;

        return $value instanceof Supervision ? $value : Supervision::Alone;
    }

    public function effortMax(Scope $work = new Scope): int
    {
        return $this->number(Field::EffortMax, $work) ?? 10;
    }

    /** Percent of the estimated 1RM; 100 where nothing caps it. */
    public function loadPctMax(Scope $work = new Scope): int
    {
        return $this->number(Field::LoadPctMax, $work) ?? 100;
    }

    /** Seconds between bouts; 0 where nothing asks for a rest. */
    public function restMin(Scope $work = new Scope): int
    {
        return $this->number(Field::RestMinS, $work) ?? 0;
    }

    /** The limit that rules a word out for this work; null when none does. */
    public function avoids(Position|Motion|Part|Material $word, Scope $work = new Scope): ?Limit
    {
        return $word instanceof Position ? $this->avoidsLying($word, $work) : $this->has(match (true) {
            $word instanceof Motion => Field::AvoidMotions,
            $word instanceof Part => Field::AvoidParts,
            default => Field::AvoidMaterial,
        }, $word, $work);
    }

    /** On the side means on either one: out with it goes each of them, and it is out where neither is left. */
    private function avoidsLying(Position $position, Scope $work): ?Limit
    {
        $limit = fn (Position $p): ?Limit => $this->has(Field::AvoidPositions, $p, $work);
        $left = $limit(Position::SideLyingLeft);
        $right = $limit(Position::SideLyingRight);

        return $limit($position) ?? match ($position) {
            Position::SideLyingLeft, Position::SideLyingRight => $limit(Position::SideLying),
            Position::SideLying => $left !== null && $right !== null ? $left : null,
            default => null,
        };
    }

    /** The limit that asks for a look; null when none does. */
    public function watch(Watched $what, Moment $when): ?Limit
    {
        return $this->has(Field::Watches, new Watch($what, $when));
    }

    /** Does a session wait for this look? */
    public function waitsFor(Watched $what, Moment $when): bool
    {
        foreach ($this->watches() as $watch) {
            if ($watch->what === $what && $watch->when === $when) {
                return $watch->binding;
            }
        }

        return false;
    }

    /** @return list<Sign> the red flags of this client, their own before those of everybody */
    public function redFlags(): array
    {
        $own = $everybody = [];
        foreach ($this->binding(Field::StopSigns) as $limit) {
            if ($limit->value instanceof Sign) {
                $limit->rule === 'default'
                    ? $everybody[$limit->value->value] = $limit->value
                    : $own[$limit->value->value] = $limit->value;
            }
        }

        return array_values([...array_diff_key($own, $everybody), ...$everybody]);
    }

    /**
     * What the check before a session asks of this client: their red flags, and the signs that ease a session where
     * something watches for them.
     *
     * @return list<Sign>
     */
    public function signsToAsk(): array
    {
        $more = [Sign::BreathlessAtRest, Sign::RedFlagPain, Sign::Dizziness, Sign::Headache];
        if ($this->watch(Watched::PelvicFloor, Moment::After) !== null) {
            array_push($more, Sign::Doming, Sign::PelvicHeaviness, Sign::Leaking);
        }
        if ($this->watch(Watched::Glucose, Moment::Before) !== null) {
            $more[] = Sign::SevereLow;
        }
        $flags = $this->redFlags();

        return [...$flags, ...array_values(
            array_filter($more, static fn (Sign $s): bool => ! in_array($s, $flags, true)),
        )];
    }

    /** Do the client's conditions add a red flag to those of everybody? */
    public function addsRedFlags(): bool
    {
        $everybody = [];
        $own = [];
        foreach ($this->binding(Field::StopSigns) as $limit) {
            $limit->rule === 'default' ? $everybody[] = $limit->plain() : $own[] = $limit->plain();
        }

        return array_diff($own, $everybody) !== [];
    }

    /** @return list<Watch> each once, in a fixed order */
    public function watches(): array
    {
        $watches = [];
        foreach ($this->binding(Field::Watches) as $limit) {
            if ($limit->value instanceof Watch) {
                $code = $limit->value->code();
                $binding = $limit->value->binding || ($watches[$code]->binding ?? false);
                $watches[$code] = new Watch($limit->value->what, $limit->value->when, $binding);
            }
        }
        ksort($watches);

        return array_values($watches);
    }

    /** A scale's value as the open form writes it. */
    public function word(Field $field, Scope $work = new Scope): string
    {
        $value = $this->tightest($field, $work)?->value;

        return $value instanceof Scale ? $value->code() : $field->freest()?->code() ?? '';
    }

    public function flag(Field $field, Scope $work = new Scope): bool
    {
        return $this->tightest($field, $work)?->value !== false;
    }

    /** @return list<string> a list's words as the open form writes them, sorted, without repeats */
    public function words(Field $field, Scope $work = new Scope): array
    {
        $words = [];
        foreach ($this->binding($field, $work) as $limit) {
            $words[(string) $limit->plain()] = true;
        }
        $words = array_map(strval(...), array_keys($words));
        sort($words);

        return $words;
    }

    public function has(Field $field, Word $word, Scope $work = new Scope): ?Limit
    {
        foreach ($this->byField[$field->value] ?? [] as $limit) {
            // A case of an enum is one object; only a watch is made anew.
            $same = $limit->value === $word || ($word instanceof Watch && $limit->plain() === $word->code());
            if ($same && $limit->scope->binds($work)) {
                return $limit;
            }
        }

        return null;
    }

    /** @return list<Limit> all limits, in a fixed order */
    public function all(): array
    {
        return array_values($this->limits);
    }
}
