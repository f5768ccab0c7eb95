<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\CutloomXml;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\Entry;
use Zebrafinch\Core\Dialect\Finding;
use Zebrafinch\Core\Dialect\FindingKind;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\KeyFileText;
use Zebrafinch\Core\Dialect\SpelledChords;
use Zebrafinch\Core\Dialect\UnreadableKeyFile;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\Span;
use Zebrafinch\Core\Text\Xml\XmlScanner;
use Zebrafinch\Core\Text\Xml\XmlToken;
use Zebrafinch\Core\Text\Xml\XmlTokenKind;

/** One pass over the tags of a Cutloom key file. */
final class CutloomReading
{
    private const KNOWN_ATTRIBUTES = ['keys', 'run'];

    /** @var list<Entry> */
    private array $entries = [];

    /** @var list<Finding> */
    private array $findings = [];

    /** @var array<string, int> */
    private array $insertAt = [];

    private int $insertElse = 0;

    /** The context of the <focus> that is open; null outside of one, or in one that the application does not have. */
    private ?string $context = null;

    public function __construct(
        private readonly string $bytes,
        private readonly Application $application,
        private readonly SpelledChords $chords,
    ) {
    }

    /** @throws UnreadableKeyFile */
    public function keyFile(): KeyFile
    {
        $tags = KeyFileText::scan(fn (): array => XmlScanner::tags($this->bytes));
        $root = $tags[0];
        if ($root->name !== CutloomXml::ROOT) {
            throw UnreadableKeyFile::otherFormat('<'.CutloomXml::ROOT.'>', "<{$root->name}>", $root->line);
        }
        if ($root->kind === XmlTokenKind::Single) {
            throw UnreadableKeyFile::otherFormat('<'.CutloomXml::ROOT.'> with contents', 'an empty element', $root->line);
        }
        foreach (array_slice($tags, 1) as $tag) {
            $this->take($tag);
        }

        return new KeyFile($this->bytes, $this->entries, $this->findings, $this->insertAt, $this->insertElse);
    }

    private function take(XmlToken $tag): void
    {
        match (true) {
            $tag->name === 'focus' && $tag->kind === XmlTokenKind::Close => $this->leave($tag),
            $tag->name === 'focus' => $this->enter($tag),
            $tag->name === 'press' && $tag->kind !== XmlTokenKind::Close => $this->press($tag),
            $tag->name === CutloomXml::ROOT => ($this->insertElse = $this->lineStart($tag->at->from)),
            $tag->kind !== XmlTokenKind::Close => $this->find(
                FindingKind::NotUnderstood,
                $tag,
                "<{$tag->name}> is not part of a key file; it stays as it is.",
            ),
            default => null,
        };
    }

    private function enter(XmlToken $tag): void
    {
        $context = $tag->attribute('on') ?? '';
        if (! $this->application->contexts->has($context)) {
            $this->find(
                FindingKind::NotUnderstood,
                $tag,
                "{$this->application->name} has no context \"{$context}\"; its chords stay in the file and are not read.",
            );

            return;
        }
        $this->context = $tag->kind === XmlTokenKind::Single ? null : $context;
    }

    private function leave(XmlToken $tag): void
    {
        if ($this->context !== null) {
            $this->insertAt[$this->context] ??= $this->lineStart($tag->at->from);
        }
        $this->context = null;
    }

    private function press(XmlToken $tag): void
    {
        if ($this->context === null) {
            $this->find(
                FindingKind::NotUnderstood,
                $tag,
                'This chord is in no context that is known; it stays in the file and is not read.',
            );

            return;
        }
        $keys = $tag->attributes['keys'] ?? null;
        $command = $tag->attribute('run') ?? '';
        if ($keys === null || $command === '') {
            $this->find(
                FindingKind::NotUnderstood,
                $tag,
                'A <press> needs keys="…" and run="…"; this one stays in the file and is not read.',
            );

            return;
        }
        try {
            $chord = $this->chords->parse($keys['value']);
        } catch (UnreadableChord $error) {
            $this->find(FindingKind::NotUnderstood, $tag, $error->getMessage().' The line stays in the file and is not read.');

            return;
        }
        $this->entries[] = new Entry(new Binding($chord, $command, $this->context), $tag->line, $this->wholeLine($tag), $keys['at']);
        $this->findOddities($tag, $command);
    }

    private function findOddities(XmlToken $tag, string $command): void
    {
        if (! $this->application->knows($command)) {
            $this->find(
                FindingKind::UnknownCommand,
                $tag,
                "The catalogue of {$this->application->name} has no command \"{$command}\"; the line is preserved, and it holds its chord.",
            );
        }
        $unknown = array_diff(array_keys($tag->attributes), self::KNOWN_ATTRIBUTES);
        if ($unknown !== []) {
            $this->find(FindingKind::Preserved, $tag, 'Not understood and preserved: '.implode(', ', $unknown).'.');
        }
    }

    private function find(FindingKind $kind, XmlToken $tag, string $sentence): void
    {
        $this->findings[] = new Finding($kind, $tag->line, $tag->at->of($this->bytes), $sentence);
    }

    /** The whole line when nothing else stands on it, else just the tag (with its closing tag, if it has one). */
    private function wholeLine(XmlToken $tag): Span
    {
        $to = $tag->at->to;
        if ($tag->kind === XmlTokenKind::Open) {
            $close = strpos($this->bytes, '</press', $to);
            $to = $close === false ? $to : (int) strpos($this->bytes, '>', $close) + 1;
        }
        $from = $this->lineStart($tag->at->from);
        $alone = preg_match('/\G[ \t]*(\r\n|\n|\r)/', $this->bytes, $end, 0, $to) === 1;

        return $alone && $this->startsLine($from) ? new Span($from, $to + strlen($end[0] ?? '')) : new Span($tag->at->from, $to);
    }

    /** The beginning of the line if only blanks stand before the offset, else the offset itself. */
    private function lineStart(int $offset): int
    {
        $start = $offset;
        while ($start > 0 && in_array($this->bytes[$start - 1], [' ', "\t"], true)) {
            $start--;
        }

        return $this->startsLine($start) ? $start : $offset;
    }

    private function startsLine(int $offset): bool
    {
        return $offset === 0 || in_array($this->bytes[$offset - 1], ["\n", "\r"], true);
    }
}
