<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Http\Controller;
use App\Models\Client;
use App\Queries\WhatToBuy;
use Illuminate\Http\JsonResponse;

/** What to buy next: asked for by the page once it is there, as it takes a moment to try everything out. */
final class ShoppingController extends Controller
{
    public function show(Client $client, WhatToBuy $buy): JsonResponse
    {
        return response()->json(['says' => $buy->run($client)]);
    }
}
