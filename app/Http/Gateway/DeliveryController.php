<?php

declare(strict_types=1);

namespace App\Http\Gateway;

use App\Devices\Delivery;
use App\Devices\KeyTaken;
use App\Devices\TakeReading;
use App\Http\Controller;
use App\Models\Clinic;
use BuoyantStep\Core\Errors\InvalidInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Where gateways of devices deliver readings. */
final class DeliveryController extends Controller
{
    public function store(Request $request, TakeReading $take): JsonResponse
    {
        $clinic = $request->attributes->get('clinic');
        abort_unless($clinic instanceof Clinic, 401);
        try {
            $reading = $take->run($clinic, Delivery::read((string) $request->getContent()));
        } catch (InvalidInput $wrong) {
            $field = str_replace('/', '.', ltrim($wrong->pointer, '/'));

            return response()->json(
                ['message' => $wrong->getMessage(), 'errors' => [$field => [$wrong->getMessage()]]], 422,
            );
        } catch (KeyTaken) {
            $says = 'This key was used for another reading. Make a new key for each reading; send the same key only '
                .'to repeat the same one.';

            return response()->json(['message' => $says, 'errors' => ['key' => [$says]]], 409);
        }

        return response()->json(
            ['id' => $reading->id, 'status' => $reading->status, 'note' => $reading->note],
            $reading->wasRecentlyCreated ? 201 : 200,
        );
    }
}
