<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Offer;

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\Seat;

/**
 * The chords that are worth offering for a command at a seat: each key of the board on each easy layer, less what people expect to keep its
 * own meaning.
 */
final readonly class CandidateChords
{
    /** Keys that people expect to keep their own meaning. */
    private const LEFT_ALONE = [
        Key::Escape,
        Key::Enter,
        Key::NumpadEnter,
        Key::Tab,
        Key::Backspace,
        Key::Space,
        Key::CapsLock,
        Key::ContextMenu,
        Key::PrintScreen,
        Key::ScrollLock,
        Key::Pause,
        Key::NumLock,
        Key::Insert,
    ];

    /** With the primary key these leave, hide or close on most systems (common practice, no source). */
    private const LEFT_ALONE_WITH_PRIMARY = [Key::KeyQ, Key::KeyW, Key::KeyH, Key::KeyM];

    /** @return iterable<Chord> by position, with `Primary` for the system's primary key */
    public static function at(Seat $seat): iterable
    {
        $layers = [
            Modifiers::of(),
            Modifiers::of(Modifier::Shift),
            Modifiers::of(Modifier::Primary),
            Modifiers::of(Modifier::Alt),
            Modifiers::of(Modifier::Primary, Modifier::Shift),
            Modifiers::of(Modifier::Primary, Modifier::Alt),
            Modifiers::of(Modifier::Alt, Modifier::Shift),
        ];
        foreach ($seat->board->keys() as $placed) {
            if ($placed->key->isOnlyHeld() || in_array($placed->key, self::LEFT_ALONE, true)) {
                continue;
            }
            foreach ($layers as $layer) {
                $chord = Chord::with($layer, $placed->key);
                if (! self::isLeftToTheSystem($chord)) {
                    yield $chord;
                }
            }
        }
    }

    private static function isLeftToTheSystem(Chord $chord): bool
    {
        $isFunction = $chord->key instanceof Key && preg_match('/^F\d+$/', $chord->key->value) === 1;

        return ($chord->modifiers->has(Modifier::Primary) && in_array($chord->key, self::LEFT_ALONE_WITH_PRIMARY, true)) ||
            ($isFunction && ($chord->modifiers->has(Modifier::Alt) || $chord->modifiers->has(Modifier::Primary)));
    }
}
