<?php

declare(strict_types=1);

// One change at a time in a copy of the project, to see whether the tests that run the changed line notice it. Run by
// bin/mutate, which makes the copy and the coverage.

use Tests\Mutate\Coverage;
use Tests\Mutate\Mutant;
use Tests\Mutate\Mutations;
use Tests\Mutate\Selection;
use Tests\Mutate\Trial;

require __DIR__.'/../../vendor/autoload.php';

$options = getopt('', ['copies:', 'kept:', 'count:', 'seed:', 'only:', 'jobs:', 'rooms']);
[$copies, $kept] = [explode(',', (string) $options['copies']), (string) $options['kept']];
$copy = $copies[0];
$count = ($options['count'] ?? '') === 'all' ? PHP_INT_MAX : (int) ($options['count'] ?? 200);
$seed = (int) ($options['seed'] ?? 1);
$only = (string) ($options['only'] ?? '');
// Only the rooms where a survivor is a hole.
$rooms = isset($options['rooms']);
if ($count < 1) {
    fwrite(STDERR, "--count must be a number above 0, for example --count=200, or --count=all.\n");
    exit(2);
}
// Where a survivor is a hole; elsewhere it is listed only.
const MATTERS = '~^(core/src/(Limits|Fit|Gate|Dose|Progress)|app/(Policies|Actions|Http/\w+/Requests))/~';
// Elsewhere nothing is proved by tests that take longer: such a change is listed too.
const ELSEWHERE_SECONDS = 60;

$root = dirname(__DIR__, 2);
$accepted = [];
foreach (file($root.'/tests/Mutate/accepted.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $row) {
    if (! str_starts_with($row, '#')) {
        $accepted[explode(' | ', $row)[0]] = true;
    }
}

$again = is_file("$kept/again.txt") ? file("$kept/again.txt", FILE_IGNORE_NEW_LINES) ?: [] : [];
// The tests as they were covered when a source changed last, and those that changed since as they are.
$covered = static fn (string $suite): Coverage => Coverage::read("$kept/$suite.cov", "$kept/$suite.xml")->renewed(
    $again,
    is_file("$kept/$suite-again.cov") ? Coverage::read("$kept/$suite-again.cov", "$kept/$suite-again.xml") : null,
);
$coverages = ['core/src/' => $covered('core'), 'app/' => $covered('feature')];
$all = [];
foreach (array_keys($coverages) as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$copy/$folder")) as $file) {
        if ($file->getExtension() === 'php') {
            $path = str_replace("$copy/", '', $file->getPathname());
            if (
                ($only === '' || preg_match("~$only~", $path) === 1) &&
                (! $rooms || preg_match(MATTERS, $path) === 1)
            ) {
                array_push($all, ...Mutations::of($path, (string) file_get_contents($file->getPathname())));
            }
        }
    }
}
$place = static fn (Mutant $m): array => [$m->file, $m->start, $m->kind, $m->to];
usort($all, static fn (Mutant $a, Mutant $b): int => $place($a) <=> $place($b));
$luck = new Random\Randomizer(new Random\Engine\Mt19937($seed));
$sample = array_slice($luck->shuffleArray($all), 0, $count);

// A run that was cut goes on where it stopped: a change has one fate, whichever sample it is drawn for.
$log = "$kept/fates.jsonl";
$done = [];
foreach (is_file($log) ? file($log, FILE_IGNORE_NEW_LINES) ?: [] : [] as $row) {
    $read = json_decode($row, true);
    $done[$read['id'].'@'.$read['line']] = $read['fate'];
}
$key = static fn (Mutant $mutant): string => $mutant->id().'@'.$mutant->line;
$tried = count(array_filter($sample, static fn (Mutant $mutant): bool => isset($done[$key($mutant)])));
$waiting = array_values(array_filter($sample, static fn (Mutant $mutant): bool => ! isset($done[$key($mutant)])));
// What the core's own tests never run may be run through the application alone.
$testsOf = static function (Mutant $mutant) use ($coverages): Selection {
    $own = str_starts_with($mutant->file, 'app/') ? null : $coverages['core/src/']->testsOf($mutant);

    return $own === null || $own->isEmpty() ? $coverages['app/']->testsOf($mutant) : $own;
};
$matters = static fn (Mutant $mutant): bool => preg_match(MATTERS, $mutant->file) === 1;
// What goes round in circles is noticed; elsewhere the tests may only have been cut.
$noticed = static fn (Mutant $mutant, string $fate): bool => $fate === 'killed'
    || ($fate === 'too long' && $matters($mutant));
$trials = [];
$survived = 0;
while ($waiting !== [] || $trials !== []) {
    foreach ($copies as $at) {
        if (! isset($trials[$at]) && $waiting !== []) {
            $mutant = array_shift($waiting);
            $trials[$at] = $matters($mutant)
                ? new Trial($mutant, $testsOf($mutant), $at)
                : new Trial($mutant, $testsOf($mutant), $at, ELSEWHERE_SECONDS);
        }
    }
    foreach ($trials as $at => $trial) {
        $fate = $trial->fate();
        if ($fate === null) {
            continue;
        }
        unset($trials[$at]);
        $mutant = $trial->mutant;
        $done[$key($mutant)] = $fate;
        $row = ['id' => $mutant->id(), 'line' => $mutant->line, 'fate' => $fate, 'says' => $mutant->says()];
        file_put_contents($log, json_encode($row)."\n", FILE_APPEND);
        $survived += $noticed($mutant, $fate) ? 0 : 1;
        $filled = (int) (40 * ++$tried / count($sample));
        fprintf(
            STDERR, stream_isatty(STDERR) ? "\r[%s%s] %d of %d, %d survived" : "[%s%s] %d of %d, %d survived\n",
            str_repeat('#', $filled), str_repeat('.', 40 - $filled), $tried, count($sample), $survived,
        );
    }
    usleep(10_000);
}
fwrite(STDERR, "\n");

$killed = $circles = $holes = 0;
foreach ($sample as $mutant) {
    $fate = $done[$key($mutant)];
    if ($noticed($mutant, $fate)) {
        $killed++;
        $circles += $fate === 'too long' ? 1 : 0;

        continue;
    }
    $known = isset($accepted[$mutant->id()]);
    $hole = ! $known && $matters($mutant);
    $holes += $hole ? 1 : 0;
    printf("%s %s (%s)\n    %s\n", $hole ? '!' : ($known ? '=' : '-'), $mutant->says(), $fate, $mutant->id());
}
$circles > 0 && printf("%d of the killed ran out of time.\n", $circles);
printf("mutate: tried=%d killed=%d survived_that_matter=%d\n", count($sample), $killed, $holes);
exit($holes > 0 ? 1 : 0);
