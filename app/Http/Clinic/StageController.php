<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Exceptions\QuietReport;
use App\Http\Clinic\Resources\ClientFrame;
use App\Http\Controller;
use App\Models\Client;
use App\Queries\StoredFaults;
use App\Rows\BuildSituation;
use BuoyantStep\Core\Errors\CoreError;
use BuoyantStep\Core\Situation\Situation;
use Closure;
use Inertia\Inertia;
use Inertia\Response;
use ValueError;

/** A stage of one client: the frame around it and the stage's own content. */
abstract class StageController extends Controller
{
    public function __construct(
        protected readonly BuildSituation $build,
        protected readonly ClientFrame $frame,
        protected readonly StoredFaults $faults,
    ) {
    }

    /** @param  callable(Situation): array<string, mixed>  $content */
    protected function stage(string $page, Client $client, callable $content): Response
    {
        return $this->kept($page, $client, static fn (Closure $situation): array => $content($situation()));
    }

    /**
     * The same where the content is kept and mostly needs no situation.
     *
     * @param  callable(Closure(): Situation): array<string, mixed>  $content
     */
    protected function kept(string $page, Client $client, callable $content): Response
    {
        ClientFrame::load($client);
        try {
            $situation = $this->build->later($client);

            return Inertia::render(
                $page,
                ['client' => $this->frame->of($client, $situation), ...$content($situation)],
            );
        } catch (CoreError|ValueError $fault) {
            return $this->unreadable($client, $fault);
        }
    }

    /** What is stored cannot be computed with: said on this client alone, with what there is to be done about it. */
    protected function unreadable(Client $client, CoreError|ValueError $fault): Response
    {
        QuietReport::ofRecord($client->id, $fault);

        return Inertia::render(
            'clinic/Fault',
            ['client' => $this->frame->unreadable($client), 'faults' => $this->faults->of($client, $fault)],
        );
    }
}
