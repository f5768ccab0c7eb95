<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Dialect\Located;
use Zebrafinch\Core\Dialect\Locator;

/** One place in each part of a group, with what stands there. */
final readonly class Slot
{
    /** @var list<string> */
    private array $texts;

    /**
     * @param  string  $label  the name that the file gives it, if any
     * @param  list<list<Located>>  $found  for each part of the group
     */
    public function __construct(public Locator $locator, public string $label, public array $found)
    {
        $texts = [];
        foreach ($found as $located) {
            foreach ($located as $one) {
                $texts[] = $one->text;
            }
        }
        $this->texts = $texts;
    }

    /** @return list<string> all texts, in file order */
    public function texts(): array
    {
        return $this->texts;
    }

    /** In how many parts something stands there, 0 to 1. */
    public function share(): float
    {
        return $this->found === []
            ? 0.0
            : count(array_filter($this->found, static fn (array $one): bool => $one !== [] && trim($one[0]->text) !== '')) /
                    count($this->found);
    }

    /** How many different texts stand there. */
    public function distinct(): int
    {
        return count(array_unique($this->texts()));
    }

    public function isList(): bool
    {
        return in_array(Locator::EACH, $this->locator->in, true);
    }

    public function covers(int $offset): bool
    {
        foreach ($this->found as $located) {
            foreach ($located as $one) {
                if ($one->at->from <= $offset && $offset < max($one->at->to, $one->at->from + 1)) {
                    return true;
                }
            }
        }

        return false;
    }
}
