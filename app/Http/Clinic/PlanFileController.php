<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\ImportPlan;
use App\Exchange\Calendar;
use App\Exchange\PlanCsv;
use App\Exchange\PlanFile;
use App\Http\Clinic\Resources\SessionResource;
use App\Http\Controller;
use App\Models\Client;
use App\Models\Plan;
use App\Rows\BuildSituation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The plan at hand in open formats. */
final class PlanFileController extends Controller
{
    public function json(Client $client, PlanFile $file): Response
    {
        return self::answer($file->write(self::plan($client), $client), 'application/json', 'plan.json');
    }

    public function csv(Client $client, PlanCsv $csv): Response
    {
        return self::answer($csv->write(self::plan($client), $client), 'text/csv; charset=utf-8', 'plan.csv');
    }

    public function calendar(
        Client $client, Calendar $calendar, SessionResource $session, BuildSituation $build,
    ): Response {
        $plan = self::plan($client);
        $sessions = $session->sessions($plan, $build->of($client));

        return self::answer(
            $calendar->write($plan, $client, $sessions, $client->clinic->today()), 'text/calendar; charset=utf-8',
            'plan.ics',
        );
    }

    /** On which days a session of so many minutes has room, by somebody's calendar. Nothing of it is kept. */
    public function free(Request $request, Calendar $calendar): JsonResponse
    {
        $request->validate(
            ['file' => ['required', 'file', 'max:2048'], 'minutes' => ['required', 'integer', 'between:5,120']],
            [
                'file.*' => 'Choose a calendar file (.ics), 2 MB at most.',
                'minutes.*' => 'Enter the minutes of a session first, from 5 to 120.',
            ],
        );
        $clinic = $this->me($request)->clinic;

        return response()->json(['days' => $calendar->free(
            (string) $request->file('file')?->getContent(), $clinic->today(), $request->integer('minutes'),
            $clinic->timezone,
        )]);
    }

    public function import(Request $request, Client $client, ImportPlan $import): RedirectResponse
    {
        $request->validate(
            ['file' => ['required', 'file', 'max:1024'], 'revision' => ['required', 'integer']],
            ['file.*' => 'Choose a plan in the open format, 1 MB at most.'],
        );
        $plan = $import->run(
            $client, $this->me($request), (string) $request->file('file')?->getContent(), $request->integer('revision'),
        );

        return $this->said(sprintf('Version %d made from the file.', $plan->version));
    }

    /** What is on the desk, else what is issued. */
    private static function plan(Client $client): Plan
    {
        return $client->plans()->whereIn('status', [Plan::DRAFT, Plan::ISSUED])->with('items')
            ->orderByRaw('status = ? desc', [Plan::DRAFT])->firstOrFail();
    }

    private static function answer(string $content, string $type, string $name): Response
    {
        return response($content, 200, [
            'Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.$name.'"',
        ]);
    }
}
