<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/**
 * Reads a chord as somebody on one system and layout writes it, in any form that {@see ChordPrinter} prints:
 *
 *     chord     = *held last
 *     held      = symbol / word separator          ; ⌃ ⌥ ⇧ ⌘, or a word below, in any letter case
 *     separator = plus sign, blanks, or both
 *     last      = a key's name as printed or spoken, its W3C code, or one character between “ ” or ' '
 *
 * Positions in errors count characters.
 */
final readonly class ChordReader
{
    private const SYMBOLS = ['⌃' => Modifier::Control, '⌥' => Modifier::Alt, '⇧' => Modifier::Shift, '⌘' => Modifier::Meta];

    private const WORDS = [
        'primary' => Modifier::Primary,
        'control' => Modifier::Control,
        'ctrl' => Modifier::Control,
        'alt' => Modifier::Alt,
        'option' => Modifier::Alt,
        'altgr' => Modifier::AltGraph,
        'altgraph' => Modifier::AltGraph,
        'shift' => Modifier::Shift,
        'meta' => Modifier::Meta,
        'command' => Modifier::Meta,
        'cmd' => Modifier::Meta,
        'win' => Modifier::Meta,
        'super' => Modifier::Meta,
    ];

    private const ARIA_NAMES = ['plus' => '+'];

    private KeyNames $names;

    /** @var list<array{Key, list<string>, list<string>}> each key with its forms as they are written, and in lower case */
    private array $forms;

    public function __construct(private Layout $layout, private System $system)
    {
        $this->names = new KeyNames($layout, $system);
        $forms = [];
        foreach (Key::cases() as $key) {
            if (! $key->isOnlyHeld()) {
                $written = [$this->names->of($key), $key->value, $this->names->inWords($key)];
                $forms[] = [$key, $written, array_map(mb_strtolower(...), $written)];
            }
        }
        $this->forms = $forms;
    }

    /** @throws UnreadableChord that names the character at which the text stops being a chord */
    public function read(string $text): Chord
    {
        $rest = trim($text);
        $held = Modifiers::of();
        while (($next = $this->modifierAt($rest)) !== null) {
            [$modifier, $length] = $next;
            if ($held->has($modifier)) {
                throw UnreadableChord::modifierTwice($text, trim(mb_substr($rest, 0, $length), ' +'), $this->offset($text, $rest));
            }
            $held = $held->with($modifier);
            $rest = mb_substr($rest, $length);
        }

        return Chord::pressed($this->last($text, $rest), $held, $this->system);
    }

    /**
     * Whether text can be a chord at all, rather than words to search for: it holds a modifier, or is one key.
     */
    public function looksLikeChord(string $text): bool
    {
        $rest = trim($text);

        return $rest !== '' &&
            ($this->modifierAt($rest) !== null || mb_strlen($rest) === 1 || preg_match('/^([\'“].[\'”]|F\d{1,2})$/u', $rest) === 1);
    }

    /** @return array{Modifier, int}|null the modifier that the text begins with, and its length with what separates it from the rest */
    private function modifierAt(string $text): ?array
    {
        $symbol = self::SYMBOLS[mb_substr($text, 0, 1)] ?? null;
        if ($symbol !== null && preg_match('/^.\s*\+?\s*(?=\S)/u', $text, $found) === 1) {
            return [$symbol, mb_strlen($found[0])];
        }
        if (preg_match('/^(\p{L}+)(\s*\+\s*|\s+)(?=\S)/u', $text, $found) === 1 && isset(self::WORDS[mb_strtolower($found[1])])) {
            return [self::WORDS[mb_strtolower($found[1])], mb_strlen($found[0])];
        }

        return null;
    }

    private function last(string $text, string $rest): Key|Character
    {
        if (preg_match('/^(?:“(\X)”|\'(\X)\'|the character (\X))$/u', $rest, $found) === 1) {
            return Character::of($found[count($found) - 1]);
        }
        $keys = $this->keysCalled($rest);
        if (count($keys) === 1) {
            return $keys[0];
        }
        $offset = $this->offset($text, $rest);
        if ($keys !== []) {
            throw UnreadableChord::ambiguous($text, $rest, $offset, array_map($this->names->of(...), $keys));
        }
        $isCharacter = preg_match('/^[^\p{Z}\p{C}]$/u', $rest) === 1;
        $way = $isCharacter ? $this->layout->ways(Character::of($rest))[0] ?? null : null;
        if ($way !== null) {
            throw UnreadableChord::typedOnlyWith(
                $text,
                $rest,
                $offset,
                (new ChordPrinter($this->layout, $this->system))->inSentence(Chord::with($way->level->modifiers(), $way->key)),
            );
        }
        throw UnreadableChord::notAKey($text, $rest, $offset);
    }

    /**
     * @return list<Key> the keys that the text names in the strictest sense in which it names any: printed, code, spoken, or any of these
     *     in other letter case
     */
    private function keysCalled(string $text): array
    {
        $name = self::ARIA_NAMES[mb_strtolower($text)] ?? $text;
        $found = [];
        $inLowerCase = mb_strtolower($name);
        foreach ($this->forms as [$key, $written, $lowered]) {
            $sense = array_search($name, $written, true);
            if ($sense === false && in_array($inLowerCase, $lowered, true)) {
                $sense = count($written);
            }
            if ($sense !== false) {
                $found[$sense][] = $key;
            }
        }
        ksort($found);

        return array_values($found)[0] ?? [];
    }

    private function offset(string $text, string $rest): int
    {
        return mb_strlen($text) - mb_strlen(rtrim($text) === $text ? $rest : $rest.mb_substr($text, mb_strlen(rtrim($text))));
    }
}
