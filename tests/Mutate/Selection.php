<?php

declare(strict_types=1);

namespace Tests\Mutate;

/** The tests to run for one change, by file, the quickest first. */
final readonly class Selection
{
    /** Letters of a pattern: a longer one is none to PCRE, and finds no test. */
    private const LONGEST = 20_000;

    /** What stands between two words of a test's name. */
    private const ANY = '.{1,9}';

    /**
     * @param  array<string, list<string>>  $names  by file, with _ for whatever is no letter or figure
     * @param  float  $seconds  what all of them took while coverage was taken, which is slower than without it
     */
    public function __construct(private array $names, public float $seconds)
    {
    }

    /** A test's words as the name of a method. */
    public static function plain(string $words): string
    {
        return (string) preg_replace('/[^a-zA-Z0-9_\x80-\xff]/', '_', str_replace('_', '__', $words));
    }

    public function isEmpty(): bool
    {
        return $this->names === [];
    }

    /** @return list<list<string>> Pest's arguments, for one run after the other */
    public function runs(): array
    {
        $runs = $files = $names = [];
        $long = 0;
        foreach ($this->names as $file => $of) {
            foreach (array_unique($of) as $name) {
                $pattern = (string) preg_replace('/_+/', self::ANY, $name);
                if ($long + strlen($pattern) > self::LONGEST) {
                    $runs[] = self::arguments($names, $files);
                    [$files, $names, $long] = [[], [], 0];
                }
                $long += strlen($pattern) + 1;
                $names[] = $pattern;
                $files[$file] = true;
            }
        }

        return $names === [] ? $runs : [...$runs, self::arguments($names, $files)];
    }

    /**
     * @param  list<string>  $patterns
     * @param  array<string, true>  $files
     * @return list<string>
     */
    private static function arguments(array $patterns, array $files): array
    {
        return ['--filter=~::('.implode('|', $patterns).')$~', ...array_keys($files)];
    }
}
