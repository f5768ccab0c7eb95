<?php

declare(strict_types=1);

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\FixedChordMissing;
use Zebrafinch\Core\Preset\FixedChords;
use Zebrafinch\Core\Preset\Release;
use Zebrafinch\Core\Tests\World;

function bound(string $chord, string $command, string $context): Binding
{
    return new Binding(Chord::parse($chord), $command, $context);
}

test('a fixed chord stands in every kit, and what had it there or below has it no more', function () {
    $standard = Bindings::of(bound('KeyB', 'split-at-playhead', 'timeline'), bound('KeyB', 'roll-start', 'trim'));
    $fixed = FixedChords::in(['cutloom' => Bindings::of(bound('KeyB', 'split-at-playhead', 'timeline'))], ['cutloom' => $standard]);
    $mine = Bindings::of(
        bound('KeyB', 'lift', 'timeline'),
        bound('KeyB', 'slip-left', 'trim'),
        bound('KeyB', 'roll-start', 'trim'),
        bound('KeyB', 'save', 'everywhere'),
        bound('KeyB', 'mark-in', 'viewer'),
    );
    [$with, $lost] = $fixed->on(World::application('cutloom'), $mine);
    expect(array_map(static fn (Binding $one): string => $one->command, $lost))
        ->toBe(['lift', 'slip-left'])
        ->and($with->has(bound('KeyB', 'split-at-playhead', 'timeline')))
        ->toBeTrue()
        ->and($with->has(bound('KeyB', 'save', 'everywhere')))
        ->toBeTrue()
        ->and($with->has(bound('KeyB', 'mark-in', 'viewer')))
        ->toBeTrue();
    expect($fixed->brokenBy(World::application('cutloom'), $mine))
        ->toHaveCount(1)
        ->and($fixed->brokenBy(World::application('cutloom'), $with))
        ->toBe([]);
});

test('only what a keymap has can be fixed in it', function () {
    $fixed = ['cutloom' => Bindings::of(bound('KeyB', 'lift', 'timeline'))];
    expect(fn () => FixedChords::in($fixed, ['cutloom' => Bindings::of()]))->toThrow(FixedChordMissing::class);
});

test('fixed chords are part of a release and of its digest; one without has the digest it always had', function () {
    $keymaps = ['cutloom' => Bindings::of(bound('KeyB', 'lift', 'timeline'))];
    $with = Release::of($keymaps, $keymaps);
    expect($with->digest())
        ->not->toBe(Release::of($keymaps)->digest())
        ->and(Release::of($keymaps)->toData())
        ->not->toHaveKey('fixed')
        ->and(Release::fromJson((string) json_encode($with->toData()))->digest())
        ->toBe($with->digest());
});
