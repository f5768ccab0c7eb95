<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\FaderloftTable;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\KeyFileText;
use Zebrafinch\Core\Dialect\LineEdits;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Keymap\Binding;

/**
 * Faderloft's key file: one binding a line, fields separated by tabs, after a header line.
 *
 *     area	hold	key	action
 *     tracks	ps	d	duplicate-clip
 *
 * `hold` has one letter for each modifier (p primary, c control, a alt, s shift, m system key) or a hyphen.
 * Lines that begin with # are comments. Further columns are left as they are.
 */
final readonly class FaderloftTable implements Dialect
{
    public const HEADER = ['area', 'hold', 'key', 'action'];

    private FaderloftChords $chords;

    public function __construct()
    {
        $this->chords = new FaderloftChords();
    }

    public function id(): string
    {
        return 'faderloft-table';
    }

    public function fileName(): string
    {
        return 'faderloft.keys.tsv';
    }

    public function read(string $bytes, Application $application): KeyFile
    {
        KeyFileText::check($bytes);

        return (new FaderloftReading($bytes, $application, $this->chords))->keyFile();
    }

    public function blank(Application $application): string
    {
        return implode("\t", self::HEADER)."\n";
    }

    public function spell(Binding $binding): string
    {
        return $binding->gesture === Gesture::Tap ? $this->chords->print($binding->chord) : throw UnreadableChord::onlyTap();
    }

    public function edits(KeyFile $file, array $removed, array $added): array
    {
        $row = fn (Binding $one): string => implode("\t", [$one->context, $this->spell($one), $one->command]);

        return LineEdits::ofRows($file, $removed, $added, $row);
    }
}
