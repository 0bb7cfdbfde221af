<?php

declare(strict_types=1);

use App\Http\Middleware\HomeKey;
use Illuminate\Support\Facades\Route;

/** The rooms of the core, lowest first: each may use itself and those before it. */
const ROOMS = [
    'Errors', 'Input', 'Units', 'Vocabulary', 'Client', 'Body', 'Measures', 'Limits', 'Fit', 'Gate', 'Kit', 'Exercises',
    'Log', 'Situation', 'Dose', 'Plan', 'Progress', 'Home', 'Forecast', 'Caseload', 'Cli',
];

arch('the core knows no framework, no database, no clock and no chance')
    ->expect('BuoyantStep\Core')
    ->not->toUse(
        [
            'Illuminate', 'Laravel', 'Inertia', 'Carbon', 'PDO', 'App', 'time', 'date', 'now', 'microtime', 'rand',
            'mt_rand', 'random_int', 'env', 'config', 'app',
        ],
    )
    ->ignoring('BuoyantStep\Core\Tests');

it('lets each room of the core use only those below it', function (): void {
    $root = dirname(__DIR__, 2).'/core/src';
    $rooms = array_map(basename(...), glob($root.'/*', GLOB_ONLYDIR) ?: []);
    expect(array_diff($rooms, ROOMS))->toBe([], 'a room that is not in the order');
    foreach (ROOMS as $rank => $room) {
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator($root.'/'.$room, FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            preg_match_all('/BuoyantStep\\\\Core\\\\(\w+)\\\\/', (string) file_get_contents((string) $file), $used);
            foreach (array_unique($used[1]) as $other) {
                expect(array_search($other, ROOMS, true))->toBeLessThanOrEqual(
                    $rank, basename((string) $file)." in $room uses $other",
                );
            }
        }
    }
});

arch('core values are final')->expect('BuoyantStep\Core')->classes()->toBeFinal()->ignoring(
    // The two that are there to be extended, and are abstract.
    ['BuoyantStep\Core\Errors\CoreError', 'BuoyantStep\Core\Measures\Test', 'BuoyantStep\Core\Tests'],
);

arch('strict types everywhere')->expect(['App', 'BuoyantStep\Core', 'Database\Seeders'])->toUseStrictTypes();

arch('nothing is left behind from debugging')->expect(['dd', 'dump', 'ray', 'var_dump', 'print_r'])->not->toBeUsed();

// "Not now: rPE up to 6": one place knows which words keep their capital.
arch('words go into a sentence by way of Phrase')->expect('lcfirst')->not->toBeUsed()
    ->ignoring('BuoyantStep\Core\Units\Phrase');

arch('models do not compute')->expect('App\Models')->not->toUse(
    [
        'BuoyantStep\Core\Dose', 'BuoyantStep\Core\Plan', 'BuoyantStep\Core\Limits', 'BuoyantStep\Core\Progress',
        'BuoyantStep\Core\Measures',
    ],
);

it('lets no controller query, or work out a dose or a step', function (): void {
    $controllers = glob(dirname(__DIR__, 2).'/app/Http/*/*Controller.php') ?: [];
    // Words of these rooms pass through a controller; what computes does not.
    $computes = 'Dose\\\\(Prescriber|DoseLimits|Dosing|Bridge|LightDay|EasierWeek|LoadCap|Start)'
        .'|Progress\\\\(Reviewer|SessionReview|NextDose|PainRule|Brakes|Easing|Missed)';
    expect(count($controllers))->toBeGreaterThan(20);
    foreach ($controllers as $file) {
        $code = (string) file_get_contents($file);
        $uses = '/^use (Illuminate\\\\Support\\\\Facades\\\\DB|BuoyantStep\\\\Core\\\\('.$computes.'));/m';
        expect(preg_match($uses, $code))->toBe(0, basename($file));
    }
});

it('guards every route with sign-in and a policy', function (): void {
    foreach (Route::getRoutes() as $route) {
        $middleware = implode(' ', $route->gatherMiddleware());
        if (
            in_array(
                $route->uri(),
                [
                    'up', 'sign-in', 'sign-out', 'api/readings', 'intake/{token}', 'forgot-password', 'reset-password',
                    'reset-password/{token}', 'welcome', 'welcome/{token}', 'home/door/{code?}', 'home/door',
                ],
                true,
            )
            || str_starts_with($route->uri(), 'storage/')
        ) {
            continue;
        }
        if (preg_match('#^home(/|$)#', $route->uri()) === 1) {
            // A client has no account: the phone shows the key that it was given at the door.
            expect($middleware)->toContain(HomeKey::class);

            continue;
        }
        expect(
            str_contains($middleware, 'auth') && str_contains($middleware, 'can:'),
        )->toBeTrue($route->uri().' is guarded by '.$middleware);
    }
});

it('keeps clinical arithmetic out of the pages', function (): void {
    foreach (new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/resources/js', FilesystemIterator::SKIP_DOTS),
    ) as $file) {
        $code = (string) file_get_contents((string) $file);
        expect(preg_match('/e1rm\s*[*\/]|0\.9\s*\*|36\s*\*|1RM\s*\*/i', $code))->toBe(0, (string) $file);
    }
});
