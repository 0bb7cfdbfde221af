<?php

declare(strict_types=1);

namespace Tests\Mutate;

/** One small change of one source file, by its place in the text. */
final readonly class Mutant
{
    /**
     * @param  array{int, int}|null  $within  first and last line of the method; null outside of one
     * @param  string  $place  what else stands on its line, and which it is of several like it
     */
    public function __construct(
        public string $file,
        public int $line,
        public int $start,
        public int $length,
        public string $to,
        public string $kind,
        public string $was,
        public ?array $within,
        public string $place,
    ) {
    }

    /** The same as long as the line and what was changed on it stay: an accepted survivor is known by this. */
    public function id(): string
    {
        $hash = substr(sha1("$this->was#$this->to#$this->place"), 0, 8);

        return sprintf('%s %s %s', $this->file, $this->kind, $hash);
    }

    public function in(string $source): string
    {
        return substr_replace($source, $this->to, $this->start, $this->length);
    }

    public function says(): string
    {
        $short = static fn (string $code): string => mb_strimwidth(
            (string) preg_replace('/\s+/', ' ', $code), 0, 70, '…',
        );

        return sprintf(
            '%s:%d %s: %s -> %s', $this->file, $this->line, $this->kind, $short($this->was),
            $this->to === '' ? '(nothing)' : $short($this->to),
        );
    }
}
