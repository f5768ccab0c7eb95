<?php

declare(strict_types=1);

use App\Description\HouseApplication;
use App\Library\Library;
use Illuminate\Support\Facades\Artisan;
use Opis\JsonSchema\Validator;
use Zebrafinch\Core\Tests\Dialect\Forms;

/** @return array{int, mixed} how the command ends, and what it prints, decoded */
function ranWithJson(string $command, array $arguments): array
{
    $ended = Artisan::call($command, $arguments + ['--json' => true]);

    return [$ended, json_decode(Artisan::output(), true, 64, JSON_THROW_ON_ERROR)];
}

/** @return list<string> */
function factoryFiles(): array
{
    return glob(base_path('catalogues/*/factory.*')) ?: [];
}

function textFile(string $text, string $name = 'file'): string
{
    $path = sys_get_temp_dir().'/zebrafinch-'.bin2hex(random_bytes(5)).'-'.$name;
    file_put_contents($path, $text);

    return $path;
}

test('each dialect is recognised, and its factory keymap has no fault', function () {
    [$ended, $report] = ranWithJson('check', ['files' => factoryFiles()]);
    expect($ended)
        ->toBe(0)
        ->and($report['faults'])
        ->toBe(0)
        ->and($report['errors'])
        ->toBe([])
        ->and(array_column($report['files'], 'application'))
        ->toBe(['boardwick', 'cutloom', 'easeframe', 'faderloft', 'gradewell', 'rotomere']);
});

test('a fault ends with 1 and is told with its line', function () {
    [$ended, $report] = ranWithJson('check', ['files' => [base_path('core/tests/Dialect/fixtures/easeframe/good/dead-line.keys')]]);
    expect($ended)
        ->toBe(1)
        ->and($report['files'][0]['findings'][0]['line'])
        ->toBe(2)
        ->and($report['files'][0]['clashes'][0])
        ->toMatchArray(['kind' => 'double', 'grade' => 'fault'])
        ->and(Artisan::call('check', ['files' => [base_path('core/tests/Dialect/fixtures/easeframe/good/dead-line.keys')]]))
        ->toBe(1)
        ->and(Artisan::output())
        ->toContain('line 2: Undone by line 4')
        ->toContain('fault, double: Canvas gives G to Pen and Text tool.');
});

test('bad input ends with 2, and the other files are still checked', function (?string $text, string $says) {
    [$ended, $report] = ranWithJson('check', ['files' => [$text === null ? '/nosuch' : textFile($text), factoryFiles()[0]]]);
    expect($ended)
        ->toBe(2)
        ->and($report['errors'])
        ->toHaveCount(1)
        ->and($report['errors'][0]['detail'].$report['errors'][0]['where'])
        ->toContain($says)
        ->and($report['files'])
        ->toHaveCount(1);
})->with([
    'no such file' => [null, 'There is no file'],
    'nobody\'s file' => ['hello', 'no key file'],
    'a preset without a format' => ['{"keymaps": {}}', 'no key file'],
    'a broken preset' => [
        '{"format": "zebrafinch-preset/1", "keymaps": {"cutloom": [{"chord": "KeyK", "command": "stop"}]}}',
        'keymaps/cutloom/0/context',
    ],
    'a preset of an unknown application' => ['{"format": "zebrafinch-preset/1", "keymaps": {"paintbox": []}}', 'paintbox'],
]);

test('an unknown keyboard is refused', function () {
    expect(Artisan::call('check', ['files' => [factoryFiles()[0]], '--layout' => 'martian']))->toBe(2);
});

