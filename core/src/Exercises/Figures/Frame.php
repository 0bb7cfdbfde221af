<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Exercises\Figures;

use JsonSerializable;

/** One picture: everything to draw, back to front. */
final readonly class Frame implements JsonSerializable
{
    /** @param  list<Shape>  $shapes */
    public function __construct(public array $shapes, public Skeleton $skeleton)
    {
    }

    /** @param  list<string>  $props */
    public static function of(Skeleton $body, array $props, ?string $load): self
    {
        $behind = [];
        $before = [];
        foreach ($props as $prop) {
            foreach (Props::draw($prop, $body) as $shape) {
                $shape->role === 'band' || $shape->role === 'load' ? $before[] = $shape : $behind[] = $shape;
            }
        }
        $limbs = [];
        foreach (['far', 'near'] as $side) {
            $j = static fn (string $name): Vec => $body->joints[$side.'_'.$name];
            $role = $side === 'far' && ! $body->isFront ? 'far' : 'near';
            $limbs[$side] = [
                Shape::line($role, $j('hip'), $j('knee'), $j('ankle')),
                Shape::line($role, $j('heel'), $j('ankle'), $j('toe'), $j('heel')),
                Shape::line($role, $j('shoulder'), $j('elbow'), $j('hand')),
            ];
        }
        $trunk = $body->isFront
            ? [
                Shape::line(
                    'near', $body->joints['near_hip'], $body->joints['near_shoulder'], $body->joints['far_shoulder'],
                    $body->joints['far_hip'], $body->joints['near_hip'],
                ),
            ]
            : [Shape::line('near', $body->joints['hip'], $body->joints['waist'], $body->joints['shoulder'])];

        return new self([
            ...$behind, ...$limbs['far'], ...$trunk,
            Shape::line(
                'near',
                $body->joints['shoulder'],
                $body->joints['shoulder']->plus($body->joints['shoulder']->to($body->joints['head']), 0.45),
            ),
            Shape::disc('near', $body->joints['head'], Skeleton::HEAD),
            ...$limbs['near'], ...$before, ...($load === null ? [] : Loads::draw($load, $body)),
        ], $body);
    }

    public function bounds(): Bounds
    {
        return Bounds::around(array_map(static fn (Shape $s): Bounds => $s->bounds(), $this->shapes));
    }

    /** @return list<Shape> */
    public function jsonSerialize(): array
    {
        return $this->shapes;
    }
}
