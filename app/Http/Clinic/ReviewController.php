<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\AcceptSteps;
use App\Actions\DecideProposal;
use App\Actions\StopSigns;
use App\Http\Clinic\Requests\DoseRequest;
use App\Http\Clinic\Resources\ReviewResource;
use App\Models\Client;
use App\Models\Proposal;
use BuoyantStep\Core\Progress\Decision;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Response;

final class ReviewController extends StageController
{
    public function show(Client $client, ReviewResource $resource): Response
    {
        return $this->kept('clinic/Review', $client, static fn (): array => $resource->of($client));
    }

    public function acceptSteps(Request $request, Client $client, AcceptSteps $steps): RedirectResponse
    {
        $what = $request->boolean('ease') ? Decision::Ease : Decision::StepUp;
        ['accepted' => $accepted, 'left' => $left] = $steps->all($client, $this->me($request), $what);
        $thing = $what === Decision::Ease ? 'easing' : 'step';
        $says = $accepted === 1 ? "1 $thing accepted." : "$accepted {$thing}s accepted.";

        return $left === [] ? $this->said($says) : $this->said($says)->withErrors([
            'proposal' => 'Not accepted: '.implode(' ', $left),
        ]);
    }

    public function smallSteps(Request $request, Client $client, AcceptSteps $steps): RedirectResponse
    {
        $on = $request->boolean('on');
        $steps->choose($client, $this->me($request), $on);

        return $this->said($on ? 'Small steps accept themselves from here on.' : 'Small steps wait for you again.');
    }

    public function accept(Request $request, Client $client, int $proposal, DecideProposal $decide): RedirectResponse
    {
        $decide->accept($this->found($client, $proposal), $this->me($request));

        return $this->said('Accepted.');
    }

    public function edit(DoseRequest $request, Client $client, int $proposal, DecideProposal $decide): RedirectResponse
    {
        $decide->edit(
            $this->found($client, $proposal),
            $this->me($request),
            $request->typed(),
            $request->filled('reason') ? $request->string('reason')->value() : null,
            $request->boolean('confirmed'),
        );

        return $this->said('Changed and accepted.');
    }

    public function refuse(Request $request, Client $client, int $proposal, DecideProposal $decide): RedirectResponse
    {
        $request->validate(
            ['reason' => ['required', 'string', 'min:3', 'max:500']],
            ['reason.*' => 'Say in a few words why, for example: sore knee since Monday.'],
        );
        $decide->refuse($this->found($client, $proposal), $this->me($request), $request->string('reason')->value());

        return $this->said('Refused; the dose stays as it is.');
    }

    public function undo(Request $request, Client $client, int $proposal, DecideProposal $decide): RedirectResponse
    {
        $decide->undo($this->found($client, $proposal), $this->me($request));

        return $this->said('Taken back; it is open again.');
    }

    public function reopenStop(Request $request, Client $client, int $log, StopSigns $stops): RedirectResponse
    {
        $stops->reopen($client, $this->me($request), $log);

        return $this->said('The red flag is open again.');
    }

    public function clearStop(Request $request, Client $client, StopSigns $stops): RedirectResponse
    {
        $request->validate(
            ['reason' => ['required', 'string', 'min:3', 'max:500']],
            ['reason.*' => 'Say who examined it and what was found.'],
        );
        $stops->clear($client, $this->me($request), $request->string('reason')->value());

        return $this->said('Red flag cleared.');
    }

    private function found(Client $client, int $proposal): Proposal
    {
        return Proposal::query()->with(
            ['planItem', 'client.clinic'],
        )->where('client_id', $client->id)->findOrFail($proposal);
    }
}