test('a release in the interchange format is valid against its schema, and is checked like the key files it came from', function () {
    $this->as('sound')
        ->postJson('/api/applications/faderloft/keymaps', [
            'name' => 'Mine',
            'title' => 'K records',
            'despite_clashes' => true,
            'change' => ['removed' => [], 'added' => [['chord' => 'KeyK', 'command' => 'record', 'context' => 'everywhere']]],
        ])
        ->assertCreated();
    $this->release('Mine');
    $content = json_encode(App\Models\Release::query()->firstOrFail()->content, JSON_THROW_ON_ERROR);
    expect(
        (new Validator())
            ->validate(json_decode($content), json_decode((string) file_get_contents(base_path('docs/preset.schema.json'))))
            ->isValid(),
    )->toBeTrue();
    [$ended, $report] = ranWithJson('check', ['files' => [textFile($content, 'preset.json')]]);
    expect($ended)->toBe(1)->and($report['files'][0]['application'])->toBe('faderloft')->and($report['faults'])->toBe(1);
});

test('who gets a chord is told for the factory keymaps and for files', function () {
    [$ended, $answer] = ranWithJson('who', ['chord' => 'KeyK']);
    expect($ended)->toBe(0)->and($answer['applications'])->toHaveCount(6);
    [$ended, $answer] = ranWithJson('who', [
        'chord' => 'G',
        'files' => [base_path('core/tests/Dialect/fixtures/easeframe/good/dead-line.keys')],
        '--focus' => 'canvas',
    ]);
    expect($ended)
        ->toBe(1)
        ->and($answer['applications'][0]['ladders'][0]['winner'])
        ->toBe('text-tool')
        ->and($answer['applications'][0]['ladders'][0]['rungs'][0]['verdict'])
        ->toBe('dead');
    [$ended, $answer] = ranWithJson('who', [
        'chord' => 'KeyW',
        'files' => [base_path('catalogues/boardwick/factory.csv')],
        '--focus' => 'easel',
        '--gesture' => 'hold',
    ]);
    expect($ended)
        ->toBe(0)
        ->and($answer['applications'][0]['ladders'][0]['winner'])
        ->toBe('brush')
        ->and(Artisan::call('who', ['chord' => 'Hyper+Z']))
        ->toBe(2)
        ->and(Artisan::call('who', ['chord' => 'KeyK', '--focus' => 'kitchen', 'files' => [base_path('catalogues/cutloom/factory.xml')]]))
        ->toBe(2);
});

test('key files are carried over: each line once, and the key file that comes of it can be read again', function () {
    $written = textFile('', 'carried');
    expect(
        Artisan::call('carry', ['files' => [base_path('catalogues/cutloom/factory.xml')], '--to' => 'faderloft', '--write' => $written]),
    )->toBe(0);
    $report = json_decode(Artisan::output(), true, 64, JSON_THROW_ON_ERROR);
    [$ended, $check] = ranWithJson('check', ['files' => [$written], '--application' => 'faderloft']);
    expect(array_sum($report['counts']))
        ->toBe(count($report['lines']))
        ->and($ended)
        ->toBe(0)
        ->and($check['faults'])
        ->toBe(0)
        ->and((string) file_get_contents($written))
        ->toStartWith('# Keys that Faderloft starts with');
    unlink($written);
    expect(Artisan::call('carry', ['files' => [base_path('catalogues/cutloom/factory.xml')], '--to' => 'nowhere']))
        ->toBe(2)
        ->and(Artisan::call('carry', ['files' => ['/nowhere/at/all'], '--to' => 'faderloft']))
        ->toBe(2)
        ->and(
            Artisan::call('carry', [
                'files' => [base_path('catalogues/cutloom/factory.xml')],
                '--to' => 'faderloft',
                '--write' => '/nowhere/at/all',
            ]),
        )
        ->toBe(2);
});

