<?php

declare(strict_types=1);

namespace Tests\House;

use RuntimeException;

/** A checkout of its own, with its own ports, as on a machine that has the packages already. */
final class Checkout
{
    public readonly string $folder;

    public readonly string $address;

    /** @var array<string, string> by host: what a browser keeps */
    private array $cookies = [];

    public function __construct(private readonly int $port, private readonly int $databasePort)
    {
        $this->folder = sys_get_temp_dir().'/zebrafinch-place-'.bin2hex(random_bytes(4));
        $this->address = "http://127.0.0.1:{$port}";
        $from = dirname(__DIR__, 2);
        mkdir("{$this->folder}/var/stamps", 0755, true);
        chmod($this->folder, 0755);
        $parts = 'agent app artisan boards bootstrap catalogues composer.json config core database demo deploy docs package.json
            package-lock.json public resources standins tools vite.config.ts web zebrafinch';
        self::must('cp -r '.preg_replace('/(\S+)/', "{$from}/\$1", (string) preg_replace('/\s+/', ' ', $parts))." {$this->folder}/");
        self::must("cp -al {$from}/vendor {$this->folder}/vendor 2>/dev/null || cp -r {$from}/vendor {$this->folder}/vendor");
        self::must("cp -al {$from}/node_modules {$this->folder}/node_modules 2>/dev/null || cp -r {$from}/node_modules {$this->folder}/");
        self::must("cp {$from}/var/stamps/composer {$from}/var/stamps/npm {$this->folder}/var/stamps/");
        self::must("rm -f {$this->folder}/bootstrap/cache/*.php");
    }

    public function __destruct()
    {
        $this->run('stop');
        exec('pkill -9 -f '.escapeshellarg($this->folder));
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    /** @return array{string, int} what `./zebrafinch` said, and how it ended */
    public function run(string $command): array
    {
        exec($this->command($command), $lines, $status);

        return [implode("\n", $lines), $status];
    }

    public function command(string $command): string
    {
        // The settings of the tests are not those of the place.
        $environment = 'PATH='.escapeshellarg((string) getenv('PATH')).' HOME='.escapeshellarg((string) getenv('HOME'));

        return "cd {$this->folder} && env -i {$environment} ZEBRAFINCH_PORT={$this->port} ZEBRAFINCH_DB_PORT={$this->databasePort} ".
            "timeout 120 ./zebrafinch {$command} 2>&1 </dev/null";
    }

    /** The number of a part's first process; null where there is none. */
    public function processOf(string $part): ?int
    {
        $path = $part === 'database' ? 'postgres/postmaster.pid' : "run/{$part}.pid";
        $text = @file_get_contents("{$this->folder}/var/{$path}");

        return $text === false ? null : (int) $text;
    }

    public function isReady(): bool
    {
        return $this->ask('GET', '/up?ready')['status'] === 200;
    }

    /** @return float seconds until it is so */
    public function waitUntil(callable $isSo, float $most = 15): float
    {
        $began = microtime(true);
        while (! $isSo()) {
            if (microtime(true) - $began > $most) {
                throw new RuntimeException("It was not so after {$most} seconds.");
            }
            usleep(120_000);
        }

        return microtime(true) - $began;
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @param  list<string>  $headers
     * @return array{status: int, data: mixed}
     */
    public function ask(string $method, string $path, ?array $body = null, ?string $address = null, array $headers = []): array
    {
        $headers = ['Accept: application/json', 'Content-Type: application/json', ...$headers];
        if ($this->cookies !== []) {
            $pairs = array_map(static fn ($name, $value): string => "{$name}={$value}", array_keys($this->cookies), $this->cookies);
            $headers[] = 'Cookie: '.implode('; ', $pairs);
            $headers[] = 'X-XSRF-TOKEN: '.rawurldecode($this->cookies['XSRF-TOKEN'] ?? '');
        }
        $curl = curl_init(($address ?? $this->address).$path);
        curl_setopt_array($curl, [
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_HTTPHEADER => $headers,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 10,
            CURLOPT_HEADERFUNCTION => function ($curl, string $line): int {
                if (preg_match('/^Set-Cookie: ([^=]+)=([^;]*)/i', $line, $cookie) === 1) {
                    $this->cookies[$cookie[1]] = $cookie[2];
                }

                return strlen($line);
            },
        ]);
        if ($body !== null) {
            curl_setopt($curl, CURLOPT_POSTFIELDS, json_encode($body, JSON_THROW_ON_ERROR));
        }
        $text = curl_exec($curl);

        return ['status' => (int) curl_getinfo($curl, CURLINFO_HTTP_CODE), 'data' => json_decode((string) $text, true)];
    }

    /** Signs in as somebody of the demo. */
    public function signIn(string $account): void
    {
        $this->cookies = [];
        $answer = $this->ask('POST', '/api/session', ['email' => "{$account}@saltmarsh.example", 'password' => 'night-train']);
        if ($answer['status'] !== 200) {
            throw new RuntimeException('Signing in was refused: '.json_encode($answer));
        }
    }

    public function setting(string $name): string
    {
        $files = array_map(fn (string $file): string => (string) @file_get_contents("{$this->folder}/var/{$file}"), [
            'settings.env',
            'owner.env',
        ]);
        preg_match("/^{$name}=(.*)$/m", implode("\n", $files), $found);

        return $found[1] ?? '';
    }

    private static function must(string $command): void
    {
        exec("{$command} 2>&1", $lines, $status);
        if ($status !== 0) {
            throw new RuntimeException("{$command}: ".implode("\n", $lines));
        }
    }
}
