<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\StopSigns;
use App\Http\Resources\SheetResource;
use App\Models\Client;
use App\Models\Plan;
use BuoyantStep\Core\Plan\Situation;
use Inertia\Response;

final class SheetController extends StageController
{
    public function show(Client $client, SheetResource $resource): Response
    {
        return $this->stage('Sheet', $client, static function (Situation $situation) use ($client, $resource): array {
            $plan = $client->plans->firstWhere('status', Plan::ISSUED) ?? $client->plans->firstWhere('status', Plan::DRAFT);

            return ['sheet' => $plan === null ? null : $resource->of($plan->load('items'), $situation, StopSigns::open($client))];
        });
    }
}
