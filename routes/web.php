<?php

declare(strict_types=1);

use App\Http\AtHome\DoorController;
use App\Http\AtHome\HomeController;
use App\Http\AtHome\IntakeController;
use App\Http\Clinic\BandController;
use App\Http\Clinic\BenchController;
use App\Http\Clinic\ClearanceLetterController;
use App\Http\Clinic\CourseController;
use App\Http\Clinic\ExerciseController;
use App\Http\Clinic\FallsRiskController;
use App\Http\Clinic\GateController;
use App\Http\Clinic\HomeIntakeController;
use App\Http\Clinic\HomePageController;
use App\Http\Clinic\KitController;
use App\Http\Clinic\LetterController;
use App\Http\Clinic\LimitsController;
use App\Http\Clinic\LogController;
use App\Http\Clinic\LogTableController;
use App\Http\Clinic\MeasureController;
use App\Http\Clinic\MessageController;
use App\Http\Clinic\OwnExerciseController;
use App\Http\Clinic\PlanController;
use App\Http\Clinic\PlanFileController;
use App\Http\Clinic\ReadingController;
use App\Http\Clinic\ReviewController;
use App\Http\Clinic\RulebookController;
use App\Http\Clinic\ScreenController;
use App\Http\Clinic\SheetController;
use App\Http\Clinic\SheetPdfController;
use App\Http\Clinic\ShoppingController;
use App\Http\Clinic\StepsController;
use App\Http\Clinic\TodayController;
use App\Http\Entry\AccountController;
use App\Http\Entry\PasswordLinkController;
use App\Http\Entry\SignInController;
use App\Http\Gateway\DeliveryController;
use App\Http\Middleware\CleanInput;
use App\Http\Middleware\GatewayToken;
use App\Http\Middleware\HomeKey;
use App\Models\Client;
use App\Models\Clinic;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Route;

// The bare route: what the framework alone costs, for bin/bench to compare the pages with.
Route::get('/up', static fn (): Response => response('ok'))->withoutMiddleware('web');

// Gateways deliver here: token, idempotency key, unit, time, device id. No session, so no forgery token.
Route::post(
    '/api/readings', [DeliveryController::class, 'store'],
)->withoutMiddleware('web')->middleware(GatewayToken::class);

// The client's own page: opened by a link, without an account.
Route::middleware('throttle:30,1')->group(function (): void {
    Route::get('/intake/{token}', [IntakeController::class, 'show'])->where('token', '[A-Za-z0-9]{40}');
    Route::post('/intake/{token}', [IntakeController::class, 'submit'])->where('token', '[A-Za-z0-9]{40}');
});

// The client's own page at home: an address and a PIN, then a key that the phone keeps. No session and no account; what
// a phone writes carries a header of its own.
Route::prefix('/home')->withoutMiddleware('web')->middleware(CleanInput::class)->group(function (): void {
    Route::middleware('throttle:120,1,home-door')->group(function (): void {
        Route::get('/door/{code?}', [DoorController::class, 'show'])->where('code', '[A-Za-z0-9-]{1,20}');
        Route::post('/door', [DoorController::class, 'enter']);
    });
    Route::middleware([HomeKey::class, 'throttle:240,1,home'])->group(function (): void {
        Route::get('/', [HomeController::class, 'show']);
        Route::get('/card.json', [HomeController::class, 'card']);
        Route::get('/readings.json', [HomeController::class, 'readings']);
        Route::get('/exercises.ics', [HomeController::class, 'calendar']);
        Route::post('/sessions', [HomeController::class, 'session']);
        Route::post('/checks', [HomeController::class, 'check']);
        Route::post('/morning', [HomeController::class, 'morning']);
        Route::post('/messages', [HomeController::class, 'tell']);
        Route::post('/pin', [HomeController::class, 'pin']);
        Route::post('/forget', [HomeController::class, 'forget']);
    });
});

