<?php

declare(strict_types=1);

namespace Tests\Mutate;

use RuntimeException;
use SebastianBergmann\CodeCoverage\CodeCoverage;

/** Which test files run a line, and how long each of them takes. */
final class Coverage
{
    /**
     * @param  array<string, array<int, list<string>>>  $lines  source file to line to test files
     * @param  array<string, float>  $seconds  by test file
     */
    public function __construct(public array $lines, public array $seconds)
    {
    }

    /**
     * @param  string  $coverage  what Pest wrote with --coverage-php
     * @param  string  $times  what it wrote with --log-junit
     */
    public static function read(string $coverage, string $times, string $root): self
    {
        $read = require $coverage;
        if (! $read instanceof CodeCoverage) {
            throw new RuntimeException("$coverage holds no coverage.");
        }
        $lines = $files = [];
        foreach ($read->getData()->lineCoverage() as $source => $covered) {
            $source = str_replace($root.'/', '', $source);
            foreach ($covered as $line => $tests) {
                $by = [];
                foreach ($tests ?? [] as $test) {
                    $class = explode('::', $test)[0];
                    $by[$files[$class] ??= self::file($class)] = true;
                }
                $lines[$source][$line] = array_keys($by);
            }
        }

        return new self($lines, self::seconds($times));
    }

    /** @return list<string> the test files that run this line, the quickest first */
    public function testsOf(Mutant $mutant): array
    {
        $tests = $this->lines[$mutant->file][$mutant->line] ?? [];
        // A line inside a longer expression counts with the one that it begins on.
        for ($line = $mutant->line; $tests === [] && $line > max(0, $mutant->line - 12); $line--) {
            $tests = $this->lines[$mutant->file][$line] ?? [];
        }
        // A constant is run by nobody and used by whoever runs its file.
        $tests = $tests === [] ? array_values(array_unique(array_merge(...$this->lines[$mutant->file] ?? []))) : $tests;
        usort($tests, fn (string $a, string $b): int => $this->cost($a) <=> $this->cost($b));

        return $tests;
    }

    private function cost(string $test): float
    {
        return $this->seconds[$test] ?? 1.0;
    }

    /** "P\Core\tests\Limits\WordsTest" is core/tests/Limits/WordsTest.php. */
    private static function file(string $class): string
    {
        $path = str_replace('\\', '/', (string) preg_replace('/^P\\\\/', '', $class)).'.php';

        return lcfirst($path);
    }

    /** @return array<string, float> */
    private static function seconds(string $file): array
    {
        // A data set of hostile bytes stands in its test's name.
        $xml = simplexml_load_string(mb_scrub((string) file_get_contents($file), 'UTF-8'));
        $seconds = [];
        $suites = $xml === false ? [] : $xml->xpath('//testsuite[testcase]');
        foreach ($suites === false ? [] : $suites as $suite) {
            $path = explode('::', (string) $suite['file'])[0];
            $seconds[$path] = ($seconds[$path] ?? 0) + (float) $suite['time'];
        }

        return $seconds;
    }
}
