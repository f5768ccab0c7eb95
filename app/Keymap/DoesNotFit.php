<?php

declare(strict_types=1);

namespace App\Keymap;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Refusal;

/** A change of the keymap as it is that takes away what is not there, or adds what is. */
final class DoesNotFit extends Refusal
{
    public static function on(Application $application, Bindings $bindings, Binding $first): self
    {
        $command = $application->commandName($first->command);
        $context = $application->contexts->has($first->context) ? $application->contexts->get($first->context)->name : $first->context;

        return $bindings->has($first)
            ? new self("{$command} has {$first->chord->id()} in {$context} already.", 'There is nothing to change.')
            : new self("{$command} does not have {$first->chord->id()} in {$context}.", 'Load the keymap again and choose once more.');
    }

    public function kind(): string
    {
        return 'does-not-fit';
    }
}
