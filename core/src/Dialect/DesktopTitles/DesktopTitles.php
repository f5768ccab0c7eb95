<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\DesktopTitles;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Dialect\ChordMaps;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\KeySpelling;
use Zebrafinch\Core\Dialect\SpelledChords;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keymap\Binding;

/**
 * The desktop's store of menu titles, in JSON: for each application, which chord chooses the menu item of which title.
 *
 *     { "titles": { "cutloom": { "Primary Alt K": "Keyboard settings" } } }
 */
final readonly class DesktopTitles implements Dialect
{
    private ChordMaps $maps;

    public function __construct()
    {
        $this->maps = new ChordMaps(
            'titles',
            new SpelledChords(
                [
                    'Primary' => Modifier::Primary,
                    'Control' => Modifier::Control,
                    'Alt' => Modifier::Alt,
                    'AltGr' => Modifier::AltGraph,
                    'Shift' => Modifier::Shift,
                    'System' => Modifier::Meta,
                ],
                KeySpelling::of([], 'Pad'),
                ' ',
            ),
        );
    }

    public function id(): string
    {
        return DesktopCatalogue::DIALECT;
    }

    public function fileName(): string
    {
        return 'desktop-titles.json';
    }

    public function read(string $bytes, Application $application): KeyFile
    {
        return $this->maps->read($bytes, $application, DesktopCatalogue::command(...));
    }

    public function blank(Application $application): string
    {
        return $this->maps->blank();
    }

    public function spell(Binding $binding): string
    {
        return $this->maps->spell($binding);
    }

    public function edits(KeyFile $file, array $removed, array $added): array
    {
        return $this->maps->edits($file, $removed, $added, DesktopCatalogue::title(...));
    }
}
