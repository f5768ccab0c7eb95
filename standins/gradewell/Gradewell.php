<?php

declare(strict_types=1);

namespace Standins\Gradewell;

use Standins\Answer;
use Standins\HeldKeys;
use Standins\KeyCodes;
use Standins\KeyPress;
use Standins\Simulated;
use Standins\Strip;

/** Gradewell: each desk has a map of its own, but the transport keys of Everywhere are obeyed before any desk. */
final class Gradewell implements Simulated
{
    private const HELD = [
        'primary' => 'Primary',
        'control' => 'Control',
        'alt' => 'Alt',
        'altgr' => 'AltGraph',
        'shift' => 'Shift',
        'system' => 'Meta',
    ];

    private const AROUND = ['nodes' => ['nodes', 'grade-desk'], 'everywhere' => []];

    private const TRANSPORT = [
        'run-forwards',
        'run-backwards',
        'halt',
        'run-or-halt',
        'run-this-shot-in-a-loop',
        'frame-forward',
        'frame-back',
        'second-forward',
        'second-back',
        'head-of-programme',
        'tail-of-programme',
        'next-shot',
        'shot-before',
        'in-here',
        'out-here',
        'no-range',
        'flag-shot',
        'next-flag',
        'flag-before',
    ];

    public function __construct(private readonly string $factory)
    {
    }

    public function press(?string $bytes, string $system, string $focus, KeyPress $press, Strip $strip): array
    {
        $file = json_decode((string) preg_replace('/^\xEF\xBB\xBF/', '', $bytes ?? $this->factory), true);
        if (! is_array($file) || ! is_array($file['maps'] ?? null)) {
            return Answer::nothing('The file has no maps.', 'Nothing: Gradewell did not load its key file.');
        }
        $outermost = $this->find($file['maps']['everywhere'] ?? [], $system, $press);
        $order = [...self::AROUND[$focus] ?? [$focus], 'everywhere'];
        foreach (in_array($outermost, self::TRANSPORT, true) ? ['everywhere'] : $order as $map) {
            $command = $map === 'everywhere' ? $outermost : $this->find($file['maps'][$map] ?? [], $system, $press);
            if ($command !== null) {
                return Answer::ran($this->run($command, $strip), $command, $map, "The map \"{$map}\" of the installed file.");
            }
        }

        return Answer::nothing('No map of the installed file has this chord for the focus.');
    }

    /** @param  array<string|int, mixed>  $map */
    private function find(array $map, string $system, KeyPress $press): ?string
    {
        $found = null;
        foreach ($map as $chord => $command) {
            $words = explode('/', (string) $chord);
            $code = KeyCodes::find((string) array_pop($words), 'pad');
            if (is_string($command) && $press->is($code, HeldKeys::of($words, self::HELD, $system))) {
                $found = $command;
            }
        }

        return $found;
    }

    public function run(string $command, Strip $strip): string
    {
        return match ($command) {
            'run-forwards' => $strip->run('playing forwards'),
            'run-backwards' => $strip->run('playing backwards'),
            'halt' => $strip->run('stopped'),
            'run-or-halt' => $strip->run($strip->running === 'stopped' ? 'playing forwards' : 'stopped'),
            'frame-forward' => $strip->move(1),
            'frame-back' => $strip->move(-1),
            'second-forward' => $strip->move(25),
            'second-back' => $strip->move(-25),
            'head-of-programme' => $strip->goTo(0),
            'tail-of-programme' => $strip->goTo(480),
            'next-shot' => $strip->jump('cut', 1),
            'shot-before' => $strip->jump('cut', -1),
            'in-here' => $strip->mark('in', $strip->playhead),
            'out-here' => $strip->mark('out', $strip->playhead),
            'flag-shot' => $strip->addMarker(),
            'next-flag' => $strip->jump('marker', 1),
            'flag-before' => $strip->jump('marker', -1),
            'cut-here' => $strip->split(),
            'heal-cut' => $strip->join(),
            'take-shot-out' => $strip->remove(close: false),
            'take-shot-out-and-close-up' => $strip->remove(close: true),
            'switch-shot-off', 'grade-on-or-off' => $strip->toggle(),
            'add-layer-of-shots' => $strip->addTrack(),
            'set-grade-point' => $strip->addKeyframe(),
            'delete-grade-point' => $strip->removeKeyframe(),
            'next-grade-point' => $strip->jump('keyframe', 1),
            'grade-point-before' => $strip->jump('keyframe', -1),
            'undo' => $strip->undo(),
            'redo' => $strip->redo(),
            'no-range' => $strip->clearMarks(),
            'reset-grade' => $strip->lose('grade'),
            'delete-node', 'reset-node' => $strip->lose('node'),
            'delete-trim-pass' => $strip->lose('mastering pass'),
            default => "Ran {$command}, which changes nothing on the strip.",
        };
    }
}
