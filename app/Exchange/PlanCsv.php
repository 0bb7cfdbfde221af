<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Exercises\Catalogue;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** A plan as comma-separated values to be read by people: one line an exercise, in the order of the session. */
final class PlanCsv
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    public function write(Plan $plan, Client $client): string
    {
        $rows = array_values($plan->items->map($this->row(...))->all());
        $csv = (new CsvEncoder)->encode($rows, 'csv', [
            CsvEncoder::END_OF_LINE => "\r\n", CsvEncoder::ESCAPE_FORMULAS_KEY => true,
            CsvEncoder::OUTPUT_UTF8_BOM_KEY => true,
        ]);

        return $client->massUnit()->render($csv);
    }

    /** @return array<string, string|int> */
    private function row(PlanItem $item): array
    {
        $planned = PlanItemRow::planned($item, $this->catalogue);
        $dose = $planned->dose;

        return [
            'place' => $item->position, 'exercise' => $planned->rung->name,
            'pattern' => $planned->family->pattern->label(),
            'goal' => $planned->goal->label(), 'sets' => $dose->sets, 'amount' => $dose->amountLabel(),
            'load' => (string) $dose->loadLabel(), 'effort' => $dose->effort->label(), 'rest_s' => $dose->restS,
            'tempo' => $dose->tempo, 'sides' => implode(' then ', $item->sides),
            'changes' => implode(' ', array_column($item->changes, 'says')), 'made_of' => (string) $item->recipe,
        ];
    }
}
