<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\CutloomXml;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\KeyFileText;
use Zebrafinch\Core\Dialect\KeySpelling;
use Zebrafinch\Core\Dialect\LineEdits;
use Zebrafinch\Core\Dialect\SpelledChords;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keymap\Binding;

/**
 * Cutloom's key file:
 *
 *     <cutloom-keys edition="3" title="Factory">
 *       <focus on="timeline">
 *         <press keys="Primary Shift B" run="split-all-tracks"/>
 *       </focus>
 *     </cutloom-keys>
 *
 * Element names, attributes and text that are not listed here are left as they are.
 */
final readonly class CutloomXml implements Dialect
{
    public const ROOT = 'cutloom-keys';

    private SpelledChords $chords;

    public function __construct()
    {
        $this->chords = new SpelledChords(
            [
                'Primary' => Modifier::Primary,
                'Control' => Modifier::Control,
                'Option' => Modifier::Alt,
                'Third' => Modifier::AltGraph,
                'Shift' => Modifier::Shift,
                'System' => Modifier::Meta,
            ],
            KeySpelling::of(
                [
                    'Left' => 'ArrowLeft',
                    'Right' => 'ArrowRight',
                    'Up' => 'ArrowUp',
                    'Down' => 'ArrowDown',
                    'Return' => 'Enter',
                    'Grave' => 'Backquote',
                ],
                'Pad',
            ),
            ' ',
        );
    }

    public function id(): string
    {
        return 'cutloom-xml';
    }

    public function fileName(): string
    {
        return 'cutloom-keys.xml';
    }

    public function read(string $bytes, Application $application): KeyFile
    {
        KeyFileText::check($bytes);

        return (new CutloomReading($bytes, $application, $this->chords))->keyFile();
    }

    public function blank(Application $application): string
    {
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<".self::ROOT." edition=\"3\">\n</".self::ROOT.">\n";
    }

    public function spell(Binding $binding): string
    {
        return $this->chords->printTap($binding);
    }

    public function edits(KeyFile $file, array $removed, array $added): array
    {
        return LineEdits::of(
            $file,
            $removed,
            $added,
            fn (string $context, array $bindings): array => $this->insertion($file, $context, $bindings),
        );
    }

    /**
     * @param  non-empty-list<Binding>  $bindings
     * @return array{int, string}
     */
    private function insertion(KeyFile $file, string $context, array $bindings): array
    {
        $end = $file->lineEnd();
        $tags = array_map(
            fn (Binding $binding): string => '<press keys="'.
                $this->spell($binding).
                '" run="'.
                htmlspecialchars($binding->command, ENT_XML1 | ENT_QUOTES).
                '"/>',
            $bindings,
        );
        $lines = array_map(static fn (string $tag): string => "    {$tag}{$end}", $tags);
        $offset = $file->insertAt[$context] ?? null;
        if ($offset !== null) {
            return [$offset, implode('', in_array($file->bytes[$offset - 1], ["\n", "\r"], true) ? $lines : $tags)];
        }
        $name = htmlspecialchars($context, ENT_XML1 | ENT_QUOTES);

        return [$file->insertElse, "  <focus on=\"{$name}\">{$end}".implode('', $lines)."  </focus>{$end}"];
    }
}
