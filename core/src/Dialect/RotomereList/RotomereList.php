<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\RotomereList;

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
 * Rotomere's key file, in YAML: a list for each context. A key is named by the character that it types, so the same line
 * is another key on another layout.
 *
 *     areas:
 *       draw:
 *         - "primary d": new-free-shape
 *
 * Of YAML's many forms the application writes this one only; anything else is left as it is.
 */
final readonly class RotomereList implements Dialect
{
    private const ROOT = 'areas:';

    private const AREA = '/^  ([\w-]+):\s*(?:#.*)?$/';

    private const LINE = '/^    - ("(?:[^"\\\\]|\\\\.)*"|\'(?:[^\']|\'\')*\'):\s+([\w.-]+)\s*(?:\s#.*)?$/';

    private SpelledChords $chords;

    public function __construct()
    {
        $this->chords = new SpelledChords(
            [
                'primary' => Modifier::Primary,
                'control' => Modifier::Control,
                'alt' => Modifier::Alt,
                'shift' => Modifier::Shift,
                'altgr' => Modifier::AltGraph,
                'system' => Modifier::Meta,
            ],
            KeySpelling::ofCharacters(['left' => 'ArrowLeft', 'right' => 'ArrowRight', 'up' => 'ArrowUp', 'down' => 'ArrowDown'], 'pad-'),
            ' ',
        );
    }

    public function id(): string
    {
        return 'rotomere-list';
    }

    public function fileName(): string
    {
        return 'rotomere-keys.yaml';
    }

    public function read(string $bytes, Application $application): KeyFile
    {
        KeyFileText::check($bytes);
        $list = new EntryList($application);
        $context = null;
        foreach (Lines::of($bytes) as $line => [$text, $at, $whole]) {
            $plain = $line === 1 ? ByteOrderMark::without($text) : $text;
            if (preg_match('/^\s*(#|$|---\s*$)/', $plain) === 1) {
                continue;
            }
            if (rtrim($plain) === self::ROOT) {
                $context = '';
            } elseif ($context === null) {
                throw UnreadableKeyFile::otherFormat('"'.self::ROOT.'"', '"'.mb_strimwidth($plain, 0, 60, '…').'"', $line);
            } elseif (preg_match(self::AREA, $text, $found) === 1) {
                $context = $list->hasContext($found[1], $line, $text) ? $found[1] : '';
                $list->insertAt($context, $whole->to);
            } else {
                $this->takeLine($list, $context, $text, $line, $at, $whole);
            }
        }
        if ($context === null) {
            throw UnreadableKeyFile::otherFormat('"'.self::ROOT.'"', 'nothing', 1);
        }

        return $list->keyFile($bytes, strlen($bytes));
    }

    /** @param  string  $context  empty where no area is open, or one that the application does not have */
    private function takeLine(EntryList $list, string $context, string $text, int $line, Span $at, Span $whole): void
    {
        if ($context === '') {
            $list->notUnderstood($line, $text, 'This line is in no area that is known.');
        } elseif (preg_match(self::LINE, $text, $found, PREG_OFFSET_CAPTURE) === 1) {
            [$quoted, $offset] = $found[1];
            $list->bind(
                $line,
                $text,
                $context,
                $found[2][0],
                fn () => $this->chords->parse(self::unquoted($quoted)),
                $whole,
                new Span($at->from + $offset, $at->from + $offset + strlen($quoted)),
            );
            $list->insertAt($context, $whole->to);
        } else {
            $list->notUnderstood($line, $text, 'A line has a hyphen, a chord in quotes, a colon and a command.');
        }
    }

    private static function unquoted(string $scalar): string
    {
        $inside = substr($scalar, 1, -1);

        return $scalar[0] === "'" ? str_replace("''", "'", $inside) : (string) preg_replace('/\\\\(.)/', '$1', $inside);
    }

    public function blank(Application $application): string
    {
        return "# Keys of {$application->name}, by what is typed.\n".self::ROOT."\n";
    }

    public function spell(Binding $binding): string
    {
        return '"'.addcslashes($this->chords->printTap($binding), '"\\').'"';
    }

    public function edits(KeyFile $file, array $removed, array $added): array
    {
        return LineEdits::of($file, $removed, $added, function (string $context, array $bindings) use ($file): array {
            $end = $file->lineEnd();
            $lines = implode('', array_map(fn (Binding $one): string => "    - {$this->spell($one)}: {$one->command}{$end}", $bindings));
            $offset = $file->insertAt[$context] ?? null;

            return $offset === null ? [$file->insertElse, "  {$context}:{$end}{$lines}"] : [$offset, $lines];
        });
    }
}
