<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Actions\Refusal;
use App\Models\Client;
use App\Models\KitCarrier;
use App\Models\KitPiece;
use BuoyantStep\Core\Kit\WornOn;
use BuoyantStep\Core\Units\Mass;
use Symfony\Component\Serializer\Encoder\CsvEncoder;
use Symfony\Component\Serializer\Exception\ExceptionInterface;

/**
 * A kit as comma-separated values: one line a thing, kind piece or carrier, masses in kilograms. Columns in any order;
 * those left out take the value in brackets: kind (piece), label, mass_kg, count (1), grip (power), worn_on (where it
 * goes when the grip is none: limb for a piece, back for a carrier), holdable (yes), packable (yes), weighed (no),
 * max_mass_kg (10), max_pieces (10).
 */
final class KitCsv
{
    private const COLUMNS = [
        'kind', 'label', 'mass_kg', 'count', 'grip', 'worn_on', 'holdable', 'packable', 'weighed', 'max_mass_kg',
        'max_pieces',
    ];

    private const MOST_LINES = 100;

    /**
     * @return array{list<array<string, mixed>>, list<array<string, mixed>>} pieces and carriers
     *
     * @throws \Illuminate\Validation\ValidationException naming the line, the column and a value that works
     */
    public function read(string $csv): array
    {
        try {
            $rows = (new CsvEncoder)->decode(self::unixLines($csv), 'csv', [CsvEncoder::AS_COLLECTION_KEY => true]);
        } catch (ExceptionInterface) {
            $rows = [];
        }
        if (! is_array($rows) || $rows === [] || count($rows) > self::MOST_LINES) {
            throw Refusal::at(
                'file',
                sprintf(
                    'Give a file of 1 to %d lines with a first line that names the columns, for example: '
                        .'label,mass_kg,count',
                    self::MOST_LINES,
                ),
            );
        }
        $pieces = $carriers = [];
        foreach (array_values($rows) as $i => $row) {
            $line = new KitLine($i + 2, is_array($row) ? $row : []);
            if ($line->word('kind', 'piece', ['piece', 'carrier']) === 'carrier') {
                $carriers[] = [
                    'label' => $line->label(), 'mass_g' => $line->grams('mass_kg', 0),
                    'count' => $line->whole('count', 1, 1, 99), 'grip' => $line->grip(),
                    'worn_on' => $line->wornOn(WornOn::Back),
                    'max_mass_g' => $line->grams('max_mass_kg', 0, 10.0),
                    'max_pieces' => $line->whole('max_pieces', 10, 0, 60), 'plates' => false,
                ];
            } else {
                $pieces[] = [
                    'label' => $line->label(), 'mass_g' => $line->grams('mass_kg', 0.001),
                    'count' => $line->whole('count', 1, 1, 99), 'grip' => $line->grip(),
                    'worn_on' => $line->wornOn(WornOn::Limb),
                    'holdable' => $line->yes('holdable', true), 'packable' => $line->yes('packable', true),
                    'plate' => false, 'weighed' => $line->yes('weighed', false),
                ];
            }
        }

        return [$pieces, $carriers];
    }

    public function write(Client $client): string
    {
        $yes = static fn (bool $b): string => $b ? 'yes' : 'no';
        $rows = [
            ...$client->pieces->map(
                static fn (KitPiece $p): array => [
                    'piece', $p->label, Mass::grams($p->mass_g)->kilograms(), $p->count, $p->grip, $p->worn_on,
                    $yes($p->holdable), $yes($p->packable), $yes($p->weighed), '', '',
                ],
            )->all(),
            ...$client->carriers->map(
                static fn (KitCarrier $c): array => [
                    'carrier', $c->label, Mass::grams($c->mass_g)->kilograms(), $c->count, $c->grip, $c->worn_on,
                    '', '', '', Mass::grams($c->max_mass_g)->kilograms(), $c->max_pieces,
                ],
            )->all(),
        ];

        return (new CsvEncoder)->encode(
            array_map(
                static fn (array $r): array => array_combine(self::COLUMNS, $r),
                $rows === [] ? [array_fill(0, count(self::COLUMNS), '')] : $rows,
            ),
            'csv',
            [CsvEncoder::ESCAPE_FORMULAS_KEY => true],
        );
    }

    private static function unixLines(string $csv): string
    {
        // A control character in a name could be imported, and then never saved again by the page.
        $text = preg_replace(['/^\xEF\xBB\xBF/', '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/'], '', mb_scrub($csv)) ?? '';

        return str_replace(["\r\n", "\r"], "\n", $text);
    }
}
