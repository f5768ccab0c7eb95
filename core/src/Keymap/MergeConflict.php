<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keymap;

/** One command whose chord in one context was changed on both sides, and differently. */
final readonly class MergeConflict
{
    /**
     * @param  list<Binding>  $before  what was there
     * @param  list<Binding>  $ours  what we put in its place; empty for nothing
     * @param  list<Binding>  $theirs  what they did; empty for nothing
     */
    private function __construct(
        public string $command,
        public string $context,
        public array $before,
        public array $ours,
        public array $theirs,
    ) {
    }

    public static function between(Change $ours, Change $theirs): self
    {
        $any = $theirs->removed[0] ?? ($theirs->added[0] ?? ($ours->removed[0] ?? $ours->added[0]));

        return new self($any->command, $any->context, $theirs->removed, $ours->added, $theirs->added);
    }
}
