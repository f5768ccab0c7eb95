<?php

declare(strict_types=1);

/**
 * Lines of code that are wider than a page: 140 characters. What others write (types made from the API description, locks) is left out.
 *
 * php tools/check-width.php [FOLDER], which prints each with its place and ends with 1 when there is one.
 */
const MOST = 140;
const OURS =
    '{^(?:[a-z.-]+|(?:agent|app|bootstrap(?!/cache)|config|core|database|deploy|e2e|routes|standins|tests|tools|web)/.+)\.'.
    '(?:php|tsx?|mjs|js|css|sh)$|^zebrafinch$}';
const GENERATED = 'web/api/schema.d.ts';

$root = realpath($argv[1] ?? dirname(__DIR__));
if ($root === false) {
    fwrite(STDERR, "There is no folder {$argv[1]}.\n");
    exit(2);
}
$skipped = ['vendor', 'node_modules', 'var', '.git', 'public'];
$files = new RecursiveIteratorIterator(
    new RecursiveCallbackFilterIterator(
        new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS),
        static fn (SplFileInfo $file): bool => ! in_array($file->getFilename(), $skipped, true),
    ),
);
$wide = 0;
/** @var SplFileInfo $file */
foreach ($files as $file) {
    $path = substr($file->getPathname(), strlen($root) + 1);
    if ($path === GENERATED || preg_match(OURS, $path) !== 1) {
        continue;
    }
    foreach (file($file->getPathname(), FILE_IGNORE_NEW_LINES) ?: [] as $index => $line) {
        if (mb_strlen($line) > MOST) {
            $wide++;
            echo $path, ':', $index + 1, ': ', mb_strlen($line), " characters\n";
        }
    }
}
echo $wide === 0 ? 'No line is wider than '.MOST." characters.\n" : "{$wide} lines are wider than ".MOST." characters.\n";
exit($wide === 0 ? 0 : 1);
