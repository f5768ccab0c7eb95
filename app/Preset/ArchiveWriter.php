<?php

declare(strict_types=1);

namespace App\Preset;

use App\Export\Archive;
use App\Export\Exporter;
use App\Models\Release;
use Zebrafinch\Core\Export\Grouping;
use Zebrafinch\Core\Export\KeyList;
use Zebrafinch\Core\Export\PageLists;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Preset\Manifest;

/** A release as one file to carry: its key files, its content, a list to read, all named in a manifest that the house has signed. */
final readonly class ArchiveWriter
{
    public function __construct(private Exporter $exporter, private HouseSignature $signature)
    {
    }

    /** @return string bytes of a ZIP archive */
    public function of(Release $release, Seat $seat): string
    {
        $lists = [];
        $files = [];
        foreach ($this->exporter->release($release) as $exported) {
            $files["files/{$exported->fileName}"] = $exported->bytes;
            $lists[] = KeyList::of(
                new LoadedKeymap($exported->application, $exported->bindings, $seat),
                $exported->name,
                Grouping::Context,
            );
        }
        $files['list.html'] = (new PageLists())->write($lists);
        $files['release.json'] = json_encode(
            ($release->foreign['members'] ?? []) + $release->content,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT,
        );
        $files += array_map(static fn (string $bytes): string => (string) base64_decode($bytes, true), $release->foreign['files'] ?? []);
        $manifest = Manifest::of(
            [
                'preset' => $release->preset->name,
                'number' => $release->number,
                'note' => $release->note,
                'author' => $release->author->name,
                'made_at' => $release->created_at->toIso8601String(),
                'digest' => $release->digest,
                'files' => $release->files->pluck('application', 'file_name')->all(),
            ],
            $files,
        )->toJson();

        return Archive::of([
            'manifest.json' => $manifest,
            'signature.json' => $this->signature->of($manifest),
            ...$files,
        ]);
    }
}
