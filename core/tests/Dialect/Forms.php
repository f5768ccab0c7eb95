<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Tests\Dialect;

/**
 * Key files of applications that nobody knows, in ten forms of our own making, none like those of the shipped applications; and the
 * bindings that each of them was made from. They share one list of bindings, and differ in all else.
 */
final class Forms
{
    /** Context, command, chord in our own writing; a command without a chord has an empty one. */
    private const BINDINGS = [
        ['everywhere', 'play', 'Space'],
        ['everywhere', 'stop', 'KeyK'],
        ['everywhere', 'save all reels', 'Primary+KeyS'],
        ['everywhere', 'undo', 'Primary+KeyZ'],
        ['everywhere', 'redo', 'Primary+Shift+KeyZ'],
        ['everywhere', 'next cue', 'ArrowRight'],
        ['everywhere', 'cue before', 'ArrowLeft'],
        ['everywhere', 'first cue', 'Home'],
        ['everywhere', 'last cue', 'End'],
        ['everywhere', 'show help', 'F1'],
        ['everywhere', 'mark the start', 'KeyI'],
        ['everywhere', 'mark the end', 'KeyO'],
        ['everywhere', 'print the list', ''],
        ['reel list', 'split reel', 'Primary+KeyB'],
        ['reel list', 'split reel', 'F5'],
        ['reel list', 'join reels', 'Primary+Shift+KeyJ'],
        ['reel list', 'rename reel', 'F2'],
        ['reel list', 'remove reel', 'Delete'],
        ['reel list', 'reel up', 'Alt+ArrowUp'],
        ['reel list', 'reel down', 'Alt+ArrowDown'],
        ['reel list', 'lock reel', 'Shift+KeyL'],
        ['cue sheet', 'new cue', 'KeyN'],
        ['cue sheet', 'new cue', 'Insert'],
        ['cue sheet', 'copy cue', 'Primary+Alt+KeyC'],
        ['cue sheet', 'colour cue', 'Alt+Digit1'],
        ['cue sheet', 'shift cue by one', 'Shift+F6'],
        ['cue sheet', 'cue to the start', 'Primary+Home'],
        ['cue sheet', 'number the cues', ''],
        ['waveform', 'zoom in', 'PageUp'],
        ['waveform', 'zoom out', 'PageDown'],
        ['waveform', 'draw gain', 'KeyG'],
        ['waveform', 'mute', 'KeyM'],
        ['waveform', 'smooth the ends', 'Primary+Shift+Alt+KeyE'],
        ['waveform', 'take away', 'Backspace'],
        ['waveform', 'take all away', 'Shift+Backspace'],
        ['waveform', 'leave', 'Escape'],
        ['waveform', 'take over', 'Enter'],
        ['waveform', 'swap sides', 'Tab'],
    ];

    private const USAGE = [
        'Space' => 44,
        'ArrowRight' => 79,
        'ArrowLeft' => 80,
        'ArrowUp' => 82,
        'ArrowDown' => 81,
        'Home' => 74,
        'End' => 77,
        'Delete' => 76,
        'Insert' => 73,
        'PageUp' => 75,
        'PageDown' => 78,
        'Backspace' => 42,
        'Escape' => 41,
        'Enter' => 40,
        'Tab' => 43,
    ];

    /** @return list<string> */
    public static function names(): array
    {
        return ['flags', 'several', 'columns', 'letters', 'nested', 'neighbours', 'statements', 'utf16', 'two-chords', 'yaml'];
    }

    public static function fileName(string $form): string
    {
        return [
            'flags' => 'pebble.json',
            'several' => 'lanternfish.conf',
            'columns' => 'mudlark.csv',
            'letters' => 'saltpan.keys',
            'nested' => 'groyne.json',
            'neighbours' => 'capstan.xml',
            'statements' => 'bollard.js',
            'utf16' => 'wehr.ini',
            'two-chords' => 'slipway.tsv',
            'yaml' => 'estuary.yaml',
        ][$form];
    }

