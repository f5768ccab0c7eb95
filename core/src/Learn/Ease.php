<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Learn;

use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\Mnemonic;
use Zebrafinch\Core\Effort\LeftHand;
use Zebrafinch\Core\Keyboard\Board;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;

/**
 * How easily a chord comes into the fingers, as a factor: 1 for one that nothing speaks for or against. What the reasons are worth is
 * common practice, no source.
 */
final readonly class Ease
{
    private const SAME_ELSEWHERE = 1.5;

    private const LETTER_OF_NAME = 1.25;

    private const NEAR = 1.25;

    private const FAR = 0.75;

    private const MANY_MODIFIERS = 0.6;

    /** A chord that takes the place of one that the hands know has to be learned twice. */
    private const UNLEARNED = 0.35;

    /** @param  list<string>  $reasons  each a short clause */
    private function __construct(public float $factor, public array $reasons)
    {
    }

    /** @param  list<string>  $elsewhere  names of applications in which the same chord does the same */
    public static function of(Command $command, Binding $binding, array $elsewhere, Seat $seat, bool $replacesKnown = false): self
    {
        $made = $seat->press($binding->chord)->made;
        $factor = $replacesKnown ? self::UNLEARNED : 1.0;
        $reasons = $replacesKnown ? ['the old chord has to be unlearned'] : [];
        if ($elsewhere !== []) {
            $factor *= self::SAME_ELSEWHERE;
            $reasons[] = 'the same chord in '.implode(' and ', $elsewhere);
        }
        $word = $made === null ? null : Mnemonic::word($command->name, $made, $seat->layout);
        if ($word !== null) {
            $factor *= self::LETTER_OF_NAME;
            $reasons[] = "stands for \"{$word}\"";
        }
        if ($made !== null) {
            [$by, $reason] = self::nearness($made, new LeftHand($seat->board));
            $factor *= $by;
            $reasons = [...$reasons, ...$reason === null ? [] : [$reason]];
        }

        return new self($factor, $reasons);
    }

    /** @return array{float, string|null} */
    private static function nearness(Chord $made, LeftHand $hand): array
    {
        return match (true) {
            $made->modifiers->count() > 2 => [self::MANY_MODIFIERS, 'three modifiers are hard to press'],
            ! $hand->reaches($made) => [self::FAR, 'takes the right hand off the mouse'],
            ($hand->of($made) ?? INF) <= 2 * Board::PITCH => [self::NEAR, 'near the left hand'],
            default => [1.0, null],
        };
    }
}
