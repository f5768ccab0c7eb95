<?php

declare(strict_types=1);

require_once __DIR__.'/XkbLevels.php';

/** What the third and fourth levels of a layout are on systems that have others than Linux; see boards/layouts/sources.json. */
final class ThirdLevels
{
    /**
     * @param  array{layout: string, mac?: string, windows?: string}  $source
     * @return array<string, array{source: string, keys: array<string, list<mixed>>}> by system, those that are known
     */
    public static function of(array $source): array
    {
        $levels = [];
        if (isset($source['mac'])) {
            $levels['macos'] = [
                'source' => "xkeyboard-config (MIT licence), layout {$source['layout']}, variant {$source['mac']}",
                'keys' => self::mac($source['layout'], $source['mac']),
            ];
        }
        if (isset($source['windows'])) {
            $isNone = $source['windows'] === 'none';
            $levels['windows'] = [
                'source' => $isNone
                    ? 'common practice: it has no AltGr there'
                    : "virtual-keyboard (npm, MIT licence), layout {$source['windows']}",
                'keys' => $isNone ? [] : self::windows($source['windows']),
            ];
        }

        return $levels;
    }

    /** @return array<string, list<mixed>> */
    private static function mac(string $layout, string $variant): array
    {
        $keys = [];
        foreach (XkbLevels::compile($layout, $variant)['keys'] as $code => $levels) {
            $typed = array_slice($levels, 2, 2);
            if (array_filter($typed) !== []) {
                $keys[$code] = $typed;
            }
        }

        return $keys;
    }

    /** @return array<string, list<mixed>> */
    private static function windows(string $name): array
    {
        $printed = shell_exec('node '.escapeshellarg(__DIR__.'/windows-levels.mjs').' '.escapeshellarg($name));

        return json_decode((string) $printed, true, 16, JSON_THROW_ON_ERROR)[$name]['keys'];
    }
}
