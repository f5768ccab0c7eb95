<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** Prints a chord for people on one system and layout. */
final readonly class ChordPrinter
{
    private const MAC_SYMBOLS = ['Primary' => '⌘', 'Control' => '⌃', 'Alt' => '⌥', 'Shift' => '⇧', 'Meta' => '⌘'];

    private KeyNames $names;

    public function __construct(Layout $layout, private System $system)
    {
        $this->names = new KeyNames($layout, $system);
    }

    /**
     * The caps in the order in which they are drawn: macOS symbols, words elsewhere.
     *
     * @return non-empty-list<string>
     */
    public function caps(Chord $chord): array
    {
        $held = array_map($this->cap(...), $chord->on($this->system)->modifiers->all());

        return [...$held, $this->names->of($chord->key)];
    }

    /** One line of text: `⇧⌘S` on macOS, `Ctrl+Shift+S` elsewhere. */
    public function label(Chord $chord): string
    {
        return implode($this->system === System::MacOs ? '' : '+', $this->caps($chord));
    }

    /** As {@see label()}, but with words for punctuation marks, so that a sentence can hold it. */
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
        $held = array_map($this->names->ofModifier(...), $chord->on($this->system)->modifiers->all());

        return implode(' ', [...$held, $this->names->inWords($chord->key)]);
    }

    private function cap(Modifier $modifier): string
    {
        return $this->system === System::MacOs ? self::MAC_SYMBOLS[$modifier->value] : $this->names->ofModifier($modifier);
    }
}
