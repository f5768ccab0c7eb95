<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\EaseframeSections;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\EntryList;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\KeyFileText;
use Zebrafinch\Core\Dialect\KeySpelling;
use Zebrafinch\Core\Dialect\LineEdits;
use Zebrafinch\Core\Dialect\SpelledChords;
use Zebrafinch\Core\Dialect\UnreadableKeyFile;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\Span;

/**
 * Easeframe's key file: a section for each context, with one command and one of its chords on a line.
 *
 *     [layers]
 *     split-layer = primary+shift+d   # a comment
 *
 * A line whose chord comes again further down is undone by it.
 */
final readonly class EaseframeSections implements Dialect
{
    private const SECTION = '/^\s*\[([^\]]*)\]\s*(?:#.*)?$/';

    private const LINE = '/^\s*(\S+)\s*=\s*(\S+)\s*(?:#.*)?$/';

    private SpelledChords $chords;

    public function __construct()
    {
        $this->chords = new SpelledChords(
            [
                'primary' => Modifier::Primary,
                'control' => Modifier::Control,
                'alt' => Modifier::Alt,
                'altgr' => Modifier::AltGraph,
                'shift' => Modifier::Shift,
                'system' => Modifier::Meta,
            ],
            KeySpelling::of(
                ['left' => 'ArrowLeft', 'right' => 'ArrowRight', 'up' => 'ArrowUp', 'down' => 'ArrowDown'],
                'keypad-',
                lowerCase: true,
            ),
            '+',
        );
    }

    public function id(): string
    {
        return 'easeframe-sections';
    }

    public function fileName(): string
    {
        return 'easeframe.keys';
    }

    public function read(string $bytes, Application $application): KeyFile
    {
        KeyFileText::check($bytes);
        $list = new EntryList($application);
        $context = null;
        $sections = 0;
        foreach (Lines::of($bytes) as $line => [$text, $at, $whole]) {
            $plain = $line === 1 ? ByteOrderMark::without($text) : $text;
            if (preg_match('/^\s*(#|$)/', $plain) === 1) {
                continue;
            }
            if (preg_match(self::SECTION, $plain, $found) === 1) {
                $sections++;
                $context = $list->hasContext($found[1], $line, $text) ? $found[1] : '';
                $list->insertAt($context, $whole->to);

                continue;
            }
            $context ??
                throw UnreadableKeyFile::otherFormat(
                    'a section such as [everywhere] before the first chord',
                    '"'.mb_strimwidth($text, 0, 60, '…').'"',
                    $line,
                );
            $this->takeLine($list, $context, $text, $line, $at, $whole);
        }
        if ($sections === 0) {
            throw UnreadableKeyFile::otherFormat('sections such as [everywhere]', 'none', 1);
        }

        return $list->keyFile($bytes, strlen($bytes));
    }

    /** @param  string  $context  empty inside a section that the application does not have */
    private function takeLine(EntryList $list, string $context, string $text, int $line, Span $at, Span $whole): void
    {
        if ($context === '') {
            $list->notUnderstood($line, $text, 'This chord is in a section that is not known.');
        } elseif (preg_match(self::LINE, $text, $found, PREG_OFFSET_CAPTURE) === 1) {
            [$chord, $offset] = $found[2];
            $list->bind(
                $line,
                $text,
                $context,
                $found[1][0],
                fn () => $this->chords->parse($chord),
                $whole,
                new Span($at->from + $offset, $at->from + $offset + strlen($chord)),
            );
            $list->insertAt($context, $whole->to);
        } else {
            $list->notUnderstood($line, $text, 'A line has a command, an equals sign and one chord.');
        }
    }

    public function blank(Application $application): string
    {
        return "# Keys of {$application->name}. Further down undoes further up.\n\n[everywhere]\n";
    }

    public function spell(Binding $binding): string
    {
        return $this->chords->printTap($binding);
    }

    public function edits(KeyFile $file, array $removed, array $added): array
    {
        return LineEdits::of($file, $removed, $added, function (string $context, array $bindings) use ($file): array {
            $end = $file->lineEnd();
            $lines = implode('', array_map(fn (Binding $one): string => "{$one->command} = {$this->spell($one)}{$end}", $bindings));
            $offset = $file->insertAt[$context] ?? null;

            return $offset === null ? [$file->insertElse, "{$end}[{$context}]{$end}{$lines}"] : [$offset, $lines];
        });
    }
}
