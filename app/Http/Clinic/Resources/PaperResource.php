<?php

declare(strict_types=1);

namespace App\Http\Clinic\Resources;

use App\Exchange\LogCsv;
use App\Models\Client;
use App\Models\Plan;
use App\Models\PlanItem;
use App\Rows\PlanItemRow;
use BuoyantStep\Core\Exercises\Catalogue;

/** The plan in use as a table to type a paper sheet into. */
final class PaperResource
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @return array<string, mixed> */
    public function of(Client $client): array
    {
        $plan = $client->plans->firstWhere('status', Plan::ISSUED)?->load('items');

        return [
            'plan' => $plan === null ? null : [
                'id' => $plan->id, 'version' => $plan->version,
                'items' => $plan->items->map(function (PlanItem $i): array {
                    $rung = $this->catalogue->family($i->family)->rung($i->rung);
                    $dose = PlanItemRow::dose($i);

                    return [
                        'id' => $i->id, 'name' => $rung->name, 'amount' => $dose->amountLabel(),
                        'load' => $dose->loadLabel(), 'takes_load' => $dose->loadG !== null,
                        'sides' => count($i->sides), 'example' => implode(' ', array_fill(
                            0, $dose->sets * count($i->sides), (string) $dose->amount->hi,
                        )),
                    ];
                })->values()->all(),
            ],
            'columns' => implode(',', LogCsv::COLUMNS),
        ];
    }
}
