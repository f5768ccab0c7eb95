<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Application;

/** The contexts of one application under Everywhere. Siblings exclude each other unless declared to coexist. */
final class ContextTree
{
    public const EVERYWHERE = 'everywhere';

    /** @var array<string, non-empty-list<Context>> from each context out to Everywhere, as far as asked for */
    private array $paths = [];

    /** @var array<string, array<string, bool>> as far as asked for */
    private array $overlaps = [];

    /** @var array<string, Context>|null */
    private ?array $takingText = null;

    /** @var array<string, string>|null ids by what key files call them */
    private ?array $byWritten = null;

    /** @param  non-empty-array<string, Context>  $contexts by id, parents before children */
    private function __construct(private readonly array $contexts)
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

    /** The context that a key file means by a word; null where it means none. */
    public function written(string $word): ?string
    {
        if ($this->byWritten === null) {
            $this->byWritten = [];
            foreach ($this->contexts as $context) {
                $this->byWritten += array_fill_keys($context->written === [] ? [$context->id] : $context->written, $context->id);
            }
        }

        return $this->byWritten[$word] ?? null;
    }

    /** What a key file calls a context. */
    public function word(string $id): string
    {
        return $this->contexts[$id]->written[0] ?? $id;
    }

    /** @throws UnknownContext */
    public function get(string $id): Context
    {
        return $this->contexts[$id] ?? throw UnknownContext::named($id, array_keys($this->contexts));
    }

    /** @return non-empty-list<Context> from the context itself out to Everywhere */
    public function path(string $id): array
    {
        if (isset($this->paths[$id])) {
            return $this->paths[$id];
        }
        $path = [$this->get($id)];
        while (($parent = $path[count($path) - 1]->parent) !== null) {
            $path[] = $this->contexts[$parent];
        }
        $this->paths[$id] = $path;

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
     * Whether some focus state has both: one lies inside the other, or stands beside a part of the other's way out and coexists
     * with it, or both coexist with a third that can have the focus.
     */
    public function overlap(string $one, string $other): bool
    {
        return $this->overlaps[$one][$other] ??= $this->canMeet($this->path($one), $this->path($other));
    }

    /**
     * @param  non-empty-list<Context>  $one
     * @param  non-empty-list<Context>  $other
     */
    private function canMeet(array $one, array $other): bool
    {
        [$deeper, $shallower] = count($one) < count($other) ? [$other, $one] : [$one, $other];
        $beside = $deeper[count($deeper) - count($shallower)];
        $there = $shallower[0];
        if ($beside->id === $there->id || $beside->parent !== $there->parent) {
            return $beside->id === $there->id;
        }
        $third =
            count($deeper) === count($shallower)
                ? array_filter(
                    $this->contexts,
                    fn (Context $one): bool => $one->parent === $there->parent &&
                        $this->coexist($one, $beside) &&
                        $this->coexist($one, $there),
                )
                : [];

        return $this->coexist($beside, $there) || $third !== [];
    }

    /**
     * The context that takes text while $focus has the focus: itself, one around it or one that coexists; null where chords are not typed.
     */
    public function takesText(string $focus): ?Context
    {
        return $this->takingText()[$focus] ?? null;
    }

    /**
     * @return array<string, Context> by the context with the focus: the one that takes text then; contexts where chords are not typed are
     *     not listed
     */
    public function takingText(): array
    {
        return $this->takingText ??= array_filter(
            array_map(fn (Context $one): ?Context => $this->findTakingText($one->id), $this->contexts),
        );
    }

    private function findTakingText(string $focus): ?Context
    {
        foreach ($this->activeRanks($focus) as $rank) {
            foreach ($rank as $context) {
                if ($context->textEntry) {
                    return $context;
                }
            }
        }

        return null;
    }

    private function coexist(Context $one, Context $other): bool
    {
        return in_array($other->id, $one->coexistsWith, true) || in_array($one->id, $other->coexistsWith, true);
    }

    /** Whether what belongs to $context works while $focus has the focus. */
    public function isActive(string $context, string $focus): bool
    {
        return in_array($context, array_column(array_merge(...$this->activeRanks($focus)), 'id'), true);
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
            fn (Context $onPath): array => [
                $onPath,
                ...array_values(
                    array_filter(
                        $this->contexts,
                        fn (Context $other): bool => $other->id !== $onPath->id &&
                            $other->parent === $onPath->parent &&
                            $this->coexist($onPath, $other),
                    ),
                ),
            ],
            $this->path($focus),
        );
    }
}
