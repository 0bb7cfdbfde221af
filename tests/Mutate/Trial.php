<?php

declare(strict_types=1);

namespace Tests\Mutate;

use RuntimeException;

/** One change in one copy of the project, while the tests that run it go on beside others. */
final class Trial
{
    private const SECONDS = 90;

    /** @var resource|null */
    private $process;

    private readonly string $source;

    private readonly string $said;

    public function __construct(
        public readonly Mutant $mutant,
        private readonly Selection $tests,
        private readonly string $copy,
    ) {
        $this->source = (string) file_get_contents("$copy/{$mutant->file}");
        $this->said = "$copy/said.txt";
        if ($tests->files === []) {
            return;
        }
        file_put_contents("$copy/{$mutant->file}", $mutant->in($this->source));
        $out = ['file', $this->said, 'w'];
        $process = proc_open([
            'timeout', (string) self::SECONDS, 'php', '-d', 'memory_limit=1G', 'vendor/bin/pest', '--colors=never',
            '--bail', ...$tests->arguments(),
        ], [1 => $out, 2 => $out], $pipes, $copy, ['BUOYANT_MIGRATED' => '1'] + getenv());
        $this->process = is_resource($process) ? $process : throw new RuntimeException('No process could be started.');
    }

    /** killed, survived, too long or not run; null while the tests still run. */
    public function fate(): ?string
    {
        if ($this->process === null) {
            return 'not run';
        }
        $status = proc_get_status($this->process);
        if ($status['running']) {
            return null;
        }
        proc_close($this->process);
        file_put_contents("{$this->copy}/{$this->mutant->file}", $this->source);

        return match (true) {
            str_contains((string) file_get_contents($this->said), 'No tests found') => 'not run',
            $status['exitcode'] === 124 => 'too long',
            default => $status['exitcode'] === 0 ? 'survived' : 'killed',
        };
    }
}
