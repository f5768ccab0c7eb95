<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

use Zebrafinch\Core\Refusal;

final class InvalidCatalogue extends Refusal
{
    public static function contextTwice(string $id): self
    {
        return new self("The context \"{$id}\" is listed twice.", 'Give each context an id of its own.', "context {$id}");
    }

    public static function parentMissing(string $id, ?string $parent): self
    {
        $found = $parent === null ? 'names no parent' : "names the parent \"{$parent}\", which is not listed before it";

        return new self(
            "The context \"{$id}\" {$found}.",
            'List parents before children, with Everywhere as the only root.',
            "context {$id}",
        );
    }

    public static function noRoot(): self
    {
        return new self('The catalogue has no context "everywhere".', 'Start the list of contexts with it.');
    }

    public static function commandTwice(string $id): self
    {
        return new self("The command \"{$id}\" is listed twice.", 'Give each command an id of its own.', "command {$id}");
    }

    public function kind(): string
    {
        return 'invalid-catalogue';
    }
}
