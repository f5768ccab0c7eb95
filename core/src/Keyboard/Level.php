<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

/** Which of its characters a key types. The cases are in the order in which layout data lists them. */
enum Level: int
{
    case Plain = 0;
    case Shift = 1;
    case AltGr = 2;
    case ShiftAltGr = 3;

    public static function of(bool $shift, bool $altGr): self
    {
        return match (true) {
            $shift && $altGr => self::ShiftAltGr,
            $altGr => self::AltGr,
            $shift => self::Shift,
            default => self::Plain,
        };
    }

    /** The modifiers that reach this level. */
    public function modifiers(): Modifiers
    {
        return match ($this) {
            self::Plain => Modifiers::of(),
            self::Shift => Modifiers::of(Modifier::Shift),
            self::AltGr => Modifiers::of(Modifier::AltGraph),
            self::ShiftAltGr => Modifiers::of(Modifier::AltGraph, Modifier::Shift),
        };
    }
}
