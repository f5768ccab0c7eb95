<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** What people call a key: its legend on the layout, or its name where it types nothing. No two keys have the same name. */
final readonly class KeyNames
{
    private const NAMES = [
        'Space' => 'Space',
        'Enter' => 'Enter',
        'Escape' => 'Esc',
        'Backspace' => 'Backspace',
        'Tab' => 'Tab',
        'CapsLock' => 'Caps Lock',
        'ArrowLeft' => 'Left',
        'ArrowRight' => 'Right',
        'ArrowUp' => 'Up',
        'ArrowDown' => 'Down',
        'PageUp' => 'Page Up',
        'PageDown' => 'Page Down',
        'Home' => 'Home',
        'End' => 'End',
        'Insert' => 'Insert',
        'Delete' => 'Delete',
        'PrintScreen' => 'Print Screen',
        'ScrollLock' => 'Scroll Lock',
        'NumLock' => 'Num Lock',
        'ContextMenu' => 'Menu',
        'NumpadDivide' => 'Pad /',
        'NumpadMultiply' => 'Pad *',
        'NumpadSubtract' => 'Pad -',
        'NumpadAdd' => 'Pad +',
        'NumpadEnter' => 'Pad Enter',
        'NumpadDecimal' => 'Pad .',
        'NumpadEqual' => 'Pad =',
        'NumpadComma' => 'Pad ,',
        'KanaMode' => 'Kana',
        'NonConvert' => 'Non-convert',
    ];

    /** What a mark is called where it would be lost in a sentence or not be read aloud. */
    private const MARKS = [
        ',' => 'comma',
        '.' => 'full stop',
        '/' => 'slash',
        ';' => 'semicolon',
        ':' => 'colon',
        "'" => 'apostrophe',
        '"' => 'quotation mark',
        '[' => 'left bracket',
        ']' => 'right bracket',
        '\\' => 'backslash',
        '-' => 'minus',
        '_' => 'underscore',
        '=' => 'equals',
        '`' => 'backquote',
        '+' => 'plus',
        '*' => 'asterisk',
        '<' => 'less-than',
        '>' => 'greater-than',
        '#' => 'hash',
        '&' => 'ampersand',
        '(' => 'left parenthesis',
        ')' => 'right parenthesis',
        '!' => 'exclamation mark',
        '?' => 'question mark',
        '$' => 'dollar',
        '@' => 'at sign',
        '^' => 'circumflex',
        '~' => 'tilde',
        '´' => 'acute accent',
        '¨' => 'diaeresis',
        '§' => 'section sign',
        '½' => 'one half',
        '°' => 'degree',
        '¡' => 'inverted exclamation mark',
        '«' => 'left guillemet',
        'º' => 'ordinal o',
        'ª' => 'ordinal a',
        '|' => 'bar',
        '{' => 'left brace',
        '}' => 'right brace',
        '¥' => 'yen',
        '£' => 'pound',
        '²' => 'superscript two',
        '¸' => 'cedilla',
        '%' => 'percent',
        '€' => 'euro',
        '˛' => 'ogonek',
        '΄' => 'tonos',
        '·' => 'middle dot',
    ];

    /** @var array<string, string> by key code */
    private array $names;

    public function __construct(private Layout $layout, private System $system)
    {
        $names = [];
        $taken = [];
        foreach (Key::cases() as $key) {
            $name = $this->base($key);
            // Two keys can have the same legend; the second one is told apart by its code.
            $names[$key->value] = isset($taken[$name]) && $key->modifier() === null ? "{$name} ({$key->value})" : $name;
            $taken[$name] = true;
        }
        $this->names = $names;
    }

    public function of(Key|Character $key): string
    {
        return $key instanceof Character ? "“{$key->value}”" : $this->names[$key->value] ?? $key->value;
    }

    /** The same, with words for marks: for sentences, and for reading aloud. */
    public function inWords(Key|Character $key): string
    {
        if ($key instanceof Character) {
            return 'the character '.(self::MARKS[$key->value] ?? $key->value);
        }
        $name = $this->of($key);

        return match (true) {
            isset(self::MARKS[$name]) => self::MARKS[$name],
            str_starts_with($name, 'Pad ') => 'Pad '.(self::MARKS[substr($name, 4)] ?? substr($name, 4)),
            default => $name,
        };
    }

    /** The word for a modifier on this system; `Primary` is named as the key it is here. */
    public function ofModifier(Modifier $modifier): string
    {
        $physical = $modifier === Modifier::Primary ? $this->system->primary() : $modifier;

        return match ($physical) {
            Modifier::Control, Modifier::Primary => $this->system === System::MacOs ? 'Control' : 'Ctrl',
            Modifier::Alt => $this->system === System::MacOs ? 'Option' : 'Alt',
            Modifier::AltGraph => 'AltGr',
            Modifier::Shift => 'Shift',
            Modifier::Meta => match ($this->system) {
                System::MacOs => 'Command',
                System::Windows => 'Win',
                System::Linux => 'Super',
            },
        };
    }

    private function base(Key $key): string
    {
        $modifier = $key->modifier();
        if ($modifier !== null) {
            $isThirdLevel = $key === Key::AltRight && $this->layout->hasAltGr && $this->system !== System::MacOs;

            return $this->ofModifier($isThirdLevel ? Modifier::AltGraph : $modifier);
        }
        if ($key->isOnNumberPad() && ctype_digit(substr($key->value, -1))) {
            return 'Pad '.substr($key->value, -1);
        }

        return self::NAMES[$key->value] ?? ($this->layout->legend($key) ?? $key->value);
    }
}
