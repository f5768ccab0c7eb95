<?php

declare(strict_types=1);

namespace Standins\Faderloft;

use Standins\HeldKeys;
use Standins\KeyCodes;
use Standins\KeyPress;
use Standins\Simulated;
use Standins\Strip;

/** Faderloft: reads its table from the top; the first line that has the chord for an area is the one it keeps. */
final class Faderloft implements Simulated
{
    private const HELD = ['p' => 'Primary', 'c' => 'Control', 'a' => 'Alt', 'g' => 'AltGraph', 's' => 'Shift', 'm' => 'Meta'];

    private const AREAS = [
        'clip' => ['clip', 'tracks', 'everywhere'],
        'tracks' => ['tracks', 'everywhere'],
        'mixer' => ['mixer', 'everywhere'],
        'sample-editor' => ['sample-editor', 'everywhere'],
        'everywhere' => ['everywhere'],
    ];

    public function __construct(private readonly string $factory)
    {
    }

    public function press(?string $bytes, string $system, string $focus, KeyPress $press, Strip $strip): array
    {
        $rows = preg_split('/\r\n|\n|\r/', (string) preg_replace('/^\xEF\xBB\xBF/', '', $bytes ?? $this->factory)) ?: [];
        foreach (self::AREAS[$focus] ?? ['everywhere'] as $area) {
            foreach ($rows as $index => $row) {
                $fields = explode("\t", $row);
                if (
                    count($fields) >= 4 &&
                    $fields[0] === $area &&
                    $press->is(
                        $this->code($fields[2]),
                        HeldKeys::of($fields[1] === '-' ? [] : str_split($fields[1]), self::HELD, $system),
                    )
                ) {
                    return [
                        'did' => $this->run($fields[3], $strip),
                        'command' => $fields[3],
                        'context' => $area,
                        'because' => 'Line '.($index + 1).' of the installed file.',
                    ];
                }
            }
        }

        return [
            'did' => 'Nothing.',
            'command' => null,
            'context' => null,
            'because' => 'No line of the installed file has this chord for the area.',
        ];
    }

    private function code(string $key): string
    {
        return ['esc' => 'Escape', 'ret' => 'Enter'][$key] ?? KeyCodes::find($key, 'pad-');
    }

    public function run(string $command, Strip $strip): string
    {
        return match ($command) {
            'play' => $strip->run('playing forwards'),
            'play-in-reverse' => $strip->run('playing backwards'),
            'halt' => $strip->run('stopped'),
            'start-or-stop-transport' => $strip->run($strip->running === 'stopped' ? 'playing forwards' : 'stopped'),
            'forward-one-frame' => $strip->move(1),
            'back-one-frame' => $strip->move(-1),
            'forward-one-second' => $strip->move(25),
            'back-one-second' => $strip->move(-25),
            'return-to-zero' => $strip->goTo(0),
            'session-end' => $strip->goTo(480),
            'next-clip-edge' => $strip->jump('cut', 1),
            'previous-clip-edge' => $strip->jump('cut', -1),
            'marker-after' => $strip->jump('marker', 1),
            'marker-before' => $strip->jump('marker', -1),
            'drop-marker' => $strip->addMarker(),
            'start-of-range' => $strip->mark('in', $strip->playhead),
            'end-of-range' => $strip->mark('out', $strip->playhead),
            'divide-at-cursor' => $strip->split(),
            'rejoin-divided-clips' => $strip->join(),
            'clear' => $strip->remove(close: false),
            'clear-and-close-up' => $strip->remove(close: true),
            'mute-clip' => $strip->toggle(),
            'undo' => $strip->undo(),
            'redo' => $strip->redo(),
            'drop-range' => $strip->clearMarks(),
            'remove-marker' => $strip->removeMarker(),
            'record' => $strip->cover('Take 1'),
            'add-audio-track', 'add-bus-track' => $strip->addTrack(),
            'remove-unused-tracks' => $strip->removeTracks(),
            'remove-fades' => $strip->lose('fades'),
            'reset-channel' => $strip->lose('channel setting'),
            'automation-write' => $strip->lose('automation'),
            'smooth', 'silence', 'trim-to-selection' => $strip->lose('sound wave'),
            'pointer' => $strip->take('pointer'),
            'knife' => $strip->take('knife'),
            default => "Ran {$command}, which changes nothing on the strip.",
        };
    }
}
