<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Closure;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\Span;

/** Gathers what a dialect finds in a file, and says of each line that it cannot use why. */
final class EntryList
{
    /** @var list<Entry> */
    private array $entries = [];

    /** @var list<Finding> */
    private array $findings = [];

    /** @var array<string, int> */
    private array $insertAt = [];

    public function __construct(private readonly Application $application)
    {
    }

    /**
     * @param  string  $text  the line as the report shows it
     * @param  Closure(): Chord  $chord  may throw {@see UnreadableChord}
     */
    public function bind(
        int $line,
        string $text,
        string $context,
        string $command,
        Closure $chord,
        Span $at,
        Span $chordAt,
        Gesture $gesture = Gesture::Tap,
    ): void {
        if (! $this->hasContext($context, $line, $text)) {
            return;
        }
        try {
            $this->entries[] = new Entry(new Binding($chord(), $command, $context, $gesture), $line, $at, $chordAt);
        } catch (UnreadableChord $error) {
            $this->find(FindingKind::NotUnderstood, $line, $text, $error->getMessage().' The line stays in the file and is not read.');

            return;
        }
        if (! $this->application->knows($command)) {
            $this->find(
                FindingKind::UnknownCommand,
                $line,
                $text,
                "The catalogue of {$this->application->name} has no command \"{$command}\"; the line is preserved, and it holds its chord.",
            );
        }
    }

    /** Whether the application has the context; says so in the report if it has not. */
    public function hasContext(string $context, int $line, string $text): bool
    {
        if ($this->application->contexts->has($context)) {
            return true;
        }
        $this->find(
            FindingKind::NotUnderstood,
            $line,
            $text,
            "{$this->application->name} has no context \"{$context}\"; what stands there stays in the file and is not read.",
        );

        return false;
    }

    public function notUnderstood(int $line, string $text, string $why): void
    {
        $this->find(FindingKind::NotUnderstood, $line, $text, "{$why} It stays in the file and is not read.");
    }

    public function preserved(int $line, string $text, string $what): void
    {
        $this->find(FindingKind::Preserved, $line, $text, "Not understood and preserved: {$what}.");
    }

    /** Remembers where new bindings of a context belong. */
    public function insertAt(string $context, int $offset): void
    {
        $this->insertAt[$context] = $offset;
    }

    public function keyFile(string $bytes, int $insertElse): KeyFile
    {
        usort($this->findings, static fn (Finding $one, Finding $other): int => $one->line <=> $other->line);

        return new KeyFile($bytes, $this->entries, $this->findings, $this->insertAt, $insertElse);
    }

    private function find(FindingKind $kind, int $line, string $text, string $sentence): void
    {
        $this->findings[] = new Finding($kind, $line, trim($text), $sentence);
    }
}
