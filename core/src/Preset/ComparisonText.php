<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Preset;

use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Export\CsvWriter;
use Zebrafinch\Core\Export\MarkdownText;
use Zebrafinch\Core\Keyboard\ChordPrinter;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\CommandDifference;

/** Compared keymaps as people take them away: Markdown to read, CSV (RFC 4180) to count with. */
final readonly class ComparisonText
{
    private const HEADER = ['application', 'context', 'command', 'what', 'before', 'after'];

    /**
     * @param  string  $before  what the one side is called
     * @param  list<ComparedKeymap>  $keymaps
     */
    public function __construct(private string $before, private string $after, private array $keymaps)
    {
    }

    public function csv(): string
    {
        $records = [self::HEADER];
        foreach ($this->keymaps as $keymap) {
            foreach ($keymap->all() as [$what, $difference]) {
                $records[] = [$keymap->before->application->name, ...$this->cells($keymap, $difference, $what)];
            }
        }

        return CsvWriter::write($records);
    }

    public function markdown(): string
    {
        $text = '# '.MarkdownText::escaped("{$this->before} against {$this->after}")."\n";
        foreach ($this->keymaps as $keymap) {
            $text .= "\n## ".MarkdownText::escaped($keymap->before->application->name)."\n\n";
            if ($keymap->isSame()) {
                $text .= "The same.\n";

                continue;
            }
            $text .= "| context | command | what | before | after |\n|---|---|---|---|---|\n";
            foreach ($keymap->all() as [$what, $difference]) {
                $cells = array_map(MarkdownText::escaped(...), $this->cells($keymap, $difference, $what));
                $text .= '| '.implode(' | ', $cells)." |\n";
            }
            $text .= self::clashes('Clashes that come', $keymap->raised).self::clashes('Clashes that go', $keymap->settled);
        }

        return $text;
    }

    /** @return list<string> */
    private function cells(ComparedKeymap $keymap, CommandDifference $difference, string $what): array
    {
        $application = $keymap->before->application;
        $printer = $keymap->before->seat->printer();

        return [
            $application->contexts->has($difference->context)
                ? $application->contexts->get($difference->context)->name
                : $difference->context,
            $application->commandName($difference->command),
            $what,
            self::chords($difference->before, $printer),
            self::chords($difference->after, $printer),
        ];
    }

    /** @param  list<Binding>  $bindings */
    private static function chords(array $bindings, ChordPrinter $printer): string
    {
        return implode(
            ' or ',
            array_map(
                static fn (Binding $one): string => $printer->label($one->chord).($one->gesture->value === 'hold' ? ' (hold)' : ''),
                $bindings,
            ),
        );
    }

    /** @param  list<Clash>  $clashes */
    private static function clashes(string $title, array $clashes): string
    {
        return $clashes === []
            ? ''
            : "\n{$title}:\n\n".
                implode('', array_map(static fn (Clash $one): string => '- '.MarkdownText::escaped($one->sentence())."\n", $clashes));
    }
}
