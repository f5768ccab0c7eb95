<?php

// Writes boards/layouts/*.json from xkeyboard-config data as compiled by `xkbcli compile-keymap`
// (Debian packages xkb-data, libxkbcommon-tools and libxkbcommon-dev). Usage: php tools/make-layouts.php

declare(strict_types=1);

require __DIR__.'/XkbLevels.php';

foreach (
    json_decode(
        (string) file_get_contents(dirname(__DIR__).'/boards/layouts/sources.json'),
        true,
        8,
        JSON_THROW_ON_ERROR,
    )['layouts'] as $one
) {
    $compiled = XkbLevels::compile($one['layout'], $one['variant'] ?? '', $one['model'] ?? 'pc105');
    $rows = [];
    foreach ($compiled['keys'] as $code => $levels) {
        $rows[] =
            '    '.
            json_encode($code).
            ': '.
            json_encode($levels, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
    $source = 'xkeyboard-config (MIT licence), layout '.$one['layout'].(isset($one['variant']) ? ", variant {$one['variant']}" : '');
    file_put_contents(
        dirname(__DIR__)."/boards/layouts/{$one['id']}.json",
        sprintf(
            "{\n  \"id\": %s,\n  \"name\": %s,\n  \"source\": %s,\n  \"alt_gr\": %s,\n  \"keys\": {\n%s\n  }\n}\n",
            json_encode($one['id']),
            json_encode($one['name']),
            json_encode($source),
            json_encode($compiled['alt_gr']),
            implode(",\n", $rows),
        ),
    );
}
