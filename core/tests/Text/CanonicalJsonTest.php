<?php

declare(strict_types=1);

use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\EmptyPreset;
use Zebrafinch\Core\Preset\Release;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Text\CanonicalJson;

test('the example of RFC 8785, section 3.2.2, comes out byte for byte', function () {
    $input =
        '{"numbers":[333333333.33333329,1E30,4.50,2e-3,0.000000000000000000000000001],'.
        '"string":"\u20ac$\u000F\u000aA\'\u0042\u0022\u005c\\\\\"\/","literals":[null,true,false]}';
    $expected =
        '{"literals":[null,true,false],"numbers":[333333333.3333333,1e+30,4.5,0.002,1e-27],'.'"string":"€$\u000f\nA\'B\"\\\\\\\\\"/"}';
    expect(CanonicalJson::of(json_decode($input)))->toBe($expected);
});

test('names are sorted by UTF-16 code units, as in RFC 8785, section 3.2.3', function () {
    $input =
        '{"\u20ac":"Euro Sign","\r":"Carriage Return","\ufb33":"Hebrew Letter Dalet With Dagesh","1":"One",'.
        '"\ud83d\ude00":"Emoji: Grinning Face","\u0080":"Control","\u00f6":"Latin Small Letter O With Diaeresis"}';
    preg_match_all('/:"([^"]+)"/', CanonicalJson::of(json_decode($input)), $values);
    expect($values[1])->toBe([
        'Carriage Return',
        'One',
        'Control',
        'Latin Small Letter O With Diaeresis',
        'Euro Sign',
        'Emoji: Grinning Face',
        'Hebrew Letter Dalet With Dagesh',
    ]);
});

test('numbers are written as in RFC 8785, appendix B', function (string $bits, string $expected) {
    $number = unpack('E', (string) hex2bin($bits));
    expect(CanonicalJson::of($number[1] ?? null))->toBe($expected);
})->with([
    ['0000000000000000', '0'],
    ['8000000000000000', '0'],
    ['0000000000000001', '5e-324'],
    ['8000000000000001', '-5e-324'],
    ['7fefffffffffffff', '1.7976931348623157e+308'],
    ['4340000000000000', '9007199254740992'],
    ['4430000000000000', '295147905179352830000'],
    ['44b52d02c7e14af5', '9.999999999999997e+22'],
    ['44b52d02c7e14af6', '1e+23'],
    ['44b52d02c7e14af7', '1.0000000000000001e+23'],
    ['444b1ae4d6e2ef4e', '999999999999999700000'],
    ['444b1ae4d6e2ef50', '1e+21'],
    ['3eb0c6f7a0b5ed8c', '9.999999999999997e-7'],
    ['3eb0c6f7a0b5ed8d', '0.000001'],
    ['41b3de4355555553', '333333333.3333332'],
    ['becbf647612f3696', '-0.0000033333333333333333'],
    ['43143ff3c1cb0959', '1424953923781206.2'],
]);

test('infinite numbers are refused', function () {
    CanonicalJson::of(INF);
})->throws(JsonException::class);

test('a release has the same digest however its keymaps are listed, and another one when a chord changes', function () {
    $one = World::bindings('desk KeyB saw');
    $other = World::bindings('desk KeyP plane');
    $digest = Release::of(['a' => $one, 'b' => $other])->digest();
    expect($digest)
        ->toMatch('/^[0-9a-f]{64}$/')
        ->and(Release::of(['b' => $other, 'a' => $one])->digest())
        ->toBe($digest)
        ->and(Release::of(['a' => $one, 'b' => World::bindings('desk KeyQ plane')])->digest())
        ->not->toBe($digest);
});

test('a release reads back from what it was written as', function () {
    $data = Release::of(['a' => World::bindings("desk Primary+KeyB saw\ndrawer KeyX glue")])->toData();
    expect(Release::of(['a' => Bindings::fromData($data['keymaps']['a'])])->toData())->toBe($data);
});

test('an empty kit makes no release', function () {
    Release::of([]);
})->throws(EmptyPreset::class, 'no keymap');
