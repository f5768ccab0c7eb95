<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\FaderloftTable;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\EntryList;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\UnreadableKeyFile;
use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\Span;

/** One pass over the lines of a Faderloft key file. */
final class FaderloftReading
{
    private readonly EntryList $list;

    public function __construct(private readonly string $bytes, Application $application, private readonly FaderloftChords $chords)
    {
        $this->list = new EntryList($application);
    }

    /** @throws UnreadableKeyFile */
    public function keyFile(): KeyFile
    {
        $headerSeen = false;
        foreach (Lines::of($this->bytes) as $line => [$text, , $whole]) {
            if (trim($text) === '' || str_starts_with($text, '#')) {
                continue;
            }
            if ($headerSeen) {
                $this->takeLine($text, $line, $whole);
            } else {
                $this->requireHeader($text, $line);
                $headerSeen = true;
            }
        }
        if (! $headerSeen) {
            $this->requireHeader('', 1);
        }

        return $this->list->keyFile($this->bytes, strlen($this->bytes));
    }

    private function requireHeader(string $text, int $line): void
    {
        $fields = explode("\t", $line === 1 ? ByteOrderMark::without($text) : $text);
        if (array_slice($fields, 0, count(FaderloftTable::HEADER)) !== FaderloftTable::HEADER) {
            $found = mb_strimwidth($text, 0, 60, '…');
            throw UnreadableKeyFile::otherFormat(
                'the header "'.implode(' ⇥ ', FaderloftTable::HEADER).'"',
                $found === '' ? 'nothing' : "\"{$found}\"",
                $line,
            );
        }
    }

    private function takeLine(string $text, int $line, Span $whole): void
    {
        $fields = explode("\t", $text);
        if (count($fields) < count(FaderloftTable::HEADER)) {
            $this->list->notUnderstood($line, $text, 'The line has '.count($fields).' of 4 fields.');

            return;
        }
        [$area, $hold, $key, $action] = $fields;
        $chordFrom = $whole->from + strlen($area) + 1;
        $this->list->bind(
            $line,
            $text,
            $area,
            $action,
            fn () => $this->chords->parse($hold, $key),
            $whole,
            new Span($chordFrom, $chordFrom + strlen("{$hold}\t{$key}")),
        );
        $this->list->insertAt($area, $whole->to);
    }
}
