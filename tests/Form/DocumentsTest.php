<?php

declare(strict_types=1);

/** Documents that lead engineers to files. */
const LEADING = ['DEVELOPING.md', 'README.md', 'docs/guide.md', 'docs/decisions.md', 'docs/glossary.md', 'docs/security.md'];

/** Endings that a path in a sentence does without. */
const ENDINGS = ['', '.php', '.ts', '.tsx', '.sh', '/'];

test('every file that a document names is there', function (string $document) {
    $root = dirname(__DIR__, 2);
    preg_match_all(
        '{`((?:agent|app|bootstrap|boards|catalogues|core|deploy|docs|e2e|standins|tests|tools|web)/[\w/.*-]*?)(?:::\w+\(\))?`}',
        (string) file_get_contents("{$root}/{$document}"),
        $named,
    );
    $isThere = static fn (string $path): bool => array_filter(
        ENDINGS,
        static fn (string $ending): bool => (glob("{$root}/{$path}{$ending}") ?: []) !== [],
    ) !== [];
    $missing = array_filter(array_unique($named[1]), static fn (string $path): bool => ! $isThere($path));
    expect(array_values($missing))->toBe([]);
})->with(LEADING);
