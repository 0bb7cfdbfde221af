<?php

declare(strict_types=1);

// One change at a time in a copy of the project, to see whether the tests that run the changed line notice it. Run by
// bin/mutate, which makes the copy and the coverage.

use Tests\Mutate\Coverage;
use Tests\Mutate\Mutant;
use Tests\Mutate\Mutations;

require __DIR__.'/../../vendor/autoload.php';

$options = getopt('', ['copy:', 'kept:', 'was:', 'count:', 'seed:', 'only:']);
[$copy, $kept] = [(string) $options['copy'], (string) $options['kept']];
$count = (int) ($options['count'] ?? 200);
$seed = (int) ($options['seed'] ?? 1);
$only = (string) ($options['only'] ?? '');
if ($count < 1) {
    fwrite(STDERR, "--count must be a number above 0, for example --count=200.\n");
    exit(2);
}
// Where a survivor is a hole; elsewhere it is listed only.
const MATTERS = '~^(core/src/(Limits|Fit|Gate|Dose|Progress)|app/(Policies|Actions|Http/\w+/Requests))/~';
const SECONDS_A_MUTANT = 90;

$root = dirname(__DIR__, 2);
$accepted = [];
foreach (file($root.'/tests/Mutate/accepted.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $row) {
    if (! str_starts_with($row, '#')) {
        $accepted[explode(' | ', $row)[0]] = true;
    }
}

$coverages = [
    'core/src/' => Coverage::read("$kept/core.cov", "$kept/core.xml", (string) $options['was']),
    'app/' => Coverage::read("$kept/feature.cov", "$kept/feature.xml", (string) $options['was']),
];
$all = [];
foreach (array_keys($coverages) as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$copy/$folder")) as $file) {
        if ($file->getExtension() === 'php') {
            $path = str_replace("$copy/", '', $file->getPathname());
            if ($only === '' || str_contains($path, $only)) {
                array_push($all, ...Mutations::of($path, (string) file_get_contents($file->getPathname())));
            }
        }
    }
}
$place = static fn (Mutant $m): array => [$m->file, $m->start, $m->kind, $m->to];
usort($all, static fn (Mutant $a, Mutant $b): int => $place($a) <=> $place($b));
$luck = new Random\Randomizer(new Random\Engine\Mt19937($seed));
$sample = array_slice($luck->shuffleArray($all), 0, $count);

// A run that was cut goes on where it stopped.
$log = sprintf('%s/seed-%d%s.jsonl', $kept, $seed, $only === '' ? '' : '-'.substr(sha1($only), 0, 6));
$done = [];
foreach (is_file($log) ? file($log, FILE_IGNORE_NEW_LINES) ?: [] : [] as $row) {
    $read = json_decode($row, true);
    $done[$read['id'].'@'.$read['line']] = $read['fate'];
}

/** @param  list<string>  $tests */
function fate(Mutant $mutant, array $tests, string $copy): string
{
    if ($tests === []) {
        return 'not run';
    }
    $path = "$copy/{$mutant->file}";
    $source = (string) file_get_contents($path);
    file_put_contents($path, $mutant->in($source));
    try {
        $command = sprintf(
            'cd %s && timeout %d php -d memory_limit=1G vendor/bin/pest --colors=never --bail %s > /dev/null 2>&1',
            escapeshellarg($copy), SECONDS_A_MUTANT, implode(' ', array_map(escapeshellarg(...), $tests)),
        );
        exec($command, $out, $code);
    } finally {
        file_put_contents($path, $source);
    }

    return $code === 0 ? 'survived' : 'killed';
}

$tally = ['killed' => 0, 'survived' => 0];
$survivors = [];
foreach ($sample as $n => $mutant) {
    $key = $mutant->id().'@'.$mutant->line;
    $fate = $done[$key] ?? null;
    if ($fate === null) {
        $coverage = $coverages[str_starts_with($mutant->file, 'app/') ? 'app/' : 'core/src/'];
        $fate = fate($mutant, $coverage->testsOf($mutant), $copy);
        $row = ['id' => $mutant->id(), 'line' => $mutant->line, 'fate' => $fate, 'says' => $mutant->says()];
        file_put_contents($log, json_encode($row)."\n", FILE_APPEND);
    }
    $tally[$fate === 'killed' ? 'killed' : 'survived']++;
    if ($fate !== 'killed') {
        $survivors[] = [$mutant, $fate];
    }
    $filled = (int) (40 * ($n + 1) / count($sample));
    fprintf(
        STDERR, stream_isatty(STDERR) ? "\r[%s%s] %d of %d, %d survived" : "[%s%s] %d of %d, %d survived\n",
        str_repeat('#', $filled), str_repeat('.', 40 - $filled), $n + 1, count($sample), $tally['survived'],
    );
}
fwrite(STDERR, "\n");

$matter = 0;
foreach ($survivors as [$mutant, $fate]) {
    $known = isset($accepted[$mutant->id()]);
    $matters = ! $known && preg_match(MATTERS, $mutant->file) === 1;
    $matter += $matters ? 1 : 0;
    printf("%s %s (%s)\n    %s\n", $matters ? '!' : ($known ? '=' : '-'), $mutant->says(), $fate, $mutant->id());
}
printf("mutate: tried=%d killed=%d survived_that_matter=%d\n", count($sample), $tally['killed'], $matter);
exit($matter > 0 ? 1 : 0);
