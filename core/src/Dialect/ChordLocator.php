<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Part;
use Zebrafinch\Core\Keyboard\Modifier;

/**
 * Where a chord stands: in one text, of which there may be several, or its modifiers in one text or many and its key in another.
 *
 * @phpstan-import-type LocatorData from Locator
 * @phpstan-import-type ChordData from Description
 */
final readonly class ChordLocator
{
    public const WHOLE = 'chord';

    public const HELD = 'held';

    public const KEY = 'key';

    /**
     * @param  array<string, Locator>  $at  by what stands there: `chord`; or `key` with `held`, or with the names of modifiers
     * @param  string  $between  between several chords in one text; empty where there is one
     */
    private function __construct(public array $at, public string $between)
    {
    }

    /** @param  ChordData  $data */
    public static function fromData(array $data): self
    {
        if (isset($data['whole'])) {
            return new self([self::WHOLE => Locator::fromData($data['whole'])], $data['between'] ?? '');
        }
        $at = [self::KEY => Locator::fromData($data['key'] ?? throw InvalidDescription::because('', 'a chord has no place for its key'))];
        if (isset($data['held'])) {
            $at[self::HELD] = Locator::fromData($data['held']);
        }
        foreach ($data['flags'] ?? [] as $modifier => $locator) {
            $at[Modifier::from($modifier)->value] = Locator::fromData($locator);
        }

        return new self($at, '');
    }

    /** Whether there is one chord, in one text. */
    public function isOne(): bool
    {
        return isset($this->at[self::WHOLE]) && $this->between === '' && ! $this->isList();
    }

    /** Whether each chord has a part of its own, in a list. */
    public function isList(): bool
    {
        return in_array(Locator::EACH, ($this->at[self::WHOLE] ?? $this->at[self::KEY])->in, true);
    }

    /** Whether modifiers have places of their own. */
    public function hasFlags(): bool
    {
        return ! isset($this->at[self::WHOLE]) && ! isset($this->at[self::HELD]) && count($this->at) > 1;
    }

    /**
     * @param  list<Part>  $holders
     * @return list<array<string, Located>> for each chord what was found of it; a chord whose key is missing is none
     */
    public function find(Part $part, array $holders, string $text): array
    {
        if (isset($this->at[self::WHOLE])) {
            $found = $this->at[self::WHOLE]->find($part, $holders, $text);
            $between = $this->between;
            if ($between !== '') {
                $found = array_merge(...array_map(static fn (Located $one): array => $one->pieces($between, $text), $found));
            }

            return array_map(static fn (Located $one): array => [self::WHOLE => $one], $found);
        }
        $chords = [];
        foreach ($this->at as $what => $locator) {
            // In a list of chords each is looked for in its own item.
            foreach ($locator->find($part, $holders, $text) as $index => $located) {
                $chords[$index][$what] = $located;
            }
        }

        return array_values(array_filter($chords, static fn (array $chord): bool => isset($chord[self::KEY])));
    }
}
