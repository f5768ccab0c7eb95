<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Spelling;

use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\UnreadableChord;

/**
 * What a key file calls the modifiers: words or letters; or numbers, each of them one bit of a sum; or a place for each of them.
 *
 * @phpstan-type ModifierWordsData array{words?: array<string, string>, bits?: array<int|string, string>, none?: string, case?: string}
 */
final readonly class ModifierWords
{
    /**
     * @param  array<string, Modifier>  $words  the one that is written first
     * @param  array<int, Modifier>  $bits
     * @param  string  $none  what stands where no modifier is held
     */
    private function __construct(private array $words, private array $bits, private string $none, private bool $isCaseExact)
    {
    }

    /** @param  ModifierWordsData  $data */
    public static function fromData(array $data): self
    {
        $isCaseExact = ($data['case'] ?? 'exact') === 'exact';
        $words = [];
        foreach ($data['words'] ?? [] as $word => $modifier) {
            $words[(string) $word] = Modifier::from($modifier);
        }
        $bits = [];
        foreach ($data['bits'] ?? [] as $bit => $modifier) {
            $bits[(int) $bit] = Modifier::from($modifier);
        }

        return new self($words, $bits, $data['none'] ?? '', $isCaseExact);
    }

    public function modifier(string $word): ?Modifier
    {
        if (isset($this->words[$word]) || $this->isCaseExact) {
            return $this->words[$word] ?? null;
        }
        foreach ($this->words as $known => $modifier) {
            if (mb_strtolower((string) $known) === mb_strtolower($word)) {
                return $modifier;
            }
        }

        return null;
    }

    /** @throws UnreadableChord */
    public function word(Modifier $modifier): string
    {
        $word = array_search($modifier, $this->words, true);

        return $word === false ? throw UnreadableChord::noWordFor($modifier) : (string) $word;
    }

    /** @return list<string> all words, the longest first */
    public function all(): array
    {
        $words = array_map(strval(...), array_keys($this->words));
        usort($words, static fn (string $one, string $other): int => strlen($other) <=> strlen($one));

        return $words;
    }

    public function isSum(): bool
    {
        return $this->bits !== [];
    }

    public function isNone(string $held): bool
    {
        return $held === $this->none || $held === '';
    }

    public function none(): string
    {
        return $this->isSum() ? '0' : $this->none;
    }

    /** @throws UnreadableChord */
    public function ofSum(string $held): Modifiers
    {
        $isNumber = preg_match('/^(?:0[xX][0-9A-Fa-f]{1,8}|\d{1,9})$/D', $held) === 1;
        $sum = $isNumber
            ? (int) (ctype_digit($held) ? $held : hexdec($held))
            : throw UnreadableChord::unspeakable($held, 'it is not a number');
        $modifiers = Modifiers::of();
        foreach ($this->bits as $bit => $modifier) {
            if (($sum & $bit) !== 0) {
                $modifiers = $modifiers->with($modifier);
                $sum &= ~$bit;
            }
        }

        return $sum === 0 ? $modifiers : throw UnreadableChord::unspeakable($held, "{$sum} of it stands for no modifier");
    }

    /** @throws UnreadableChord */
    public function sum(Modifiers $held, bool $isHexadecimal): string
    {
        $sum = 0;
        foreach ($held->all() as $modifier) {
            $bit = array_search($modifier, $this->bits, true);
            $sum += $bit === false ? throw UnreadableChord::noWordFor($modifier) : $bit;
        }

        return $isHexadecimal ? sprintf('0x%02X', $sum) : (string) $sum;
    }
}
