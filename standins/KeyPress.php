<?php

declare(strict_types=1);

namespace Standins;

/** A key that went down while modifiers were held, as the operating system tells an application. */
final class KeyPress
{
    /** @param  list<string>  $held of Control, Alt, Shift, Meta */
    public function __construct(public readonly string $code, public readonly array $held)
    {
    }

    /** @param  list<string>  $held in any order */
    public function is(string $code, array $held): bool
    {
        $mine = $this->held;
        sort($mine);
        sort($held);

        return $code === $this->code && $held === $mine;
    }

    /** Whether the key types a character where text is entered: letters, digits and punctuation, at most with Shift; the number pad without. */
    public function types(): bool
    {
        if (str_starts_with($this->code, 'Numpad')) {
            return $this->held === [] && ! in_array($this->code, ['NumpadEnter', 'NumLock'], true);
        }

        return array_diff($this->held, ['Shift']) === []
            && preg_match('/^(Key.|Digit.|Space|Minus|Equal|Bracket.*|Backslash|Semicolon|Quote|Backquote|Comma|Period|Slash|Intl.*)$/', $this->code) === 1;
    }
}
