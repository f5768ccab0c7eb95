<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\ContextTree;

/** What the words of a key file stand for in an application, and the other way round. */
final readonly class DialectWords
{
    public function __construct(private Description $description, private Application $application)
    {
    }

    public function context(string $word): ?string
    {
        return $this->application->contexts->written($word) ?? ($word === '' ? ContextTree::EVERYWHERE : null);
    }

    public function contextWord(string $context): string
    {
        return $this->application->contexts->word($context);
    }

    public function command(string $context, string $word): string
    {
        return $this->application->commandWritten($this->description->commandsByContext ? "{$context}/{$word}" : $word);
    }

    public function commandWord(string $context, string $command): string
    {
        $word = $this->application->commandWord($command);

        return $this->description->commandsByContext && str_starts_with($word, "{$context}/")
            ? substr($word, strlen($context) + 1)
            : $word;
    }

    /** What people call a command. */
    public function commandName(string $command): string
    {
        return $this->application->commandName($command);
    }

    /** Whether a command can be bound in a context: where its name says the context, that one must be it. */
    public function fitsContext(string $context, string $command): bool
    {
        return ! $this->description->saysContextInCommand() ||
            strstr($this->commandWord($context, $command), $this->description->context->before ?? '', true) ===
                $this->contextWord($context);
    }
}
