<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Suite;

/** How one application's key file in a suite stands against what the suite should have. */
enum Standing: string
{
    case InStep = 'in-step';
    /** The very file that is due is there, and the application takes none of it. */
    case Refused = 'refused';
    /** What is there was given, and something newer is due; the suite does not answer. */
    case Behind = 'behind';
    /** The suite answers, and will have what is due in a moment. */
    case OnItsWay = 'on-its-way';
    /** The agent has what is due and cannot put it there yet. */
    case HeldBack = 'held-back';
    /** What is due has a fault that nobody has accepted, and never left. */
    case Stopped = 'stopped';
    /** Somebody edited what was given. */
    case ChangedByHand = 'changed-by-hand';
    /** Somebody edited what was given, and somebody said that it stays. */
    case Left = 'left';
    /** A file that was there before anything was given. */
    case NobodyGave = 'nobody-gave';
    /** Nothing is due, and nothing is there. */
    case NoFile = 'no-file';

    /** Whether nothing more will happen by itself. */
    public function isSettled(): bool
    {
        return in_array($this, [self::InStep, self::Left, self::NoFile], true);
    }

    /** Whether somebody has to decide something before it goes on. */
    public function needsSomebody(): bool
    {
        return in_array($this, [self::Refused, self::Stopped, self::ChangedByHand, self::NobodyGave], true);
    }
}
