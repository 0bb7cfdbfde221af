<?php

declare(strict_types=1);

namespace Tests\Mutate;

use RuntimeException;

/** One change in one copy of the project, while the tests that run it go on beside others. */
final class Trial
{
    /** Beyond what the tests take by themselves: what is not done then goes round in circles. */
    private const SECONDS = 30;

    /** @var resource|null */
    private $process;

    private readonly string $source;

    private readonly string $said;

    /** @var list<list<string>> */
    private array $runs;

    private readonly int $seconds;

    /**
     * @param  string  $copy  the folder, whose last figure is that of its database too
     * @param  int  $most  the most that the tests may take, seconds
     */
    public function __construct(
        public readonly Mutant $mutant,
        Selection $tests,
        private readonly string $copy,
        int $most = PHP_INT_MAX,
    ) {
        $this->seconds = min($most, (int) ceil(self::SECONDS + $tests->seconds));
        $this->source = (string) file_get_contents("$copy/{$mutant->file}");
        $this->said = "$copy/said.txt";
        $this->runs = $tests->runs();
        if ($this->runs !== []) {
            file_put_contents("$copy/{$mutant->file}", $mutant->in($this->source));
            $this->process = $this->next();
        }
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
        $found = ! str_contains((string) file_get_contents($this->said), 'No tests found');
        if ($status['exitcode'] === 0 && $found && $this->runs !== []) {
            $this->process = $this->next();

            return null;
        }
        file_put_contents("{$this->copy}/{$this->mutant->file}", $this->source);

        return match (true) {
            ! $found => 'not run',
            $status['exitcode'] === 124 => 'too long',
            default => $status['exitcode'] === 0 ? 'survived' : 'killed',
        };
    }

    /** @return resource */
    private function next()
    {
        $out = ['file', $this->said, 'w'];
        // The environment wins over phpunit.xml: two that shared a database would lock each other out.
        $own = [
            'BUOYANT_MIGRATED' => '1',
            'DB_DATABASE' => 'buoyant_test_'.substr((string) strrchr($this->copy, '-'), 1),
        ];
        $process = proc_open(
            [
                'timeout',
                (string) $this->seconds,
                'php',
                '-d',
                'memory_limit=1G',
                'vendor/bin/pest',
                '--colors=never',
                '--bail',
                ...array_shift($this->runs) ?? [],
            ],
            [1 => $out, 2 => $out],
            $pipes,
            $this->copy,
            $own + getenv(),
        );

        return is_resource($process) ? $process : throw new RuntimeException('No process could be started.');
    }
}
