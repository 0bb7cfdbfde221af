<?php

declare(strict_types=1);

use App\Http\AtHome\Resources\HomeWords;
use BuoyantStep\Core\Client\Profile;
use BuoyantStep\Core\Gate\Asked;
use BuoyantStep\Core\Gate\Gate;
use BuoyantStep\Core\Gate\Readings;
use BuoyantStep\Core\Gate\Seen;
use BuoyantStep\Core\Gate\Vital;
use BuoyantStep\Core\Home\GateTable;
use BuoyantStep\Core\Home\HowHard;
use BuoyantStep\Core\Input\Bag;
use BuoyantStep\Core\Limits\Facts;
use BuoyantStep\Core\Limits\RuleBook;
use BuoyantStep\Core\Tests\Support\Made;
use BuoyantStep\Core\Units\Day;
use BuoyantStep\Core\Vocabulary\Sign;

/** @return list<array{Gate, \BuoyantStep\Core\Limits\Envelope}> clients who between them are asked everything */
function everybodyAsked(): array
{
    $clients = array_map(static fn (array $codes): array => ['conditions' => array_map(
        static fn (string $code): array => ['code' => $code, 'side' => 'left'], $codes,
    )], [
        ['hypertension_controlled', 'lymphedema'], ['heart_failure', 'chronic_lung_disease', 'insensate_skin'],
        ['diabetes_glucose_lowering', 'pelvic_organ_prolapse'], ['spinal_cord_injury_t6_or_above'],
        ['orthostatic_drop', 'anticoagulant'], ['pregnancy_pre_eclampsia'], ['unstable_heart'], ['atrial_fibrillation'],
    ]);
    $clients[] = ['pregnancy' => ['due_date' => '2027-03-01']];
    $clients[] = [
        'conditions' => [['code' => 'spinal_cord_injury_t6_or_above']], 'usual' => ['sbp' => 95, 'dbp' => 60],
    ];

    return array_map(static function (array $with): array {
        $on = Day::of(Made::TODAY);
        $client = Profile::read(new Bag([...Made::form(), ...$with]));
        $envelope = RuleBook::standard()->envelope(new Facts($client, $on));

        return [new Gate($client, $on, $envelope), $envelope];
    }, $clients);
}

it('says every row of the check before a session in words for the client', function (): void {
    $met = [];
    foreach (everybodyAsked() as [$gate, $envelope]) {
        foreach (GateTable::of($gate, $envelope, ['faintness, yesterday']) as $row) {
            expect(HomeWords::gate($row))->not->toBe('', $row->rule.' '.$row->verdict->value)
                ->and(HomeWords::gate($row))->not->toStartWith('home.');
            $met[$row->rule.' '.$row->verdict->value] = true;
        }
    }
    expect(count($met))->toBeGreaterThan(30);
});

it('has words for every question, every answer and every kind of effort', function (): void {
    foreach (Vital::cases() as $vital) {
        if ($vital !== Vital::Fatigue) {
            expect(HomeWords::says('check.number.'.$vital->value))->not->toStartWith('home.');
        }
    }
    foreach (Seen::cases() as $seen) {
        expect(HomeWords::says('check.'.$seen->value))->not->toStartWith('home.');
    }
    foreach (HowHard::cases() as $how) {
        expect(HomeWords::says('play.hard.'.$how->value))->not->toStartWith('home.');
    }
});

it('knows every word that the page at home asks for, and keeps none that nobody asks for', function (): void {
    $code = '';
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(resource_path('js/home'))) as $file) {
        $code .= is_file((string) $file) ? file_get_contents((string) $file) : '';
    }
    foreach (glob(resource_path('views/home/*.blade.php')) ?: [] as $view) {
        $code .= file_get_contents($view);
    }
    foreach (['Actions/HomeDoor.php', 'Http/Middleware/HomeKey.php'] as $file) {
        $code .= file_get_contents(app_path($file));
    }
    $words = HomeWords::all();
    preg_match_all('/\bt\(\s*"([a-z_.]+)"/', $code, $asked);
    expect(count($asked[1]))->toBeGreaterThan(80)->and(array_diff($asked[1], array_keys($words)))->toBe([]);
    // Words that are put together from a code stand below one of these.
    $built = [
        'check.', 'play.hard.', 'play.moves.', 'play.part.', 'play.pain.', 'shut.', 'tell.', 'week_', 'set.', 'after.',
        'door.', 'voice.',
    ];
    $unused = array_filter(array_keys($words), static fn (string $key): bool => ! str_contains($code, $key)
        && array_filter($built, static fn (string $b): bool => str_starts_with($key, $b)) === []
        && ! in_array(substr($key, 5), ['left', 'right', 'reps', 'seconds', 'hold', 'steps', 'trips', 'metres'], true));
    expect(array_values($unused))->toBe([]);
});

