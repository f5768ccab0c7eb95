<?php

declare(strict_types=1);

namespace App\Preset;

use App\Export\Archive;
use App\Library\Library;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\BrokenArchive;
use Zebrafinch\Core\Preset\HouseKey;
use Zebrafinch\Core\Preset\Manifest;
use Zebrafinch\Core\Preset\Release as ReleaseContent;
use Zebrafinch\Core\Preset\UnreadablePreset;
use Zebrafinch\Core\Refusal;

/** Reads a release that was carried here as a file. Bounds and digests are checked before anything of it is believed. */
final readonly class ArchiveReader
{
    private const KNOWN_MEMBERS = ['format', 'keymaps', 'fixed'];

    private const OWN_FILES = ['manifest.json', 'signature.json', 'release.json', 'list.html'];

    public function __construct(private Library $library, private HouseSignature $signature)
    {
    }

    /** @throws BrokenArchive|UnreadablePreset|Refusal */
    public function read(string $path): ReadArchive
    {
        $files = Archive::read($path, Manifest::checkBounds(...)) ?? throw BrokenArchive::notZip();
        $text = $files['manifest.json'] ?? throw BrokenArchive::missing('manifest.json');
        $manifest = Manifest::fromJson($text);
        $manifest->check($files);
        [$signer, $house, $key] = $this->signer($text, $files['signature.json'] ?? null);
        $members = $this->members($files['release.json'] ?? throw BrokenArchive::missing('release.json'));
        $content = ReleaseContent::fromJson($files['release.json']);
        $notRead = [];
        [$keymaps, $keyFiles] = $this->keymaps($content, $manifest, $files, $notRead);
        $used = array_map(static fn (string $name): string => "files/{$name}", array_values($this->fileNames($keyFiles)));

        return new ReadArchive(
            $signer,
            $house,
            $key,
            $manifest->about,
            new ReleaseDraft(
                ReleaseContent::of($keymaps, array_intersect_key(array_map(Bindings::fromData(...), $content->fixed->toData()), $keymaps)),
                $keyFiles,
            ),
            [
                'members' => array_diff_key($members, array_fill_keys(self::KNOWN_MEMBERS, true)),
                'files' => array_map(base64_encode(...), array_diff_key($files, array_fill_keys([...self::OWN_FILES, ...$used], true))),
            ],
            $notRead,
        );
    }

    /** @return array{Signer, string|null, string|null} */
    private function signer(string $manifest, ?string $signature): array
    {
        $data = $signature === null ? null : json_decode($signature, true);
        if (! is_array($data) || ! is_string($data['signature'] ?? null) || ! is_string($data['public_key'] ?? null)) {
            return [Signer::Nobody, null, null];
        }
        $house = is_string($data['house'] ?? null) ? mb_substr($data['house'], 0, 100) : null;

        return [
            match (true) {
                ! HouseKey::hasSigned($data['signature'], $manifest, $data['public_key']) => Signer::Forged,
                $data['public_key'] === $this->signature->key()->publicKey() => Signer::ThisHouse,
                default => Signer::AnotherHouse,
            },
            $house,
            $data['public_key'],
        ];
    }

    /** @return array<string, mixed> */
    private function members(string $json): array
    {
        $data = json_decode($json, true);

        return is_array($data) ? $data : [];
    }

    /**
     * Key files of applications that are known here, each with what it really says.
     *
     * @param  array<string, string>  $files
     * @param  list<string>  $notRead
     * @return array{array<string, Bindings>, array<string, string>}
     */
    private function keymaps(ReleaseContent $content, Manifest $manifest, array $files, array &$notRead): array
    {
        $keymaps = [];
        $keyFiles = [];
        foreach ($content->keymaps as $id => $bindings) {
            if (! in_array($id, [...$this->library->applicationIds(), DesktopCatalogue::ID], true)) {
                $notRead[] = "There is no application {$id} here; its keys stay in the archive.";

                continue;
            }
            $application = $this->library->application($id);
            $name = array_search($id, is_array($manifest->about['files'] ?? null) ? $manifest->about['files'] : [], true);
            $bytes = $files["files/{$name}"] ?? null;
            try {
                $said = $bytes === null ? null : $this->library->dialect($application)->read($bytes, $application)->bindings();
            } catch (Refusal $refusal) {
                $notRead[] = "{$application->name}: {$refusal->getMessage()} The list of its chords is taken instead.";
                $said = null;
            }
            $isSame = $said !== null && $said->lacking($bindings) === [] && $bindings->lacking($said) === [];
            if ($said !== null && ! $isSame) {
                $notRead[] = "{$application->name}: its key file and the list of its chords differ; the key file is taken.";
            }
            $keymaps[$id] = $said ?? $bindings;
            $keyFiles[$id] = $said === null || $bytes === null
                ? $this->library->keyFile($application, $bindings, $this->library->factoryBytes($application))
                : $bytes;
        }

        return [$keymaps, $keyFiles];
    }

    /**
     * @param  array<string, string>  $keyFiles
     * @return array<string, string>
     */
    private function fileNames(array $keyFiles): array
    {
        $names = [];
        foreach (array_keys($keyFiles) as $id) {
            $names[$id] = $this->library->dialect($this->library->application($id))->fileName();
        }

        return $names;
    }
}
