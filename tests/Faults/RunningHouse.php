<?php

declare(strict_types=1);

namespace Tests\Faults;

use Database\Seeders\DemoWorld;

/** A web server and workstations of their own, in processes that can be killed. */
final class RunningHouse
{
    private const PORT = 8476;

    /** @var array<string, resource> */
    private array $processes = [];

    public readonly string $folder;

    public function __construct(private readonly string $database)
    {
        $this->folder = sys_get_temp_dir().'/zebrafinch-house-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    public function startServer(): void
    {
        $this->start('web', [
            PHP_BINARY, '-d', 'opcache.enable=1', '-d', 'display_errors=0',
            '-S', '127.0.0.1:'.self::PORT, '-t', base_path('public'), base_path('deploy/web/router.php'),
        ]);
    }

    public function startWorkstation(string $suite): void
    {
        $this->start($suite, [
            PHP_BINARY,
            base_path('standins/workstation/run.php'),
            "--suite={$suite}",
            '--token='.DemoWorld::TOKENS[$suite],
            '--server=http://127.0.0.1:'.self::PORT,
            "--folder={$this->folder}/{$suite}",
        ]);
    }

    public function kill(string $name): void
    {
        // The whole group: the server's workers too.
        posix_kill(-proc_get_status($this->processes[$name])['pid'], SIGKILL);
        proc_close($this->processes[$name]);
        unset($this->processes[$name]);
    }

    public function end(): void
    {
        foreach (array_keys($this->processes) as $name) {
            $this->kill($name);
        }
    }

    /** @param  list<string>  $command */
    private function start(string $name, array $command): void
    {
        $environment = [
            'DB_DATABASE' => $this->database,
            'AGENT_PRESENCE' => "{$this->folder}/presence",
            'CACHE_STORE' => 'database',
            'APP_ENV' => 'production',
            'PHP_CLI_SERVER_WORKERS' => '3',
        ];
        $silent = ['file', '/dev/null', 'w'];
        $process = proc_open(['setsid', ...$command], [$silent, $silent, $silent], $pipes, null, $environment + getenv());
        $this->processes[$name] = is_resource($process) ? $process : throw new \RuntimeException("{$name} did not start.");
    }
}
