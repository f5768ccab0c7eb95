<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Focus;

use LogicException;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\KeyPosition;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\Press;

/**
 * Every answer to "what does this press do" for one application at one seat, worked out beforehand, so that a page only looks
 * them up. Presses are named as the system's held modifiers and the key: `Control+Shift+KeyS`. What repeats is listed once
 * and pointed at by its index.
 *
 * @phpstan-type RungData array{context: int, command: int, verdict: string, reason: int}
 * @phpstan-type TableData array{
 *     contexts: list<array{id: string, name: string, depth: int, takes_text: bool}>,
 *     commands: list<array{id: string, name: string}>,
 *     reasons: list<string>,
 *     rungs: list<RungData>,
 *     ladders: list<list<int>>,
 *     idle: list<int>,
 *     presses: array<string, list<int>>,
 *     holds: array<string, list<int>>,
 *     uses: list<list<string>>,
 *     free: list<list<int>>,
 * }
 */
final class LookUpTable
{
    /** Stands for the index of a context in rungs that no context of the application has. */
    private const DESKTOP = -1;

    /** @var array<string, int> */
    private array $commands = [];

    /** @var array<string, int> */
    private array $reasons = [];

    /** @var array<string, int> */
    private array $rungs = [];

    /** @var array<string, int> */
    private array $ladders = [];

    /** @var array<string, int> */
    private readonly array $indexes;

    /** @var list<Context> */
    private readonly array $contexts;

    private readonly Who $who;

    private function __construct(private readonly LoadedKeymap $keymap)
    {
        $this->contexts = $keymap->application->contexts->all();
        $this->indexes = [Context::DESKTOP => self::DESKTOP] + array_flip(array_column($this->contexts, 'id'));
        $this->who = new Who($keymap);
    }

    /**
     * `rungs` name a context (-1 for the desktop), a command (-1 for none), a verdict and a reason. `ladders` are rungs in the order in
     * which they are asked;
     * `presses` has the ladder of each context for every press that is bound anywhere, `idle` for all other presses;
     * `holds` has them for keys that are held down where that can run something else.
     * `uses` has for each context, and last for all of them together, a text for each layer with one digit for each
     * key of the board: 2 taken, 1 taken in other contexts only (or in some of them), 0 free, a hyphen for keys that are
     * only held. `free` counts the zeros.
     *
     * @param  list<Modifiers>  $layers  as they are held on the system
     * @return TableData
     */
    public static function of(LoadedKeymap $keymap, array $layers): array
    {
        $table = new self($keymap);
        $presses = [];
        $taken = [];
        $holds = [];
        foreach ($table->boundPresses() as $id => $press) {
            $chord = $press->made ?? throw new LogicException('Only possible presses are asked for.');
            foreach ($table->contexts as $index => $focus) {
                $rungs = $table->who->rungs($chord, Gesture::Tap, $focus->id);
                $presses[$id][] = $table->ladder($rungs);
                $taken[$id][$index] = $table->isTaken($rungs);
            }
            foreach ($table->holdsOf($press) ? $table->contexts : [] as $index => $focus) {
                $rungs = $table->who->rungs($chord, Gesture::Hold, $focus->id);
                $holds[$id][] = $table->ladder($rungs);
                $taken[$id][$index] = $taken[$id][$index] || $table->isTaken($rungs);
            }
        }
        $uses = $table->uses($layers, $taken);

        return [
            'contexts' => array_map(
                fn (Context $one): array => [
                    'id' => $one->id,
                    'name' => $one->name,
                    'depth' => $keymap->application->contexts->depth($one->id),
                    'takes_text' => $table->takesText($one),
                ],
                $table->contexts,
            ),
            'commands' => array_map(
                static fn (string $id): array => ['id' => $id, 'name' => $keymap->application->commandName($id)],
                array_keys($table->commands),
            ),
            'idle' => array_map($table->idleLadder(...), $table->contexts),
            'presses' => $presses,
            'holds' => $holds,
            'reasons' => array_keys($table->reasons),
            'rungs' => array_map($table->rungData(...), array_keys($table->rungs)),
            'ladders' => array_map(
                static fn (string $rungs): array => array_map(intval(...), explode(' ', $rungs)),
                array_keys($table->ladders),
            ),
            'uses' => $uses,
            'free' => array_map(
                static fn (array $ofLayers): array => array_map(static fn (string $digits): int => substr_count($digits, '0'), $ofLayers),
                $uses,
            ),
        ];
    }

