<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\Part;

/**
 * Where something stands, seen from the part that holds a binding.
 *
 * @phpstan-type LocatorData array{up?: int, in?: list<string>, take?: string, before?: string, behind?: string}
 */
final readonly class Locator
{
    /** In `in`: every part, whatever its name; so there may be several. */
    public const EACH = '*';

    /** In `in`: the only part, whatever its name. */
    public const ONLY = '?';

    /**
     * @param  int  $up  how many parts further out it stands; 0 for the part of the binding itself
     * @param  list<string>  $in  the names of the parts on the way in from there
     * @param  bool  $isName  whether the name of that part says it, not its value
     * @param  string  $before  of the text only what stands before this sign; empty for all
     * @param  string  $behind  of the text only what stands behind this sign; empty for all
     */
    public function __construct(
        public int $up = 0,
        public array $in = [],
        public bool $isName = false,
        public string $before = '',
        public string $behind = '',
    ) {
    }

    /** @param  LocatorData  $data */
    public static function fromData(array $data): self
    {
        return new self(
            $data['up'] ?? 0,
            $data['in'] ?? [],
            ($data['take'] ?? 'text') === 'name',
            $data['before'] ?? '',
            $data['behind'] ?? '',
        );
    }

    /** @return LocatorData */
    public function toData(): array
    {
        return array_filter(
            [
                'up' => $this->up,
                'in' => $this->in,
                'take' => $this->isName ? 'name' : '',
                'before' => $this->before,
                'behind' => $this->behind,
            ],
            static fn (mixed $one): bool => $one !== 0 && $one !== [] && $one !== '',
        );
    }

    /** Whether it is the name of the part itself. */
    public function isOwnName(): bool
    {
        return $this->isName && $this->up === 0 && $this->in === [];
    }

    /** The same without its last step: what holds the parts of a list. */
    public function around(): self
    {
        return new self($this->up, array_slice($this->in, 0, max(0, (int) array_search(self::EACH, $this->in, true))));
    }

    /**
     * What it finds where the part further out is at hand itself, before or without any binding in it.
     *
     * @param  list<Part>  $holders  around that part
     */
    public function within(Part $part, array $holders, string $text): ?Located
    {
        return (new self(1, $this->in, $this->isName, $this->before, $this->behind))->find($part, [...$holders, $part], $text)[0] ?? null;
    }

    /**
     * @param  list<Part>  $holders  from the outermost to the one around the part
     * @return list<Part>
     */
    public function parts(Part $part, array $holders): array
    {
        $from = $this->up === 0 ? $part : $holders[count($holders) - $this->up] ?? null;
        $parts = $from === null ? [] : [$from];
        foreach ($this->in as $name) {
            $inner = [];
            foreach ($parts as $one) {
                foreach ($one->parts as $child) {
                    if ($name === self::EACH || $name === self::ONLY || $child->name === $name) {
                        $inner[] = $child;
                    }
                }
            }
            $parts = $inner;
        }

        return $parts;
    }

    /**
     * @param  list<Part>  $holders  from the outermost to the one around the part
     * @return list<Located> none where nothing stands there
     */
    public function find(Part $part, array $holders, string $text): array
    {
        $found = [];
        foreach ($this->parts($part, $holders) as $one) {
            $said = $this->isName ? $one->name : $one->text;
            $at = $this->isName ? $one->nameAt : $one->textAt;
            if ($said !== null && $at !== null) {
                $found[] = $this->cut(new Located($said, $at, $one, $this->isName || $one->isQuoted), $text);
            }
        }

        return $found;
    }

    private function cut(Located $located, string $text): Located
    {
        if ($this->before === '' && $this->behind === '') {
            return $located;
        }
        $from = $this->behind === '' ? 0 : strpos($located->text, $this->behind);
        $from = $from === false ? 0 : $from + strlen($this->behind);
        $to = $this->before === '' ? strlen($located->text) : strpos($located->text, $this->before);

        return $located->piece($from, $to === false ? ($this->behind === '' ? 0 : strlen($located->text)) : $to, $text);
    }
}
