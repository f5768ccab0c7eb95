<?php

declare(strict_types=1);

namespace App\Suite;

use Zebrafinch\Core\Suite\Held;
use Zebrafinch\Core\Suite\ReportedFile;

/** What an agent has told, as it came. */
final readonly class AgentReport
{
    /**
     * @param  int  $number  of the assignment that the agent knew when it told this
     * @param  array<string, ReportedFile>  $files  by application
     * @param  list<string>  $running
     * @param  list<array{application: string, sha256: string, taken_at: int, bytes: int}>  $copies
     * @param  array{application: string, context: string}|null  $focus
     */
    private function __construct(
        public int $sequence,
        public int $at,
        public int $number,
        public string $version,
        public array $files,
        public array $running,
        public array $copies,
        public ?array $focus,
    ) {
    }

    /** @param  array<string, mixed>  $data  validated */
    public static function fromData(array $data): self
    {
        $files = [];
        foreach ($data['files'] as $file) {
            $files[$file['application']] = new ReportedFile(
                $file['sha256'],
                $file['installed'],
                Held::tryFrom($file['held'] ?? ''),
                isset($file['loaded']) ? (bool) $file['loaded'] : null,
                $file['says'] ?? null,
            );
        }

        return new self(
            // A number that stands in a text has passed as one.
            (int) $data['sequence'],
            (int) $data['at'],
            (int) $data['number'],
            $data['version'],
            $files,
            array_values($data['running']),
            array_values(
                array_map(
                    static fn (array $copy): array => [
                        'application' => $copy['application'],
                        'sha256' => $copy['sha256'],
                        'taken_at' => (int) $copy['taken_at'],
                        'bytes' => (int) $copy['bytes'],
                    ],
                    $data['copies'],
                ),
            ),
            $data['focus'] ?? null,
        );
    }
}
