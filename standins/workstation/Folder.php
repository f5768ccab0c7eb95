<?php

declare(strict_types=1);

namespace Standins\Workstation;

use RuntimeException;

/** The folder that a workstation's applications read their key files from. Nothing in it is overwritten without a copy. */
final class Folder
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

    private const COPIES = 'copies';

    public function __construct(private readonly string $path)
    {
        @mkdir("{$path}/".self::COPIES, 0775, true);
        if (! is_dir("{$path}/".self::COPIES)) {
            throw new RuntimeException("The folder {$path} cannot be made.");
        }
    }

    /** @return list<string> */
    public function applications(): array
    {
        return array_keys(self::FILES);
    }

    public function isOffline(): bool
    {
        return file_exists("{$this->path}/OFFLINE");
    }

    public function isReadOnly(): bool
    {
        return file_exists("{$this->path}/READ-ONLY") || ! is_writable($this->path);
    }

    /** @return array{application: string, context: string}|null what has the focus here: the two words of the file FOCUS */
    public function focus(): ?array
    {
        $text = is_file("{$this->path}/FOCUS") ? (string) file_get_contents("{$this->path}/FOCUS") : '';
        $words = preg_split('/\s+/', trim($text)) ?: [];

        return count($words) === 2 ? ['application' => $words[0], 'context' => $words[1]] : null;
    }

    /** The key file of an application, or null while there is none. */
    public function read(string $application): ?string
    {
        $path = $this->pathOf($application);
        $bytes = is_file($path) ? file_get_contents($path) : false;

        return $bytes === false ? null : $bytes;
    }

    /** Keeps a copy of what is there, and then puts the new file in its place in one step. */
    public function write(string $application, string $bytes): void
    {
        if ($this->isReadOnly()) {
            throw new RuntimeException('The folder of the key files is read-only; nothing was written.');
        }
        $this->copyBeforeOverwriting($application);
        $fresh = $this->pathOf($application).'.new';
        if (file_put_contents($fresh, $bytes) !== strlen($bytes) || ! rename($fresh, $this->pathOf($application))) {
            throw new RuntimeException('The key file could not be written; the old one is still there.');
        }
    }

    /** @return list<array{name: string, application: string, sha256: string, taken_at: string}> the newest first */
    public function copies(): array
    {
        $copies = [];
        foreach (glob("{$this->path}/".self::COPIES.'/*') ?: [] as $path) {
            [$time, $application] = explode('-', basename($path), 3);
            $copies[] = [
                'name' => basename($path),
                'application' => $application,
                'sha256' => (string) hash_file('sha256', $path),
                'taken_at' => gmdate('Y-m-d\TH:i:s\Z', (int) ((int) $time / 1000)),
            ];
        }

        return array_reverse($copies);
    }

    public function copy(string $name): string
    {
        $path = "{$this->path}/".self::COPIES.'/'.basename($name);
        $bytes = is_file($path) ? file_get_contents($path) : false;

        return $bytes === false ? throw new RuntimeException("There is no copy {$name}.") : $bytes;
    }

    private function copyBeforeOverwriting(string $application): void
    {
        $present = $this->read($application);
        if ($present === null) {
            return;
        }
        $name = sprintf('%d-%s-%s', (int) (microtime(true) * 1000), $application, self::FILES[$application]);
        if (file_put_contents("{$this->path}/".self::COPIES."/{$name}", $present) !== strlen($present)) {
            throw new RuntimeException('No copy could be made of the present key file; nothing was written.');
        }
    }

    private function pathOf(string $application): string
    {
        return "{$this->path}/".
            (self::FILES[$application] ?? throw new RuntimeException("This workstation has no application {$application}."));
    }
}
