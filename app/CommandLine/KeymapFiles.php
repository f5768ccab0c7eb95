<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Library\Library;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Dialect\LoadingFindings;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\Release;
use Zebrafinch\Core\Preset\UnreadablePreset;

/** Reads key files of any dialect, and presets in the interchange format. */
final class KeymapFiles
{
    /** @var array<string, true> files of applications that are known already */
    private array $known = [];

    public function __construct(private readonly Library $library)
    {
    }

    /**
     * Makes an application known that was saved as a file.
     *
     * @param  string  $application  an id, which is left alone, or the path of such a file
     *
     * @throws \Zebrafinch\Core\Refusal
     */
    public function know(string $application): void
    {
        if (is_file($application) && ! isset($this->known[$application])) {
            $this->known[$application] = true;
            $this->library->add(FileShelf::of((string) file_get_contents($application)));
        }
    }

    /**
     * @param  string  $application  id, or the path of a file of an application; empty to find out
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
        $this->know($application);
        if ($application !== '' && ! isset($this->known[$application])) {
            return [$this->keyFile($path, $bytes, $this->library->application($application))];
        }
        try {
            $keymaps = Release::fromJson($bytes)->keymaps;
        } catch (UnreadablePreset $error) {
            // A text that says it is a preset is not tried as anything else.
            if ($error->where !== null) {
                throw $error;
            }
            $known = [...$this->library->applications(), $this->library->application(DesktopCatalogue::ID)];

            return [$this->keyFile($path, $bytes, $this->library->recognise($bytes, $known) ?? throw BadFile::unrecognised($path))];
        }

        return array_map(
            fn (string $id): ReadKeymap => new ReadKeymap($path, $this->library->application($id), $keymaps[$id], []),
            array_keys($keymaps),
        );
    }

    /**
     * Writes bindings as a key file of the application, in place of those of the file they go onto.
     *
     * @param  string|null  $onto  path; null for the application's factory file
     *
     * @throws \Zebrafinch\Core\Refusal
     */
    public function write(string $path, Application $application, ?string $onto, Bindings $bindings): void
    {
        $bytes = $onto === null ? $this->library->factoryBytes($application) : (string) file_get_contents($onto);
        $dialect = $this->library->dialect($application);
        $this->put($path, (new KeyFileWriter($dialect))->write($dialect->read($bytes, $application), $bindings));
    }

    /** @throws BadFile */
    public function put(string $path, string $bytes): void
    {
        if (@file_put_contents($path, $bytes) === false) {
            throw BadFile::cannotWrite($path);
        }
    }

    private function keyFile(string $path, string $bytes, Application $application): ReadKeymap
    {
        $file = $this->library->dialect($application)->read($bytes, $application);

        return new ReadKeymap($path, $application, $file->bindings(), LoadingFindings::withReading($file, $application));
    }
}
