<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Actions\ImportPlan;
use App\Exchange\PlanCsv;
use App\Exchange\PlanFile;
use App\Http\Controller;
use App\Models\Client;
use App\Models\Plan;
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
