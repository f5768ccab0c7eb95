<?php

declare(strict_types=1);

namespace Standins\Cutloom;

use DOMDocument;
use DOMElement;
use Standins\HeldKeys;
use Standins\KeyPress;
use Standins\Refusing;
use Standins\Simulated;
use Standins\Strip;

/** Cutloom: the panel with the focus is asked first, then those around it. A focus with a chord twice spoils the whole file. */
final class Cutloom implements Refusing, Simulated
{
    private const HELD = [
        'Primary' => 'Primary',
        'Control' => 'Control',
        'Option' => 'Alt',
        'Third' => 'AltGraph',
        'Shift' => 'Shift',
        'System' => 'Meta',
    ];

    private const AROUND = [
        'trim' => 'timeline',
        'timeline' => 'everywhere',
        'viewer' => 'everywhere',
        'bin' => 'everywhere',
        'titles' => 'everywhere',
    ];

    public function __construct(private readonly string $factory)
    {
    }

    public function press(?string $bytes, string $system, string $focus, KeyPress $press, Strip $strip): array
    {
        if ($focus === 'titles' && $press->types($system)) {
            return [
                'did' => 'A character was typed into the title.',
                'command' => null,
                'context' => 'titles',
                'because' => 'Titles take text.',
            ];
        }
        try {
            $lines = $this->load($bytes ?? $this->factory, $system);
        } catch (BadKeyFile $error) {
            return [
                'did' => 'Nothing: Cutloom did not load its key file.',
                'command' => null,
                'context' => null,
                'because' => $error->getMessage(),
            ];
        }
        for ($context = $focus; $context !== null; $context = self::AROUND[$context] ?? null) {
            foreach ($lines as $line) {
                if ($line['on'] === $context && $press->is($line['code'], $line['held'])) {
                    return [
                        'did' => $this->run($line['run'], $strip),
                        'command' => $line['run'],
                        'context' => $context,
                        'because' => "Line {$line['line']} of the installed file.",
                    ];
                }
            }
        }

        return [
            'did' => 'Nothing.',
            'command' => null,
            'context' => null,
            'because' => 'No line of the installed file has this chord for the focus.',
        ];
    }

    public function refusal(string $bytes, string $system): ?string
    {
        try {
            $this->load($bytes, $system);

            return null;
        } catch (BadKeyFile $error) {
            return $error->getMessage();
        }
    }

    /**
     * @return list<array{on: string, held: list<string>, code: string, run: string, line: int}>
     *
     * @throws BadKeyFile
     */
    private function load(string $bytes, string $system): array
    {
        $document = new DOMDocument();
        libxml_use_internal_errors(true);
        // A file that is being written may be empty for a moment.
        $isRead = $bytes !== '' && $document->loadXML($bytes, LIBXML_NONET);
        libxml_clear_errors();
        if (! $isRead || $document->documentElement?->nodeName !== 'cutloom-keys') {
            throw new BadKeyFile('The file is not a key file.');
        }
        $lines = [];
        $seen = [];
        foreach ($document->getElementsByTagName('press') as $press) {
            $on = $press->parentNode instanceof DOMElement ? $press->parentNode->getAttribute('on') : '';
            $words = explode(' ', (string) preg_replace('/\s+/', ' ', trim($press->getAttribute('keys'))));
            $code = $this->code((string) array_pop($words));
            $held = HeldKeys::of($words, self::HELD, $system);
            sort($held);
            $chord = $on.' '.implode('+', $held).' '.$code;
            if (isset($seen[$chord])) {
                throw new BadKeyFile("Lines {$seen[$chord]} and {$press->getLineNo()} have the same chord in one focus.");
            }
            $seen[$chord] = $press->getLineNo();
            $lines[] = [
                'on' => $on,
                'held' => $held,
                'code' => $code,
                'run' => $press->getAttribute('run'),
                'line' => $press->getLineNo(),
            ];
        }

        return $lines;
    }

    private function code(string $word): string
    {
        $named = [
            'Left' => 'ArrowLeft',
            'Right' => 'ArrowRight',
            'Up' => 'ArrowUp',
            'Down' => 'ArrowDown',
            'Return' => 'Enter',
            'Grave' => 'Backquote',
        ];

        return $named[$word] ?? (string) preg_replace(['/^([A-Z])$/', '/^(\d)$/', '/^Pad/'], ['Key$1', 'Digit$1', 'Numpad'], $word);
    }

    public function run(string $command, Strip $strip): string
    {
        return match ($command) {
            'play-forwards' => $strip->run('playing forwards'),
            'play-backwards' => $strip->run('playing backwards'),
            'stop' => $strip->run('stopped'),
            'play-or-stop' => $strip->run($strip->running === 'stopped' ? 'playing forwards' : 'stopped'),
            'one-frame-forwards' => $strip->move(1),
            'one-frame-backwards' => $strip->move(-1),
            'ten-frames-forwards' => $strip->move(10),
            'ten-frames-backwards' => $strip->move(-10),
            'go-to-start' => $strip->goTo(0),
            'go-to-end' => $strip->goTo(480),
            'go-to-next-cut' => $strip->jump('cut', 1),
            'go-to-previous-cut' => $strip->jump('cut', -1),
            'next-marker' => $strip->jump('marker', 1),
            'previous-marker' => $strip->jump('marker', -1),
            'add-marker' => $strip->addMarker(),
            'set-in-mark' => $strip->mark('in', $strip->playhead),
            'set-out-mark' => $strip->mark('out', $strip->playhead),
            'clear-in-mark' => $strip->mark('in', null),
            'clear-out-mark' => $strip->mark('out', null),
            'split-at-playhead', 'split-all-tracks' => $strip->split(),
            'join-through-cut' => $strip->join(),
            'lift' => $strip->remove(close: false),
            'take-out-and-close-gap' => $strip->remove(close: true),
            'enable-or-disable-clip' => $strip->toggle(),
            'undo' => $strip->undo(),
            'redo' => $strip->redo(),
            'clear-both-marks' => $strip->clearMarks(),
            'delete-marker' => $strip->removeMarker(),
            'lay-over', 'replace-clip' => $strip->cover('Signal at night'),
            'delete-gap' => $strip->closeGap(),
            'add-picture-track', 'add-sound-track' => $strip->addTrack(),
            'delete-empty-tracks' => $strip->removeTracks(),
            'delete-from-bin' => $strip->lose('bin item'),
            'arrow-tool' => $strip->take('arrow tool'),
            'splitting-tool' => $strip->take('splitting tool'),
            default => "Ran {$command}, which changes nothing on the strip.",
        };
    }
}
