<?php

declare(strict_types=1);

namespace App\Export\Http;

use App\Export\Archive;
use App\Export\Exported;
use App\Export\Exporter;
use App\Models\Keymap;
use App\Models\Release;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** Key files to take away, byte for byte as the applications read them. */
final readonly class KeyFilesController
{
    public function __construct(private Exporter $exporter)
    {
    }

    public function kit(#[CurrentUser] User $user): Response
    {
        return $this->archive($this->exporter->kit($user), 'key-files.zip');
    }

    public function keymap(Keymap $keymap): Response
    {
        $file = $this->exporter->keymap($keymap);

        return $this->file($file->bytes, 'application/octet-stream', $file->fileName);
    }

    public function release(Release $release): Response
    {
        return $this->archive($this->exporter->release($release), "release-{$release->number}.zip");
    }

    /** @param  list<Exported>  $all */
    private function archive(array $all, string $name): Response
    {
        return $this->file(Archive::of(array_column($all, 'bytes', 'fileName')), 'application/zip', $name);
    }

    private function file(string $bytes, string $type, string $name): Response
    {
        return response($bytes, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}\""]);
    }
}
