<?php

declare(strict_types=1);

namespace Standins\Rotomere;

use Standins\Answer;
use Standins\HeldKeys;
use Standins\KeyCodes;
use Standins\KeyPress;
use Standins\Simulated;
use Standins\Strip;

/**
 * Rotomere: goes by what the key types. The viewport and the keyframes are both awake while one of them has the focus; if they want
 * different things it does nothing. The first line for a chord is the one it keeps.
 */
final class Rotomere implements Simulated
{
    private const HELD = [
        'primary' => 'Primary',
        'control' => 'Control',
        'alt' => 'Alt',
        'altgr' => 'AltGraph',
        'shift' => 'Shift',
        'system' => 'Meta',
    ];

    private const AWAKE = [
        'draw' => [['draw'], ['viewport', 'keyframes'], ['everywhere']],
        'track' => [['track'], ['viewport', 'keyframes'], ['everywhere']],
        'viewport' => [['viewport', 'keyframes'], ['everywhere']],
        'keyframes' => [['viewport', 'keyframes'], ['everywhere']],
    ];

    public function __construct(private readonly string $factory)
    {
    }

    public function press(?string $bytes, string $system, string $focus, KeyPress $press, Strip $strip): array
    {
        $found = $this->find($bytes ?? $this->factory, $system, $press);
        foreach (self::AWAKE[$focus] ?? [['everywhere']] as $together) {
            $wanted = array_intersect_key($found, array_flip($together));
            if (count(array_unique(array_column($wanted, 0))) > 1) {
                return Answer::nothing('The viewport and the keyframes both want it, for different things.');
            }
            if ($wanted !== []) {
                $area = (string) array_key_first($wanted);
                [$command, $line] = $wanted[$area];

                return Answer::ran($this->run($command, $strip), $command, $area, "Line {$line} of the installed file.");
            }
        }

        return Answer::nothing('No line of the installed file has this chord for the focus.');
    }

    /** @return array<string, array{string, int}> command and line by area */
    private function find(string $bytes, string $system, KeyPress $press): array
    {
        $found = [];
        $area = '';
        foreach (preg_split('/\r\n|\n|\r/', $bytes) ?: [] as $index => $line) {
            if (preg_match('/^  ([a-z-]+):/', $line, $match) === 1) {
                $area = $match[1];
            } elseif (
                preg_match('/^    - "(.*)": ([^\s#]+)/', $line, $match) === 1 ||
                preg_match("/^    - '(.*)': ([^\s#]+)/", $line, $match) === 1
            ) {
                $chord = str_replace(['\\"', '\\\\', "''"], ['"', '\\', "'"], $match[1]);
                if (! isset($found[$area]) && $this->matches($chord, $system, $press)) {
                    $found[$area] = [$match[2], $index + 1];
                }
            }
        }

        return $found;
    }

    private function matches(string $chord, string $system, KeyPress $press): bool
    {
        $words = explode(' ', $chord);
        $key = (string) array_pop($words);
        $held = HeldKeys::of($words, self::HELD, $system);

        return mb_strlen($key) === 1 ? $press->isCharacter($key, $held, $system) : $press->is(KeyCodes::find($key, 'pad-'), $held);
    }

    public function run(string $command, Strip $strip): string
    {
        return match ($command) {
            'play' => $strip->run('playing forwards'),
            'play-in-reverse' => $strip->run('playing backwards'),
            'stop' => $strip->run('stopped'),
            'play-or-stop' => $strip->run($strip->running === 'stopped' ? 'playing forwards' : 'stopped'),
            'step-on', 'track-one-frame-on' => $strip->move(1),
            'step-back', 'track-one-frame-back' => $strip->move(-1),
            'five-frames-on' => $strip->move(5),
            'five-frames-back' => $strip->move(-5),
            'first-frame' => $strip->goTo(0),
            'last-frame' => $strip->goTo(480),
            'range-starts' => $strip->mark('in', $strip->playhead),
            'range-ends' => $strip->mark('out', $strip->playhead),
            'note-here' => $strip->addMarker(),
            'next-note' => $strip->jump('marker', 1),
            'note-before' => $strip->jump('marker', -1),
            'set-keyframe' => $strip->addKeyframe(),
            'delete-keyframe' => $strip->removeKeyframe(),
            'next-keyframe' => $strip->jump('keyframe', 1),
            'keyframe-before' => $strip->jump('keyframe', -1),
            'pick-tool' => $strip->take('pick tool'),
            'drag-the-view' => $strip->take('hand'),
            'loupe' => $strip->take('loupe'),
            'undo' => $strip->undo(),
            'redo' => $strip->redo(),
            'whole-range' => $strip->clearMarks(),
            'delete-shape' => $strip->lose('shape'),
            'take-point-away' => $strip->lose('point'),
            'delete-track-from-here' => $strip->lose('track'),
            default => "Ran {$command}, which changes nothing on the strip.",
        };
    }
}
