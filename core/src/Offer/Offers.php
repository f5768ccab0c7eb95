<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Offer;

use Closure;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Mnemonic;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Reach\ReservedChords;

/**
 * Ranks the chords that a command could have without a clash: little effort, the chord that the
 * same intent has in other applications, and a letter that stands for a word of the name.
 */
final class Offers
{
    /** mm of travel that a reason is worth; common practice, no source. */
    private const SAME_ELSEWHERE = 200.0;

    private const LETTER_OF_NAME = 20.0;

    private readonly ReservedChords $reserved;

    /** @var array<string, AtKeyboard> by the identities of application and seat */
    private array $known = [];

    /** @var array<string, array<string, true>> by seat and command: the chords that its intent has elsewhere, as they are held */
    private array $sameElsewhere = [];

    /**
     * @param  array<string, list<Chord>>|Closure(string): list<Chord>  $elsewhere  by command: the first chords of its intent in other
     *     applications
     * @param  array<string, Seat>  $alsoAt  by the name of its suite: where the chord must be reached and free too, as it is written
     * @param  array<string, LoadedKeymap>  $inFront  for the desktop, by context: the application that a chord would be taken from
     * @param  (Closure(Application, Seat, ChordRules): AtKeyboard)|null  $atKeyboard  for whoever knows it from before
     */
    public function __construct(
        private readonly array|Closure $elsewhere = [],
        private readonly array $alsoAt = [],
        ?ReservedChords $reserved = null,
        private readonly array $inFront = [],
        private readonly ?Closure $atKeyboard = null,
    ) {
        $this->reserved = $reserved ?? ReservedChords::none();
    }

    /** What speaks against a binding at this keyboard and all others that were asked for, whoever else has its chord. */
    public function objection(LoadedKeymap $keymap, Binding $wanted): ?Objection
    {
        return $this->at($keymap)->rules->objection($wanted);
    }

    /** @return list<Offer> the best first */
    public function for(LoadedKeymap $keymap, string $command, string $context, int $most, Gesture $gesture = Gesture::Tap): array
    {
        $here = $this->at($keymap);
        $everywhere = [$keymap, ...array_values(array_map($keymap->atSeat(...), $this->alsoAt))];
        $ranked = [];
        foreach ($here->candidates as [$chord, $written, $travel]) {
            if (
                $this->isFree($everywhere, $written, $context) &&
                $here->rules->objection(new Binding($written, $command, $context, $gesture)) === null
            ) {
                $ranked[] = $this->rated($keymap, $command, $chord, $written, $travel);
            }
        }
        usort(
            $ranked,
            static fn (array $one, array $other): int => [$one[0], $one[1]->chord->id()] <=> [$other[0], $other[1]->chord->id()],
        );

        return array_column(array_slice($ranked, 0, $most), 1);
    }

    private function at(LoadedKeymap $keymap): AtKeyboard
    {
        return $this->known[spl_object_id($keymap->application).' '.spl_object_id($keymap->seat)] ??= ($this->atKeyboard ??
            AtKeyboard::of(...))(
                $keymap->application,
                $keymap->seat,
                new ChordRules($keymap->application, [$keymap->seat, ...array_values($this->alsoAt)], $this->reserved),
            );
    }

    /** @param  list<LoadedKeymap>  $everywhere  the same keymap at each keyboard */
    private function isFree(array $everywhere, Chord $chord, string $context): bool
    {
        $inFront = $this->inFront[$context] ?? null;
        if ($inFront !== null && ($inFront->onPress($inFront->seat->press($chord)) !== [] || $inFront->seat->typed($chord) !== null)) {
            return false;
        }
        foreach ($everywhere as $keymap) {
            foreach ($keymap->gestures() as $gesture) {
                if (! $keymap->isFree($chord, $gesture, $context)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return array{float, Offer} with the cost first */
    private function rated(LoadedKeymap $keymap, string $command, Chord $chord, Chord $written, float $travel): array
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
        $name = $keymap->application->commandName($command);
        $word = Mnemonic::word($name, $chord, $keymap->seat->layout);
        if ($word !== null) {
            $cost -= self::LETTER_OF_NAME;
            $reasons[] = "stands for \"{$word}\"";
        }

        return [$cost, new Offer($written, $travel, $reasons)];
    }

    private function isElsewhere(LoadedKeymap $keymap, string $command, Chord $chord): bool
    {
        $same = $this->sameElsewhere[spl_object_id($keymap->seat)." {$command}"] ??= $this->elsewhereAt($keymap->seat, $command);

        return $same !== [] && isset($same[$chord->on($keymap->seat->system)->id()]);
    }

    /** @return array<string, true> */
    private function elsewhereAt(Seat $seat, string $command): array
    {
        $same = [];
        foreach ($this->elsewhere instanceof Closure ? ($this->elsewhere)($command) : $this->elsewhere[$command] ?? [] as $other) {
            $same[$other->on($seat->system)->id()] = true;
            $made = $seat->press($other)->made;
            if ($made !== null) {
                $same[$made->id()] = true;
            }
        }

        return $same;
    }
}
