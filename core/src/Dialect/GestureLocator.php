<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Keyboard\Gesture;

/** Where it stands whether a chord is tapped or held, and how that is written. */
final readonly class GestureLocator
{
    public function __construct(public Locator $at, private string $tap, private string $hold)
    {
    }

    public function gesture(string $word): ?Gesture
    {
        return match ($word) {
            $this->tap => Gesture::Tap,
            $this->hold => Gesture::Hold,
            default => null,
        };
    }

    public function word(Gesture $gesture): string
    {
        return $gesture === Gesture::Hold ? $this->hold : $this->tap;
    }

    public function words(): string
    {
        return "{$this->tap} nor {$this->hold}";
    }
}
