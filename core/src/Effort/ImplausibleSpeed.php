<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Effort;

use Zebrafinch\Core\Refusal;

final class ImplausibleSpeed extends Refusal
{
    public static function tooFew(int $found, int $wanted): self
    {
        return new self("{$found} keystrokes tell no speed; {$wanted} are needed.", 'Type for the whole minute.');
    }

    public static function of(float $seconds, float $fastest, float $slowest): self
    {
        return new self(
            sprintf('%.2f seconds a keystroke are no typing: it lies between %.2f and %.1f.', $seconds, $fastest, $slowest),
            'Take the test again, or choose a class.',
        );
    }

    public function kind(): string
    {
        return 'implausible-speed';
    }
}
