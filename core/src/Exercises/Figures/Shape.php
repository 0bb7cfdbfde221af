<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

use JsonSerializable;

/**
 * One thing to draw: a line, a filled area or a disc, with the part it plays. How it looks is the interface's affair.
 */
final readonly class Shape implements JsonSerializable
{
    /**
     * @param  'line'|'area'|'disc'  $kind
     * @param  'near'|'far'|'prop'|'ground'|'band'|'load'  $role
     * @param  list<Vec>  $points  the centre alone for a disc
     */
    private function __construct(
        public string $kind,
        public string $role,
        public array $points,
        public float $radius = 0.0,
    ) {
    }

    /** @param  'near'|'far'|'prop'|'ground'|'band'|'load'  $role */
    public static function line(string $role, Vec ...$points): self
    {
        return new self('line', $role, array_values($points));
    }

    /** @param  'near'|'far'|'prop'|'ground'|'band'|'load'  $role */
    public static function disc(string $role, Vec $centre, float $radius): self
    {
        return new self('disc', $role, [$centre], $radius);
    }

    /** @param  'near'|'far'|'prop'|'ground'|'band'|'load'  $role */
    public static function box(string $role, float $left, float $bottom, float $right, float $top): self
    {
        return new self(
            'area',
            $role,
            [new Vec($left, $bottom), new Vec($right, $bottom), new Vec($right, $top), new Vec($left, $top)],
        );
    }

    public function bounds(): Bounds
    {
        $xs = array_map(static fn (Vec $p): float => $p->x, $this->points);
        $ys = array_map(static fn (Vec $p): float => $p->y, $this->points);
        if ($xs === [] || $ys === []) {
            return new Bounds;
        }

        return new Bounds(
            min($xs) - $this->radius, min($ys) - $this->radius, max($xs) + $this->radius, max($ys) + $this->radius,
        );
    }

    /** @return array{kind: string, role: string, points: list<array{int, int}>, radius: int} */
    public function jsonSerialize(): array
    {
        return [
            'kind' => $this->kind,
            'role' => $this->role,
            'points' => array_map(static fn (Vec $p): array => $p->rounded(), $this->points),
            'radius' => (int) round($this->radius * 1000),
        ];
    }
}
