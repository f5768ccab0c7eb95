<?php

declare(strict_types=1);

namespace Standins\Boardwick;

use Standins\Answer;
use Standins\HeldKeys;
use Standins\KeyPress;
use Standins\Simulated;
use Standins\Strip;

/**
 * Boardwick: tells a tap from a hold. A tap changes the tool, a hold borrows it until the key is let go. The last record for a chord
 * counts.
 */
final class Boardwick implements Simulated
{
    private const HELD = [
        'Primary' => 'Primary',
        'Control' => 'Control',
        'Alt' => 'Alt',
        'AltGr' => 'AltGraph',
        'Shift' => 'Shift',
        'System' => 'Meta',
    ];

    private const TOOLS = [
        'pencil',
        'brush',
        'rubber',
        'fill',
        'lasso',
        'move-tool',
        'panning-hand',
        'magnifier',
        'turn-paper',
        'pick-colour',
        'ruler',
        'lettering',
        'box-and-oval',
    ];

    public function __construct(private readonly string $factory)
    {
    }

    public function press(?string $bytes, string $system, string $focus, KeyPress $press, Strip $strip): array
    {
        $found = [];
        foreach ($this->records($bytes ?? $this->factory) as $number => $record) {
            if (count($record) >= 4 && $record[2] === ($press->isHeld ? 'hold' : 'tap') && $this->matches($record[1], $system, $press)) {
                $found[$record[0]] = [$record[3], $number + 1];
            }
        }
        foreach (array_unique([$focus, 'everywhere']) as $context) {
            if (isset($found[$context])) {
                [$command, $number] = $found[$context];
                $did =
                    $press->isHeld && in_array($command, self::TOOLS, true)
                        ? $strip->borrow(str_replace('-', ' ', $command))
                        : $this->run($command, $strip);

                return Answer::ran($did, $command, $context, "Record {$number} of the installed file.");
            }
        }

        return Answer::nothing(
            'No record of the installed file has this chord '.($press->isHeld ? 'as a hold' : 'as a tap').' for the focus.',
        );
    }

    /** @return list<list<string>> */
    private function records(string $bytes): array
    {
        $stream = fopen('php://memory', 'w+');
        fwrite($stream, (string) preg_replace('/^\xEF\xBB\xBF/', '', $bytes));
        rewind($stream);
        $records = [];
        while (($record = fgetcsv($stream, null, ',', '"', '')) !== false) {
            $records[] = array_map(strval(...), $record);
        }

        return $records;
    }

    private function matches(string $chord, string $system, KeyPress $press): bool
    {
        $words = explode('-', $chord);
        $key = (string) array_pop($words);
        $keys = [
            'Left' => 'ArrowLeft',
            'Right' => 'ArrowRight',
            'Up' => 'ArrowUp',
            'Down' => 'ArrowDown',
            'Hyphen' => 'Minus',
            'NumLock' => 'NumLock',
        ];
        $code = $keys[$key] ?? (string) preg_replace(['/^([A-Z])$/', '/^(\d)$/', '/^Num(?!pad)/'], ['Key$1', 'Digit$1', 'Numpad'], $key);

        return $press->is($code, HeldKeys::of($words, self::HELD, $system));
    }

    public function run(string $command, Strip $strip): string
    {
        return match (true) {
            in_array($command, self::TOOLS, true) => $strip->take(str_replace('-', ' ', $command)),
            $command === 'play-animatic' => $strip->run($strip->running === 'stopped' ? 'playing forwards' : 'stopped'),
            $command === 'play-on' => $strip->run('playing forwards'),
            $command === 'play-back' => $strip->run('playing backwards'),
            $command === 'stand-still' => $strip->run('stopped'),
            $command === 'next-panel' => $strip->jump('cut', 1),
            $command === 'panel-before' => $strip->jump('cut', -1),
            $command === 'frame-on' => $strip->move(1),
            $command === 'frame-back' => $strip->move(-1),
            $command === 'first-panel' => $strip->goTo(0),
            $command === 'last-panel' => $strip->goTo(480),
            $command === 'show-from-here' => $strip->mark('in', $strip->playhead),
            $command === 'show-up-to-here' => $strip->mark('out', $strip->playhead),
            $command === 'pin-a-remark' => $strip->addMarker(),
            $command === 'next-remark' => $strip->jump('marker', 1),
            $command === 'remark-before' => $strip->jump('marker', -1),
            in_array($command, ['new-shot-here', 'cut-panel-here'], true) => $strip->split(),
            $command === 'join-with-shot-before' => $strip->join(),
            $command === 'clear-panel' => $strip->remove(close: false),
            in_array($command, ['delete-panel', 'delete-from-strip'], true) => $strip->remove(close: true),
            $command === 'new-sheet-of-film' => $strip->addTrack(),
            $command === 'undo' => $strip->undo(),
            $command === 'redo' => $strip->redo(),
            $command === 'go-back-to-last-save' => $strip->revert(),
            $command === 'delete-film' => $strip->removeTracks(),
            default => "Ran {$command}, which changes nothing on the strip.",
        };
    }
}
