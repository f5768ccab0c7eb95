<?php

declare(strict_types=1);

use Zebrafinch\Core\Export\Grouping;
use Zebrafinch\Core\Export\KeyList;
use Zebrafinch\Core\Export\ListedCommand;
use Zebrafinch\Core\Export\ListFormat;
use Zebrafinch\Core\Export\ListGroup;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Tests\World;
use Zebrafinch\Core\Text\Csv\CsvReader;

function workshopList(Grouping $grouping, bool $withUnbound = false): KeyList
{
    return KeyList::of(
        World::loaded("everywhere KeyG glue\ndesk Shift+KeyS saw\ndesk KeyS saw\ndesk KeyP plane", null, System::Linux),
        'Bench',
        $grouping,
        $withUnbound,
    );
}

/** @return array<string, list<string>> */
function groupsOf(KeyList $list): array
{
    return array_combine(
        array_map(static fn (ListGroup $one): string => $one->name, $list->groups),
        array_map(
            static fn (ListGroup $one): array => array_map(
                static fn (ListedCommand $command): string => "{$command->name}: {$command->chords()}",
                $one->commands,
            ),
            $list->groups,
        ),
    );
}

test('a list by context has every command that has a chord there, once', function () {
    expect(groupsOf(workshopList(Grouping::Context)))->toBe([
        'Everywhere' => ['Glue: G'],
        'Desk' => ['Saw: Shift+S or S', 'Plane: P'],
    ]);
});

test('a list by key goes layer by layer, the plain one first, and from left to right', function () {
    expect(groupsOf(workshopList(Grouping::Key)))->toBe([
        'No modifier' => ['Plane: P', 'Saw: S', 'Glue: G'],
        'Shift' => ['Saw: Shift+S'],
    ]);
});

test('a list by menu has every command of the factory keymap, in the order of the menus', function (string $id) {
    $application = World::application($id);
    $keymap = World::factory($application);
    $list = KeyList::of($keymap, 'Factory', Grouping::Menu, true);
    $menus = array_values(
        array_unique(array_map(static fn ($one): string => implode(' › ', array_slice($one->menu, 0, -1)), $application->commands())),
    );
    expect(array_column($list->groups, 'name'))->toBe(
        array_map(static fn (string $menu): string => $menu === '' ? 'In no menu' : $menu, $menus),
    );
    $ids = array_merge(...array_map(static fn (ListGroup $one): array => array_column($one->commands, 'id'), $list->groups));
    expect(array_unique($ids))->toHaveCount(count($application->commands()));
})->with(['cutloom', 'faderloft', 'easeframe', 'gradewell', 'rotomere', 'boardwick']);

test('what can be held is told in words', function () {
    $list = KeyList::of(World::factory(World::application('boardwick')), 'Factory', Grouping::Context, only: ['rubber']);
    expect(groupsOf($list))->toBe(['Easel' => ['Rubber: tap E, or hold E']]);
});

test('the comma-separated list is read back as what it says', function () {
    $list = KeyList::of(World::factory(World::application('rotomere')), "Mine, with \"quotes\"\nand lines", Grouping::Key);
    $bytes = ListFormat::Csv->writer()->write([$list]);
    $records = array_map(static fn (array $record): array => array_column($record[0], 0), iterator_to_array(CsvReader::of($bytes), false));
    expect($records)
        ->toHaveCount(1 + $list->count())
        ->and(array_unique(array_map(count(...), $records)))
        ->toBe([7])
        ->and($records[1][1])
        ->toBe("Mine, with \"quotes\"\nand lines")
        ->and(array_column(array_slice($records, 1), 5))
        ->toContain('“,”', '“_”');
});

test('the printed page shows text as text', function () {
    $list = KeyList::of(World::loaded('desk KeyS saw'), '<script>alert(1)</script>', Grouping::Context);
    $page = ListFormat::Page->writer()->write([$list]);
    expect($page)->toContain('&lt;script&gt;')->not->toContain('<script>');
    $document = new DOMDocument();
    expect($document->loadHTML($page, LIBXML_NOERROR))->toBeTrue()->and($document->getElementsByTagName('dt')->length)->toBe(1);
});

test('signs of Markdown in names stay signs', function () {
    $list = KeyList::of(World::factory(World::application('rotomere')), 'a|b', Grouping::Context);
    $markdown = ListFormat::Markdown->writer()->write([$list]);
    expect($markdown)->toContain('# Rotomere: a\|b')->toContain('| “\*” | Note here |');
});

test('plain text has the chords in a column of their own', function () {
    expect(ListFormat::Text->writer()->write([workshopList(Grouping::Context)]))->toBe(
        <<<'TEXT'
        Workshop: Bench
        ===============

        Everywhere
        ----------
        G             Glue

        Desk
        ----
        Shift+S or S  Saw
        P             Plane

        TEXT
        ,
    );
});

test('every format has a writer of its own, with a media type and an ending that no other has', function () {
    $writers = array_map(static fn (ListFormat $format) => $format->writer(), ListFormat::cases());
    $types = array_map(static fn ($writer): string => $writer->mediaType(), $writers);
    $endings = array_map(static fn ($writer): string => $writer->extension(), $writers);
    // Media types: RFC 2046 (text/plain), RFC 4180 (text/csv), RFC 7763 (text/markdown), and HTML's own.
    expect($types)
        ->toBe([
            'text/plain; charset=utf-8',
            'text/csv; charset=utf-8; header=present',
            'text/markdown; charset=utf-8',
            'text/html; charset=utf-8',
        ])
        ->and(array_unique($endings))
        ->toBe($endings)
        ->and(array_unique(array_map(get_class(...), $writers)))
        ->toHaveCount(count(ListFormat::cases()));
});
