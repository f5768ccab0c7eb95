<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

/**
 * One key file as the agent of a suite last told of it.
 *
 * @phpstan-type ReportedData array{sha256: string|null, installed: string|null, held?: string|null, loaded?: bool|null, says?: string|null}
 */
final readonly class ReportedFile
{
    /**
     * @param  string|null  $sha256  of the file that is there; null for none
     * @param  string|null  $installed  of what the agent last put there; null when it never did
     * @param  bool|null  $loaded  whether the application took the file; null where it cannot be asked
     * @param  string|null  $says  what the application said when it did not take the file
     */
    public function __construct(
        public ?string $sha256,
        public ?string $installed,
        public ?Held $held = null,
        public ?bool $loaded = null,
        public ?string $says = null,
    ) {
    }

    /** @param  ReportedData  $data */
    public static function fromData(array $data): self
    {
        return new self(
            $data['sha256'],
            $data['installed'],
            Held::tryFrom($data['held'] ?? ''),
            $data['loaded'] ?? null,
            $data['says'] ?? null,
        );
    }

    /** @return array{sha256: string|null, installed: string|null, held: string|null, loaded: bool|null, says: string|null} */
    public function toData(): array
    {
        return [
            'sha256' => $this->sha256,
            'installed' => $this->installed,
            'held' => $this->held?->value,
            'loaded' => $this->loaded,
            'says' => $this->says,
        ];
    }

    /** Whether what is there is what was given, untouched since. */
    public function isGiven(): bool
    {
        return $this->sha256 !== null && $this->sha256 === $this->installed;
    }
}
