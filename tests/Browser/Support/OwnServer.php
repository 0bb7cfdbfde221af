<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;

/** A web server of a test's own on the demo's database, to be stopped and started again: a phone without a signal. */
final class OwnServer
{
    public readonly string $base;

    private readonly int $port;

    /** @var resource|null */
    private $process = null;

    public function __construct()
    {
        $this->port = Chrome::freePort();
        $this->base = "http://127.0.0.1:$this->port";
        $this->start();
    }

    public function start(): void
    {
        $public = dirname(__DIR__, 3).'/public';
        $process = proc_open(
            ['setsid', PHP_BINARY, '-q', '-S', "127.0.0.1:$this->port", '../bin/lib/server.php'],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes, $public, ['PHP_CLI_SERVER_WORKERS' => '3', ...self::surroundings()],
        );
        if ($process === false) {
            throw new RuntimeException('The web server did not start.');
        }
        $this->process = $process;
        $call = curl_init($this->base.'/mark.svg');
        curl_setopt($call, CURLOPT_RETURNTRANSFER, true);
        for ($i = 0; $i < 100; $i++) {
            if (curl_exec($call) !== false) {
                return;
            }
            usleep(50_000);
        }
        throw new RuntimeException('The web server does not answer.');
    }

    /** @return array<string, string> as this process was started in: the test's own settings stay its own */
    private static function surroundings(): array
    {
        return array_filter(array_intersect_key($_SERVER, getenv()), is_string(...));
    }

    public function stop(): void
    {
        if ($this->process !== null) {
            // It leads a group of its own, with all its workers.
            posix_kill(-proc_get_status($this->process)['pid'], SIGTERM);
            proc_close($this->process);
            $this->process = null;
            usleep(200_000);
        }
    }
}
