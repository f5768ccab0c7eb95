<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

/** The contexts of one application under Everywhere. Siblings exclude each other unless declared to coexist. */
final readonly class ContextTree
{
    public const EVERYWHERE = 'everywhere';

    /** @param  non-empty-array<string, Context>  $contexts by id, parents before children */
    private function __construct(private array $contexts)
    {
    }

    /** @throws InvalidCatalogue */
    public static function of(Context ...$contexts): self
    {
        $byId = [];
        foreach ($contexts as $context) {
            $isRoot = $context->id === self::EVERYWHERE;
            if (isset($byId[$context->id])) {
                throw InvalidCatalogue::contextTwice($context->id);
            }
            if ($isRoot !== ($context->parent === null) || (! $isRoot && ! isset($byId[$context->parent]))) {
                throw InvalidCatalogue::parentMissing($context->id, $context->parent);
            }
            $byId[$context->id] = $context;
        }
        if (! isset($byId[self::EVERYWHERE])) {
            throw InvalidCatalogue::noRoot();
        }

        return new self($byId);
    }

    /** @return list<Context> parents before children */
    public function all(): array
    {
        return array_values($this->contexts);
    }

    public function has(string $id): bool
    {
        return isset($this->contexts[$id]);
    }

    /** @throws UnknownContext */
    public function get(string $id): Context
    {
        return $this->contexts[$id] ?? throw UnknownContext::named($id, array_keys($this->contexts));
    }

    /** @return non-empty-list<Context> from the context itself out to Everywhere */
    public function path(string $id): array
    {
        $path = [$this->get($id)];
        while (($parent = $path[count($path) - 1]->parent) !== null) {
            $path[] = $this->contexts[$parent];
        }

        return $path;
    }

    /** How many steps the context is below Everywhere. */
    public function depth(string $id): int
    {
        return count($this->path($id)) - 1;
    }

    /** Whether $outer is $inner or lies on its way out to Everywhere. */
    public function contains(string $outer, string $inner): bool
    {
        return in_array($outer, array_column($this->path($inner), 'id'), true);
    }

    /**
     * Whether some focus state has both: one lies inside the other, or their ancestors
     * below the point where they part are declared to coexist.
     */
    public function overlap(string $one, string $other): bool
    {
        if ($this->contains($one, $other) || $this->contains($other, $one)) {
            return true;
        }
        $ways = [array_reverse($this->path($one)), array_reverse($this->path($other))];
        for ($step = 0; $ways[0][$step]->id === $ways[1][$step]->id; $step++);

        return $this->coexist($ways[0][$step], $ways[1][$step]);
    }

    private function coexist(Context $one, Context $other): bool
    {
        return in_array($other->id, $one->coexistsWith, true) || in_array($one->id, $other->coexistsWith, true);
    }

    /**
     * The contexts that are active while $focus has the focus, in ranks from the deepest to Everywhere:
     * its path, and at each step the siblings that coexist with it.
     *
     * @return non-empty-list<non-empty-list<Context>>
     */
    public function activeRanks(string $focus): array
    {
        return array_map(
            fn (Context $onPath): array => [$onPath, ...array_values(array_filter(
                $this->contexts,
                fn (Context $other): bool => $other->id !== $onPath->id && $other->parent === $onPath->parent && $this->coexist($onPath, $other),
            ))],
            $this->path($focus),
        );
    }
}
