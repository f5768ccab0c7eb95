<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\Consequences;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Clash\Relearning;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keymap\CommandDifference;
use Zebrafinch\Core\Keymap\Comparison;
use Zebrafinch\Core\Usage\Importance;

/** Two keymaps of one application side by side, by meaning. */
final readonly class ComparedKeymap
{
    /**
     * @param  list<CommandDifference>  $gone  commands that lose all their chords there
     * @param  list<CommandDifference>  $new  commands that get their first
     * @param  list<CommandDifference>  $moved  commands with other chords than before
     * @param  list<Clash>  $settled  clashes that go
     * @param  list<Clash>  $raised  clashes that come
     * @param  list<Relearning>  $relearning  what hands that know the first keymap have to learn, what counts most first
     * @param  float  $share  from 0 to 1: how much of what these hands do has to be learned again, by how often it is done
     */
    private function __construct(
        public LoadedKeymap $before,
        public LoadedKeymap $after,
        public array $gone,
        public array $new,
        public array $moved,
        public array $settled,
        public array $raised,
        public array $relearning,
        public float $share,
    ) {
    }

    public static function of(LoadedKeymap $before, LoadedKeymap $after, Docket $docket, Importance $importance): self
    {
        $comparison = Comparison::between($before->bindings(), $after->bindings());
        $has = static fn (LoadedKeymap $keymap, CommandDifference $one): bool => array_filter(
            $keymap->bindings()->ofCommand($one->command),
            static fn ($binding): bool => $binding->context === $one->context,
        ) !== [];
        $gone = array_filter($comparison->differences, static fn (CommandDifference $one): bool => ! $has($after, $one));
        $new = array_filter($comparison->differences, static fn (CommandDifference $one): bool => ! $has($before, $one));
        $consequences = Consequences::of($before, $comparison->change(), $docket);
        // What had no chord before is nothing that hands know.
        $relearning = array_values(array_filter($consequences->relearning, static fn (Relearning $one): bool => $one->before !== []));
        $weight = static fn (string $command): float => $importance->ofCommand($before->application->id, $command);
        usort($relearning, static fn (Relearning $one, Relearning $other): int => [$weight($other->command), $one->command] <=> [
            $weight($one->command),
            $other->command,
        ]);
        $known = [];
        foreach ($before->bindings() as $binding) {
            $known[$binding->command] ??= $weight($binding->command);
        }
        $lost = array_sum(array_map(static fn (Relearning $one): float => $weight($one->command), $relearning));

        return new self(
            $before,
            $after,
            array_values($gone),
            array_values($new),
            array_values(array_diff_key($comparison->differences, $gone, $new)),
            $consequences->settled,
            $consequences->raised,
            $relearning,
            $known === [] ? 0.0 : $lost / array_sum($known),
        );
    }

    public function isSame(): bool
    {
        return $this->gone === [] && $this->new === [] && $this->moved === [];
    }

    /**
     * All differences in one list.
     *
     * @return list<array{string, CommandDifference}> each with `gone`, `new` or `moved`
     */
    public function all(): array
    {
        $all = [];
        foreach (['gone' => $this->gone, 'new' => $this->new, 'moved' => $this->moved] as $what => $differences) {
            foreach ($differences as $difference) {
                $all[] = [$what, $difference];
            }
        }

        return $all;
    }

    /** Travel of the hand for all that moves, there and before, in mm for one press of each. */
    public function effort(): float
    {
        return array_sum(
            array_map(
                static fn (Relearning $one): float => $one->effortBefore === null || $one->effortAfter === null
                    ? 0.0
                    : $one->effortAfter - $one->effortBefore,
                $this->relearning,
            ),
        );
    }
}
