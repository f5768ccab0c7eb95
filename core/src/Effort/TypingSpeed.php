<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Effort;

/** What one keystroke takes somebody, in seconds: the operator K of the keystroke-level model. */
final readonly class TypingSpeed
{
    /** Faster and slower than any fingers: a test that gives more was no test. */
    private const FASTEST = 0.04;

    private const SLOWEST = 2.0;

    /** Too few keystrokes tell nothing. */
    public const FEWEST_KEYSTROKES = 60;

    private function __construct(public float $seconds)
    {
    }

    public static function ofClass(TypingClass $class): self
    {
        return new self($class->seconds());
    }

    /** Of a typing test; mistakes count as keystrokes, as in the paper.
     *
     * @throws ImplausibleSpeed
     */
    public static function measured(int $keystrokes, float $seconds): self
    {
        if ($keystrokes < self::FEWEST_KEYSTROKES) {
            throw ImplausibleSpeed::tooFew($keystrokes, self::FEWEST_KEYSTROKES);
        }

        return self::ofSeconds($seconds / $keystrokes);
    }

    /** @throws ImplausibleSpeed */
    public static function ofSeconds(float $seconds): self
    {
        return $seconds >= self::FASTEST && $seconds <= self::SLOWEST
            ? new self($seconds)
            : throw ImplausibleSpeed::of($seconds, self::FASTEST, self::SLOWEST);
    }
}
