<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Harmonise;

use Zebrafinch\Core\Keyboard\Chord;

/**
 * What harmonising may touch, and what was said about single lines of an earlier result.
 *
 * @phpstan-type Said array{application: string, command: string, chord: string|null}
 */
final readonly class Scope
{
    /**
     * @param  list<string>  $intents  ids
     * @param  array<string, Chord>  $fixed  by intent: the chord that it must have wherever it can
     * @param  list<array{application: string, command: string}>  $untouched  keep what they have
     * @param  list<Said>  $accepted  chord by its written form; they are kept while the rest is solved again
     * @param  list<Said>  $refused  never come again
     */
    public function __construct(
        public array $intents,
        public array $fixed = [],
        public array $untouched = [],
        public array $accepted = [],
        public array $refused = [],
    ) {
    }

    public function leaves(string $application, string $command): bool
    {
        foreach ($this->untouched as $said) {
            if ($said['application'] === $application && $said['command'] === $command) {
                return true;
            }
        }

        return false;
    }

    /** The chord that was accepted for a command: its written form, or null where none was; false when nothing was said. */
    public function acceptedFor(string $application, string $command): string|false|null
    {
        foreach ($this->accepted as $said) {
            if ($said['application'] === $application && $said['command'] === $command) {
                return $said['chord'];
            }
        }

        return false;
    }

    public function refuses(string $application, string $command, ?string $chord): bool
    {
        foreach ($this->refused as $said) {
            if ($said['application'] === $application && $said['command'] === $command && $said['chord'] === $chord) {
                return true;
            }
        }

        return false;
    }
}
