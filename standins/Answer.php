<?php

declare(strict_types=1);

namespace Standins;

/** What a stand-in says of a press. */
final class Answer
{
    /** @return array{did: string, command: string|null, context: string|null, because: string} */
    public static function ran(string $did, string $command, string $context, string $because): array
    {
        return ['did' => $did, 'command' => $command, 'context' => $context, 'because' => $because];
    }

    /** @return array{did: string, command: string|null, context: string|null, because: string} */
    public static function nothing(string $because, string $did = 'Nothing.', ?string $context = null): array
    {
        return ['did' => $did, 'command' => null, 'context' => $context, 'because' => $because];
    }
}
