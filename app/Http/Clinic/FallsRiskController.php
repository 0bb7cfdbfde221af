<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\AnswerFallsRisk;
use App\Models\Client;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** High falls risk, as the measures or a fall ask for it. */
final class FallsRiskController extends StageController
{
    public function answer(Request $request, Client $client, AnswerFallsRisk $falls): RedirectResponse
    {
        $request->validate(
            [
                'answer' => ['required', Rule::in(['yes', 'no'])],
                'reason' => ['required_if:answer,no', 'nullable', 'string', 'min:3', 'max:500'],
            ],
            ['reason.*' => 'Say why not, for example: tripped over the dog, tests repeated and steady.'],
        );
        $me = $this->me($request);
        if ($request->input('answer') === 'yes') {
            $falls->yes($client, $me);

            return $this->said('High falls risk is on the screen.');
        }
        $falls->no($client, $me, $request->string('reason')->value());

        return $this->said('Kept as it is, with your reason.');
    }
}