    /**
     * @param  int  $times  how often the list is repeated, with numbered commands and chords on more layers
     * @return list<array{string, string, string}> context and command as the file writes them, and the chord that it means
     */
    public static function bindings(string $form, int $times = 1): array
    {
        $made = [];
        foreach (self::list($times) as [$context, $command, $chord]) {
            if ($chord !== '') {
                $made[] = [self::contextWord($form, $context), self::commandWord($form, $context, $command), $chord];
            }
        }

        return $made;
    }

    /** @return list<array{string, string, string}> */
    private static function list(int $times): array
    {
        $all = self::BINDINGS;
        for ($number = 2; $number <= $times; $number++) {
            foreach (self::BINDINGS as [$context, $command, $chord]) {
                $all[] = [$context, "{$command} {$number}", $chord];
            }
        }

        return $all;
    }

    private static function contextWord(string $form, string $context): string
    {
        $pascal = str_replace(' ', '', ucwords($context));

        return match ($form) {
            'flags' => ['everywhere' => 'all', 'reel list' => 'reels', 'cue sheet' => 'cues', 'waveform' => 'wave'][$context],
            'several' => ['everywhere' => 'general'][$context] ?? str_replace(' ', '_', $context),
            'two-chords' => ucfirst($context),
            'columns', 'nested', 'neighbours' => ['everywhere' => 'Whole application'][$context] ?? ucfirst($context),
            'letters' => ['everywhere' => 'app'][$context] ?? str_replace(' ', '', $context),
            'statements' => ['everywhere' => 'Global'][$context] ?? $pascal,
            'utf16' => ['everywhere' => 'Überall', 'reel list' => 'Rollenliste', 'cue sheet' => 'Einsätze', 'waveform' => 'Wellenform'][
                $context
            ],
            default => ['everywhere' => 'everywhere'][$context] ?? str_replace(' ', '-', $context),
        };
    }

    private static function commandWord(string $form, string $context, string $command): string
    {
        $pascal = str_replace(' ', '', ucwords($command));

        return match ($form) {
            'flags', 'statements' => $pascal,
            'several' => str_replace(' ', '_', $command),
            'columns', 'two-chords' => ucfirst($command),
            'letters' => self::contextWord($form, $context).'.'.str_replace(' ', '-', $command),
            'nested', 'neighbours' => self::first($context).'.'.lcfirst($pascal),
            default => str_replace(' ', '-', $command),
        };
    }

    private static function first(string $context): string
    {
        return ['everywhere' => 'app', 'reel list' => 'reel', 'cue sheet' => 'cue', 'waveform' => 'wave'][$context];
    }

    /** @return string the bytes of the file */
    public static function file(string $form, int $times = 1): string
    {
        $byContext = [];
        foreach (self::list($times) as [$context, $command, $chord]) {
            $byContext[$context][$command][] = $chord;
        }

        return match ($form) {
            'flags' => self::flags($byContext),
            'several' => self::several($byContext),
            'columns' => self::columns($byContext),
            'letters' => self::letters($byContext),
            'nested' => self::nested($byContext),
            'neighbours' => self::neighbours($byContext),
            'statements' => self::statements($byContext),
            'utf16' => self::utf16($byContext),
            'two-chords' => self::twoChords($byContext),
            default => self::yaml($byContext),
        };
    }

    /** @return array{list<string>, string} modifiers and key */
    private static function parts(string $chord): array
    {
        $words = explode('+', $chord);
        $key = (string) array_pop($words);

        return [$words, $key];
    }

    /**
     * @param  array<string, string>  $modifiers
     * @param  array<string, string>  $keys
     */
    private static function spelled(string $chord, array $modifiers, string $between, array $keys, bool $isLower = false): string
    {
        if ($chord === '') {
            return '';
        }
        [$held, $key] = self::parts($chord);
        $word = $keys[$key] ?? (string) preg_replace('/^(Key|Digit)(?=.$)/', '', $key);

        return implode($between, [
            ...array_map(static fn (string $one): string => $modifiers[$one], $held),
            $isLower && ! isset($keys[$key]) ? strtolower($word) : $word,
        ]);
    }

    private const WORDS = ['Primary' => 'Ctrl', 'Shift' => 'Shift', 'Alt' => 'Alt'];