    /** @return array<string, Press> by id, in the order of the key file; those of the desktop last */
    private function boundPresses(): array
    {
        $possible = array_filter($this->keymap->presses(), static fn (Press $press): bool => $press->isPossible());

        return $possible + ($this->keymap->desktop?->presses() ?? []);
    }

    private function holdsOf(Press $press): bool
    {
        return $this->keymap->application->tellsHold &&
            in_array(Gesture::Hold, array_column($this->keymap->onPress($press), 'gesture'), true);
    }

    /** @param  list<Rung>  $rungs */
    private function isTaken(array $rungs): bool
    {
        return array_filter($rungs, static fn (Rung $rung): bool => $rung->verdict === Verdict::Wins) !== [];
    }

    /**
     * @param  list<Modifiers>  $layers
     * @param  array<string, array<int, bool>>  $taken  by the id of the press, then by the index of the context with the focus: whether
     *     something runs there
     * @return list<list<string>>
     */
    private function uses(array $layers, array $taken): array
    {
        $uses = [];
        foreach ($layers as $layer => $held) {
            foreach ($this->keymap->seat->board->keys() as $placed) {
                $of = $this->usesOf($held, $placed, $taken);
                foreach ($of as $index => $digit) {
                    $uses[$index][$layer] = ($uses[$index][$layer] ?? '').$digit;
                }
            }
        }

        return array_map(array_values(...), array_values($uses));
    }

    /**
     * @param  array<string, array<int, bool>>  $taken
     * @return list<string> one digit for each context, and one for all
     */
    private function usesOf(Modifiers $held, KeyPosition $placed, array $taken): array
    {
        if ($placed->key->isOnlyHeld()) {
            return array_fill(0, count($this->contexts) + 1, '-');
        }
        $here = $taken[Chord::with($held, $placed->key)->id()] ?? [];
        $digits = array_map(
            static fn (int $index): string => $here[$index] ?? false ? '2' : ($here === [] ? '0' : '1'),
            array_keys($this->contexts),
        );
        $digits[] = match (true) {
            $here === [] => '0',
            in_array(false, $here, true) => '1',
            default => '2',
        };

        return $digits;
    }

    private function takesText(Context $focus): bool
    {
        return $this->keymap->application->contexts->takesText($focus->id) !== null;
    }

    private function idleLadder(Context $focus): int
    {
        return $this->ladder($this->who->rungs(Chord::of(Key::F24), Gesture::Tap, $focus->id, asIfUnbound: true));
    }

    /** @param  list<Rung>  $rungs */
    private function ladder(array $rungs): int
    {
        $text = implode(' ', array_map(fn (Rung $rung): int => $this->rung($rung), $rungs));

        return $this->ladders[$text] ??= count($this->ladders);
    }

    private function rung(Rung $rung): int
    {
        $command = $rung->binding === null ? -1 : ($this->commands[$rung->binding->command] ??= count($this->commands));
        $reason = $this->reasons[$rung->reason] ??= count($this->reasons);
        $text = "{$this->indexes[$rung->context->id]} {$command} {$rung->verdict->value} {$reason}";

        return $this->rungs[$text] ??= count($this->rungs);
    }

    /** @return RungData */
    private function rungData(string $text): array
    {
        [$context, $command, $verdict, $reason] = explode(' ', $text);

        return ['context' => (int) $context, 'command' => (int) $command, 'verdict' => $verdict, 'reason' => (int) $reason];
    }
}
