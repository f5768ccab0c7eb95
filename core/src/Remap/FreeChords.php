<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Remap;

use Zebrafinch\Core\Effort\LeftHand;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Gesture;
use Zebrafinch\Core\Keymap\LoadedKeymap;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Reach\ReachKind;
use Zebrafinch\Core\Reach\ReservedChords;

/**
 * Ranks the chords that a command could have without a clash: little effort, the chord that the
 * same intent has in other applications, and a letter that stands for a word of the name.
 */
final readonly class FreeChords
{
    /** mm of travel that a reason is worth; common practice, no source. */
    private const SAME_ELSEWHERE = 200.0;

    private const LETTER_OF_NAME = 20.0;

    /** Letters of a word that a chord can stand for; shorter ones ("at", "to") mean nothing by themselves. */
    private const SHORTEST_WORD = 3;

    /** Keys that people expect to keep their own meaning. */
    private const LEFT_ALONE = [
        Key::Escape, Key::Enter, Key::NumpadEnter, Key::Tab, Key::Backspace, Key::Space, Key::CapsLock, Key::ContextMenu,
        Key::PrintScreen, Key::ScrollLock, Key::Pause, Key::NumLock, Key::Insert,
    ];

    /** With the primary key these leave, hide or close on most systems (common practice, no source). */
    private const LEFT_ALONE_WITH_PRIMARY = [Key::KeyQ, Key::KeyW, Key::KeyH, Key::KeyM];

    private ReservedChords $reserved;

    /**
     * @param  array<string, list<Chord>>  $elsewhere  by command: the first chords of its intent in other applications
     * @param  array<string, Seat>  $alsoAt  by the name of its room: where the chord must be reached too, as it is written
     * @param  array<string, LoadedKeymap>  $inFront  for the desktop, by context: the application that a chord would be taken from
     */
    public function __construct(private array $elsewhere = [], private array $alsoAt = [], ?ReservedChords $reserved = null, private array $inFront = [])
    {
        $this->reserved = $reserved ?? ReservedChords::none();
    }

    /** @return list<FreeChord> the best first */
    public function for(LoadedKeymap $keymap, string $command, string $context, int $most): array
    {
        $effort = new LeftHand($keymap->seat->board);
        $ranked = [];
        foreach ($this->candidates($keymap) as $chord) {
            $travel = $effort->of($chord);
            if ($travel === null || ! $this->isFree($keymap, $chord, $context) || $this->isTyped($keymap, $chord, $context) || ! $this->isReachedEverywhere($keymap->seat, $chord)) {
                continue;
            }
            $ranked[] = $this->rated($keymap, $command, $chord, $travel);
        }
        usort($ranked, static fn (array $one, array $other): int => [$one[0], $one[1]->chord->id()] <=> [$other[0], $other[1]->chord->id()]);

        return array_column(array_slice($ranked, 0, $most), 1);
    }

    private function isFree(LoadedKeymap $keymap, Chord $chord, string $context): bool
    {
        $inFront = $this->inFront[$context] ?? null;
        if ($inFront !== null && ($inFront->onPress($inFront->seat->pressIds($chord)[0]) !== [] || $inFront->seat->typed($chord) !== null)) {
            return false;
        }

        return array_filter($keymap->gestures(), static fn (Gesture $one): bool => ! $keymap->isFree($chord, $one, $context)) === [];
    }

    /** @return array{float, FreeChord} with the cost first */
    private function rated(LoadedKeymap $keymap, string $command, Chord $chord, float $travel): array
    {
        $cost = $travel;
        $reasons = [sprintf('%d mm for the left hand', round($travel))];
        if ($this->alsoAt !== []) {
            $reasons[] = 'works in '.implode(', ', array_keys($this->alsoAt));
        }
        if ($this->isElsewhere($keymap, $command, $chord)) {
            $cost -= self::SAME_ELSEWHERE;
            array_unshift($reasons, 'the same chord in another application');
        }
        $word = $this->wordItStandsFor($keymap, $command, $chord);
        if ($word !== null) {
            $cost -= self::LETTER_OF_NAME;
            $reasons[] = "stands for \"{$word}\"";
        }

        return [$cost, new FreeChord($keymap->seat->written($chord, $keymap->application->chords), $travel, $reasons)];
    }

    /** @return iterable<Chord> */
    private function candidates(LoadedKeymap $keymap): iterable
    {
        $layers = [
            Modifiers::of(), Modifiers::of(Modifier::Shift), Modifiers::of(Modifier::Primary), Modifiers::of(Modifier::Alt),
            Modifiers::of(Modifier::Primary, Modifier::Shift), Modifiers::of(Modifier::Primary, Modifier::Alt), Modifiers::of(Modifier::Alt, Modifier::Shift),
        ];
        foreach ($keymap->seat->board->keys() as $placed) {
            if ($placed->key->isOnlyHeld() || in_array($placed->key, self::LEFT_ALONE, true)) {
                continue;
            }
            foreach ($layers as $layer) {
                $chord = Chord::with($layer, $placed->key);
                if (! $this->isLeftToTheSystem($chord)) {
                    yield $chord;
                }
            }
        }
    }

    private function isLeftToTheSystem(Chord $chord): bool
    {
        $isFunction = $chord->key instanceof Key && preg_match('/^F\d+$/', $chord->key->value) === 1;

        return ($chord->modifiers->has(Modifier::Primary) && in_array($chord->key, self::LEFT_ALONE_WITH_PRIMARY, true))
            || ($isFunction && ($chord->modifiers->has(Modifier::Alt) || $chord->modifiers->has(Modifier::Primary)));
    }

    private function isReachedEverywhere(Seat $here, Chord $chord): bool
    {
        foreach ([$here, ...array_values($this->alsoAt)] as $seat) {
            if ((new ReachJudge($seat, $this->reserved))->of($chord)->kind !== ReachKind::AsWritten) {
                return false;
            }
        }

        return true;
    }

    private function isTyped(LoadedKeymap $keymap, Chord $chord, string $context): bool
    {
        return $keymap->application->contexts->get($context)->textEntry
            && $keymap->seat->typed($chord) !== null;
    }

    private function isElsewhere(LoadedKeymap $keymap, string $command, Chord $chord): bool
    {
        $here = $chord->on($keymap->seat->system);
        foreach ($this->elsewhere[$command] ?? [] as $other) {
            if ($other->on($keymap->seat->system)->equals($here)) {
                return true;
            }
        }

        return false;
    }

    private function wordItStandsFor(LoadedKeymap $keymap, string $command, Chord $chord): ?string
    {
        $legend = $chord->key instanceof Key ? $keymap->seat->layout->legend($chord->key) ?? '' : '';
        foreach (preg_split('/[^\p{L}]+/u', $keymap->application->commandName($command), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            if (mb_strlen($word) >= self::SHORTEST_WORD && $legend !== '' && mb_strtoupper(mb_substr($word, 0, 1)) === $legend) {
                return $word;
            }
        }

        return null;
    }
}
