<?php

declare(strict_types=1);

namespace App\Console;

use App\Library\Library;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Dialect\Dialects;
use Zebrafinch\Core\Dialect\LoadingFindings;
use Zebrafinch\Core\Preset\Release;
use Zebrafinch\Core\Preset\UnreadablePreset;

/** Reads key files of any dialect, and presets in the interchange format. */
final readonly class KeymapFiles
{
    public function __construct(private Library $library, private Dialects $dialects)
    {
    }

    /**
     * @param  string  $application  id; empty to find out
     * @return list<ReadKeymap> one, or one for each application of a preset
     *
     * @throws \Zebrafinch\Core\Refusal
     */
    public function read(string $path, string $application): array
    {
        $bytes = is_file($path) ? @file_get_contents($path) : false;
        if ($bytes === false) {
            throw BadFile::missing($path);
        }
        if ($application !== '') {
            return [$this->keyFile($path, $bytes, $this->library->application($application))];
        }
        try {
            $keymaps = Release::fromJson($bytes)->keymaps;
        } catch (UnreadablePreset $error) {
            // A text that says it is a preset is not tried as anything else.
            if ($error->place !== null) {
                throw $error;
            }
            $known = [...$this->library->applications(), $this->library->application(DesktopCatalogue::ID)];

            return [$this->keyFile($path, $bytes, $this->dialects->recognise($bytes, $known) ?? throw BadFile::unrecognised($path))];
        }

        return array_map(fn (string $id): ReadKeymap => new ReadKeymap($path, $this->library->application($id), $keymaps[$id], []), array_keys($keymaps));
    }

    private function keyFile(string $path, string $bytes, Application $application): ReadKeymap
    {
        $file = $this->dialects->for($application)->read($bytes, $application);

        return new ReadKeymap($path, $application, $file->bindings(), LoadingFindings::withReading($file, $application));
    }
}
