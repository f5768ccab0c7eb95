<?php

declare(strict_types=1);

namespace App\Library;

use Closure;
use Illuminate\Contracts\Cache\Repository;

/**
 * What was worked out before, as JSON, by what it was made from: what is asked again is not worked out again. It lies in the memory that
 * the processes of one web server share; losing it loses nothing.
 */
final readonly class Memoised
{
    private const SECONDS = 3_600;

    /** @param  string  $code  changes with the code that works things out */
    public function __construct(private Repository $store, private string $code)
    {
    }

    /**
     * @param  string  $stamp  of all that it is made from
     * @param  Closure(): mixed  $make
     * @return string JSON
     */
    public function json(string $name, string $stamp, Closure $make): string
    {
        return $this->store->remember(
            "worked-out {$name} ".hash('xxh128', "{$stamp} {$this->code}"),
            self::SECONDS,
            static fn (): string => json_encode($make(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
        );
    }

    /** @param  array<string>  $stamps  of all that an answer is made of */
    public function tag(array $stamps): string
    {
        return hash('xxh128', implode("\n", [...$stamps, $this->code]));
    }
}
