<?php

declare(strict_types=1);

use Zebrafinch\Core\Tests\World;

arch('the core uses no framework')
    ->expect('Zebrafinch\Core')
    ->not->toUse(['Illuminate', 'Laravel', 'App', 'Symfony', 'Carbon'])
    ->ignoring('Zebrafinch\Core\Tests');

arch('every class of the core is final, readonly unless it says why, or only there to be built on')
    ->expect('Zebrafinch\Core')
    ->classes()
    ->toBeFinal()
    ->ignoring(['Zebrafinch\Core\Refusal', 'Zebrafinch\Core\Tests']);

arch('every file of the core is strict')->expect('Zebrafinch\Core')->toUseStrictTypes();

/** @return iterable<string, array{string}> */
function coreFiles(): iterable
{
    foreach (
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator(World::path('core/src'), FilesystemIterator::SKIP_DOTS)) as $file
    ) {
        yield substr($file->getPathname(), strlen(World::path('core/src/'))) => [$file->getPathname()];
    }
}

test('no file of the core reads files, the clock, chance, the environment or globals', function (string $path) {
    $forbidden = [
        'fopen',
        'file_get_contents',
        'file_put_contents',
        'file',
        'readfile',
        'unlink',
        'glob',
        'scandir',
        'is_file',
        'file_exists',
        'include',
        'require',
        'include_once',
        'require_once',
        'time',
        'microtime',
        'hrtime',
        'date',
        'strtotime',
        'date_create',
        'datetime',
        'datetimeimmutable',
        'rand',
        'mt_rand',
        'random_int',
        'random_bytes',
        'shuffle',
        'uniqid',
        'getenv',
        'ini_set',
        'setlocale',
        'exec',
        'shell_exec',
        'curl_init',
        'fsockopen',
        'echo',
        'print',
        'print_r',
        'var_dump',
        'global',
    ];
    $tokens = array_values(
        array_filter(PhpToken::tokenize((string) file_get_contents($path)), static fn (PhpToken $one): bool => ! $one->isIgnorable()),
    );
    foreach ($tokens as $index => $token) {
        $isCall =
            $token->is(T_STRING) &&
            ($tokens[$index + 1]->text ?? '') === '(' &&
            ! in_array($tokens[$index - 1]->text ?? '', ['->', '::', 'function', '?->'], true);
        $isWord =
            $token->is([T_INCLUDE, T_REQUIRE, T_INCLUDE_ONCE, T_REQUIRE_ONCE, T_GLOBAL, T_ECHO, T_PRINT]) &&
            ($tokens[$index - 1]->text ?? '') !== 'function';
        if ($isCall || $isWord || $token->is(T_NEW)) {
            $name = strtolower(ltrim($token->is(T_NEW) ? $tokens[$index + 1]->text : $token->text, '\\'));
            expect(in_array($name, $forbidden, true))->toBeFalse("{$name} in line {$token->line}");
        }
        expect(preg_match('/^\$(_GET|_POST|_SERVER|_ENV|_FILES|_COOKIE|_SESSION|GLOBALS)$/', $token->text))->toBe(0);
    }
    expect($tokens)->not->toBe([]);
})->with(coreFiles(...));
