<?php

declare(strict_types=1);

namespace App\KeyFile;

use App\KeyFile\ImportedKeyFile as StoredKeyFile;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\Entry;
use Zebrafinch\Core\Dialect\KeyFile;

/** A stored key file and what was read in it. */
final readonly class ReadKeyFile
{
    /** @param  list<array{line: int, text: string}>  $removed  lines that went when it was made from another file */
    public function __construct(
        public StoredKeyFile $stored,
        public Application $application,
        public KeyFile $read,
        public array $removed = [],
    ) {
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<array{line: int, text: string}>
     */
    public function textsOf(array $entries): array
    {
        return array_map(fn (Entry $entry): array => ['line' => $entry->line, 'text' => $this->read->lineOf($entry)], $entries);
    }
}
