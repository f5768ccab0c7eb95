<?php

declare(strict_types=1);

namespace Standins\Desktop;

use Standins\Answer;
use Standins\HeldKeys;
use Standins\KeyPress;
use Standins\Simulated;
use Standins\Strip;

/**
 * The desktop: looks at each press before the application in front does, and chooses the menu item with exactly the title that is bound.
 */
final class Desktop
{
    private const HELD = [
        'Primary' => 'Primary',
        'Control' => 'Control',
        'Alt' => 'Alt',
        'AltGr' => 'AltGraph',
        'Shift' => 'Shift',
        'System' => 'Meta',
    ];

    /** @param  array<string, array<string, string>>  $menus  by application, then by title: the command that the menu item runs */
    public function __construct(private readonly array $menus)
    {
    }

    /**
     * @param  string|null  $bytes  the store of titles; null when there is none
     * @return array{
     *     did: string,
     *     command: string|null,
     *     context: string|null,
     *     because: string,
     * }|null null when the press goes on to the application
     */
    public function press(?string $bytes, string $system, string $application, Simulated $inFront, KeyPress $press, Strip $strip): ?array
    {
        $store = $bytes === null ? [] : json_decode((string) preg_replace('/^\xEF\xBB\xBF/', '', $bytes), true);
        $title = null;
        foreach ($store['titles'][$application] ?? [] as $chord => $bound) {
            $title = $this->matches((string) $chord, $system, $press) ? $bound : $title;
        }
        $command = is_string($title) ? $this->menus[$application][$title] ?? null : null;

        return $command === null
            ? null
            : Answer::ran($inFront->run($command, $strip), $command, 'desktop', "The desktop chose the menu item \"{$title}\".");
    }

    private function matches(string $chord, string $system, KeyPress $press): bool
    {
        $words = explode(' ', $chord);
        $key = (string) array_pop($words);
        $code = (string) preg_replace(['/^([A-Z])$/', '/^(\d)$/', '/^Pad/'], ['Key$1', 'Digit$1', 'Numpad'], $key);

        return $press->is($code, HeldKeys::of($words, self::HELD, $system));
    }

    /**
     * The menus of an application: what each title runs. Where two items have one title the first is found.
     *
     * @param  array{commands: list<array{id: string, menu?: list<string>}>}  $catalogue
     * @return array<string, string>
     */
    public static function menus(array $catalogue): array
    {
        $titles = [];
        foreach ($catalogue['commands'] as $command) {
            if (isset($command['menu'])) {
                $titles[$command['menu'][count($command['menu']) - 1]] ??= $command['id'];
            }
        }

        return $titles;
    }
}
