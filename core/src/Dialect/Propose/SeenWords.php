<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Keyboard\Modifier;

/**
 * The words for modifiers and keys that a file uses.
 *
 * @phpstan-import-type KeyWordsData from \Zebrafinch\Core\Dialect\Spelling\KeyWords
 * @phpstan-import-type ModifierWordsData from \Zebrafinch\Core\Dialect\Spelling\ModifierWords
 */
final class SeenWords
{
    /** @var array<string, string> modifiers by word */
    private array $modifiers = [];

    /** @var array<string, string> key codes by word */
    private array $keys = [];

    private int $capitals = 0;

    private int $smalls = 0;

    private bool $hasSigns = false;

    private bool $hasCharacters = false;

    public function __construct(private readonly Meanings $meanings)
    {
    }

    /**
     * Whether these are modifiers and a key; remembers the words if so.
     *
     * @param  list<string>  $held
     */
    public function takes(array $held, string $key): bool
    {
        $modifiers = [];
        foreach ($held as $word) {
            $modifier = $this->meanings->modifier($word) ?? TradeWords::modifier($word);
            if ($modifier === null || isset($modifiers[$word])) {
                return false;
            }
            $modifiers[$word] = $modifier->value;
        }
        $word = trim($key) === '' ? $key : trim($key);
        $known = $this->meanings->key($word) ?? TradeWords::key($word);
        $isCharacter = $known === null && preg_match('/^[^\s\p{L}\p{N}]$|^[^\x00-\x7F]$/u', $word) === 1;
        if ($known === null && ! $isCharacter) {
            return false;
        }
        $this->modifiers += $modifiers;
        $this->hasCharacters = $this->hasCharacters || $isCharacter;
        if (preg_match('/^[a-z]$/i', $word) === 1) {
            ctype_upper($word) ? $this->capitals++ : $this->smalls++;
        } elseif (TradeWords::isSign($word)) {
            $this->hasSigns = true;
        } elseif ($known !== null && preg_match('/^(\d|f\d+)$/i', $word) !== 1) {
            $this->keys[$word] = $known->value;
        }

        return true;
    }

    /** @return ModifierWordsData */
    public function modifiers(): array
    {
        return self::withPrimary(['words' => [...$this->modifiers, ...$this->meanings->words()], 'case' => 'any'], $this->meanings);
    }

    /**
     * The modifier for everyday commands is the primary one: the command key where a file has that, the control key where it has not.
     *
     * @param  ModifierWordsData  $data
     * @return ModifierWordsData
     */
    public static function withPrimary(array $data, Meanings $meanings): array
    {
        $words = $data['words'] ?? [];
        if (in_array(Modifier::Primary->value, $words, true)) {
            return $data;
        }
        $command = array_filter(
            $words,
            static fn (string $modifier, int|string $word): bool => $modifier === Modifier::Meta->value &&
                preg_match('/^(cmd|command|⌘)$/iu', (string) $word) === 1,
            ARRAY_FILTER_USE_BOTH,
        );
        $from = $command !== [] ? array_keys($command) : array_keys($words, Modifier::Control->value, true);
        foreach ($from as $word) {
            if ($meanings->modifier((string) $word) === null) {
                $words[$word] = Modifier::Primary->value;
            }
        }

        return ['words' => $words] + $data;
    }

    /** @return KeyWordsData */
    public function keys(): array
    {
        $isLower = $this->smalls > $this->capitals;
        $words = TradeWords::completed($this->keys);
        if ($this->hasSigns && ! $this->hasCharacters) {
            foreach (TradeWords::signs() as $sign => $code) {
                if (! in_array($code, $words, true)) {
                    $words[$sign] = $code;
                }
            }
        }

        return [
            'by' => $this->hasCharacters ? 'character' : 'position',
            'rest' => 'plain',
            'pad' => self::pad($words),
            'case' => $isLower ? 'lower' : 'any',
            'words' => $words,
        ];
    }

    /** @param  array<string, string>  $words */
    private static function pad(array $words): string
    {
        foreach ($words as $word => $code) {
            if (preg_match('/^Numpad(\d)$/', $code, $found) === 1 && str_ends_with((string) $word, $found[1])) {
                return substr((string) $word, 0, -1);
            }
        }

        return '';
    }
}
