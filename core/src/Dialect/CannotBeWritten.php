<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Refusal;

/** A key file has no way to say something. */
final class CannotBeWritten extends Refusal
{
    public static function secondChord(string $command): self
    {
        return new self(
            "This application's key file has one place for the chord of \"{$command}\", and it is taken.",
            'Take the other chord away, or choose one of the two.',
        );
    }

    public static function otherContext(string $command, string $context): self
    {
        return new self(
            "In this application's key file the name of \"{$command}\" says its context, which is not {$context}.",
            'Bind it in its own context.',
        );
    }

    public function kind(): string
    {
        return 'cannot-be-written';
    }
}