// Numbers in an address stay inside what a number column holds: a longer one is nobody's.
foreach (['client', 'item', 'log', 'proposal', 'intake', 'limit', 'template', 'message', 'letter'] as $number) {
    Route::pattern($number, '[0-9]{1,18}');
}

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SignInController::class, 'show'])->name('login');
    Route::post('/sign-in', [SignInController::class, 'store']);
    Route::get('/forgot-password', [PasswordLinkController::class, 'ask']);
    Route::post('/forgot-password', [PasswordLinkController::class, 'send'])->middleware('throttle:6,1');
    Route::get(
        '/reset-password/{token}', [PasswordLinkController::class, 'reset'],
    )->where('token', '[A-Za-z0-9]{40,100}')->name('password.reset');
    Route::post('/reset-password', [PasswordLinkController::class, 'storeReset'])->middleware('throttle:10,1');
    Route::get('/welcome/{token}', [PasswordLinkController::class, 'welcome'])->where('token', '[A-Za-z0-9]{40,100}');
    Route::post('/welcome', [PasswordLinkController::class, 'storeWelcome'])->middleware('throttle:10,1');
});

Route::middleware('auth')->group(function (): void {
    Route::post('/sign-out', [SignInController::class, 'destroy']);
    // The same with session and sign-in: what any signed-in page costs before it does its own work.
    Route::get('/up/signed-in', static fn (): Response => response('ok'))->can('viewAny', Client::class);
    Route::get('/account', [AccountController::class, 'show'])->can('viewAny', Client::class);
    Route::put(
        '/account/password', [AccountController::class, 'password'],
    )->middleware('throttle:10,1')->can('viewAny', Client::class);
    Route::put('/account/keys', [AccountController::class, 'keys'])->can('viewAny', Client::class);
    Route::get('/', [TodayController::class, 'show'])->can('viewAny', Client::class);
    Route::get('/week', [TodayController::class, 'week'])->can('viewAny', Client::class);
    Route::get('/rulebook', [RulebookController::class, 'show'])->can('viewAny', Clinic::class);
    Route::put('/rulebook/school', [RulebookController::class, 'school'])->can('setFigures', Clinic::class);
    Route::put('/rulebook/profile', [RulebookController::class, 'profile'])->can('setFigures', Clinic::class);
    Route::put('/rulebook/words', [RulebookController::class, 'words'])->can('setFigures', Clinic::class);
    Route::put('/rulebook/unit', [RulebookController::class, 'unit'])->can('setFigures', Clinic::class);
    Route::put('/rulebook', [RulebookController::class, 'update'])->can('setFigures', Clinic::class);
    Route::get('/letters', [LetterController::class, 'templates'])->can('viewAny', Clinic::class);
    Route::put('/letters', [LetterController::class, 'template'])->can('setFigures', Clinic::class);
    Route::get('/exercises', [ExerciseController::class, 'index'])->can('viewAny', Client::class);
    Route::get('/exercises/figures', [ExerciseController::class, 'figures'])->can('viewAny', Client::class);
    Route::get('/exercises/search', [ExerciseController::class, 'search'])->can('viewAny', Client::class);
    Route::get(
        '/exercises/{family}/own', [OwnExerciseController::class, 'form'],
    )->where('family', '[a-z_0-9]+')->can('addExercises', Clinic::class);
    Route::get(
        '/exercises/{family}.json', [OwnExerciseController::class, 'file'],
    )->where('family', '[a-z_0-9]+')->can('viewAny', Clinic::class);
    Route::post('/own-exercises', [OwnExerciseController::class, 'store'])->can('addExercises', Clinic::class);
    Route::post('/own-exercises/import', [OwnExerciseController::class, 'import'])->can('addExercises', Clinic::class);
    Route::put(
        '/own-exercises/{code}', [OwnExerciseController::class, 'update'],
    )->where('code', 'own_[a-z_0-9]+')->can('addExercises', Clinic::class);
    Route::post(
        '/own-exercises/{code}/retire', [OwnExerciseController::class, 'retire'],
    )->where('code', 'own_[a-z_0-9]+')->can('addExercises', Clinic::class);
    Route::get(
        '/exercises/{family}', [ExerciseController::class, 'family'],
    )->where('family', '[a-z_0-9]+')->can('viewAny', Client::class);
    Route::get('/bench', [BenchController::class, 'show'])->can('viewAny', Client::class);
    Route::post('/bench', [BenchController::class, 'read'])->can('viewAny', Client::class);
    Route::get('/find', [TodayController::class, 'find'])->can('viewAny', Client::class);
    Route::get('/clients/new', [ScreenController::class, 'create'])->can('create', Client::class);
    Route::post('/calendar', [PlanFileController::class, 'free'])->can('create', Client::class);
    Route::post('/clients', [ScreenController::class, 'store'])->can('create', Client::class);

    Route::prefix('/clients/{client}')->group(function (): void {
        Route::middleware('can:view,client')->group(function (): void {
            Route::get('/screen', [ScreenController::class, 'show']);
            Route::get('/clearance-letter', [ClearanceLetterController::class, 'show']);
            Route::get('/measure', [MeasureController::class, 'show']);
            Route::get('/limits', [LimitsController::class, 'show']);
            Route::get('/kit', [KitController::class, 'show']);
            Route::get('/kit/export.csv', [KitController::class, 'export']);
            Route::get('/plan/items/{item}/try', [PlanController::class, 'tryDose']);
            Route::get('/kit/next', [ShoppingController::class, 'show']);
            Route::get('/kit/band', [BandController::class, 'show']);
            Route::get('/exercises', [ExerciseController::class, 'searchFor']);
            Route::get('/steps', [StepsController::class, 'show']);
            Route::get('/plan', [PlanController::class, 'show']);
            Route::get('/plan/compare', [PlanController::class, 'compare']);
            Route::get('/plan/dates', [PlanController::class, 'dates']);
            Route::get('/plan.json', [PlanFileController::class, 'json']);
            Route::get('/plan.ics', [PlanFileController::class, 'calendar']);
            Route::get('/plan.csv', [PlanFileController::class, 'csv']);
            Route::get('/sheet', [SheetController::class, 'show']);
            Route::get('/sheet.pdf', [SheetPdfController::class, 'show']);
            Route::get('/gate', [GateController::class, 'show']);
            Route::get('/readings', [ReadingController::class, 'index']);
            Route::get('/log', [LogController::class, 'show']);
            Route::get('/log/paper', [LogTableController::class, 'show']);
            Route::get('/log/export.csv', [LogTableController::class, 'export']);
            Route::get('/review', [ReviewController::class, 'show']);
            Route::get('/course', [CourseController::class, 'show']);
            Route::get('/course.pdf', [CourseController::class, 'pdf']);
            Route::get('/messages', [MessageController::class, 'show']);
            Route::get('/letters', [LetterController::class, 'index']);
            Route::get('/letters/{letter}', [LetterController::class, 'show']);
            Route::get('/letters/{letter}.pdf', [LetterController::class, 'pdf']);
        });
        Route::middleware('can:update,client')->group(function (): void {
            Route::post('/messages', [MessageController::class, 'store']);
            Route::put('/messages/{message}/answer', [MessageController::class, 'answer']);
            Route::post('/letters', [LetterController::class, 'begin']);
            Route::put('/letters/{letter}', [LetterController::class, 'save']);
            Route::post('/letters/{letter}/keep', [LetterController::class, 'keep']);
            Route::post('/letters/{letter}/discard', [LetterController::class, 'discard']);
            Route::post('/put-off', [TodayController::class, 'putOff']);
            Route::post('/put-off/end', [TodayController::class, 'takeUp']);
            Route::put('/assigned', [TodayController::class, 'assign']);
            Route::put('/screen', [ScreenController::class, 'update']);
            Route::post('/mend', [ScreenController::class, 'mend']);
            Route::post('/intake', [HomeIntakeController::class, 'invite']);
            Route::post('/home', [HomePageController::class, 'store']);
            Route::delete('/home', [HomePageController::class, 'destroy']);
            Route::post('/home/unlock', [HomePageController::class, 'unlock']);
            Route::put('/home/line', [HomePageController::class, 'line']);
            Route::post('/intake/{intake}', [HomeIntakeController::class, 'decide']);
            Route::post('/measure', [MeasureController::class, 'store']);
            Route::post('/falls', [FallsRiskController::class, 'answer']);
            Route::post('/limits/own', [LimitsController::class, 'set']);
            Route::post('/limits/own/{limit}/end', [LimitsController::class, 'end']);
            Route::post('/limits/confirm', [LimitsController::class, 'confirm']);
            Route::put('/kit', [KitController::class, 'update']);
            Route::post('/kit/import', [KitController::class, 'import']);
            Route::post('/plan', [PlanController::class, 'draft']);
            Route::post('/plan/items', [PlanController::class, 'add']);
            Route::post('/plan/items/from', [PlanController::class, 'takeOver']);
            Route::put('/plan/items/{item}/rung', [PlanController::class, 'swap']);
            Route::put('/plan/items/{item}/today', [PlanController::class, 'refresh']);
            Route::put('/plan/items/{item}/dose', [PlanController::class, 'dose']);
            Route::put('/plan/items/{item}/school', [PlanController::class, 'school']);
            Route::put('/plan/items/{item}/way', [PlanController::class, 'way']);
            Route::put('/plan/items/{item}/set-up', [PlanController::class, 'setUp']);
            Route::put('/plan/items/{item}/note', [PlanController::class, 'note']);
            Route::put('/plan/items/{item}/days', [PlanController::class, 'days']);
            Route::put('/plan/items/{item}/place', [PlanController::class, 'move']);
            Route::delete('/plan/items/{item}', [PlanController::class, 'remove']);
            Route::post('/plan/file', [PlanFileController::class, 'import']);
            Route::post('/plan/templates', [PlanController::class, 'keepTemplate']);
            Route::delete('/plan/templates/{template}', [PlanController::class, 'discardTemplate']);
            Route::put('/plan/session', [PlanController::class, 'session']);
            Route::post('/plan/ahead', [PlanController::class, 'prepare']);
            Route::post('/plan/discard', [PlanController::class, 'discard']);
            Route::post('/plan/redo', [PlanController::class, 'redo']);
            Route::post('/plan/undo', [PlanController::class, 'undo']);
            Route::post('/plan/issue', [PlanController::class, 'issue']);
            Route::post('/gate', [GateController::class, 'store']);
            Route::post('/log', [LogController::class, 'store']);
            Route::post('/log/paper', [LogTableController::class, 'paper']);
            Route::post('/log/csv/preview', [LogTableController::class, 'preview']);
            Route::post('/log/csv', [LogTableController::class, 'import']);
            Route::post('/log/{log}/seen', [LogController::class, 'seen']);
            Route::put('/log/{log}/next-morning', [LogController::class, 'nextMorning']);
            Route::post('/review/accept-steps', [ReviewController::class, 'acceptSteps']);
            Route::put('/review/small-steps', [ReviewController::class, 'smallSteps']);
            Route::post('/review/{proposal}/accept', [ReviewController::class, 'accept']);
            Route::put('/review/{proposal}', [ReviewController::class, 'edit']);
            Route::post('/review/{proposal}/refuse', [ReviewController::class, 'refuse']);
            Route::post('/review/{proposal}/undo', [ReviewController::class, 'undo']);
            Route::post('/review/reopen-stop/{log}', [ReviewController::class, 'reopenStop']);
            Route::post('/review/clear-stop', [ReviewController::class, 'clearStop']);
        });
    });
});
