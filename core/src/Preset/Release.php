<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

use Zebrafinch\Core\Keymap\Bindings;

/** What a release of a preset holds: the bindings of each application. Its digest is over exactly this. */
final readonly class Release
{
    /** The interchange format's version; part of the digest. */
    private const FORMAT = 'zebrafinch-preset/1';

    /** @param  array<string, Bindings>  $keymaps by application */
    private function __construct(public array $keymaps)
    {
    }

    /** @param  array<string, Bindings>  $keymaps by application; at least one */
    public static function of(array $keymaps): self
    {
        if ($keymaps === []) {
            throw EmptyPreset::noKeymap();
        }
        ksort($keymaps);

        return new self($keymaps);
    }

    /** @return array{format: string, keymaps: array<string, list<array{chord: string, command: string, context: string, gesture: string}>>} */
    public function toData(): array
    {
        return ['format' => self::FORMAT, 'keymaps' => array_map(static fn (Bindings $bindings): array => $bindings->toData(), $this->keymaps)];
    }

    /** SHA-256 over the canonical JSON (RFC 8785) of {@see toData()}, in lower-case hex. */
    public function digest(): string
    {
        return CanonicalJson::digest($this->toData());
    }
}
