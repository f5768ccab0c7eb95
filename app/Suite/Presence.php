<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;

/**
 * When agents were heard of last, and which answer each has, in small files beside the database: most of what agents ask is answered from
 * these alone, before the application starts (`deploy/web/unchanged.php`). Losing them loses nothing.
 */
final readonly class Presence
{
    /** An agent that was not heard of for this long is offline. Agents ask every second or two. */
    public const SECONDS_UNTIL_OFFLINE = 8;

    /** So long an answer is given from here without looking whether it still holds; whoever changes it also forgets it here. */
    public const SECONDS_TO_TRUST = 60;

    /** An answer that the agent has, until something that is known already will change it. */
    public function remember(Suite $suite, string $tag, string $instance, ?Carbon $until): void
    {
        $ends = min(now()->addSeconds(self::SECONDS_TO_TRUST)->getTimestamp(), $until?->getTimestamp() ?? PHP_INT_MAX);
        $path = $this->path((string) $suite->token_hash);
        File::ensureDirectoryExists(dirname($path));
        File::replace($path, json_encode(['tag' => $tag, 'instance' => $instance, 'until' => $ends], JSON_THROW_ON_ERROR));
    }

    /** What the suite should have has changed: the next question is answered in full. */
    public function forget(Suite $suite): void
    {
        File::delete($this->path((string) $suite->token_hash));
    }

    public function heard(Suite $suite): void
    {
        $path = "{$this->path((string) $suite->token_hash)}.seen";
        File::ensureDirectoryExists(dirname($path));
        touch($path, now()->getTimestamp());
    }

    public function heardAt(Suite $suite): ?Carbon
    {
        $path = "{$this->path((string) $suite->token_hash)}.seen";
        clearstatcache(true, $path);
        $time = @filemtime($path);
        $file = $time === false ? null : Carbon::createFromTimestamp($time);

        return $file === null || ($suite->last_seen_at !== null && $suite->last_seen_at->gt($file)) ? $suite->last_seen_at : $file;
    }

    public function isOnline(Suite $suite): bool
    {
        return $this->heardAt($suite)?->gt(now()->subSeconds(self::SECONDS_UNTIL_OFFLINE)) ?? false;
    }

    private function path(string $tokenHash): string
    {
        return config()->string('app.presence')."/{$tokenHash}";
    }
}