it('is looked up on the phone as the gate says it, for ten thousand answers', function (): void {
    // The very code of the phone, made into plain JavaScript and run by Node.
    $folder = sys_get_temp_dir().'/buoyant-lookup-'.getmypid();
    exec(sprintf(
        'cd %s && node_modules/.bin/tsc --ignoreConfig --outDir %s --module esnext --target es2022 --skipLibCheck '
            .'--moduleResolution bundler --noCheck resources/js/home/card.ts 2>&1',
        escapeshellarg(base_path()), escapeshellarg($folder),
    ), $says, $status);
    $built = array_values(array_filter(
        [...(glob($folder.'/card.js') ?: []), ...(glob($folder.'/home/card.js') ?: [])], is_string(...),
    ));
    expect($built)->not->toBe([], implode("\n", $says));
    rename($built[0], $folder.'/card.mjs');
    $cases = $expected = [];
    $made = new Made(977);
    foreach (everybodyAsked() as [$gate, $envelope]) {
        $asked = Asked::of($envelope);
        $rows = json_decode((string) json_encode(GateTable::of($gate, $envelope)), true);
        $answers = [];
        for ($n = 0; $n < 1000; $n++) {
            $answers[$n] = phoneAnswers($made, $asked);
            $readings = array_diff_key($answers[$n], ['signs' => true, 'pain' => true]);
            $result = $gate->check(
                Readings::read(new Bag($readings)), Sign::readAll($answers[$n]['signs'], ''),
                $answers[$n]['pain'] ?? null,
            );
            $expected[] = [$result->verdict->value, $result->againInMinutes()];
        }
        $cases[] = ['rows' => $rows, 'answers' => $answers];
    }
    file_put_contents($folder.'/cases.json', json_encode($cases));
    file_put_contents($folder.'/run.mjs', <<<'JS'
        import { readFileSync } from "node:fs";
        import { againIn, lookUp, verdictOf } from "./card.mjs";
        const found = JSON.parse(readFileSync(new URL("./cases.json", import.meta.url))).flatMap(({ rows, answers }) =>
            answers.map((one) => {
                const said = lookUp(rows, one);
                return [verdictOf(said), againIn(said)];
            }),
        );
        process.stdout.write(JSON.stringify(found));
        JS);
    $found = json_decode((string) shell_exec('node '.escapeshellarg($folder.'/run.mjs')), true);
    array_map(unlink(...), array_filter(glob($folder.'/*') ?: [], is_file(...)));
    expect($found)->toHaveCount(10_000)->and($found)->toBe($expected)
        ->and(array_count_values(array_column($found, 0)))
        ->toHaveKeys(['go', 'lighter', 'wait', 'not_today', 'stop_and_call']);
});

/** @return array<string, mixed> */
function phoneAnswers(Made $made, Asked $asked): array
{
    $answers = ['repeat' => $made->chance(30), 'signs' => []];
    $usual = [
        'sbp' => [90, 170], 'dbp' => [50, 88], 'sbp_standing' => [90, 170], 'dbp_standing' => [50, 88],
        'heart_rate' => [50, 125], 'spo2' => [86, 100], 'glucose_mmol' => [3, 18], 'ketones_mmol' => [0, 2],
        'weight_kg' => [60, 80], 'temp_c' => [36, 39], 'pain' => [0, 10],
    ];
    foreach ($asked->numbers as $vital) {
        if ($made->chance(90)) {
            $answers[$vital->value] = $made->int(...$usual[$vital->value]);
        }
    }
    foreach ($asked->seen as $seen) {
        if ($made->chance(90)) {
            $answers[$seen->value] = $seen === Seen::SkinIntact ? $made->chance(90) : $made->chance(10);
        }
    }
    foreach ($asked->signs as $sign) {
        if ($made->chance(1)) {
            $answers['signs'][] = $sign->value;
        }
    }

    return $answers;
}
