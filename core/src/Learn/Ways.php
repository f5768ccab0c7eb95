<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Effort\LeftHand;
use Zebrafinch\Core\Effort\Method;
use Zebrafinch\Core\Effort\TypingSpeed;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;

/**
 * The ways to a command, and how long each takes somebody at a seat. The right hand lies on the mouse, where it is in the middle of work:
 * pointing needs no moving of hands, and a chord needs it only where the left hand does not reach.
 */
final readonly class Ways
{
    private LeftHand $hand;

    public function __construct(private Seat $seat, private TypingSpeed $speed)
    {
        $this->hand = new LeftHand($seat->board);
    }

    /** Through each menu title down to the item, or to one button where no menu has it: point and press. */
    public function byMouse(Command $command): Method
    {
        $steps = max(1, count($command->menu));

        return Method::written("M {$steps}P {$steps}K");
    }

    /** Each modifier is a keystroke, as in the paper; null where this keyboard has no press for the chord. */
    public function byChord(Binding $binding): ?Method
    {
        $made = $this->seat->press($binding->chord)->made;
        if ($made === null || $this->hand->travel($made) === null) {
            return null;
        }
        $keys = $made->modifiers->count() + 1;

        return Method::written($this->hand->reaches($made) ? "M {$keys}K" : "M 2H {$keys}K");
    }

    public function seconds(Method $method): float
    {
        return $method->seconds($this->speed);
    }

    /**
     * @param  list<Binding>  $bindings
     * @return Binding|null  the first of those that take least; null where this keyboard has a press for none
     */
    public function quickest(array $bindings): ?Binding
    {
        $best = null;
        $least = INF;
        foreach ($bindings as $binding) {
            $method = $this->byChord($binding);
            if ($method !== null && $this->seconds($method) < $least) {
                $best = $binding;
                $least = $this->seconds($method);
            }
        }

        return $best;
    }
}
