<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Application\Spelling;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Keymap\Binding;

/** Asks a dialect what it can spell; a chord is asked about once. */
final class DialectSpelling implements Spelling
{
    /** @var array<string, string|false> false where it can be said */
    private array $known = [];

    public function __construct(private readonly Dialect $dialect)
    {
    }

    public function objection(Chord $chord, Gesture $gesture): ?string
    {
        $objection = $this->known["{$gesture->value} {$chord->id()}"] ??= $this->ask($chord, $gesture) ?? false;

        return $objection === false ? null : $objection;
    }

    private function ask(Chord $chord, Gesture $gesture): ?string
    {
        try {
            $this->dialect->spell(new Binding($chord, '', '', $gesture));

            return null;
        } catch (UnreadableChord $error) {
            return $error->getMessage();
        }
    }
}