    private const SHORT = [
        'ArrowLeft' => 'Left',
        'ArrowRight' => 'Right',
        'ArrowUp' => 'Up',
        'ArrowDown' => 'Down',
        'Delete' => 'Del',
        'Insert' => 'Ins',
        'PageUp' => 'PgUp',
        'PageDown' => 'PgDn',
        'Escape' => 'Esc',
    ];

    private static function flags(array $byContext): string
    {
        $rows = [];
        foreach ($byContext as $context => $commands) {
            foreach ($commands as $command => $chords) {
                foreach (array_filter($chords) as $chord) {
                    [$held, $key] = self::parts($chord);
                    $sum = array_sum(array_map(static fn (string $one): int => ['Shift' => 1, 'Primary' => 2, 'Alt' => 4][$one], $held));
                    $number =
                        self::USAGE[$key] ??
                        match (true) {
                            str_starts_with($key, 'Key') => 4 + ord($key[3]) - ord('A'),
                            str_starts_with($key, 'Digit') => 29 + (int) $key[5],
                            default => 57 + (int) substr($key, 1),
                        };
                    $rows[] = sprintf(
                        '    {"area": "%s", "action": "%s", "mods": %d, "key": %d}',
                        self::contextWord('flags', $context),
                        self::commandWord('flags', $context, $command),
                        $sum,
                        $number,
                    );
                }
            }
        }

        return "{\n  \"made_by\": \"Pebble 3\",\n  \"shortcuts\": [\n".implode(",\n", $rows)."\n  ]\n}\n";
    }

    private static function several(array $byContext): string
    {
        $text = "; Keys of Lanternfish.\n; Several chords of a command are separated by commas.\n";
        foreach ($byContext as $context => $commands) {
            $text .= "\n{".self::contextWord('several', $context)."}\n";
            foreach ($commands as $command => $chords) {
                $said = implode(
                    ', ',
                    array_map(static fn (string $one): string => self::spelled($one, self::WORDS, '-', self::SHORT), $chords),
                );
                $text .= self::commandWord('several', $context, $command).': '.($said === '' ? 'none' : $said)."\n";
            }
        }

        return $text;
    }

    private static function columns(array $byContext): string
    {
        $text = "Command;Panel;Ctrl;Shift;Alt;Key;Note\n";
        foreach ($byContext as $context => $commands) {
            foreach ($commands as $command => $chords) {
                foreach (array_filter($chords) as $chord) {
                    [$held, $key] = self::parts($chord);
                    $flag = static fn (string $one): string => in_array($one, $held, true) ? 'x' : '';
                    $text .=
                        implode(';', [
                            self::commandWord('columns', $context, $command),
                            self::contextWord('columns', $context),
                            $flag('Primary'),
                            $flag('Shift'),
                            $flag('Alt'),
                            self::spelled($key, [], '', self::SHORT),
                            '',
                        ])."\n";
                }
            }
        }

        return $text;
    }

    private static function letters(array $byContext): string
    {
        $text = "# Saltpan: c control, s shift, a alt\n";
        foreach ($byContext as $context => $commands) {
            foreach ($commands as $command => $chords) {
                foreach (array_filter($chords) as $chord) {
                    [$held] = self::parts($chord);
                    $said = self::spelled(
                        $chord,
                        ['Primary' => 'c', 'Shift' => 's', 'Alt' => 'a'],
                        '',
                        array_map(strtolower(...), self::SHORT),
                        true,
                    );
                    $key = self::spelled(self::parts($chord)[1], [], '', array_map(strtolower(...), self::SHORT), true);
                    $letters = substr($said, 0, strlen($said) - strlen($key));
                    $text .=
                        self::commandWord('letters', $context, $command).' => '.($held === [] ? $key : "{$letters}:{$key}")."\n";
                }
            }
        }

        return $text;
    }

    private static function nested(array $byContext): string
    {
        $areas = [];
        foreach ($byContext as $context => $commands) {
            $actions = [];
            foreach ($commands as $command => $chords) {
                $actions[] = [
                    'id' => self::commandWord('nested', $context, $command),
                    'label' => ucfirst($command),
                    'keys' => array_map(
                        static fn (string $one): string => self::spelled($one, self::WORDS, ' + ', self::SHORT),
                        array_values(array_filter($chords)),
                    ),
                ];
            }
            $areas[] = ['name' => self::contextWord('nested', $context), 'actions' => $actions];
        }

        return json_encode(['format' => 4, 'areas' => $areas], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE)."\n";
    }

