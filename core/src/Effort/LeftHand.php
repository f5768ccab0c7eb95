<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Effort;

use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\KeyPosition;

/**
 * Effort of a chord for the left hand while the right hand stays on the mouse, in mm of travel:
 * the way from the nearest finger's home to the key, and one key pitch for each modifier held.
 * Weights are common practice, no source.
 */
final readonly class LeftHand
{
    private const HOME = [Key::KeyA, Key::KeyS, Key::KeyD, Key::KeyF, Key::Space];

    /** From this many modifiers on, each further one costs double. */
    private const EASY_MODIFIERS = 2;

    /** In mm: what lies further from every finger's home makes the right hand leave the mouse. */
    private const REACH = 2.5 * Board::PITCH;

    /** @var list<KeyPosition> */
    private array $home;

    public function __construct(private Board $board)
    {
        $this->home = array_values(array_filter(array_map($board->position(...), self::HOME)));
    }

    /** Whether the left hand alone can press a chord; false also where the board has no such key. */
    public function reaches(Chord $chord): bool
    {
        $travel = $this->travel($chord);

        return $travel !== null && $travel <= self::REACH;
    }

    /** The way from the nearest finger's home to a chord's key, in mm; null where the board has no such key, or the chord names none. */
    public function travel(Chord $chord): ?float
    {
        return $chord->key instanceof Key ? $this->travelTo($chord->key) : null;
    }

    /** The same for a key, be it one that is only held. */
    public function travelTo(Key $key): ?float
    {
        $position = $this->board->position($key);

        return $position === null || $this->home === [] ? null : min(array_map($position->distanceTo(...), $this->home));
    }

    /** In mm, or null where the board has no such key, or the chord names none. */
    public function of(Chord $chord): ?float
    {
        $travel = $this->travel($chord);
        if ($travel === null) {
            return null;
        }
        $held = $chord->modifiers->count();

        return $travel + Board::PITCH * ($held + max(0, $held - self::EASY_MODIFIERS));
    }
}
