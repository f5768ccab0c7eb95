<?php

// Writes boards/layouts/*.json from xkeyboard-config data as compiled by `xkbcli compile-keymap`
// (Debian packages xkb-data, libxkbcommon-tools and libxkbcommon-dev), and from the npm package virtual-keyboard what AltGr types on
// Windows.
// Usage: php tools/make-layouts.php

declare(strict_types=1);

require __DIR__.'/ThirdLevels.php';

/** @param  array<string, list<mixed>>  $keys */
function rows(array $keys, int $indent): string
{
    $rows = [];
    foreach ($keys as $code => $levels) {
        $rows[] =
            str_repeat(' ', $indent).
            json_encode($code).
            ': '.
            json_encode($levels, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }

    return implode(",\n", $rows);
}

$sources = (string) file_get_contents(dirname(__DIR__).'/boards/layouts/sources.json');
foreach (json_decode($sources, true, 8, JSON_THROW_ON_ERROR)['layouts'] as $one) {
    $compiled = XkbLevels::compile($one['layout'], $one['variant'] ?? '', $one['model'] ?? 'pc105');
    $others = [];
    foreach (ThirdLevels::of($one) as $system => $third) {
        $others[] = sprintf(
            "    %s: {\n      \"source\": %s,\n      \"keys\": {%s}\n    }",
            json_encode($system),
            json_encode($third['source']),
            $third['keys'] === [] ? '' : "\n".rows($third['keys'], 8)."\n      ",
        );
    }
    $source = 'xkeyboard-config (MIT licence), layout '.$one['layout'].(isset($one['variant']) ? ", variant {$one['variant']}" : '');
    file_put_contents(
        dirname(__DIR__)."/boards/layouts/{$one['id']}.json",
        sprintf(
            "{\n  \"id\": %s,\n  \"name\": %s,\n  \"source\": %s,\n  \"alt_gr\": %s,\n".
                "  \"keys\": {\n%s\n  },\n  \"third_levels\": {%s}\n}\n",
            json_encode($one['id']),
            json_encode($one['name']),
            json_encode($source),
            json_encode($compiled['alt_gr']),
            rows($compiled['keys'], 4),
            $others === [] ? '' : "\n".implode(",\n", $others)."\n  ",
        ),
    );
}
