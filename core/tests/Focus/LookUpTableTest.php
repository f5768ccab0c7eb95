<?php

declare(strict_types=1);

use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\LookUpTable;
use Zebrafinch\Core\Focus\Rung;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Tests\World;

/** @return list<string> the rungs of a ladder of the table as text */
function rungsOf(array $table, int $ladder): array
{
    return array_map(static function (int $rung) use ($table): string {
        ['context' => $index, 'command' => $command, 'verdict' => $verdict, 'reason' => $reason] = $table['rungs'][$rung];

        return implode(' | ', [
            $table['contexts'][$index]['id'],
            $command === -1 ? '' : $table['commands'][$command]['id'],
            $verdict,
            $table['reasons'][$reason],
        ]);
    }, $table['ladders'][$ladder]);
}

/** @return list<string> the same from the rules themselves */
function rungsByRule(LoadedKeymap $keymap, Chord $chord, string $focus): array
{
    return array_map(
        static fn (Rung $rung): string => implode(' | ', [
            $rung->context->id,
            $rung->binding->command ?? '',
            $rung->verdict->value,
            $rung->reason,
        ]),
        (new Who($keymap))->gets($chord, Gesture::Tap, $focus)->rungs,
    );
}

test('the table says of every press and focus what the rules say', function (Closure $keymap) {
    $keymap = $keymap();
    $layers = [Modifiers::of(), Modifiers::of(Modifier::Shift), Modifiers::of(Modifier::Meta), Modifiers::of(Modifier::Alt)];
    $table = LookUpTable::of($keymap, $layers);
    foreach ($layers as $layer => $held) {
        foreach ($keymap->seat->board->keys() as $at => $placed) {
            if ($placed->key->isOnlyHeld()) {
                expect($table['uses'][0][$layer][$at])->toBe('-');

                continue;
            }
            $chord = Chord::with($held, $placed->key);
            $bound = $keymap->boundTo($chord) !== [];
            expect(isset($table['presses'][$chord->id()]))->toBe($bound);
            foreach ($table['contexts'] as $index => $context) {
                $ladder = $bound ? $table['presses'][$chord->id()][$index] : $table['idle'][$index];
                expect(rungsOf($table, $ladder))->toBe(rungsByRule($keymap, $chord, $context['id']));
                $wins = (new Who($keymap))->gets($chord, Gesture::Tap, $context['id'])->winner() !== null;
                expect($table['uses'][$index][$layer][$at])->toBe($wins ? '2' : ($bound ? '1' : '0'));
            }
        }
    }
})->with([
    'Cutloom as it comes' => [fn (): LoadedKeymap => World::factory(World::cutloom())],
    'Faderloft as it comes' => [fn (): LoadedKeymap => World::factory(World::faderloft())],
    'doubles, shadows and text' => [
        fn (): LoadedKeymap => World::loaded(
            "everywhere KeyA saw\ndesk KeyA glue\ndrawer KeyA sand\ndrawer KeyA paint\nshelf KeyB saw\nnote Meta+KeyA glue",
        ),
    ],
]);

test('a layer is free where nothing has its presses, in one context or in all', function () {
    $table = LookUpTable::of(World::loaded("desk KeyA saw\neverywhere KeyB glue", system: System::Linux), [
        Modifiers::of(),
        Modifiers::of(Modifier::Alt),
    ]);
    $bindable = count(array_filter(str_split($table['uses'][0][0]), static fn (string $digit): bool => $digit !== '-'));
    [$everywhere, $desk] = [$table['uses'][0][0], $table['uses'][1][0]];
    expect(substr_count($everywhere, '2'))
        ->toBe(1)
        ->and(substr_count($everywhere, '1'))
        ->toBe(1)
        ->and(substr_count($desk, '2'))
        ->toBe(2)
        ->and($table['free'][0])
        ->toBe([$bindable - 2, $bindable])
        // Last comes the row for all contexts together: KeyB runs in all but the text context, KeyA only under the desk.
        ->and(substr_count($table['uses'][count($table['contexts'])][0], '1'))
        ->toBe(2);
});
