<?php

declare(strict_types=1);

namespace Zebrafinch\Agent;

/** The assignment of a suite on a stick, signed by the house, and the report that goes back on it. */
final class Bundle
{
    public const FORMAT = 'zebrafinch-bundle/1';

    public const REPORT_FORMAT = 'zebrafinch-report/1';

    public function __construct(
        private readonly Settings $settings,
        private readonly Workstation $workstation,
        private readonly Installer $installer,
        private readonly StateFolder $state,
    ) {
    }

    /**
     * @return string what was done, in a sentence
     *
     * @throws AgentRefuses
     */
    public function install(string $path, string $reportPath): string
    {
        $assignment = $this->read($path);
        $running = ($assignment['when'] ?? 'now') === 'closed' ? $this->workstation->running() : [];
        $held = $this->installer->install($assignment['number'], $assignment['install'], $running);
        $this->writeReport($reportPath, $held, $assignment);

        return $held === []
            ? "Assignment {$assignment['number']} is installed."
            : 'Nothing was installed: '.
                    implode(
                        ', ',
                        array_map(
                            static fn (string $application, string $why): string => "{$application} ({$why})",
                            array_keys($held),
                            $held,
                        ),
                    ).
                    '. Bring the report back, and fetch a new bundle.';
    }

    /** @return array<string, mixed> */
    private function read(string $path): array
    {
        $bundle = json_decode((string) @file_get_contents($path), true);
        if (! is_array($bundle) || ($bundle['format'] ?? null) !== self::FORMAT) {
            throw new AgentRefuses("{$path} is not a bundle.");
        }
        $text = (string) ($bundle['assignment'] ?? '');
        if (! $this->isOfTheHouse($text, (string) ($bundle['signature'] ?? ''))) {
            throw new AgentRefuses("{$path} was not signed by this house; nothing was installed.");
        }
        $assignment = json_decode($text, true);
        if (! is_array($assignment) || ($assignment['suite'] ?? null) !== $this->settings->suite) {
            throw new AgentRefuses("{$path} is for another suite; nothing was installed.");
        }
        if ($assignment['number'] < $this->state->number()) {
            throw new AgentRefuses("{$path} is older than what is installed; nothing was installed.");
        }
        foreach (array_column($assignment['install'], 'sha256') as $sha256) {
            $bytes = base64_decode((string) ($bundle['files'][$sha256 ?? ''] ?? ''), true);
            if ($sha256 !== null && ($bytes === false || hash('sha256', $bytes) !== $sha256)) {
                throw new AgentRefuses("{$path} lacks a file, or has another in its stead; nothing was installed.");
            }
            if ($sha256 !== null) {
                $this->state->fetch($sha256, (string) $bytes);
            }
        }

        return $assignment;
    }

    private function isOfTheHouse(string $text, string $signature): bool
    {
        [$raw, $key] = [
            self::raw($signature, SODIUM_CRYPTO_SIGN_BYTES),
            self::raw($this->settings->houseKey, SODIUM_CRYPTO_SIGN_PUBLICKEYBYTES),
        ];

        return $raw !== null && $key !== null && sodium_crypto_sign_verify_detached($raw, $text, $key);
    }

    /** @return non-empty-string|null null where it is not that many bytes in hex */
    private static function raw(string $hex, int $bytes): ?string
    {
        $raw = strlen($hex) === 2 * $bytes && ctype_xdigit($hex) ? hex2bin($hex) : '';

        return $raw === '' || $raw === false ? null : $raw;
    }

    /**
     * @param  array<string, string>  $held
     * @param  array<string, mixed>  $assignment
     */
    private function writeReport(string $path, array $held, array $assignment): void
    {
        $report = new Report($this->workstation, $this->state);
        $told = $report->of($held, $assignment['system'], $assignment['number']);
        $text = json_encode(
            $told + ['at' => time(), 'sequence' => $report->sequence(), 'instance' => $this->state->instance()],
            JSON_THROW_ON_ERROR,
        );
        $files = [];
        foreach ($told['files'] as ['sha256' => $sha256, 'installed' => $installed]) {
            $bytes = $sha256 === null || $sha256 === $installed ? null : $report->bytes($sha256);
            if ($bytes !== null) {
                $files[$sha256] = base64_encode($bytes);
            }
        }
        (new LocalDisk())->write(
            $path,
            json_encode(
                [
                    'format' => self::REPORT_FORMAT,
                    'report' => $text,
                    // The server has the token only as its digest, and that is enough to know that whoever wrote this has it.
                    'code' => hash_hmac('sha256', $text, hash('sha256', $this->settings->token)),
                    'files' => (object) $files,
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
    }
}
