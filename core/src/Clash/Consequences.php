<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash;

use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\LoadedKeymap;

/** What a change would do to a keymap, computed before it is made. */
final readonly class Consequences
{
    /**
     * @param  list<Clash>  $settled  clashes that go
     * @param  list<Clash>  $raised  clashes that newly come
     * @param  list<Relearning>  $relearning  commands whose chords change
     */
    private function __construct(public array $settled, public array $raised, public array $relearning)
    {
    }

    public static function of(LoadedKeymap $keymap, Change $change, Docket $docket): self
    {
        $after = $keymap->after($change);
        $clashesBefore = $docket->of($keymap);
        $clashesAfter = $docket->of($after);

        return new self(
            array_values(array_diff_key($clashesBefore, $clashesAfter)),
            array_values(array_diff_key($clashesAfter, $clashesBefore)),
            self::relearning($keymap, $after, $change),
        );
    }

    /** @return list<Relearning> */
    private static function relearning(LoadedKeymap $before, LoadedKeymap $after, Change $change): array
    {
        $commands = array_values(array_unique(array_map(static fn (Binding $one): string => $one->command, [...$change->removed, ...$change->added])));

        return array_map(static fn (string $command): Relearning => new Relearning(
            $command,
            array_column($before->bindings->ofCommand($command), 'chord'),
            array_column($after->bindings->ofCommand($command), 'chord'),
        ), $commands);
    }

    public function raisesFault(): bool
    {
        return in_array(Grade::Fault, array_column($this->raised, 'grade'), true);
    }
}
