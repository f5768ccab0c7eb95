<?php

declare(strict_types=1);

namespace App\KeyFile;

use App\Library\Library;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\FreedLine;

/** Key files that people bring in; each is read once on its way, and stored until it is opened as a keymap. */
final readonly class KeyFiles
{
    public function __construct(private Library $library)
    {
    }

    /** @throws \Zebrafinch\Core\Dialect\UnreadableKeyFile with nothing stored */
    public function bringIn(User $user, Application $application, string $name, string $bytes): ReadKeyFile
    {
        $read = $this->library->readFor($application, $bytes);

        return new ReadKeyFile($this->store($user, $application, $name, $bytes), $application, $read);
    }

    public function read(ImportedKeyFile $file): ReadKeyFile
    {
        $application = $this->library->application($file->application);

        return new ReadKeyFile($file, $application, $this->library->dialect($application)->read($file->bytes, $application));
    }

    /** Frees the chord of one line: all other lines for it go, into a copy of the file. Null where no binding stands in the line. */
    public function free(User $user, ImportedKeyFile $file, int $line): ?ReadKeyFile
    {
        $before = $this->read($file);
        $dialect = $this->library->dialect($before->application);
        $freed = FreedLine::in($before->read, $line, $dialect);
        if ($freed === null) {
            return null;
        }
        $copy = $this->store($user, $before->application, $file->name, $freed->bytes);

        return new ReadKeyFile(
            $copy,
            $before->application,
            $dialect->read($freed->bytes, $before->application),
            $before->textsOf($freed->removed),
        );
    }

    private function store(User $user, Application $application, string $name, string $bytes): ImportedKeyFile
    {
        return DB::transaction(
            fn (): ImportedKeyFile => ImportedKeyFile::query()->create(
                ['kit_id' => $user->kit->id, 'application' => $application->id, 'name' => $name, 'bytes' => $bytes],
            ),
        );
    }
}
