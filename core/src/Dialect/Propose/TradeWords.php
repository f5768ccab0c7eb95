<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;

/**
 * What modifiers and keys are called on keyboards and in key files, in the languages that keyboards are labelled in. Common practice, no
 * source.
 */
final readonly class TradeWords
{
    private const MODIFIERS = [
        'primary' => Modifier::Primary,
        'mod' => Modifier::Primary,
        'cmd' => Modifier::Meta,
        'command' => Modifier::Meta,
        '⌘' => Modifier::Meta,
        'meta' => Modifier::Meta,
        'super' => Modifier::Meta,
        'win' => Modifier::Meta,
        'windows' => Modifier::Meta,
        'system' => Modifier::Meta,
        'ctrl' => Modifier::Control,
        'ctl' => Modifier::Control,
        'control' => Modifier::Control,
        'strg' => Modifier::Control,
        'steuerung' => Modifier::Control,
        '⌃' => Modifier::Control,
        'alt' => Modifier::Alt,
        'option' => Modifier::Alt,
        'opt' => Modifier::Alt,
        '⌥' => Modifier::Alt,
        'altgr' => Modifier::AltGraph,
        'altgraph' => Modifier::AltGraph,
        'shift' => Modifier::Shift,
        'shft' => Modifier::Shift,
        'umschalt' => Modifier::Shift,
        'maj' => Modifier::Shift,
        'skift' => Modifier::Shift,
        'mayús' => Modifier::Shift,
        '⇧' => Modifier::Shift,
    ];

    /** Words of one place in these lists belong together: who writes the one for Left writes the same one for Right. */
    private const KEYS = [
        'ArrowLeft' => [
            'left',
            'arrowleft',
            'left arrow',
            'leftarrow',
            'arrow left',
            '←',
            'links',
            'gauche',
            'pfeil links',
            'vänster',
            'lft',
        ],
        'ArrowRight' => [
            'right',
            'arrowright',
            'right arrow',
            'rightarrow',
            'arrow right',
            '→',
            'rechts',
            'droite',
            'pfeil rechts',
            'höger',
            'rgt',
        ],
        'ArrowUp' => ['up', 'arrowup', 'up arrow', 'uparrow', 'arrow up', '↑', 'oben', 'haut', 'pfeil oben', 'upp', 'up'],
        'ArrowDown' => ['down', 'arrowdown', 'down arrow', 'downarrow', 'arrow down', '↓', 'unten', 'bas', 'pfeil unten', 'ned', 'dwn'],
        'PageUp' => ['pgup', 'pageup', 'page up', 'page_up', 'prior', 'bild auf', 'bild↑', 'page préc', 'page-up'],
        'PageDown' => ['pgdn', 'pagedown', 'page down', 'page_down', 'next', 'bild ab', 'bild↓', 'page suiv', 'page-down'],
        'Home' => ['home', 'pos1', 'début', 'hem'],
        'End' => ['end', 'ende', 'fin', 'slut'],
        'Insert' => ['ins', 'insert', 'einfg', 'inser'],
        'Delete' => ['del', 'delete', 'entf', 'suppr', 'forward delete', 'radera'],
        'Backspace' => ['backspace', 'back', 'bksp', 'bs', 'rück', 'rücktaste', '⌫'],
        'Enter' => ['enter', 'return', 'ret', 'eingabe', 'entrée', '↵'],
        'Escape' => ['esc', 'escape', 'échap'],
        'Tab' => ['tab', 'tabulator', '⇥'],
        'Space' => ['space', 'spacebar', 'space bar', 'spc', 'leertaste', 'leer', 'espace', 'blanksteg'],
        'CapsLock' => ['capslock', 'caps lock', 'caps'],
        'PrintScreen' => ['printscreen', 'print screen', 'druck'],
        'ScrollLock' => ['scrolllock', 'scroll lock'],
        'Pause' => ['pause', 'break'],
        'Minus' => ['minus', 'hyphen', 'dash'],
        'Equal' => ['equal', 'equals'],
        'BracketLeft' => ['bracketleft', 'left bracket', 'leftbracket', 'openbracket'],
        'BracketRight' => ['bracketright', 'right bracket', 'rightbracket', 'closebracket'],
        'Backslash' => ['backslash'],
        'Semicolon' => ['semicolon'],
        'Quote' => ['quote', 'apostrophe'],
        'Backquote' => ['backquote', 'grave', 'backtick'],
        'Comma' => ['comma'],
        'Period' => ['period', 'dot', 'full stop', 'point'],
        'Slash' => ['slash'],
        'NumpadAdd' => ['numpadadd', 'num +', 'num plus', 'numplus', 'keypad +', 'kp_add'],
        'NumpadSubtract' => ['numpadsubtract', 'num -', 'num minus', 'numminus', 'keypad -', 'kp_subtract'],
        'NumpadMultiply' => ['numpadmultiply', 'num *', 'num multiply', 'keypad *', 'kp_multiply'],
        'NumpadDivide' => ['numpaddivide', 'num /', 'num divide', 'keypad /', 'kp_divide'],
        'NumpadEnter' => ['numpadenter', 'num enter', 'numenter', 'keypad enter', 'kp_enter'],
        'NumpadDecimal' => ['numpaddecimal', 'num .', 'num decimal', 'numdecimal', 'keypad .', 'kp_decimal'],
    ];

    /** What keys that type a sign are called by it, as on an American keyboard. */
    private const SIGNS = [
        '-' => 'Minus',
        '=' => 'Equal',
        '[' => 'BracketLeft',
        ']' => 'BracketRight',
        '\\' => 'Backslash',
        ';' => 'Semicolon',
        "'" => 'Quote',
        '`' => 'Backquote',
        ',' => 'Comma',
        '.' => 'Period',
        '/' => 'Slash',
    ];

    public static function modifier(string $word): ?Modifier
    {
        return self::MODIFIERS[mb_strtolower(trim($word))] ?? null;
    }

    public static function key(string $word): ?Key
    {
        /** @var array<string, Key|null> $known */
        static $known = [];
        if (count($known) > 5_000) {
            $known = [];
        }

        return array_key_exists($word, $known) ? $known[$word] : ($known[$word] = self::find($word));
    }

    private static function find(string $word): ?Key
    {
        $folded = mb_strtolower(trim($word));
        if (preg_match('/^[a-z]$/', $folded) === 1) {
            return Key::from('Key'.strtoupper($folded));
        }
        if (preg_match('/^(?:digit ?)?([0-9])$/', $folded, $found) === 1) {
            return Key::from("Digit{$found[1]}");
        }
        if (preg_match('/^f([1-9]|1[0-9]|2[0-4])$/', $folded) === 1) {
            return Key::from(strtoupper($folded));
        }
        if (preg_match('/^(?:num|numpad|num pad|kp|pad|keypad|nm)[ _-]?([0-9])$/', $folded, $found) === 1) {
            return Key::from("Numpad{$found[1]}");
        }
        foreach (self::KEYS as $code => $words) {
            if (in_array($folded, $words, true)) {
                return Key::from($code);
            }
        }

        return isset(self::SIGNS[$folded]) ? Key::from(self::SIGNS[$folded]) : Key::tryFrom(trim($word));
    }

    public static function isSign(string $word): bool
    {
        return isset(self::SIGNS[trim($word)]);
    }

    /** @return array<string, string> key codes by sign */
    public static function signs(): array
    {
        return self::SIGNS;
    }

    /**
     * Words for keys that the file does not show, after those that it does: who writes `PgUp` writes `PgDn`.
     *
     * @param  array<string, string>  $seen  key codes by word
     * @return array<string, string> the same with those added
     */
    public static function completed(array $seen): array
    {
        $families = [['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'], ['PageUp', 'PageDown'], ['BracketLeft', 'BracketRight']];
        foreach ($families as $family) {
            foreach ($seen as $word => $code) {
                $column = in_array($code, $family, true) ? array_search(mb_strtolower((string) $word), self::KEYS[$code], true) : false;
                foreach ($column === false ? [] : $family as $other) {
                    if (! in_array($other, $seen, true) && isset(self::KEYS[$other][$column])) {
                        $seen[self::inCaseOf((string) $word, self::KEYS[$other][$column])] = $other;
                    }
                }
            }
        }

        return $seen;
    }

    private static function inCaseOf(string $model, string $word): string
    {
        return match (true) {
            mb_strtolower($model) === $model => $word,
            mb_strtoupper($model) === $model => mb_strtoupper($word),
            default => self::sharing($model, mb_convert_case($word, MB_CASE_TITLE)),
        };
    }

    /** Words made of two words keep the capital inside: PgUp, PageDown, ArrowLeft. */
    private static function sharing(string $model, string $word): string
    {
        for ($at = 1; $at < min(strlen($model), strlen($word)); $at++) {
            if (ctype_upper($model[$at]) && mb_strtolower(substr($model, 0, $at)) === mb_strtolower(substr($word, 0, $at))) {
                $word = substr($word, 0, $at).strtoupper($word[$at]).substr($word, $at + 1);
            }
        }

        return $word;
    }
}
