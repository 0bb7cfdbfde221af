<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BuildSituation;
use App\Http\Resources\ClientFrame;
use App\Http\Resources\InUnit;
use App\Models\Client;
use BuoyantStep\Core\Plan\Situation;
use Inertia\Inertia;
use Inertia\Response;

/** A stage of one client: the frame around it and the stage's own content. */
abstract class StageController extends Controller
{
    public function __construct(protected readonly BuildSituation $build, private readonly ClientFrame $frame)
    {
    }

    /** @param  callable(Situation): array<string, mixed>  $content */
    protected function stage(string $page, Client $client, callable $content): Response
    {
        ClientFrame::load($client);
        $situation = $this->build->of($client);

        return Inertia::render($page, InUnit::of($client->massUnit(), ['client' => $this->frame->of($client, $situation), ...$content($situation)]));
    }
}
