<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\BoardwickTable;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\EntryList;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\KeyFileText;
use Zebrafinch\Core\Dialect\KeySpelling;
use Zebrafinch\Core\Dialect\LineEdits;
use Zebrafinch\Core\Dialect\SpelledChords;
use Zebrafinch\Core\Dialect\UnreadableKeyFile;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Text\Csv\CsvRecords;
use Zebrafinch\Core\Text\Span;

/**
 * Boardwick's key file, comma-separated by RFC 4180, after a header record:
 *
 *     where,keys,gesture,runs
 *     easel,Primary-Shift-B,tap,brush
 *     easel,B,hold,brush
 *
 * The gesture is `tap` or `hold`. Further fields are left as they are.
 */
final readonly class BoardwickTable implements Dialect
{
    private const HEADER = ['where', 'keys', 'gesture', 'runs'];

    private SpelledChords $chords;

    public function __construct()
    {
        $this->chords = new SpelledChords(
            [
                'Primary' => Modifier::Primary,
                'Control' => Modifier::Control,
                'Alt' => Modifier::Alt,
                'AltGr' => Modifier::AltGraph,
                'Shift' => Modifier::Shift,
                'System' => Modifier::Meta,
            ],
            KeySpelling::of(
                ['Left' => 'ArrowLeft', 'Right' => 'ArrowRight', 'Up' => 'ArrowUp', 'Down' => 'ArrowDown', 'Hyphen' => 'Minus'],
                'Num',
            ),
            '-',
        );
    }

    public function id(): string
    {
        return 'boardwick-table';
    }

    public function fileName(): string
    {
        return 'boardwick-keys.csv';
    }

    public function read(string $bytes, Application $application): KeyFile
    {
        KeyFileText::check($bytes);
        $list = new EntryList($application);
        $headerSeen = false;
        foreach (KeyFileText::scan(static fn (): array => iterator_to_array(CsvRecords::of($bytes))) as $line => [$fields, $whole]) {
            $text = rtrim($whole->of($bytes), "\r\n");
            if ($headerSeen) {
                $this->takeRecord($list, $fields, $text, $line, $whole);
            } elseif (array_slice(array_column($fields, 0), 0, count(self::HEADER)) === self::HEADER) {
                $headerSeen = true;
            } else {
                throw UnreadableKeyFile::otherFormat(
                    'the header "'.implode(',', self::HEADER).'"',
                    '"'.mb_strimwidth($text, 0, 60, '…').'"',
                    $line,
                );
            }
        }

        return $list->keyFile($bytes, strlen($bytes));
    }

    /** @param  list<array{string, Span}>  $fields */
    private function takeRecord(EntryList $list, array $fields, string $text, int $line, Span $whole): void
    {
        if (trim($text) === '') {
            return;
        }
        if (count($fields) < count(self::HEADER)) {
            $list->notUnderstood($line, $text, 'The record has '.count($fields).' of 4 fields.');

            return;
        }
        [[$where], [$keys, $at], [$gesture], [$runs]] = $fields;
        $known = Gesture::tryFrom($gesture);
        if ($known === null) {
            $list->notUnderstood($line, $text, "\"{$gesture}\" is neither tap nor hold.");

            return;
        }
        $list->bind($line, $text, $where, $runs, fn () => $this->chords->parse($keys), $whole, $at, $known);
        $list->insertAt($where, $whole->to);
    }

    /** RFC 4180 ends records with CR LF. */
    public function blank(Application $application): string
    {
        return implode(',', self::HEADER)."\r\n";
    }

    public function spell(Binding $binding): string
    {
        return $this->chords->print($binding->chord);
    }

    public function edits(KeyFile $file, array $removed, array $added): array
    {
        $row = fn (Binding $one): string => implode(',', [
            $one->context,
            $this->spell($one),
            $one->gesture->value,
            self::field($one->command),
        ]);

        return LineEdits::ofRows($file, $removed, $added, $row);
    }

    private static function field(string $text): string
    {
        return preg_match('/[",\r\n]/', $text) === 1 ? '"'.str_replace('"', '""', $text).'"' : $text;
    }
}
