<?php

declare(strict_types=1);

use App\Actions\Refusal;
use App\Editing\StaleRecord;
use App\Exceptions\DatabaseFault;
use App\Exceptions\QuietReport;
use App\Http\Middleware\CleanInput;
use App\Http\Middleware\ReadingSession;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\ShareProps;
use App\Http\Middleware\ShowMasses;
use App\Http\Middleware\TrustedHosts;
use BuoyantStep\Core\Errors\CoreError;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Inertia\Inertia;
use Inertia\Middleware\EncryptHistory;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend([SecurityHeaders::class, TrustedHosts::class]);
        $middleware->append(ShowMasses::class);
        // What is in the browser's history is unreadable after sign-out.
        $middleware->web(
            append: [EncryptHistory::class, ShareProps::class, CleanInput::class],
            replace: [StartSession::class => ReadingSession::class],
        );
        $middleware->authenticateSessions();
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->report(static function (Throwable $fault): void {
            QuietReport::of($fault);
        })->stop();
        $exceptions->shouldRenderJsonWhen(
            static fn (Request $request): bool => $request->is('api/*') || $request->expectsJson()
                // A phone sends with a script; there is no page to go back to.
                || ($request->is('home/*') && ! $request->is('home/door') && ! $request->isMethod('GET')),
        );
        // What the core refuses is a message at a field for someone who sends a form, and a page that says so for
        // someone who asks for one.
        $exceptions->map(CoreError::class, static fn (CoreError $e): Throwable => request()->isMethod('GET')
            ? new HttpException(422, $e->getMessage(), $e)
            : Refusal::from($e, 'plan'));
        // A page with a form of its own shows both; anything else is told to look again.
        $exceptions->map(
            StaleRecord::class,
            static fn (StaleRecord $e): Throwable => Refusal::at(
                'version',
                $e->by.' changed this record meanwhile. Load the page anew, and do it once more if it still holds.',
            ),
        );
        // The forms hold every value in its bounds; should one slip through, the database refuses it, and so do we:
        // in words.
        $exceptions->map(PDOException::class, static function (PDOException $e): Throwable {
            QuietReport::of($e);

            return DatabaseFault::of($e);
        });
        // A refused or missing page is still one of our pages: plain words and a way back, never a bare status.
        $exceptions->respond(function (Response $response, Throwable $e, Request $request): Response {
            $status = $response->getStatusCode();
            $isPage = $request->isMethod('GET') || $request->is('home/door');
            if ($request->is('home', 'home/*') && $isPage && ! $request->expectsJson() && $status >= 400) {
                return response()->view('home.problem', ['status' => $status], $status);
            }
            if (
                ! $request->is('api/*')
                && ! $request->expectsJson()
                && in_array($status, [400, 403, 404, 405, 409, 413, 419, 422, 429, 503], true)
            ) {
                return Inertia::render('Problem', ['status' => $status])->toResponse($request)->setStatusCode($status);
            }

            return $response;
        });
    })
    ->create();
