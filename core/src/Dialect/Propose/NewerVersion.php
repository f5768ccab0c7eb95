<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;

/** What a newer key file of an application says otherwise than the one that is known: commands gone, new and renamed, chords changed. */
final readonly class NewerVersion
{
    /** How alike two names must be to be one command under a new name, 0 to 100. */
    private const ALIKE = 70;

    /**
     * @param  list<Command>  $gone
     * @param  list<string>  $new  as the key file calls them
     * @param  array<string, string>  $renamed  the new words by the ids of the commands
     * @param  int  $stayed  commands that are there as before
     * @param  list<Binding>  $removed  chords of the factory file that are not there any more, of commands that are
     * @param  list<Binding>  $added
     */
    private function __construct(
        public array $gone,
        public array $new,
        public array $renamed,
        public int $stayed,
        public array $removed,
        public array $added,
    ) {
    }

    /** @param  array<string, string|null>  $said  what somebody said of the renamed: the new word by id; null for none */
    public static function between(Application $application, Bindings $before, Bindings $after, array $said = []): self
    {
        $words = [];
        foreach ($after as $binding) {
            $words[$application->commandWord($binding->command)] = $binding->command;
        }
        $inFile = [];
        foreach ($before as $binding) {
            $inFile[$binding->command] = true;
        }
        $gone = [];
        $stayed = 0;
        foreach ($application->commands() as $command) {
            $isThere = isset($words[$application->commandWord($command->id)]);
            $stayed += $isThere || ! isset($inFile[$command->id]) ? 1 : 0;
            if (! $isThere && isset($inFile[$command->id])) {
                $gone[$command->id] = $command;
            }
        }
        $new = array_keys(array_filter($words, static fn (string $id): bool => ! $application->knows($id)));
        $renamed = self::renamed($application, $gone, array_map(strval(...), $new), $before, $after, $said);
        $lost = array_values(array_diff_key($gone, $renamed));
        $fresh = array_values(array_diff(array_map(strval(...), $new), $renamed));
        $known = static fn (Binding $one): bool => ! isset($gone[$one->command]) && $application->knows($one->command);

        return new self(
            $lost,
            $fresh,
            $renamed,
            $stayed,
            array_values(array_filter($before->minus(...$after->all())->all(), $known)),
            array_values(array_filter($after->minus(...$before->all())->all(), $known)),
        );
    }

    /**
     * @param  array<string, Command>  $gone
     * @param  list<string>  $new
     * @param  array<string, string|null>  $said
     * @return array<string, string>
     */
    private static function renamed(
        Application $application,
        array $gone,
        array $new,
        Bindings $before,
        Bindings $after,
        array $said,
    ): array {
        $chords = static function (Bindings $bindings, string $command): array {
            $ids = [];
            foreach ($bindings as $one) {
                if ($one->command === $command) {
                    $ids[] = "{$one->context} {$one->chord->id()}";
                }
            }

            return $ids;
        };
        $pairs = [];
        foreach ($gone as $id => $command) {
            if (array_key_exists($id, $said)) {
                continue;
            }
            foreach ($new as $word) {
                similar_text(mb_strtolower($application->commandWord($id)), mb_strtolower($word), $alike);
                $shares = array_intersect($chords($before, $id), $chords($after, $word)) !== [];
                if ($alike + ($shares ? 25 : 0) >= self::ALIKE) {
                    $pairs[] = [$alike + ($shares ? 25 : 0), $id, $word];
                }
            }
        }
        rsort($pairs);
        $renamed = array_filter($said, static fn (?string $word): bool => $word !== null && in_array($word, $new, true));
        foreach ($pairs as [, $id, $word]) {
            if (! isset($renamed[$id]) && ! in_array($word, $renamed, true)) {
                $renamed[$id] = $word;
            }
        }

        return array_intersect_key($renamed, $gone);
    }
}
