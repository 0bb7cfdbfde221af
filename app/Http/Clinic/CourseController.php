<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Http\Clinic\Resources\CourseResource;
use App\Models\Client;
use App\Models\Decision;
use App\Models\Standing;
use App\Queries\Kept;
use Closure;
use Illuminate\Http\Request;
use Inertia\Response;

/** Review over time, drawn. */
final class CourseController extends StageController
{
    public function show(Request $request, Client $client, CourseResource $resource, Kept $kept): Response
    {
        $asked = [
            $this->word($request, 'exercise'), $this->word($request, 'what'), (int) $this->word($request, 'weeks'),
        ];
        // What was counted as changed, and what was decided: two years of sessions are not read again for nothing.
        $since = [
            Standing::query()->whereKey($client->id)->value('changes'),
            Decision::query()->where('client_id', $client->id)->max('id'),
        ];

        return $this->kept('clinic/Course', $client, static fn (Closure $situation): array => $kept->of(
            'course', $client, [...$asked, ...$since, $client->massUnit()->value],
            static fn (): array => $resource->of($client, $situation(), ...$asked),
        ));
    }
}
