<?php

declare(strict_types=1);

namespace App\Library;

use Closure;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\File;

/**
 * Arrays that are dear to make, compiled to PHP files: the opcode cache holds such an array in memory for all requests, and none of
 * them builds it again.
 */
final class CompiledData
{
    /** @var string|null of the code of the core, as far as asked for */
    private ?string $codeStamp = null;

    /** As long, in seconds, as PHP itself takes a file of code for unchanged (`opcache.revalidate_freq`). */
    private const UNCHANGED = 2;

    /** @param  Repository|null  $shared  what processes tell each other; without it each looks at all files for itself */
    public function __construct(private readonly string $folder, private readonly string $code, private readonly ?Repository $shared = null)
    {
    }

    /**
     * @param  list<string>  $madeFrom  paths; when one of them changes, or any code of the core, the array is made anew
     * @param  callable(): array<mixed>  $make
     * @return mixed what $make gives, or gave when it was compiled
     */
    public function array(string $name, array $madeFrom, callable $make): mixed
    {
        return $this->keyed($name, self::stamp($madeFrom), $make);
    }

    /**
     * The same of data that is in no file.
     *
     * @param  string  $key  changes when what the array is made from changes
     * @param  callable(): array<mixed>  $make
     */
    public function keyed(string $name, string $key, callable $make): mixed
    {
        $stamp = hash('xxh128', $key.$this->codeStamp());
        $path = "{$this->folder}/{$name}-{$stamp}.php";
        if (! File::exists($path)) {
            File::ensureDirectoryExists($this->folder);
            File::replace($path, '<?php return '.var_export($make(), true).';');
        }

        return require $path;
    }

    /** Another one whenever any code of the core is another. */
    public function codeStamp(): string
    {
        return $this->codeStamp ??= $this->lately('code-stamp', fn (): string => hash('xxh128', self::stamp($this->codeFiles())));
    }

    /**
     * What is read off many files, and asked for by every request: looked at again after two seconds at most.
     *
     * @template T
     *
     * @param  Closure(): T  $read
     * @return T
     */
    public function lately(string $name, Closure $read): mixed
    {
        return $this->shared === null ? $read() : $this->shared->remember("{$name} {$this->code}", self::UNCHANGED, $read);
    }

    /** @param  list<string>  $paths */
    public static function stamp(array $paths): string
    {
        return implode(
            "\n",
            array_map(static fn (string $path): string => $path.' '.filemtime($path).' '.filesize($path), $paths),
        );
    }

    /** @return list<string> whatever reads or makes what is compiled, whichever class of it that is */
    private function codeFiles(): array
    {
        return array_values(File::glob("{$this->code}/{,*/,*/*/}*.php", GLOB_BRACE));
    }
}
