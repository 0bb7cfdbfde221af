<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Limits;

use BuoyantStep\Core\Vocabulary\Binds;
use BuoyantStep\Core\Vocabulary\Moment;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\Position;
use BuoyantStep\Core\Vocabulary\Scope;
use BuoyantStep\Core\Vocabulary\Sign;
use BuoyantStep\Core\Vocabulary\Supervision;
use BuoyantStep\Core\Vocabulary\Support;
use BuoyantStep\Core\Vocabulary\Watch;
use BuoyantStep\Core\Vocabulary\Watched;
use BuoyantStep\Core\Vocabulary\Word;

/** Writes the limits of one rule set in sentences: what, how much, why. The rule id and the source go with each. */
final class Rules
{
    /** @var list<Limit> */
    private array $limits = [];

    private Scope $scope;

    public function __construct(private readonly string $rule, private readonly string $source)
    {
        $this->scope = new Scope;
    }

    /** The limits that follow bind this part of the body only. */
    public function within(Scope $scope): self
    {
        $this->scope = $scope;

        return $this;
    }

    public function everywhere(): self
    {
        return $this->within(new Scope);
    }

    public function set(Field $field, int|bool|Word $value, string $says): self
    {
        $this->limits[] = new Limit($field, $value, $this->rule, $says, $this->source, $this->scope);

        return $this;
    }

    /** A hold, or somebody there, that only some exercises need. */
    public function bind(Support|Supervision $value, Binds $binds, string $says): self
    {
        $field = $value instanceof Support ? Field::SupportMin : Field::SupervisionMin;
        $this->limits[] = new Limit($field, $value, $this->rule, $says, $this->source, $this->scope, $binds);

        return $this;
    }

    /** A figure of our own caution, and labelled as such. */
    public function house(Field $field, int|bool|Word $value, string $says): self
    {
        $this->limits[] = new Limit($field, $value, $this->rule, $says, 'House convention, cautious', $this->scope);

        return $this;
    }

    /** @param  list<Motion>  $motions */
    public function avoidMotions(array $motions, string $says): self
    {
        foreach ($motions as $motion) {
            $this->set(Field::AvoidMotions, $motion, $says);
        }

        return $this;
    }

    /** @param  list<Position>  $positions */
    public function avoidPositions(array $positions, string $says): self
    {
        foreach ($positions as $position) {
            $this->set(Field::AvoidPositions, $position, $says);
        }

        return $this;
    }

    /** @param  bool  $binding  does a session wait for it? */
    public function watch(Watched $what, Moment $when, string $says, bool $binding = false): self
    {
        return $this->set(Field::Watches, new Watch($what, $when, $binding), $says);
    }

    public function note(string $says): self
    {
        $this->limits[] = new Limit(Field::Notes, $says, $this->rule, $says, $this->source, $this->scope);

        return $this;
    }

    public function stopSign(Sign $sign): self
    {
        return $this->set(Field::StopSigns, $sign, $sign->urgency()->does());
    }

    /** @return list<Limit> */
    public function all(): array
    {
        return $this->limits;
    }
}
