<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\StoredFile;
use App\Models\Suite;
use App\Preset\HouseSignature;
use Zebrafinch\Core\Preset\BrokenArchive;

/** An assignment on a stick, and the report that comes back on it. */
final readonly class Bundles
{
    private const FORMAT = 'zebrafinch-bundle/1';

    private const REPORT_FORMAT = 'zebrafinch-report/1';

    public function __construct(private AssignmentDocument $document, private HouseSignature $signature, private Reports $reports)
    {
    }

    public function of(Suite $suite): string
    {
        $assignment = json_encode($this->document->forStick($suite), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
        $files = [];
        foreach ($suite->state->toInstall() as $due) {
            if ($due->sha256 !== null) {
                $files[$due->sha256] = base64_encode((string) StoredFile::bytesOf($due->sha256));
            }
        }
        $key = $this->signature->key();

        return json_encode(
            [
                'format' => self::FORMAT,
                'assignment' => $assignment,
                'public_key' => $key->publicKey(),
                'signature' => $key->sign($assignment),
                'files' => (object) $files,
            ],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES,
        );
    }

    /**
     * The text of a report and the files with it, if whoever wrote it has the token of the suite.
     *
     * @return array{array<string, mixed>, list<string>} the report, and bytes of files
     *
     * @throws BrokenArchive
     */
    public function read(Suite $suite, string $text): array
    {
        $data = json_decode($text, true);
        if (! is_array($data) || ($data['format'] ?? null) !== self::REPORT_FORMAT || ! is_string($data['report'] ?? null)) {
            throw BrokenArchive::notReport();
        }
        if (
            $suite->token_hash === null ||
            ! hash_equals(hash_hmac('sha256', $data['report'], $suite->token_hash), (string) ($data['code'] ?? ''))
        ) {
            throw BrokenArchive::notOf($suite->name);
        }
        $report = json_decode($data['report'], true);
        $files = array_map(
            static fn (mixed $bytes): string => (string) base64_decode(is_string($bytes) ? $bytes : '', true),
            is_array($data['files'] ?? null) ? array_values($data['files']) : [],
        );

        return [is_array($report) ? $report : throw BrokenArchive::notReport(), $files];
    }

    /** @param  list<string>  $files */
    public function take(Suite $suite, AgentReport $report, array $files): void
    {
        foreach ($files as $bytes) {
            StoredFile::store($bytes);
        }
        $this->reports->take($suite, $report);
    }
}
