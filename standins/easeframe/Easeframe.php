<?php

declare(strict_types=1);

namespace Standins\Easeframe;

use Standins\Answer;
use Standins\HeldKeys;
use Standins\KeyCodes;
use Standins\KeyPress;
use Standins\Simulated;
use Standins\Strip;

/**
 * Easeframe: reads its sections from the top and lets each line undo what stood before for its chord. Without a file it has its factory
 * keys.
 */
final class Easeframe implements Simulated
{
    private const HELD = [
        'primary' => 'Primary',
        'control' => 'Control',
        'alt' => 'Alt',
        'altgr' => 'AltGraph',
        'shift' => 'Shift',
        'system' => 'Meta',
    ];

    public function __construct(private readonly string $factory)
    {
    }

    public function press(?string $bytes, string $system, string $focus, KeyPress $press, Strip $strip): array
    {
        if ($focus === 'text' && $press->types($system)) {
            return Answer::nothing('Text takes what is typed.', 'A character was typed into the text.', 'text');
        }
        $found = [];
        $section = '';
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $bytes ?? $this->factory)) as $index => $line) {
            $line = trim((string) preg_replace(['/^\x{FEFF}/u', '/(^|\s)#.*$/'], '', $line));
            if (str_starts_with($line, '[')) {
                $section = trim($line, '[]');
            } elseif (str_contains($line, '=')) {
                [$name, $chord] = array_map('trim', explode('=', $line, 2));
                if ($this->matches($chord, $system, $press)) {
                    $found[$section] = [$name, $index + 1];
                }
            }
        }
        foreach (array_unique([$focus, 'everywhere']) as $context) {
            if (isset($found[$context])) {
                [$name, $line] = $found[$context];

                return Answer::ran(
                    $this->run($name, $strip),
                    $name,
                    $context,
                    "Line {$line} of the ".($bytes === null ? 'factory' : 'installed').' file.',
                );
            }
        }

        return Answer::nothing('No line of the file has this chord for the focus.');
    }

    private function matches(string $chord, string $system, KeyPress $press): bool
    {
        $words = explode('+', $chord);
        $code = KeyCodes::find((string) array_pop($words), 'keypad-');

        return $press->is($code, HeldKeys::of($words, self::HELD, $system));
    }

    public function run(string $command, Strip $strip): string
    {
        return match ($command) {
            'shuttle-forwards' => $strip->run('playing forwards'),
            'shuttle-backwards' => $strip->run('playing backwards'),
            'hold-still' => $strip->run('stopped'),
            'preview-from-here' => $strip->run($strip->running === 'stopped' ? 'playing forwards' : 'stopped'),
            'next-frame' => $strip->move(1),
            'frame-before' => $strip->move(-1),
            'ten-frames-on' => $strip->move(10),
            'ten-frames-back' => $strip->move(-10),
            'start-of-composition' => $strip->goTo(0),
            'end-of-composition' => $strip->goTo(480),
            'range-starts-here' => $strip->mark('in', $strip->playhead),
            'range-ends-here' => $strip->mark('out', $strip->playhead),
            'set-comment-mark' => $strip->addMarker(),
            'next-comment-mark' => $strip->jump('marker', 1),
            'comment-mark-before' => $strip->jump('marker', -1),
            'set-key-point' => $strip->addKeyframe(),
            'delete-key-point' => $strip->removeKeyframe(),
            'next-key-point' => $strip->jump('keyframe', 1),
            'key-point-before' => $strip->jump('keyframe', -1),
            'split-layer' => $strip->split(),
            'delete-layer' => $strip->remove(close: false),
            'switch-layer-off' => $strip->toggle(),
            'new-plain-layer', 'new-text-layer', 'new-shape-layer' => $strip->addTrack(),
            'selecting-tool' => $strip->take('selecting tool'),
            'panning-tool' => $strip->take('panning tool'),
            'magnifying-tool' => $strip->take('magnifying tool'),
            'pen' => $strip->take('pen'),
            'shape-tool' => $strip->take('shape tool'),
            'text-tool' => $strip->take('text tool'),
            'undo' => $strip->undo(),
            'redo' => $strip->redo(),
            'range-is-everything' => $strip->clearMarks(),
            'go-back-to-saved' => $strip->revert(),
            default => "Ran {$command}, which changes nothing on the strip.",
        };
    }
}
