<?php

declare(strict_types=1);

namespace BuoyantStep\Core\Kit;

use BuoyantStep\Core\Errors\InvalidInput;
use BuoyantStep\Core\Input\Bag;

/** Everything the house has to load an exercise with. */
final readonly class Kit
{
    public const MAX_KINDS = 200;

    /**
     * @param  list<Piece>  $pieces
     * @param  list<Carrier>  $carriers
     * @param  list<KitBand>  $bands
     */
    public function __construct(public array $pieces = [], public array $carriers = [], public array $bands = [])
    {
    }

    /** Is there a band that someone with a latex allergy may touch? */
    public function hasBandFreeOfLatex(): bool
    {
        return array_filter($this->bands, static fn (KitBand $b): bool => ! $b->mayHoldLatex()) !== [];
    }

    /** @throws InvalidInput when two things share an id */
    public static function read(Bag $bag): self
    {
        $pieces = array_map(Piece::read(...), $bag->bags('pieces'));
        $carriers = array_map(Carrier::read(...), $bag->bags('carriers'));
        $seen = [];
        foreach (['pieces' => $pieces, 'carriers' => $carriers] as $list => $things) {
            foreach ($things as $i => $thing) {
                if (isset($seen[$thing->id])) {
                    throw InvalidInput::at(
                        sprintf('%s/%d/id', $bag->pointer($list), $i),
                        sprintf('The id "%s" is used twice; give each thing its own.', $thing->id),
                    );
                }
                $seen[$thing->id] = true;
            }
        }

        return new self($pieces, $carriers);
    }

    /** A bag or a bucket with nothing in it; a handle without plates is a weight of its own. */
    public function isEmptyCarrier(Makeable $load): bool
    {
        foreach ($this->carriers as $carrier) {
            if ($carrier->id === $load->carrier) {
                return ! $carrier->takesPlates && $load->parts() === [];
            }
        }

        return false;
    }

    public function label(string $id): string
    {
        foreach ([...$this->pieces, ...$this->carriers] as $thing) {
            if ($thing->id === $id) {
                return $thing->label;
            }
        }

        return $id;
    }
}
