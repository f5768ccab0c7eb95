<?php

declare(strict_types=1);

namespace App\Account;

use Illuminate\Session\DatabaseSessionHandler;
use Override;

/** Sessions as rows. One that is only looked at is written again once a minute, so that it is known when it was used last. */
final class SessionRows extends DatabaseSessionHandler
{
    private const SECONDS = 60;

    private string $payload = '';

    private int $writtenAt = 0;

    /** @param  string  $sessionId */
    #[Override]
    public function read($sessionId): string
    {
        $row = $this->getQuery()->find($sessionId);
        $this->exists = $row !== null;
        if ($row === null || ! is_string($row->payload ?? null) || $this->expired($row)) {
            return '';
        }
        $this->payload = (string) base64_decode($row->payload, true);
        $this->writtenAt = (int) $row->last_activity;

        return $this->payload;
    }

    /**
     * @param  string  $sessionId
     * @param  string  $data
     */
    #[Override]
    public function write($sessionId, $data): bool
    {
        $isKnown = $this->exists && $data === $this->payload && $this->writtenAt > $this->currentTime() - self::SECONDS;

        return $isKnown || parent::write($sessionId, $data);
    }
}
