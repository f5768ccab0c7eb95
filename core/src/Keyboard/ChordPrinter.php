<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** Prints a chord for people on one system and layout. {@see ChordReader} reads every form back. */
final readonly class ChordPrinter
{
    /** In the order in which they are drawn. */
    private const MAC_SYMBOLS = [
        'Primary' => '⌘',
        'Control' => '⌃',
        'Alt' => '⌥',
        'AltGraph' => '⌥',
        'Shift' => '⇧',
        'Meta' => '⌘',
    ];

    /** What `aria-keyshortcuts` calls a key whose character would be taken for something else (WAI-ARIA 1.2, 6.6). */
    private const ARIA_KEYS = ['+' => 'Plus'];

    private KeyNames $names;

    public function __construct(private Layout $layout, private System $system)
    {
        $this->names = new KeyNames($layout, $system);
    }

    public function names(): KeyNames
    {
        return $this->names;
    }

    /**
     * The caps in the order in which they are drawn: macOS symbols, words elsewhere.
     *
     * @return non-empty-list<string>
     */
    public function caps(Chord $chord): array
    {
        $held = array_map($this->cap(...), $this->held($chord));

        return [...$held, $this->names->of($chord->key)];
    }

    /** One line of text: `⇧⌘S` on macOS, `Ctrl+Shift+S` elsewhere. */
    public function label(Chord $chord): string
    {
        return implode($this->system === System::MacOs ? '' : '+', $this->caps($chord));
    }

    /** As {@see label()}, but with words for marks, so that a sentence can hold it. */
    public function inSentence(Chord $chord): string
    {
        $mark = $this->names->inWords($chord->key);

        return $mark === $this->names->of($chord->key)
            ? $this->label($chord)
            : implode(' ', [...array_slice($this->caps($chord), 0, -1), $mark]);
    }

    /** Words to be read aloud, modifiers first. */
    public function spoken(Chord $chord): string
    {
        return implode(' ', [...array_map($this->names->ofModifier(...), $this->held($chord)), $this->names->inWords($chord->key)]);
    }

    /** A value for the attribute `aria-keyshortcuts` (WAI-ARIA 1.2, 6.6): names of `KeyboardEvent.key`, joined by plus signs. */
    public function aria(Chord $chord): string
    {
        $key = $chord->key;
        $named = $key instanceof Key ? ($key->isOnNumberPad() ? null : $this->layout->legend($key)) ?? $key->value : $key->value;

        return implode('+', [
            ...array_map(static fn (Modifier $one): string => $one->value, $this->held($chord)),
            self::ARIA_KEYS[$named] ?? $named,
        ]);
    }

    /** @return list<Modifier> */
    private function held(Chord $chord): array
    {
        return $chord->on($this->system)->modifiers->all();
    }

    private function cap(Modifier $modifier): string
    {
        return $this->system === System::MacOs ? self::MAC_SYMBOLS[$modifier->value] : $this->names->ofModifier($modifier);
    }
}
