<?php

declare(strict_types=1);

use App\Actions\Refusal;
use App\Http\Middleware\ShareProps;
use BuoyantStep\Core\Errors\CoreError;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->web(append: [ShareProps::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // What the core refuses is a message at a field for someone who sends a form, and a missing page for someone who asks for one.
        $exceptions->map(CoreError::class, static fn (CoreError $e): Throwable => request()->isMethod('GET')
            ? new NotFoundHttpException($e->getMessage(), $e)
            : Refusal::from($e, 'plan'));
        // A refused or missing page is still one of our pages: plain words and a way back, never a bare status.
        $exceptions->respond(function (Response $response, Throwable $e, Request $request): Response {
            $status = $response->getStatusCode();
            if (! $request->expectsJson() && in_array($status, [403, 404, 419, 429, 503], true)) {
                return Inertia::render('Problem', ['status' => $status])->toResponse($request)->setStatusCode($status);
            }

            return $response;
        });
    })
    ->create();
