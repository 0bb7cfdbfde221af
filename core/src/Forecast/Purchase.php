<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Forecast;

use BuoyantStep\Core\Kit\Carrier;
use BuoyantStep\Core\Kit\Kit;
use BuoyantStep\Core\Kit\Piece;
use BuoyantStep\Core\Kit\Thing;
use BuoyantStep\Core\Units\Mass;
use BuoyantStep\Core\Vocabulary\GripClass;

/** Something that could be bought: pieces by mass and count, or a thing. No brand, no shop, no price. */
final readonly class Purchase
{
    private const HANDLE_G = 1000;

    private const PLATES_G = [250, 500, 1000];

    /**
     * @param  list<Piece>  $pieces
     * @param  list<Carrier>  $carriers
     */
    private function __construct(
        public string $label,
        public array $pieces,
        public ?Thing $thing = null,
        public array $carriers = [],
    ) {
    }

    public static function weights(int $massG, int $count): self
    {
        $label = $count === 1
            ? 'a weight of '.Mass::say($massG)
            : sprintf('%s weights of %s each', self::words($count), Mass::say($massG));

        return new self($label, [self::piece('weight', $label, $massG, $count, GripClass::Power, true)]);
    }

    public static function cuffs(int $massG, int $count): self
    {
        $label = $count === 1
            ? 'a cuff of '.Mass::say($massG).' to strap on'
            : sprintf('%s cuffs of %s each to strap on', self::words($count), Mass::say($massG));

        return new self($label, [self::piece('cuff', $label, $massG, $count, GripClass::None, false)]);
    }

    /** A handle and small plates in pairs, one end like the other; once, or for each hand. */
    public static function adjustable(int $count): self
    {
        $label = ($count === 1 ? 'an adjustable hand weight' : 'two adjustable hand weights').' (a handle of '
            .Mass::say(self::HANDLE_G).' and pairs of plates of '
            .implode(', ', array_map(Mass::say(...), self::PLATES_G)).')';
        $plates = array_map(static fn (int $g): Piece => new Piece(
            "bought_plate_$g", 'plate of '.Mass::say($g), $g, 4 * $count, GripClass::Pinch, false, true, true,
        ), self::PLATES_G);

        return new self($label, $plates, carriers: [new Carrier(
            'bought_handle', 'handle', self::HANDLE_G, $count, 2 * array_sum(self::PLATES_G) * 2,
            4 * count(self::PLATES_G), GripClass::Power, true,
        )]);
    }

    public static function bag(): self
    {
        return new self('a bag with handles, to pack', [], carriers: [
            new Carrier('bought_bag', 'bag', 150, 1, 10_000, 20, GripClass::Hook),
        ]);
    }

    public static function backpack(): self
    {
        return new self('a backpack, to pack', [], carriers: [
            new Carrier('bought_backpack', 'backpack', 700, 1, 15_000, 14, GripClass::None),
        ]);
    }

    public static function thing(Thing $thing): self
    {
        // Long enough to be anchored at a door and held in both hands: house estimate.
        $label = $thing === Thing::Band ? 'an elastic band or tube of about 2 m' : 'a '.$thing->label();

        return new self($label, [], $thing);
    }

    /** @param  list<self>  $these */
    public static function together(array $these): self
    {
        $labels = array_map(static fn (self $p): string => $p->label, $these);
        $last = array_pop($labels);

        return new self(
            $labels === [] ? (string) $last : implode(', ', $labels).' and '.$last,
            array_merge(...array_map(static fn (self $p): array => $p->pieces, $these)),
            carriers: array_merge(...array_map(static fn (self $p): array => $p->carriers, $these)),
        );
    }

    public function addedTo(Kit $kit): Kit
    {
        return new Kit(
            [...$kit->pieces, ...$this->pieces], [...$kit->carriers, ...$this->carriers], $kit->bands,
        );
    }

    /** How many things it is, and how heavy in all: of two that help alike the smaller is named first. */
    public function size(): int
    {
        return array_sum(array_map(
            static fn (Piece|Carrier $p): int => $p->count, [...$this->pieces, ...$this->carriers],
        ));
    }

    public function massG(): int
    {
        return array_sum(array_map(
            static fn (Piece|Carrier $p): int => $p->count * $p->massG, [...$this->pieces, ...$this->carriers],
        ));
    }

    private static function piece(
        string $kind,
        string $label,
        int $massG,
        int $count,
        GripClass $grip,
        bool $packable,
    ): Piece {
        return new Piece("bought_{$kind}_{$massG}_$count", $label, $massG, $count, $grip, true, $packable);
    }

    private static function words(int $n): string
    {
        return $n === 2 ? 'two' : (string) $n;
    }
}
