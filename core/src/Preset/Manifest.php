<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

use JsonException;
use Zebrafinch\Core\Text\CanonicalJson;

/**
 * What an archive says of itself: its files by size and digest, and who made it. The schema is docs/archive.schema.json; what it does not
 * name is read over and stays.
 *
 * @phpstan-type FileData array{bytes: int, sha256: string}
 */
final readonly class Manifest
{
    public const FORMAT = 'zebrafinch-archive/1';

    public const MOST_FILES = 200;

    /** Of one file, and of all files together. */
    public const MOST_BYTES = 8_388_608;

    public const MOST_BYTES_TOGETHER = 67_108_864;

    /**
     * @param  array<string, mixed>  $about  what the archive is, by its maker
     * @param  array<string, FileData>  $files  by path within the archive
     */
    private function __construct(public array $about, public array $files)
    {
    }

    /**
     * @param  array<string, mixed>  $about
     * @param  array<string, string>  $files  bytes by path
     */
    public static function of(array $about, array $files): self
    {
        ksort($files);

        return new self(
            $about,
            array_map(static fn (string $bytes): array => ['bytes' => strlen($bytes), 'sha256' => hash('sha256', $bytes)], $files),
        );
    }

    /** @throws BrokenArchive */
    public static function fromJson(string $text): self
    {
        try {
            $data = json_decode($text, true, 16, JSON_THROW_ON_ERROR);
        } catch (JsonException $error) {
            throw BrokenArchive::manifest("it is not JSON ({$error->getMessage()})");
        }
        if (! is_array($data) || ($data['format'] ?? null) !== self::FORMAT || ! is_array($data['files'] ?? null)) {
            throw BrokenArchive::manifest('it has not the format "'.self::FORMAT.'" and a list of files');
        }
        $files = [];
        foreach ($data['files'] as $path => $file) {
            if (! is_array($file) || ! is_int($file['bytes'] ?? null) || ! is_string($file['sha256'] ?? null)) {
                throw BrokenArchive::manifest("it does not say the size and the digest of {$path}");
            }
            $files[(string) $path] = ['bytes' => $file['bytes'], 'sha256' => $file['sha256']];
        }

        return new self(is_array($data['about'] ?? null) ? self::named($data['about']) : [], $files);
    }

    /**
     * @param  array<mixed>  $members
     * @return array<string, mixed>
     */
    private static function named(array $members): array
    {
        $named = [];
        foreach ($members as $name => $member) {
            $named[(string) $name] = $member;
        }

        return $named;
    }

    /** Canonical JSON (RFC 8785): what is signed. */
    public function toJson(): string
    {
        return CanonicalJson::of(['format' => self::FORMAT, 'about' => (object) $this->about, 'files' => (object) $this->files]);
    }

    /**
     * @param  array<string, string>  $files  bytes by path, as they came; more of them than the manifest names are no fault
     *
     * @throws BrokenArchive
     */
    public function check(array $files): void
    {
        foreach ($this->files as $path => $file) {
            if (! isset($files[$path])) {
                throw BrokenArchive::missing($path);
            }
            if (strlen($files[$path]) !== $file['bytes'] || ! hash_equals($file['sha256'], hash('sha256', $files[$path]))) {
                throw BrokenArchive::changed($path);
            }
        }
    }

    /**
     * Looks at what an archive says is in it before anything of it is read.
     *
     * @param  array<string, int>  $sizes  in bytes, by path
     *
     * @throws BrokenArchive
     */
    public static function checkBounds(array $sizes): void
    {
        if (count($sizes) > self::MOST_FILES) {
            throw BrokenArchive::tooMany(count($sizes));
        }
        foreach ($sizes as $path => $bytes) {
            if (! self::staysInside($path)) {
                throw BrokenArchive::leaves($path);
            }
            if ($bytes > self::MOST_BYTES) {
                throw BrokenArchive::tooLarge($path, $bytes);
            }
        }
        if (array_sum($sizes) > self::MOST_BYTES_TOGETHER) {
            throw BrokenArchive::tooLarge('all files together', array_sum($sizes));
        }
    }

    private static function staysInside(string $path): bool
    {
        return $path !== '' &&
            preg_match('{\A(?!/)(?![A-Za-z]:)[^\\\\\x00-\x1f]+\z}u', $path) === 1 &&
            array_intersect(explode('/', $path), ['..', '.', '']) === [];
    }
}
