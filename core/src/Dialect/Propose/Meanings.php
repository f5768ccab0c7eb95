<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;

/** What somebody has said that words and numbers of a key file mean. */
final readonly class Meanings
{
    /**
     * @param  array<string, Modifier>  $modifiers  by word, or by number
     * @param  array<string, Key>  $keys  by word
     */
    public function __construct(private array $modifiers = [], private array $keys = [])
    {
    }

    public function modifier(string $word): ?Modifier
    {
        return $this->modifiers[$word] ?? null;
    }

    public function key(string $word): ?Key
    {
        return $this->keys[$word] ?? null;
    }

    /** @return array<string, string> modifiers by word */
    public function words(): array
    {
        return array_map(
            static fn (Modifier $one): string => $one->value,
            array_filter($this->modifiers, static fn (int|string $word): bool => ! is_numeric($word), ARRAY_FILTER_USE_KEY),
        );
    }

    /** @return array<int|string, string> modifiers by the bit that stands for them; where nobody has said, in the order of common use */
    public function bits(): array
    {
        $bits = ['1' => 'Shift', '2' => 'Primary', '4' => 'Alt', '8' => 'Meta', '16' => 'AltGraph'];
        foreach ($this->modifiers as $number => $modifier) {
            if (is_numeric($number)) {
                $before = array_search($modifier->value, $bits, true);
                if ($before !== false) {
                    $bits[$before] = $bits[(string) $number] ?? 'Meta';
                }
                $bits[(string) $number] = $modifier->value;
            }
        }

        return array_map(strval(...), $bits);
    }
}
