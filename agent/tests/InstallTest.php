<?php

declare(strict_types=1);

use Standins\Workstation\SwitchedDisk;
use Zebrafinch\Agent\AgentRefuses;
use Zebrafinch\Agent\Bundle;
use Zebrafinch\Agent\Copies;
use Zebrafinch\Agent\Report;
use Zebrafinch\Agent\Settings;
use Zebrafinch\Agent\StateFolder;
use Zebrafinch\Agent\Tests\TestFolder;

require_once dirname(__DIR__).'/autoload.php';
require_once dirname(__DIR__, 2).'/standins/workstation/autoload.php';
require_once __DIR__.'/TestFolder.php';

/** A workstation that has a release. @return array{TestFolder, StateFolder} */
function withRelease(string $name = 'first'): array
{
    $folder = new TestFolder();
    $state = $folder->state();
    expect($folder->installer($state)->install(1, $folder->release($state, $name)))->toBe([]);

    return [$folder, $state];
}

test('what is installed is noted, and what was there has a copy', function () {
    [$folder, $state] = withRelease();
    $before = $folder->there();
    $folder->installer($state)->install(2, $folder->release($state, 'second'));
    expect($folder->releases())
        ->toBe(['second'])
        ->and($state->number())
        ->toBe(2)
        ->and($state->installed('cutloom'))
        ->toBe(hash('sha256', (string) $folder->there()['cutloom']))
        ->and($state->copies()->read(hash('sha256', (string) $before['cutloom'])))
        ->toBe($before['cutloom']);
});

test('where one file is not the one that was told of, nothing of all is installed', function () {
    [$folder, $state] = withRelease();
    $entries = $folder->release($state, 'second');
    file_put_contents($folder->file('faderloft'), 'by hand of nobody');
    $before = $folder->there();
    expect($folder->installer($state)->install(2, $entries))
        ->toBe(['faderloft' => 'changed'])
        ->and($folder->there())
        ->toBe($before);
});

test('a file that should not be there goes, with a copy, and one that is there already is only noted', function () {
    [$folder, $state] = withRelease();
    $there = $folder->there();
    $sha256 = hash('sha256', (string) $there['cutloom']);
    $easeframe = hash('sha256', (string) $there['easeframe']);
    $folder
        ->installer($state)
        ->install(2, [
            ['application' => 'cutloom', 'sha256' => null, 'replaces' => $sha256, 'given' => null],
            ['application' => 'easeframe', 'sha256' => $easeframe, 'replaces' => $easeframe, 'given' => str_repeat('a', 64)],
        ]);
    expect($folder->there()['cutloom'])
        ->toBeNull()
        ->and($state->copies()->read($sha256))
        ->toBe($there['cutloom'])
        ->and($state->installed('easeframe'))
        ->toBe(str_repeat('a', 64));
});

test('a folder that cannot be written, or a full disk, holds everything back and leaves nothing about', function (
    string $switch,
    string $held,
) {
    [$folder, $state] = withRelease();
    $before = $folder->there();
    touch("{$folder->path}/{$switch}");
    $disk = new SwitchedDisk($folder->path);
    expect($folder->installer($state, $disk)->install(2, $folder->release($state, 'second')))
        ->toContain($held)
        ->and($folder->there())
        ->toBe($before)
        ->and($state->journal())
        ->toBeNull();
    unlink("{$folder->path}/{$switch}");
    expect($folder->installer($state, $disk)->install(2, $folder->release($state, 'second')))
        ->toBe([])
        ->and($folder->releases())
        ->toBe(['second'])
        ->and($folder->strays())
        ->toBe([]);
})->with([['READ-ONLY', 'read-only'], ['FULL', 'full']]);

test('an application that is running is waited for where it is to be', function () {
    [$folder, $state] = withRelease();
    expect($folder->installer($state)->install(2, $folder->release($state, 'second'), ['easeframe']))
        ->toBe(['easeframe' => 'running'])
        ->and($folder->releases())
        ->toBe(['first']);
});

test('what was half written when it was killed goes at the next start, and a stranger\'s file stays', function () {
    [$folder, $state] = withRelease();
    $half = ['journal.json.new', 'fetched/'.str_repeat('a', 64).'.new'];
    foreach ([...$half, 'notes.new'] as $name) {
        file_put_contents("{$folder->path}/agent/{$name}", 'half');
    }
    $state->close();
    $folder->state()->close();
    expect(array_filter($half, static fn (string $name): bool => is_file("{$folder->path}/agent/{$name}")))
        ->toBe([])
        ->and(is_file("{$folder->path}/agent/notes.new"))
        ->toBeTrue();
});

test('only one agent works with a folder', function () {
    [$folder, $state] = withRelease();
    expect(fn () => $folder->state())->toThrow(AgentRefuses::class, 'Another agent works');
    $state->close();
    $folder->state()->close();
});

