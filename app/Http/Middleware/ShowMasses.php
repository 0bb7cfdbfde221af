<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Client;
use App\Models\HomePage;
use App\Models\User;
use BuoyantStep\Core\Units\MassUnit;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * The one place where the masses of sentences are put into the reader's unit: on the finished answer, whatever it is.
 * Numbers to compute with and values of form fields are no sentences and stay in kilograms.
 */
final class ShowMasses
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $answer = $next($request);
        $content = $answer->getContent();
        // A file is handed out as it was made: its own writer has put its masses into words.
        if (is_string($content) && $answer->headers->get('Content-Type') !== 'application/pdf') {
            $shown = self::unit($request)->render($content);
            if ($shown !== $content) {
                $answer->setContent($shown);
            }
        }

        return $answer;
    }

    /** The client's own unit where the page is about one, else the clinic's. */
    public static function unit(Request $request): MassUnit
    {
        $user = $request->user();
        $client = $request->route('client');
        $page = $request->attributes->get(HomePage::class);

        return match (true) {
            $page instanceof HomePage => $page->client->massUnit(),
            ! $user instanceof User => MassUnit::Kilogram,
            $client instanceof Client => $client->mass_unit ?? $user->clinic->mass_unit,
            default => $user->clinic->mass_unit,
        };
    }
}
