<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\Refusal;
use App\Actions\SetClinicDefault;
use App\Actions\SetFigure;
use App\Http\Clinic\Requests\ProfileRequest;
use App\Http\Clinic\Resources\RulebookResource;
use App\Http\Controller;
use BuoyantStep\Core\Progress\Progression;
use BuoyantStep\Core\Progress\SchoolBook;
use BuoyantStep\Core\Units\MassUnit;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

final class RulebookController extends Controller
{
    public function show(Request $request, RulebookResource $resource): Response
    {
        return Inertia::render('clinic/Rulebook', $resource->of($this->me($request)));
    }

    public function school(Request $request, SetClinicDefault $set): RedirectResponse
    {
        $request->validate(
            [
                'school' => ['required', Rule::in(array_keys(Progression::questions(SchoolBook::all())))],
                'choice' => ['nullable', 'string', 'max:40'], 'seen' => ['present', 'nullable', 'string', 'max:40'],
            ],
        );
        $code = $request->string('school')->value();
        $choice = $request->filled('choice') ? $request->string('choice')->value() : null;
        if ($choice !== null && ! isset(Progression::questions(SchoolBook::all())[$code]['choices'][$choice])) {
            throw Refusal::at('choice', 'Choose one of the schools listed, or the default.');
        }
        $me = $this->me($request);
        $set->school(
            $me->clinic, $me, $code, $choice, $request->filled('seen') ? $request->string('seen')->value() : null,
        );

        return $this->said('The clinic\'s default is set; a client\'s own choice still wins.');
    }

    public function unit(Request $request, SetClinicDefault $set): RedirectResponse
    {
        $request->validate(
            [
                'mass_unit' => ['required', Rule::enum(MassUnit::class)],
                'seen' => ['required', Rule::enum(MassUnit::class)],
            ],
            ['mass_unit.*' => 'Choose kg or lb.'],
        );
        $me = $this->me($request);
        $unit = MassUnit::from($request->string('mass_unit')->value());
        $set->unit($me->clinic, $me, $unit, MassUnit::from($request->string('seen')->value()));

        return $this->said('The clinic\'s unit is set; a client\'s own unit still wins.');
    }

    public function profile(ProfileRequest $request, SetClinicDefault $set): RedirectResponse
    {
        $me = $this->me($request);
        $set->profile($me->clinic, $me, $request->profile(), $request->seen());

        return $this->said('The clinic’s profile is kept; it stands on every sheet from now on.');
    }

    /** The lead says that a clinician has read what clients read, in the clinic's language; or takes it back. */
    public function words(Request $request, SetClinicDefault $set): RedirectResponse
    {
        $request->validate(['read' => ['required', 'boolean']]);
        $me = $this->me($request);
        $set->wordsRead($me->clinic, $me, $request->boolean('read'));

        return $this->said(
            $request->boolean('read')
                ? 'Kept: these words were read.' : 'The words say again that nobody has read them.',
        );
    }

    public function update(Request $request, SetFigure $set): RedirectResponse
    {
        $request->validate(
            [
                'rule' => ['required', 'string', 'max:80'],
                'field' => ['required', 'string', 'max:40'],
                'value' => ['nullable', 'integer', 'between:-1000000,1000000000'],
                'seen' => ['present', 'nullable', 'integer'],
                'reason' => ['nullable', 'string', 'max:500'],
            ],
            ['value.*' => 'Enter a whole number, or leave it empty to go back to the default.'],
        );
        $me = $this->me($request);
        $set->run(
            $me->clinic, $me, $request->string('rule')->value(), $request->string('field')->value(),
            $request->filled('value') ? $request->integer('value') : null,
            $request->filled('reason') ? $request->string('reason')->value() : null,
            $request->filled('seen') ? $request->integer('seen') : null,
        );

        return $this->said('Set for every client of the clinic.');
    }
}