    private static function neighbours(array $byContext): string
    {
        $text = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<capstan>\n";
        foreach ($byContext as $context => $commands) {
            $text .= '  <panel title="'.self::contextWord('neighbours', $context)."\">\n";
            foreach ($commands as $command => $chords) {
                foreach (array_filter($chords) as $chord) {
                    $said = self::spelled($chord, ['Primary' => 'Control', 'Shift' => 'Shift', 'Alt' => 'Option'], '_', []);
                    $text .= '    <name>'.self::commandWord('neighbours', $context, $command)."</name>\n    <value>{$said}</value>\n";
                }
            }
            $text .= "  </panel>\n";
        }

        return "{$text}</capstan>\n";
    }

    private static function statements(array $byContext): string
    {
        $text = "// Bollard start-up keys\n";
        foreach ($byContext as $context => $commands) {
            $calls = [];
            foreach ($commands as $command => $chords) {
                foreach (array_filter($chords) as $chord) {
                    $calls[] = sprintf(
                        'assign("%s", "%s", "%s");',
                        self::spelled($chord, ['Primary' => 'Cmd', 'Shift' => 'Shift', 'Alt' => 'Opt'], '+', self::SHORT),
                        self::contextWord('statements', $context),
                        self::commandWord('statements', $context, $command),
                    );
                }
            }
            foreach (array_chunk($calls, 3) as $row) {
                $text .= implode(' ', $row)."\n";
            }
        }

        return $text;
    }

    private static function utf16(array $byContext): string
    {
        $keys = [
            'Space' => 'Leertaste',
            'ArrowLeft' => 'Links',
            'ArrowRight' => 'Rechts',
            'ArrowUp' => 'Oben',
            'ArrowDown' => 'Unten',
            'Home' => 'Pos1',
            'End' => 'Ende',
            'Delete' => 'Entf',
            'Insert' => 'Einfg',
            'PageUp' => 'Bild auf',
            'PageDown' => 'Bild ab',
            'Backspace' => 'Rück',
            'Escape' => 'Esc',
            'Enter' => 'Eingabe',
            'Tab' => 'Tab',
        ];
        $text = "\u{FEFF}; Tasten\r\n";
        foreach ($byContext as $context => $commands) {
            $text .= '['.self::contextWord('utf16', $context)."]\r\n";
            foreach ($commands as $command => $chords) {
                foreach (array_filter($chords) as $chord) {
                    $said = self::spelled($chord, ['Primary' => 'Strg', 'Shift' => 'Umschalt', 'Alt' => 'Alt'], '+', $keys);
                    $text .= self::commandWord('utf16', $context, $command)."={$said}\r\n";
                }
            }
        }

        return (string) mb_convert_encoding($text, 'UTF-16LE', 'UTF-8');
    }

    private static function twoChords(array $byContext): string
    {
        $text = "Part\tCommand\tFirst\tSecond\r\n";
        foreach ($byContext as $context => $commands) {
            foreach ($commands as $command => $chords) {
                $said = array_map(static fn (string $one): string => self::spelled($one, self::WORDS, '+', self::SHORT), $chords);
                $text .=
                    ucfirst($context).
                    "\t".
                    self::commandWord('two-chords', $context, $command).
                    "\t{$said[0]}\t".
                    ($said[1] ?? '').
                    "\r\n";
            }
        }

        return $text;
    }

    private static function yaml(array $byContext): string
    {
        $text = "# Estuary keys, version 2\nversion: 2\nkeys:\n";
        foreach ($byContext as $context => $commands) {
            $text .= '  '.self::contextWord('yaml', $context).":\n";
            foreach ($commands as $command => $chords) {
                $said = array_map(
                    static fn (string $one): string => self::spelled($one, self::WORDS, '+', self::SHORT),
                    array_values(array_filter($chords)),
                );
                $text .= '    '.self::commandWord('yaml', $context, $command).': ['.implode(', ', $said)."]\n";
            }
        }

        return $text;
    }
}
