<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\FaderloftTable;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\Entry;
use Zebrafinch\Core\Dialect\Finding;
use Zebrafinch\Core\Dialect\FindingKind;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\PlainText;
use Zebrafinch\Core\Dialect\Span;
use Zebrafinch\Core\Dialect\UnreadableKeyFile;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Keymap\Binding;

/** One pass over the lines of a Faderloft key file. */
final class FaderloftReading
{
    /** @var list<Entry> */
    private array $entries = [];

    /** @var list<Finding> */
    private array $findings = [];

    /** @var array<string, int> */
    private array $insertAt = [];

    public function __construct(
        private readonly string $bytes,
        private readonly Application $application,
        private readonly FaderloftChords $chords,
    ) {
    }

    /** @throws UnreadableKeyFile */
    public function keyFile(): KeyFile
    {
        preg_match_all('/[^\r\n]*(?:\r\n|\n|\r|$)/', $this->bytes, $found, PREG_OFFSET_CAPTURE);
        $headerSeen = false;
        foreach ($found[0] as $index => [$whole, $offset]) {
            $text = rtrim($whole, "\r\n");
            if (trim($text) === '' || str_starts_with($text, '#')) {
                continue;
            }
            if (! $headerSeen) {
                $this->requireHeader($text, $index + 1);
                $headerSeen = true;

                continue;
            }
            $this->takeLine($text, $index + 1, new Span($offset, $offset + strlen($whole)));
        }
        if (! $headerSeen) {
            $this->requireHeader('', 1);
        }

        return new KeyFile($this->bytes, $this->entries, $this->findings, $this->insertAt, strlen($this->bytes));
    }

    private function requireHeader(string $text, int $line): void
    {
        $fields = explode("\t", $line === 1 ? ltrim($text, PlainText::BYTE_ORDER_MARK) : $text);
        if (array_slice($fields, 0, count(FaderloftTable::HEADER)) !== FaderloftTable::HEADER) {
            $found = mb_strimwidth($text, 0, 60, '…');
            throw UnreadableKeyFile::otherFormat('the header "'.implode(' ⇥ ', FaderloftTable::HEADER).'"', $found === '' ? 'nothing' : "\"{$found}\"", $line);
        }
    }

    private function takeLine(string $text, int $line, Span $whole): void
    {
        $fields = explode("\t", $text);
        if (count($fields) < count(FaderloftTable::HEADER)) {
            $this->find(FindingKind::NotUnderstood, $line, $text, 'The line has '.count($fields).' of 4 fields; it stays in the file and is not read.');

            return;
        }
        [$area, $hold, $key, $action] = $fields;
        if (! $this->application->contexts->has($area)) {
            $this->find(FindingKind::NotUnderstood, $line, $text, "{$this->application->name} has no context \"{$area}\"; the line stays in the file and is not read.");

            return;
        }
        try {
            $chord = $this->chords->parse($hold, $key);
        } catch (UnreadableChord $error) {
            $this->find(FindingKind::NotUnderstood, $line, $text, $error->getMessage().' The line stays in the file and is not read.');

            return;
        }
        $chordFrom = $whole->from + strlen($area) + 1;
        $this->entries[] = new Entry(new Binding($chord, $action, $area), $line, $whole, new Span($chordFrom, $chordFrom + strlen("{$hold}\t{$key}")));
        $this->insertAt[$area] = $whole->to;
        if (! $this->application->knows($action)) {
            $this->find(FindingKind::UnknownCommand, $line, $text, "The catalogue of {$this->application->name} has no command \"{$action}\"; the line is kept, and it holds its chord.");
        }
    }

    private function find(FindingKind $kind, int $line, string $text, string $sentence): void
    {
        $this->findings[] = new Finding($kind, $line, $text, $sentence);
    }
}
