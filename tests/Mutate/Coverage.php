<?php

declare(strict_types=1);

namespace Tests\Mutate;

use RuntimeException;
use SebastianBergmann\CodeCoverage\CodeCoverage;

/** Which tests run a line, and how long each of them takes. */
final class Coverage
{
    private const NAME = '__pest_evaluable_';

    /** The folder of a copy, as it stood when its coverage was taken. */
    private const COPY = '~^.*/copy-\d+/~';

    /**
     * @param  array<string, array<int, list<string>>>  $lines  source file to line to tests, each "file::name"
     * @param  array<string, float>  $seconds  by test
     */
    private function __construct(private readonly array $lines, private readonly array $seconds)
    {
    }

    /**
     * @param  string  $coverage  what Pest wrote with --coverage-php
     * @param  string  $times  what it wrote with --log-junit
     */
    public static function read(string $coverage, string $times): self
    {
        $read = require $coverage;
        if (! $read instanceof CodeCoverage) {
            throw new RuntimeException("$coverage holds no coverage.");
        }
        $lines = $known = [];
        foreach ($read->getData()->lineCoverage() as $source => $covered) {
            $source = (string) preg_replace(self::COPY, '', $source);
            foreach ($covered as $line => $tests) {
                $by = [];
                foreach ($tests ?? [] as $test) {
                    $by[$known[$test] ??= self::name($test)] = true;
                }
                $lines[$source][$line] = array_keys($by);
            }
        }

        return new self($lines, self::seconds($times, array_flip($known)));
    }

    /**
     * The same with these test files as they were covered later; null where none of them is left.
     *
     * @param  list<string>  $files
     */
    public function renewed(array $files, ?self $later): self
    {
        $gone = array_flip($files);
        $stays = static fn (string $test): bool => ! isset($gone[explode('::', $test)[0]]);
        $lines = [];
        foreach ($this->lines as $source => $covered) {
            foreach ($covered as $line => $tests) {
                $lines[$source][$line] = array_values(array_filter($tests, $stays));
            }
        }
        foreach ($later->lines ?? [] as $source => $covered) {
            foreach ($covered as $line => $tests) {
                $lines[$source][$line] = [...$lines[$source][$line] ?? [], ...$tests];
            }
        }

        $seconds = array_filter($this->seconds, $stays, ARRAY_FILTER_USE_KEY);

        return new self($lines, [...$seconds, ...$later->seconds ?? []]);
    }

    /** The tests that run this line, as Pest is asked for them: nobody's, or those files and their names. */
    public function testsOf(Mutant $mutant): Selection
    {
        $lines = $this->lines[$mutant->file] ?? [];
        $tests = $lines[$mutant->line] ?? [];
        // A line inside a longer expression counts with the one that it begins on, in the same method.
        for ($line = $mutant->line; $tests === [] && $line >= ($mutant->within[0] ?? PHP_INT_MAX); $line--) {
            $tests = $lines[$line] ?? [];
        }
        // What is left counts with its whole method; a constant is run by nobody and used by whoever runs its file.
        if ($tests === []) {
            [$from, $to] = $mutant->within ?? [0, PHP_INT_MAX];
            $near = array_filter($lines, static fn (int $n): bool => $n >= $from && $n <= $to, ARRAY_FILTER_USE_KEY);
            $tests = array_values(array_unique(array_merge(...array_values($near))));
        }
        $cost = $names = [];
        foreach ($tests as $test) {
            [$file, $name] = explode('::', $test);
            $cost[$file] = ($cost[$file] ?? 0.0) + ($this->seconds[$test] ?? 0.1);
            $names[$file][] = $name;
        }
        asort($cost);

        return new Selection(array_replace($cost, $names), array_sum($cost));
    }

    /** "P\Core\tests\Limits\WordsTest::__pest_evaluable_it_knows#0" is core/tests/Limits/WordsTest.php::it_knows. */
    private static function name(string $test): string
    {
        [$class, $method] = explode('::', $test, 2);
        $path = lcfirst(str_replace('\\', '/', (string) preg_replace('/^P\\\\/', '', $class))).'.php';

        return $path.'::'.str_replace(self::NAME, '', explode('#', $method)[0]);
    }

    /**
     * @param  array<string, mixed>  $known  by test
     * @return array<string, float> by test, all rows of its data together
     */
    private static function seconds(string $file, array $known): array
    {
        // A data set of hostile bytes stands in its test's name.
        $xml = simplexml_load_string(mb_scrub((string) file_get_contents($file), 'UTF-8'));
        $seconds = [];
        foreach (($xml === false ? [] : $xml->xpath('//testcase')) ?: [] as $case) {
            $path = explode('::', (string) $case['file'])[0];
            $name = $path.'::'.Selection::plain((string) $case['name']);
            // What follows " with" is the row of data.
            while (! isset($known[$name]) && ($at = strrpos($name, '_with_')) !== false) {
                $name = substr($name, 0, $at);
            }
            $seconds[$name] = ($seconds[$name] ?? 0) + (float) $case['time'];
        }

        return $seconds;
    }
}