test('copies are pruned by number and age, the newest stay, and a stranger\'s file is never touched', function () {
    [$folder, $state] = withRelease();
    $day = 86_400;
    mkdir("{$folder->path}/agent/copies");
    file_put_contents("{$folder->path}/agent/copies/notes.txt", 'of somebody else');
    foreach (range(1, 60) as $number) {
        $state->copies()->add('cutloom', "old {$number}", 1_000_000_000 + $number);
    }
    expect(count($state->copies()->all()))
        ->toBe(Copies::MOST_OF_AN_APPLICATION)
        ->and($state->copies()->all()[0]['sha256'])
        ->toBe(hash('sha256', 'old 60'));
    $state->copies()->add('cutloom', 'much later', 1_000_000_000 + (Copies::DAYS + 1) * $day);
    expect($state->copies()->all())
        ->toHaveCount(Copies::ALWAYS)
        ->and(is_file("{$folder->path}/agent/copies/notes.txt"))
        ->toBeTrue();
});

test('a report tells what is there, and of a file that is too large or cannot be read only that', function () {
    [$folder, $state] = withRelease();
    file_put_contents($folder->file('easeframe'), str_repeat('x', 9_000_000));
    $report = new Report($folder->workstation(), $state);
    $told = array_column($report->of(['cutloom' => 'running'], 'linux', 7)['files'], null, 'application');
    expect($told['easeframe'])
        ->toMatchArray(['sha256' => str_repeat('0', 64), 'held' => 'unreadable'])
        ->and($told['cutloom'])
        ->toMatchArray(['sha256' => $state->installed('cutloom'), 'installed' => $state->installed('cutloom'), 'held' => 'running']);
});

/** @return array{Settings, string, string} settings, the path of a bundle for a suite, and the secret key that signs it */
function bundleFor(TestFolder $folder, StateFolder $state, string $suite = 'avocet', ?string $secret = null, int $number = 5): array
{
    $keys = sodium_crypto_sign_keypair();
    $settings = "{$folder->path}/settings.json";
    file_put_contents(
        $settings,
        json_encode([
            'server' => 'http://127.0.0.1:1',
            'token' => 'secret',
            'suite' => 'avocet',
            'house_key' => bin2hex(sodium_crypto_sign_publickey($keys)),
            'state' => "{$folder->path}/agent",
            'files' => $folder->workstation()->files(),
        ]),
    );
    $entries = $folder->release($state, 'by stick');
    $files = [];
    foreach ($entries as $entry) {
        $files[(string) $entry['sha256']] = base64_encode((string) $state->fetched((string) $entry['sha256']));
    }
    $state->forgetFetchedBut([]);
    $text = (string) json_encode(['suite' => $suite, 'system' => 'linux', 'number' => $number, 'when' => 'now', 'install' => $entries]);
    $path = "{$folder->path}/avocet.bundle";
    file_put_contents(
        $path,
        json_encode([
            'format' => 'zebrafinch-bundle/1',
            'assignment' => $text,
            'signature' => bin2hex(sodium_crypto_sign_detached($text, $secret ?? sodium_crypto_sign_secretkey($keys))),
            'files' => $files,
        ]),
    );

    return [Settings::fromFile($settings), $path, $text];
}

test('a bundle of the house is installed from a stick by the same rules, and its report is signed with the token', function () {
    [$folder, $state] = withRelease();
    [$settings, $path] = bundleFor($folder, $state);
    $bundle = new Bundle($settings, $folder->workstation(), $folder->installer($state), $state);
    expect($bundle->install($path, "{$path}.report"))
        ->toContain('5 is installed')
        ->and($folder->releases())
        ->toBe(['by stick']);
    $report = json_decode((string) file_get_contents("{$path}.report"), true);
    expect($report['code'])
        ->toBe(hash_hmac('sha256', $report['report'], hash('sha256', 'secret')))
        ->and(json_decode($report['report'], true))
        ->toMatchArray(['number' => 5, 'version' => Report::VERSION]);
});

test('a bundle that is not of the house, of another suite, or older than what is there is refused', function (array $with, string $why) {
    [$folder, $state] = withRelease();
    $state->note(4, []);
    [$settings, $path] = bundleFor($folder, $state, ...$with);
    $bundle = new Bundle($settings, $folder->workstation(), $folder->installer($state), $state);
    expect(fn () => $bundle->install($path, "{$path}.report"))
        ->toThrow(AgentRefuses::class, $why)
        ->and($folder->releases())
        ->toBe(['first']);
})->with([
    'another key' => [['secret' => sodium_crypto_sign_secretkey(sodium_crypto_sign_keypair())], 'was not signed by this house'],
    'another suite' => [['suite' => 'dunlin'], 'for another suite'],
    'an old one' => [['number' => 3], 'older than what is installed'],
]);

test('settings that lack something are told by name', function () {
    $path = (string) tempnam(sys_get_temp_dir(), 'settings');
    file_put_contents($path, '{"server":"http://x","token":"t","suite":"avocet"}');
    expect(fn () => Settings::fromFile($path))
        ->toThrow(AgentRefuses::class, 'lacks "state"')
        ->and(fn () => Settings::fromFile("{$path}.not"))
        ->toThrow(AgentRefuses::class, 'is not there');
});