test('key files are harmonised: the answer holds, and the instance goes out as text for other solvers', function () {
    $lp = textFile('', 'instance.lp');
    expect(
        Artisan::call('harmonise', [
            'files' => [base_path('catalogues/cutloom/factory.xml'), base_path('catalogues/faderloft/factory.tsv')],
            '--seconds' => '1',
            '--write-lp' => $lp,
        ]),
    )->toBe(0);
    $report = json_decode(Artisan::output(), true, 64, JSON_THROW_ON_ERROR);
    expect(
        (new Zebrafinch\Core\Harmonise\Solve\Checker(
            Zebrafinch\Core\Harmonise\Solve\Instance::fromData($report['instance']),
        ))->complaints($report['answer']),
    )
        ->toBe([])
        ->and($report['lines'])
        ->not->toBe([])
        ->and(array_keys($report['changes']))
        ->toEqualCanonicalizing(['cutloom', 'faderloft'])
        ->and((string) file_get_contents($lp))
        ->toContain('Minimize');
    unlink($lp);
    expect(Artisan::call('harmonise', ['files' => [base_path('catalogues/cutloom/factory.xml')]]))
        ->toBe(2)
        ->and(
            Artisan::call('harmonise', [
                'files' => [base_path('catalogues/cutloom/factory.xml'), base_path('catalogues/faderloft/factory.tsv')],
                '--seconds' => 'long',
            ]),
        )
        ->toBe(2);
});

test('key files are printed as a list, in every grouping and format', function (string $by, string $as, string $holds) {
    $files = [base_path('catalogues/cutloom/factory.xml'), base_path('catalogues/boardwick/factory.csv')];
    $ended = Artisan::call('list-keys', ['files' => $files, '--by' => $by, '--as' => $as]);
    expect($ended)->toBe(0)->and(Artisan::output())->toContain($holds);
})->with([
    ['context', 'text', 'tap E, or hold E'],
    ['menu', 'csv', 'Cutloom,factory.xml,Timeline,Clip,Split at playhead,C,'],
    ['key', 'markdown', '| C | Split at playhead | Timeline |'],
    ['context', 'page', '<h1>Boardwick <small>factory.csv</small></h1>'],
]);

test('a list of something else is refused with the reason', function () {
    expect(Artisan::call('list-keys', ['files' => [base_path('README.md')]]))
        ->toBe(2)
        ->and(Artisan::call('list-keys', ['files' => [base_path('catalogues/cutloom/factory.xml')], '--as' => 'song']))
        ->toBe(2);
});

test('a file of an application makes it known to every command that reads key files', function () {
    $slug = $this->applicationInUse();
    $id = HouseApplication::query()->where('slug', $slug)->firstOrFail()->id;
    $saved = textFile(
        (string) $this->get("/api/house-applications/{$id}/file")
            ->assertOk()
            ->getContent(),
        'application.json',
    );
    HouseApplication::query()->delete();
    app()->forgetInstance(Library::class);
    $keys = textFile(Forms::file('several'), 'keys.conf');
    [$ended, $report] = ranWithJson('check', ['files' => [$keys], '--application' => $saved]);
    $checked = $report['files'][0];
    expect([$ended, $checked['application'], $checked['bindings']])->toBe([0, $slug, count(Forms::bindings('several'))]);
    [, $who] = ranWithJson('who', ['chord' => 'Ctrl+B', 'files' => [$keys], '--application' => $saved]);
    expect(json_encode($who))->toContain('split-reel');
    expect(Artisan::call('list-keys', ['files' => [$keys], '--application' => $saved, '--as' => 'csv']))->toBe(0);
    $carried = textFile('', 'carried.conf');
    $ended = Artisan::call('carry', [
        'files' => [base_path('catalogues/cutloom/factory.xml')],
        '--to' => $slug,
        '--application' => $saved,
        '--write' => $carried,
    ]);
    expect($ended)->toBe(0)->and((string) file_get_contents($carried))->toContain('; Keys of Lanternfish.');
    $two = [$keys, base_path('catalogues/cutloom/factory.xml')];
    $ended = Artisan::call('harmonise', ['files' => $two, '--application' => $saved, '--seconds' => '1']);
    // It is known there, too; nobody has said yet what its commands are for.
    expect($ended)->toBe(2)->and(Artisan::output())->toContain('None of the chosen intents');
});
