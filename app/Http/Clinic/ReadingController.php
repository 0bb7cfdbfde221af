<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Http\Clinic\Resources\ReadingResource;
use App\Http\Controller;
use App\Models\Client;
use Illuminate\Http\JsonResponse;

/** Where the Gate stage looks for what came in from devices. */
final class ReadingController extends Controller
{
    public function index(Client $client): JsonResponse
    {
        return response()->json(['readings' => ReadingResource::latest($client)]);
    }
}
