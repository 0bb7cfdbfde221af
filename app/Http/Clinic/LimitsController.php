<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\ConfirmLoosening;
use App\Http\Clinic\Resources\LimitsResource;
use App\Models\Client;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Situation\Situation;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Response;

final class LimitsController extends StageController
{
    public function confirm(Request $request, Client $client, ConfirmLoosening $confirm): RedirectResponse
    {
        $request->validate(
            ['rule' => ['required', 'string', 'max:60'], 'reason' => ['required', 'string', 'min:3', 'max:500']],
            ['reason.*' => 'Say what you found, for example: four weeks done, form steady, no pain.'],
        );
        $confirm->run(
            $client, $this->me($request), $request->string('rule')->value(), $request->string('reason')->value(),
        );

        return $this->said('Confirmed; the limits have opened.');
    }

    public function show(Client $client, RuleBook $rules): Response
    {
        return $this->stage(
            'clinic/Limits', $client, static fn (Situation $s): array => LimitsResource::of($s, $rules),
        );
    }
}
