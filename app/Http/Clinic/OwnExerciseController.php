<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\Refusal;
use App\Actions\SaveOwnFamily;
use App\Editing\OwnFamilyForm;
use App\Http\Clinic\Requests\OwnExerciseRequest;
use App\Http\Clinic\Resources\Options;
use App\Http\Controller;
use App\Models\OwnFamily;
use BuoyantStep\Core\Exercises\Catalogue;
use BuoyantStep\Core\Vocabulary\BreathTemptation;
use BuoyantStep\Core\Vocabulary\Motion;
use BuoyantStep\Core\Vocabulary\SpineLoad;
use BuoyantStep\Core\Vocabulary\Support;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** Exercises of the clinic's own: copied from one of the catalogue's, written as a form or as a file. */
final class OwnExerciseController extends Controller
{
    public function form(Request $request, Catalogue $catalogue, OwnFamilyForm $form, string $family): Response
    {
        abort_unless($catalogue->has($family), 404);
        $data = $catalogue->data($family);
        $row = $catalogue->isStandard($family) ? null : $this->mine($request, $family);
        $from = $row === null ? $family : (string) $catalogue->family($family)->copiedFrom;

        return Inertia::render('clinic/OwnExercise', [
            'code' => $row?->code,
            'source' => ['code' => $from, 'name' => $catalogue->family($from)->name],
            'form' => [
                'copied_from' => $from, 'name' => $row === null ? '' : $catalogue->family($family)->name,
                'purpose' => $catalogue->family($family)->purpose,
                'words' => implode("\n", $row === null ? [] : $catalogue->family($family)->words),
                'reason' => $row->reason ?? '', 'version' => $row->version ?? 0,
                'rungs' => OwnFamilyForm::rungs($data),
            ],
            'figures' => array_map(
                static fn ($r): array => ['code' => $r->code, 'figure' => $r->figure->draw()],
                $catalogue->family($family)->rungs,
            ),
            'poses' => $form->poses($catalogue->family($from)),
            'options' => [
                'spine_load' => Options::of(SpineLoad::class), 'breath' => Options::of(BreathTemptation::class),
                'usual_support' => Options::of(Support::class), 'motions' => Options::of(Motion::class),
            ],
            'lead' => $this->me($request)->can('setFigures', $this->me($request)->clinic),
        ]);
    }

    public function store(OwnExerciseRequest $request, OwnFamilyForm $form, SaveOwnFamily $save): RedirectResponse
    {
        /** @var array<string, mixed> $typed */
        $typed = $request->validated();
        $from = $request->string('copied_from')->value();
        if (! Catalogue::standard()->isStandard($from)) {
            throw Refusal::at('copied_from', 'Choose an exercise of the catalogue to copy.');
        }
        $row = $save->run(
            $this->me($request), $form->file($typed, Catalogue::standard()->data($from)), $this->reason($request), null,
            0, 'rungs',
        );

        return redirect('/exercises/'.$row->code)->with('said', 'Added to the clinic\'s own exercises.');
    }

    public function update(
        OwnExerciseRequest $request,
        OwnFamilyForm $form,
        SaveOwnFamily $save,
        string $code,
    ): RedirectResponse {
        $row = $this->mine($request, $code);
        /** @var array<string, mixed> $typed */
        $typed = [...$request->validated(), 'copied_from' => $row->data['copied_from'] ?? ''];
        $save->run(
            $this->me($request), $form->file($typed, $row->data), $this->reason($request), $row,
            $request->integer('version'), 'rungs',
        );

        return redirect('/exercises/'.$code)->with('said', 'Changed.');
    }

    public function retire(Request $request, SaveOwnFamily $save, string $code): RedirectResponse
    {
        $request->validate(['out' => ['required', 'boolean']]);
        $save->retire($this->me($request), $this->mine($request, $code), $request->boolean('out'));

        return redirect('/exercises')->with('said', $request->boolean('out') ? 'Taken out of use.' : 'Offered again.');
    }

    /** A family as the schema-checked file that another clinic can read. */
    public function file(Catalogue $catalogue, string $family): JsonResponse
    {
        abort_unless($catalogue->has($family), 404);

        return response()->json($catalogue->data($family), 200, [
            'Content-Disposition' => sprintf('attachment; filename="%s.json"', $family),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public function import(Request $request, SaveOwnFamily $save): RedirectResponse
    {
        $request->validate([
            'file' => ['required', 'file', 'max:200'], 'reason' => ['nullable', 'string', 'max:300'],
        ], ['file.*' => 'Choose the file of one exercise, saved as JSON, of at most 200 kB.']);
        $data = json_decode((string) $request->file('file')?->get(), true);
        if (! is_array($data) || array_is_list($data)) {
            throw Refusal::at('file', 'This is no exercise as a file: it is one JSON object. Save one to see how.');
        }
        /** @var array<string, mixed> $data */
        $row = $save->run($this->me($request), $data, $this->reason($request), null, 0, 'file');

        return redirect('/exercises/'.$row->code)->with('said', 'Read and added to the clinic\'s own exercises.');
    }

    private function reason(Request $request): ?string
    {
        return $request->filled('reason') ? $request->string('reason')->trim()->value() : null;
    }

    private function mine(Request $request, string $code): OwnFamily
    {
        return OwnFamily::query()->where('clinic_id', $this->me($request)->clinic_id)->where('code', $code)
            ->firstOrFail();
    }
}
