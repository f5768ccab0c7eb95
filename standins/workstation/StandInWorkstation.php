<?php

declare(strict_types=1);

namespace Standins\Workstation;

use Standins\KeyPress;
use Standins\StandIns;
use Standins\Strip;
use Zebrafinch\Agent\Disk;
use Zebrafinch\Agent\Workstation;

/** A folder of key files with simulated applications in front of it. Files in it are switches: see standins/README.md. */
final class StandInWorkstation implements Workstation
{
    private const FILES = [
        'cutloom' => 'cutloom-keys.xml',
        'faderloft' => 'faderloft.keys.tsv',
        'easeframe' => 'easeframe.keys',
        'gradewell' => 'gradewell-maps.json',
        'rotomere' => 'rotomere-keys.yaml',
        'boardwick' => 'boardwick-keys.csv',
        'desktop' => 'desktop-titles.json',
    ];

    private const MOST_REHEARSALS = 20;

    private readonly SwitchedDisk $disk;

    /** @var array<string, Strip> by rehearsal */
    private array $strips = [];

    /** @var array<string, array{string, string|null}> by application: the digest of the file that was read last, and why it was refused */
    private array $loaded = [];

    public function __construct(private readonly string $folder, private readonly StandIns $standIns)
    {
        is_dir($folder) || @mkdir($folder, 0775, true);
        $this->disk = new SwitchedDisk($folder);
    }

    public function isOffline(): bool
    {
        clearstatcache();

        return is_file("{$this->folder}/OFFLINE");
    }

    public function disk(): Disk
    {
        return $this->disk;
    }

    public function files(): array
    {
        $files = self::FILES;
        // Whoever brings an application of the house to this workstation says in APPLICATIONS what its file is called here.
        foreach (array_chunk($this->words('APPLICATIONS'), 2) as $pair) {
            if (isset($pair[1]) && ! isset($files[$pair[0]])) {
                $files[$pair[0]] = basename($pair[1]);
            }
        }

        return array_map(fn (string $name): string => "{$this->folder}/{$name}", $files);
    }

    /** What the applications in front of the folder write: `cutloom.usage.csv` and the like. */
    public function usageLogs(): array
    {
        $logs = [];
        foreach (array_keys($this->files()) as $application) {
            $logs[$application] = "{$this->folder}/{$application}.usage.csv";
        }

        return $logs;
    }

    /** The words of the file RUNNING. */
    public function running(): array
    {
        return $this->words('RUNNING');
    }

    /** The two words of the file FOCUS. */
    public function focus(): ?array
    {
        $words = $this->words('FOCUS');

        return count($words) === 2 ? ['application' => $words[0], 'context' => $words[1]] : null;
    }

    public function loads(string $application, ?string $bytes, string $system): array
    {
        // An application reads its file once, and again when it is another one.
        $digest = hash('xxh128', "{$system} {$bytes}");
        if (($this->loaded[$application][0] ?? null) !== $digest) {
            $this->loaded[$application] = [$digest, $bytes === null ? null : $this->standIns->refusal($application, $bytes, $system)];
        }
        $says = $this->loaded[$application][1];

        return ['loaded' => $says === null, 'says' => $says];
    }

    public function press(array $press, string $system): array
    {
        $strip = $this->strips[$press['rehearsal']] ??= new Strip();
        $this->strips = array_slice($this->strips, -self::MOST_REHEARSALS, null, true);
        if ($press['gesture'] === 'let-go') {
            return $this->standIns->letGo($strip);
        }
        if (isset($press['described'])) {
            $described = $press['described'];
            $this->standIns->describe(
                $press['application'],
                ['factory' => (string) base64_decode($described['factory'], true)] + $described,
            );
        }

        return $this->standIns->press(
            $press['application'],
            $this->bytes($press['application']),
            $this->bytes('desktop'),
            $system,
            $press['focus'],
            new KeyPress($press['code'], $press['held'], $press['characters'], $press['dead'], $press['gesture'] === 'hold'),
            $strip,
        );
    }

    private function bytes(string $application): ?string
    {
        $bytes = $this->disk->read($this->files()[$application]);

        return is_string($bytes) ? $bytes : null;
    }

    /** @return list<string> */
    private function words(string $file): array
    {
        $text = is_file("{$this->folder}/{$file}") ? (string) file_get_contents("{$this->folder}/{$file}") : '';

        return array_values(array_filter(preg_split('/\s+/', trim($text)) ?: [], static fn (string $word): bool => $word !== ''));
    }
}
