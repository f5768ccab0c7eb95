<?php

declare(strict_types=1);

/*
 * The exact versions of all PHP packages, those of packages included.
 *
 * php tools/package-versions.php check    says which installed package is not the pinned one
 * php tools/package-versions.php write    pins what is installed now
 */

$root = dirname(__DIR__);
$pins = "{$root}/deploy/packages/versions.txt";
$installed = [];
$list = (string) file_get_contents("{$root}/vendor/composer/installed.json");
foreach (json_decode($list, true, 512, JSON_THROW_ON_ERROR)['packages'] as $one) {
    // The core is a folder of this project.
    if ($one['name'] !== 'zebrafinch/core') {
        $installed[$one['name']] = $one['version'];
    }
}
ksort($installed);
if (($argv[1] ?? 'check') === 'write') {
    $lines = array_map(static fn (string $name, string $version): string => "{$name} {$version}\n", array_keys($installed), $installed);
    file_put_contents($pins, implode('', $lines));
    exit(0);
}
$pinned = [];
foreach (file($pins, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
    [$name, $version] = explode(' ', $line);
    $pinned[$name] = $version;
}
$faults = [];
foreach ($installed as $name => $version) {
    if (($pinned[$name] ?? null) !== $version) {
        $faults[] = "{$name} is {$version}, and pinned is ".($pinned[$name] ?? 'none').'.';
    }
}
foreach (array_diff_key($pinned, $installed) as $name => $version) {
    $faults[] = "{$name} {$version} is pinned and not installed.";
}
foreach ($faults as $fault) {
    fwrite(STDERR, "{$fault}\n");
}
exit($faults === [] ? 0 : 1);
