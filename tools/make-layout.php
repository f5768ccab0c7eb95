<?php

// Writes boards/layouts/<id>.json from xkeyboard-config data as compiled by `xkbcli compile-keymap`
// (Debian packages xkb-data and libxkbcommon-tools). Usage: php tools/make-layout.php us "US English" > boards/layouts/us.json

declare(strict_types=1);

require __DIR__.'/XkbLevels.php';

[, $id, $name] = $argv + [1 => 'us', 2 => 'US English'];

$rows = [];
foreach (XkbLevels::compile($id) as $code => $levels) {
    $rows[] = '    '.json_encode($code).': '.json_encode($levels, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
}

printf(
    "{\n  \"id\": %s,\n  \"name\": %s,\n  \"source\": \"xkeyboard-config (MIT licence), layout %s\",\n  \"keys\": {\n%s\n  }\n}\n",
    json_encode($id), json_encode($name), $id, implode(",\n", $rows),
);
