<?php

declare(strict_types=1);

use Zebrafinch\Core\Preset\BrokenArchive;
use Zebrafinch\Core\Preset\HouseKey;
use Zebrafinch\Core\Preset\Manifest;

// RFC 8032, section 7.1, tests 1, 2, 3 and SHA(abc): secret key, public key, message, signature.
dataset('RFC 8032', [
    'test 1' => [
        '9d61b19deffd5a60ba844af492ec2cc44449c5697b326919703bac031cae7f60',
        'd75a980182b10ab7d54bfed3c964073a0ee172f3daa62325af021a68f707511a',
        '',
        'e5564300c360ac729086e2cc806e828a84877f1eb8e5d974d873e065224901555fb8821590a33bacc61e39701cf9b46bd25bf5f0595bbe24655141438e7a100b',
    ],
    'test 2' => [
        '4ccd089b28ff96da9db6c346ec114e0f5b8a319f35aba624da8cf6ed4fb8a6fb',
        '3d4017c3e843895a92b70aa74d1b7ebc9c982ccf2ec4968cc0cd55f12af4660c',
        '72',
        '92a009a9f0d4cab8720e820b5f642540a2b27b5416503f8fb3762223ebdb69da085ac1e43e15996e458f3613d0f11d8c387b2eaeb4302aeeb00d291612bb0c00',
    ],
    'test 3' => [
        'c5aa8df43f9f837bedb7442f31dcb7b166d38535076f094b85ce3a2e0b4458f7',
        'fc51cd8e6218a1a38da47ed00230f0580816ed13ba3303ac5deb911548908025',
        'af82',
        '6291d657deec24024827e69c3abe01a30ce548a284743a445e3680d7db5ac3ac18ff9b538d16f290ae67f760984dc6594a7c15e9716ed28dc027beceea1ec40a',
    ],
]);

test('the house signs as the published vectors say', function (string $seed, string $public, string $message, string $signature) {
    $key = HouseKey::fromSeed((string) hex2bin($seed));
    $bytes = (string) hex2bin($message);
    expect($key->publicKey())
        ->toBe($public)
        ->and($key->sign($bytes))
        ->toBe($signature)
        ->and(HouseKey::hasSigned($signature, $bytes, $public))
        ->toBeTrue();
})->with('RFC 8032');

test('a signature holds for its message and its key alone', function (string $seed, string $public, string $message, string $signature) {
    $bytes = (string) hex2bin($message);
    $other = HouseKey::fromSeed(str_repeat('x', 32));
    expect(HouseKey::hasSigned($signature, "{$bytes}.", $public))
        ->toBeFalse()
        ->and(HouseKey::hasSigned($signature, $bytes, $other->publicKey()))
        ->toBeFalse()
        ->and(HouseKey::hasSigned(substr($signature, 2), $bytes, $public))
        ->toBeFalse()
        ->and(HouseKey::hasSigned('not in hex', $bytes, 'neither'))
        ->toBeFalse();
})->with('RFC 8032');

test('a manifest names its files, and whatever was changed, cut or lost is told', function () {
    $files = ['files/a.xml' => 'one', 'list.html' => 'two'];
    $manifest = Manifest::fromJson(Manifest::of(['preset' => 'Mine'], $files)->toJson());
    $manifest->check($files + ['more.txt' => 'is no fault']);
    expect($manifest->about)
        ->toBe(['preset' => 'Mine'])
        ->and(fn () => $manifest->check(['files/a.xml' => 'One'] + $files))
        ->toThrow(BrokenArchive::class, 'files/a.xml is not the one')
        ->and(fn () => $manifest->check(['list.html' => 'two']))
        ->toThrow(BrokenArchive::class, 'lacks the file files/a.xml');
});

test('paths that leave the archive, and sizes and counts past the bounds, are refused before anything is read', function (array $sizes) {
    expect(fn () => Manifest::checkBounds($sizes))->toThrow(BrokenArchive::class);
})->with([
    'up' => [['../a' => 1]],
    'up in between' => [['files/../../a' => 1]],
    'from the root' => [['/etc/a' => 1]],
    'a drive' => [['C:/a' => 1]],
    'backwards' => [['files\\a' => 1]],
    'nothing' => [['' => 1]],
    'a blank part' => [['files//a' => 1]],
    'a control character' => [["files/a\n" => 1]],
    'one too large' => [['a' => Manifest::MOST_BYTES + 1]],
    'too large together' => [array_fill_keys(array_map(static fn (int $n): string => "f{$n}", range(1, 9)), Manifest::MOST_BYTES)],
    'too many' => [array_fill_keys(array_map(static fn (int $n): string => "f{$n}", range(0, Manifest::MOST_FILES)), 1)],
]);
