<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** What people call a key: its legend on the layout, or its name where it types nothing. */
final readonly class KeyNames
{
    private const NAMES = [
        'Space' => 'Space', 'Enter' => 'Enter', 'Escape' => 'Esc', 'Backspace' => 'Backspace', 'Tab' => 'Tab', 'CapsLock' => 'Caps Lock',
        'ArrowLeft' => 'Left', 'ArrowRight' => 'Right', 'ArrowUp' => 'Up', 'ArrowDown' => 'Down',
        'PageUp' => 'Page Up', 'PageDown' => 'Page Down', 'Home' => 'Home', 'End' => 'End', 'Insert' => 'Insert', 'Delete' => 'Delete',
        'PrintScreen' => 'Print Screen', 'ScrollLock' => 'Scroll Lock', 'NumLock' => 'Num Lock', 'ContextMenu' => 'Menu',
        'NumpadDivide' => 'Pad /', 'NumpadMultiply' => 'Pad *', 'NumpadSubtract' => 'Pad -', 'NumpadAdd' => 'Pad +',
        'NumpadEnter' => 'Pad Enter', 'NumpadDecimal' => 'Pad .', 'NumpadEqual' => 'Pad =', 'NumpadComma' => 'Pad ,',
        'ShiftLeft' => 'Shift', 'ShiftRight' => 'Shift', 'KanaMode' => 'Kana', 'NonConvert' => 'Non-convert',
    ];

    /** What a punctuation mark is called where it would be lost in a sentence. */
    private const MARKS = [
        ',' => 'comma', '.' => 'full stop', '/' => 'slash', ';' => 'semicolon', "'" => 'apostrophe', '[' => 'left bracket', ']' => 'right bracket',
        '\\' => 'backslash', '-' => 'minus', '=' => 'equals', '`' => 'backquote',
    ];

    public function __construct(private Layout $layout, private System $system)
    {
    }

    public function of(Key $key): string
    {
        $modifier = $key->modifier();
        if ($modifier !== null) {
            return $this->ofModifier($modifier);
        }
        if ($key->isOnNumberPad() && ctype_digit(substr($key->value, -1))) {
            return 'Pad '.substr($key->value, -1);
        }

        return self::NAMES[$key->value] ?? $this->layout->legend($key) ?? $key->value;
    }

    /** The same, with words for punctuation marks: for sentences, and for reading aloud. */
    public function inWords(Key $key): string
    {
        $name = $this->of($key);

        return self::MARKS[$name] ?? $name;
    }

    /** The word for a modifier on this system; `Primary` is named as the key it is here. */
    public function ofModifier(Modifier $modifier): string
    {
        $physical = $modifier === Modifier::Primary ? $this->system->primary() : $modifier;

        return match ($physical) {
            Modifier::Control, Modifier::Primary => $this->system === System::MacOs ? 'Control' : 'Ctrl',
            Modifier::Alt => $this->system === System::MacOs ? 'Option' : 'Alt',
            Modifier::Shift => 'Shift',
            Modifier::Meta => match ($this->system) {
                System::MacOs => 'Command',
                System::Windows => 'Win',
                System::Linux => 'Super',
            },
        };
    }
}
