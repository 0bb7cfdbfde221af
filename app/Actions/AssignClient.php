<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Client;
use App\Models\Decision;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Says who of the clinic looks after a client. */
final class AssignClient
{
    public function run(Client $client, User $by, ?int $to): void
    {
        $colleague = $to === null
            ? null
            : User::query()->where('clinic_id', $client->clinic_id)->find($to)
            ?? throw Refusal::at('to', 'Choose somebody of this clinic.');
        if ($client->assigned_to === $colleague?->id) {
            return;
        }
        DB::transaction(static function () use ($client, $by, $colleague): void {
            $client->update(['assigned_to' => $colleague?->id]);
            Decision::record(
                $by, $client, 'client.assigned',
                $colleague === null ? 'Assigned to nobody.' : "Assigned to $colleague->name.",
            );
        });
    }
}
