<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\ConfirmLoosening;
use App\Actions\SetOwnLimit;
use App\Http\Clinic\Requests\DayRule;
use App\Http\Clinic\Resources\LimitsResource;
use App\Http\Clinic\Resources\OwnLimitResource;
use App\Models\Client;
use BuoyantStep\Core\Limits\OwnLimits;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Situation\Situation;
use BuoyantStep\Core\Vocabulary\Region;
use BuoyantStep\Core\Vocabulary\Side;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Response;

final class LimitsController extends StageController
{
    /** What is sent when a limit is set for one client. */
    private const OWN = ['field', 'value', 'region', 'side', 'set_by', 'why', 'until'];

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

    public function set(Request $request, Client $client, SetOwnLimit $limits): RedirectResponse
    {
        $me = $this->me($request);
        $today = $me->clinic->today();
        $request->validate([
            'field' => ['required', Rule::in(array_column(OwnLimits::fields(), 'value'))],
            'value' => ['required', 'string', 'max:40'],
            'region' => ['required', Rule::enum(Region::class)],
            'side' => ['required', Rule::enum(Side::class)],
            'set_by' => ['required', 'string', 'max:160'],
            'why' => ['required', 'string', 'min:3', 'max:300'],
            'until' => ['nullable', DayRule::around($today, 0, 10)],
        ], [
            'field.*' => 'Choose what to limit.', 'value.*' => 'Enter the limit, for example 5.',
            'set_by.*' => 'Say who asks for it, for example: Dr Amari, letter of 3 May 2026.',
            'why.*' => 'Say why, for example: until the wound has healed.',
        ]);
        $limit = array_map(
            static fn (string $key): ?string => $request->filled($key) ? $request->string($key)->value() : null,
            array_combine(self::OWN, self::OWN),
        );
        $limits->set($client, $me, $limit);

        return $this->said('The limit holds from now on.');
    }

    public function end(Request $request, Client $client, int $limit, SetOwnLimit $limits): RedirectResponse
    {
        $request->validate(
            ['reason' => ['required', 'string', 'min:3', 'max:500']],
            ['reason.*' => 'Say why it may end, for example: the surgeon has cleared it.'],
        );
        $limits->end($client, $this->me($request), $limit, $request->string('reason')->value());

        return $this->said('The limit has ended.');
    }

    public function show(Client $client, RuleBook $rules): Response
    {
        return $this->stage(
            'clinic/Limits', $client, static fn (Situation $s): array => [
                ...LimitsResource::of($s, $rules), ...OwnLimitResource::of($client),
            ],
        );
    }
}
