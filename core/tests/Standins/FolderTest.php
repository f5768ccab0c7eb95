<?php

declare(strict_types=1);

use Standins\Workstation\Folder;
use Zebrafinch\Core\Tests\World;

function folderOfAWorkstation(): array
{
    require_once World::path('standins/workstation/autoload.php');
    $path = sys_get_temp_dir().'/zebrafinch-folder-'.bin2hex(random_bytes(6));

    return [new Folder($path), $path];
}

test('nothing is overwritten without a copy, and the copy can be put back', function () {
    [$folder, $path] = folderOfAWorkstation();
    $folder->write('cutloom', 'first');
    expect($folder->copies())->toBe([])->and($folder->read('cutloom'))->toBe('first');
    $folder->write('cutloom', 'second');
    $copies = $folder->copies();
    expect($copies)
        ->toHaveCount(1)
        ->and($copies[0]['application'])
        ->toBe('cutloom')
        ->and($copies[0]['sha256'])
        ->toBe(hash('sha256', 'first'))
        ->and($folder->copy($copies[0]['name']))
        ->toBe('first')
        ->and(file_get_contents("{$path}/cutloom-keys.xml"))
        ->toBe('second');
});

test('a read-only folder refuses to be written and keeps its file', function () {
    [$folder, $path] = folderOfAWorkstation();
    $folder->write('faderloft', 'first');
    touch("{$path}/READ-ONLY");
    expect($folder->isReadOnly())
        ->toBeTrue()
        ->and(fn () => $folder->write('faderloft', 'second'))
        ->toThrow(RuntimeException::class, 'read-only; nothing was written')
        ->and($folder->read('faderloft'))
        ->toBe('first')
        ->and($folder->copies())
        ->toBe([]);
});

test('the switch for being offline is a file', function () {
    [$folder, $path] = folderOfAWorkstation();
    expect($folder->isOffline())->toBeFalse();
    touch("{$path}/OFFLINE");
    expect($folder->isOffline())->toBeTrue();
});

test('what is not there is said', function () {
    [$folder] = folderOfAWorkstation();
    expect($folder->read('cutloom'))
        ->toBeNull()
        ->and(fn () => $folder->read('paintbox'))
        ->toThrow(RuntimeException::class, 'no application paintbox')
        ->and(fn () => $folder->copy('../../etc/passwd'))
        ->toThrow(RuntimeException::class, 'There is no copy');
});
