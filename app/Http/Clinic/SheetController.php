<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\StopSigns;
use App\Http\Clinic\Resources\HomePageResource;
use App\Http\Clinic\Resources\SheetResource;
use App\Models\Client;
use App\Models\Plan;
use App\Queries\Kept;
use Closure;
use Illuminate\Support\Facades\App;
use Inertia\Response;

final class SheetController extends StageController
{
    public function show(Client $client, SheetResource $resource, Kept $kept): Response
    {
        App::setLocale($client->clinic->locale);

        return $this->kept('clinic/Sheet', $client, static function (
            Closure $situation,
        ) use ($client, $resource, $kept): array {
            $plan = $client->plans->firstWhere('status', Plan::ISSUED)
                ?? $client->plans->firstWhere('status', Plan::DRAFT);

            $plan?->load('items');
            $stops = StopSigns::open($client);

            return ['home' => HomePageResource::of($client), 'sheet' => $plan === null ? null : $kept->of(
                'sheet', $client, [$plan, $plan->items, $stops, App::getLocale()],
                static fn (): array => $resource->of($plan, $client, $situation(), $stops),
            )];
        });
    }
}
