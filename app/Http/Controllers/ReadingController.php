<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\Delivery;
use App\Devices\KeyTaken;
use App\Devices\TakeReading;
use App\Http\Resources\ReadingResource;
use App\Models\Client;
use App\Models\Clinic;
use BuoyantStep\Core\Errors\InvalidInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Where gateways deliver, and where the Gate stage looks for what came in. */
final class ReadingController extends Controller
{
    public function store(Request $request, TakeReading $take): JsonResponse
    {
        $clinic = $request->attributes->get('clinic');
        abort_unless($clinic instanceof Clinic, 401);
        try {
            $reading = $take->run($clinic, Delivery::read((string) $request->getContent()));
        } catch (InvalidInput $wrong) {
            $field = str_replace('/', '.', ltrim($wrong->pointer, '/'));

            return response()->json(['message' => $wrong->getMessage(), 'errors' => [$field => [$wrong->getMessage()]]], 422);
        } catch (KeyTaken) {
            $says = 'This key was used for another reading. Make a new key for each reading; send the same key only to repeat the same one.';

            return response()->json(['message' => $says, 'errors' => ['key' => [$says]]], 409);
        }

        return response()->json(['id' => $reading->id, 'status' => $reading->status, 'note' => $reading->note], $reading->wasRecentlyCreated ? 201 : 200);
    }

    public function index(Client $client): JsonResponse
    {
        return response()->json(['readings' => ReadingResource::latest($client)]);
    }
}
