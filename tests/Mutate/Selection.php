<?php

declare(strict_types=1);

namespace Tests\Mutate;

/** The tests to run for one change: their files, the quickest first, and which of each. */
final readonly class Selection
{
    /** An argument of a command holds 128 kB; past this whole files are run. */
    private const LONGEST = 100_000;

    /**
     * @param  list<string>  $files
     * @param  list<string>  $names  with _ for whatever is no letter or figure
     */
    public function __construct(public array $files, private array $names)
    {
    }

    /** A test's words as the name of a method. */
    public static function plain(string $words): string
    {
        return (string) preg_replace('/[^a-zA-Z0-9_\x80-\xff]/', '_', str_replace('_', '__', $words));
    }

    /** @return list<string> Pest's arguments */
    public function arguments(): array
    {
        $any = '[^a-zA-Z0-9\x80-\xff]+';
        $names = array_map(
            static fn (string $name): string => (string) preg_replace('/_+/', $any, $name), array_unique($this->names),
        );
        $filter = '~::('.implode('|', $names).')$~';

        return strlen($filter) > self::LONGEST ? $this->files : ['--filter='.$filter, ...$this->files];
    }
}
