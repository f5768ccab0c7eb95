<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Offer;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Reach\ReachKind;
use Zebrafinch\Core\Reach\ReservedChords;

/**
 * May a command have a chord in a context, and if not, why: sayable in the key file, reached as it is written at every keyboard asked for,
 * not kept by the system, not typed where text is entered. Whatever is proposed, carried over, harmonised or used as a remedy is asked
 * here; who else has the chord is for {@see Offers} and the docket to say.
 */
final class ChordRules
{
    /** @var array<string, Objection|false> by gesture and chord, without regard to the context; false where nothing speaks against it */
    private array $known = [];

    /** @var non-empty-list<ReachJudge> by seat */
    private readonly array $judges;

    /** @param  non-empty-list<Seat>  $seats */
    public function __construct(private readonly Application $application, private readonly array $seats, ReservedChords $reserved)
    {
        $this->judges = array_map(static fn (Seat $seat): ReachJudge => new ReachJudge($seat, $reserved), $seats);
    }

    public function objection(Binding $wanted): ?Objection
    {
        $objection = $this->known["{$wanted->gesture->value} {$wanted->chord->id()}"] ??=
            $this->toChord($wanted->chord, $wanted->gesture) ?? false;

        return $objection === false ? $this->toTyping($wanted) : $objection;
    }

    /** Whether nothing speaks against a chord itself, whatever the context. */
    public function allows(Chord $chord, Gesture $gesture): bool
    {
        return ($this->known["{$gesture->value} {$chord->id()}"] ??= $this->toChord($chord, $gesture) ?? false) === false;
    }

    /** What was found before for the same application at the same keyboards: nothing speaks against it. */
    public function allow(Chord $chord, Gesture $gesture): void
    {
        $this->known["{$gesture->value} {$chord->id()}"] = false;
    }

    private function toChord(Chord $chord, Gesture $gesture): ?Objection
    {
        $unsayable = $this->application->spelling?->objection($chord, $gesture);
        if ($unsayable !== null) {
            return new Objection(ObjectionKind::Unsayable, $unsayable);
        }
        foreach ($this->judges as $judge) {
            $reach = $judge->of($chord);
            if ($reach->kind !== ReachKind::AsWritten) {
                $kind = $reach->kind === ReachKind::Reserved ? ObjectionKind::Reserved : ObjectionKind::OutOfReach;

                return new Objection($kind, $reach->sentence);
            }
        }

        return null;
    }

    private function toTyping(Binding $wanted): ?Objection
    {
        $text = $this->application->contexts->takesText($wanted->context);
        if ($text === null) {
            return null;
        }
        foreach ($this->seats as $seat) {
            $typed = $seat->typed($wanted->chord);
            if ($typed !== null) {
                $chord = $seat->printer()->inSentence($wanted->chord);

                return new Objection(ObjectionKind::Swallowed, "{$text->name} takes text: {$chord} types \"{$typed}\" there.");
            }
        }

        return null;
    }
}
