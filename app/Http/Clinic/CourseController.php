<?php

declare(strict_types=1);

namespace App\Http\Clinic;

use App\Http\Clinic\Resources\CourseResource;
use App\Models\Client;
use BuoyantStep\Core\Situation\Situation;
use Illuminate\Http\Request;
use Inertia\Response;

/** Review over time, drawn. */
final class CourseController extends StageController
{
    public function show(Request $request, Client $client, CourseResource $resource): Response
    {
        return $this->stage('clinic/Course', $client, fn (Situation $situation): array => $resource->of(
            $client, $situation, $this->word($request, 'exercise'), $this->word($request, 'what'),
            (int) $this->word($request, 'weeks'),
        ));
    }
}
