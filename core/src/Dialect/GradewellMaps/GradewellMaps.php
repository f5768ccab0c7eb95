<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\GradewellMaps;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\ChordMaps;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\KeyFile;
use Zebrafinch\Core\Dialect\KeySpelling;
use Zebrafinch\Core\Dialect\SpelledChords;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keymap\Binding;

/**
 * Gradewell's key file, in JSON: one map for each desk.
 *
 *     { "maps": { "grade-desk": { "primary/backspace": "reset-grade" } } }
 */
final readonly class GradewellMaps implements Dialect
{
    private ChordMaps $maps;

    public function __construct()
    {
        $this->maps = new ChordMaps(
            'maps',
            new SpelledChords(
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
                    'pad',
                    lowerCase: true,
                ),
                '/',
            ),
        );
    }

    public function id(): string
    {
        return 'gradewell-maps';
    }

    public function fileName(): string
    {
        return 'gradewell-maps.json';
    }

    public function read(string $bytes, Application $application): KeyFile
    {
        return $this->maps->read($bytes, $application, static fn (string $desk, string $command): string => $command);
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
        return $this->maps->edits($file, $removed, $added, static fn (string $command): string => $command);
    }
}
