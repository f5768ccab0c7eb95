<?php

declare(strict_types=1);

namespace App\Library;

use Illuminate\Support\Facades\File;

/**
 * Arrays that are dear to make, kept as PHP files: the opcode cache holds such an array in memory for all requests, and none
 * of them builds it again.
 */
final readonly class Kept
{
    public function __construct(private string $folder)
    {
    }

    /**
     * @param  list<string>  $madeFrom  paths; when one of them changes, the array is made anew
     * @param  callable(): array<mixed>  $make
     * @return mixed what $make gives, or gave when it was kept
     */
    public function array(string $name, array $madeFrom, callable $make): mixed
    {
        $stamp = hash('xxh128', implode("\n", array_map(static fn (string $path): string => $path.' '.filemtime($path).' '.filesize($path), $madeFrom)));
        $path = "{$this->folder}/{$name}-{$stamp}.php";
        if (! File::exists($path)) {
            File::ensureDirectoryExists($this->folder);
            File::replace($path, '<?php return '.var_export($make(), true).';');
        }

        return require $path;
    }
}
