<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Offer;

use Zebrafinch\Core\Effort\LeftHand;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Gesture;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Reach\ReachKind;
use Zebrafinch\Core\Reach\ReservedChords;

/**
 * Ranks the chords that a command could have without a clash: little effort, the chord that the
 * same intent has in other applications, and a letter that stands for a word of the name.
 */
final readonly class Offers
{
    /** mm of travel that a reason is worth; common practice, no source. */
    private const SAME_ELSEWHERE = 200.0;

    private const LETTER_OF_NAME = 20.0;

    /** Letters of a word that a chord can stand for; shorter ones ("at", "to") mean nothing by themselves. */
    private const SHORTEST_WORD = 3;

    private ReservedChords $reserved;

    /**
     * @param  array<string, list<Chord>>  $elsewhere  by command: the first chords of its intent in other applications
     * @param  array<string, Seat>  $alsoAt  by the name of its suite: where the chord must be reached too, as it is written
     * @param  array<string, LoadedKeymap>  $inFront  for the desktop, by context: the application that a chord would be taken from
     */
    public function __construct(
        private array $elsewhere = [],
        private array $alsoAt = [],
        ?ReservedChords $reserved = null,
        private array $inFront = [],
    ) {
        $this->reserved = $reserved ?? ReservedChords::none();
    }

    /** @return list<Offer> the best first */
    public function for(LoadedKeymap $keymap, string $command, string $context, int $most): array
    {
        $effort = new LeftHand($keymap->seat->board);
        $ranked = [];
        foreach (CandidateChords::at($keymap->seat) as $chord) {
            $travel = $effort->of($chord);
            if (
                $travel === null ||
                ! $this->isFree($keymap, $chord, $context) ||
                $this->isTyped($keymap, $chord, $context) ||
                ! $this->isReachedEverywhere($keymap->seat, $chord)
            ) {
                continue;
            }
            $ranked[] = $this->rated($keymap, $command, $chord, $travel);
        }
        usort(
            $ranked,
            static fn (array $one, array $other): int => [$one[0], $one[1]->chord->id()] <=> [$other[0], $other[1]->chord->id()],
        );

        return array_column(array_slice($ranked, 0, $most), 1);
    }

    private function isFree(LoadedKeymap $keymap, Chord $chord, string $context): bool
    {
        $inFront = $this->inFront[$context] ?? null;
        if ($inFront !== null && ($inFront->onPress($inFront->seat->press($chord)) !== [] || $inFront->seat->typed($chord) !== null)) {
            return false;
        }

        return array_filter($keymap->gestures(), static fn (Gesture $one): bool => ! $keymap->isFree($chord, $one, $context)) === [];
    }

    /** @return array{float, Offer} with the cost first */
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

        return [$cost, new Offer($keymap->application->naming->write($chord, $keymap->seat), $travel, $reasons)];
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
        return $keymap->application->contexts->get($context)->textEntry && $keymap->seat->typed($chord) !== null;
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
