<?php

declare(strict_types=1);

use Zebrafinch\Core\Clash\BuiltInKinds;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Tests\World;

// Checking a kit of 6 applications with 30 contexts and 2,000 bindings each, against decoding its JSON; how that grows; one changed
// binding against checking all; who() against looking a text up in an array.
return static function (): iterable {
    require_once dirname(__DIR__).'/LargeKit.php';
    $docket = BuiltInKinds::docket(World::reserved());
    $seat = World::seat();
    $applications = array_map(LargeKit::application(...), range(1, 6));
    $kit = array_map(static fn ($one) => LargeKit::bindings($one, 2_000, crc32($one->id)), $applications);
    $json = json_encode(array_map(static fn (Bindings $one): array => $one->toData(), $kit), JSON_THROW_ON_ERROR);
    $check = static function (array $keymaps) use ($docket): int {
        return array_sum(array_map(static fn (LoadedKeymap $one): int => count($docket->of($one)), $keymaps));
    };
    $loaded = static fn (): array => array_map(
        static fn ($application, $bindings): LoadedKeymap => new LoadedKeymap($application, $bindings, $seat),
        $applications,
        $kit,
    );
    $keymaps = $loaded();
    $clashes = $check($keymaps);
    $all = SideBySide::of(static fn () => $check($keymaps), static fn () => json_decode($json, true, 8, JSON_THROW_ON_ERROR), rounds: 9);
    yield Row::aimed(
        "checking all of a kit (12,000 bindings, {$clashes} clashes)",
        sprintf('%.1f × decoding its JSON (%.1f ms and %.1f ms)', $all->ratio(), $all->subject, $all->yardstick),
        '≤ 2.5 ×',
        $all->ratio() <= 2.5,
    );
    $whole = SideBySide::of(static fn () => $check($loaded()), static fn () => json_decode($json, true, 8, JSON_THROW_ON_ERROR), rounds: 9);
    yield sprintf('the same, with the bindings indexed by press anew each time: %.1f times (%.1f ms)', $whole->ratio(), $whole->subject);

    $growth = [];
    foreach ([5, 25, 50] as $count) {
        $larger = array_map(
            static fn (int $number): LoadedKeymap => new LoadedKeymap(
                $applications[0],
                LargeKit::bindings($applications[0], 2_000, $number),
                $seat,
            ),
            range(1, $count),
        );
        $measured = SideBySide::of(
            static fn () => $check($larger),
            static fn () => json_decode($json, true, 8, JSON_THROW_ON_ERROR),
            rounds: 3,
        );
        $growth[] = sprintf('%s %.1f µs', number_format($count * 2_000), ($measured->subject * 1000) / ($count * 2_000));
    }
    yield 'checking larger kits, time for each binding: '.implode(', ', $growth);

    $keymap = $keymaps[0];
    $changes = array_map(static fn ($one): Change => Change::none()->removing($one), array_slice($keymap->bindings()->all(), 0, 200));
    $recheck = SideBySide::of(
        static fn () => $docket->of($keymap),
        static function () use ($changes, $keymap, $docket): void {
            foreach ($changes as $change) {
                $docket->on($keymap->touchedBy($change), $keymap->after($change));
            }
        },
        rounds: 9,
    );
    yield sprintf(
        'one changed binding rechecked: a full check of 2,000 bindings takes %.0f times as long (%.2f ms and %.4f ms)',
        $recheck->ratio() * count($changes),
        $recheck->subject,
        $recheck->yardstick / count($changes),
    );

    $asked = array_slice($keymap->bindings()->all(), 0, 1_000);
    $array = [];
    foreach ($asked as $one) {
        $array["{$one->context} {$one->chord->id()}"] = $one->command;
    }
    $lookUp = static function () use ($asked, $array): void {
        foreach ($asked as $one) {
            $array["{$one->context} {$one->chord->id()}"] ?? null;
        }
    };
    $ask = static function (Who $who) use ($asked): void {
        foreach ($asked as $one) {
            $who->gets($one->chord, Gesture::Tap, $one->context);
        }
    };
    $known = new Who($keymap);
    $again = SideBySide::of(static fn () => $ask($known), $lookUp);
    $first = SideBySide::of(static fn () => $ask(new Who($keymap)), $lookUp);
    yield sprintf(
        'who(), a question asked before: %.1f times a look-up in an array (%.2f µs and %.2f µs); '.
            'asked for the first time, ladder, reasons and sentence: %.0f times (%.1f µs)',
        $again->ratio(),
        $again->subject,
        $again->yardstick,
        $first->ratio(),
        $first->subject,
    );
};
