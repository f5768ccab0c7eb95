<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Propose;

/** What something in a key file is for. */
enum Role: string
{
    case Command = 'command';
    case Chord = 'chord';
    case Held = 'held';
    case Key = 'key';
    case Context = 'context';
    case Gesture = 'gesture';
    case Title = 'title';

    /** Names that files give to places of this role, in lower case. */
    private const LABELS = [
        'command' => ['command', 'action', 'run', 'runs', 'do', 'function', 'id', 'cmd', 'name', 'operation', 'befehl', 'task', 'call'],
        'chord' => [
            'chord',
            'chords',
            'keys',
            'key',
            'shortcut',
            'shortcuts',
            'hotkey',
            'binding',
            'press',
            'combo',
            'combination',
            'first',
            'second',
            'primary',
            'secondary',
            'alternate',
            'accelerator',
            'tasten',
            'value',
        ],
        'held' => ['mods', 'modifiers', 'modifier', 'mod', 'held', 'hold', 'flags', 'mask', 'with'],
        'key' => ['key', 'keycode', 'code', 'button', 'taste', 'usage'],
        'context' => [
            'context',
            'area',
            'where',
            'focus',
            'scope',
            'panel',
            'group',
            'section',
            'mode',
            'window',
            'place',
            'in',
            'part',
            'when',
            'category',
            'title',
            'name',
            'bereich',
            'on',
        ],
        'gesture' => ['gesture', 'how', 'trigger', 'type', 'kind', 'event'],
        'title' => ['label', 'title', 'text', 'description', 'caption', 'display', 'name'],
    ];

    /** How well a name says that this role stands behind it, 0 to 1; the first names say it best. */
    public function isSaidBy(string $label): float
    {
        $words =
            preg_split('/[^\p{L}]+/u', mb_strtolower((string) preg_replace('/(?<=\p{Ll})(?=\p{Lu})/u', ' ', ltrim($label, '@')))) ?: [];
        foreach (self::LABELS[$this->value] as $index => $known) {
            if (in_array($known, $words, true)) {
                return 1 - $index / (2 * count(self::LABELS[$this->value]));
            }
        }

        return 0.0;
    }
}
