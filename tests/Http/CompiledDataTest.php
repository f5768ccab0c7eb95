<?php

declare(strict_types=1);

use App\Library\CompiledData;
use Illuminate\Support\Facades\File;

/** A folder of its own for what is compiled, with a little code and data beside it. */
function compiledIn(string $folder): CompiledData
{
    return new CompiledData("{$folder}/compiled", "{$folder}/code");
}

beforeEach(function () {
    $this->folder = sys_get_temp_dir().'/compiled-'.bin2hex(random_bytes(6));
    File::ensureDirectoryExists("{$this->folder}/code/Dialect/Table");
    File::put("{$this->folder}/code/Dialect/Table/Table.php", '<?php // reads');
    File::put("{$this->folder}/data.json", '{}');
    $this->made = 0;
    $this->ask = fn (): mixed => compiledIn($this->folder)->array('bindings', ["{$this->folder}/data.json"], function (): array {
        return ['made' => ++$this->made];
    });
});

afterEach(function () {
    File::deleteDirectory($this->folder);
});

test('what is dear to make is made once', function () {
    expect([($this->ask)(), ($this->ask)()])->toBe([['made' => 1], ['made' => 1]]);
});

test('it is made again when its data changes', function () {
    ($this->ask)();
    File::put("{$this->folder}/data.json", '{"a": 1}');
    expect(($this->ask)())->toBe(['made' => 2]);
});

test('it is made again when the code that reads the data changes, however deep in the core that is', function () {
    ($this->ask)();
    File::put("{$this->folder}/code/Dialect/Table/Table.php", '<?php // reads otherwise');
    expect(($this->ask)())->toBe(['made' => 2]);
});

test('it is made again when a file of code comes', function () {
    ($this->ask)();
    File::put("{$this->folder}/code/Dialect/New.php", '<?php');
    expect(($this->ask)())->toBe(['made' => 2]);
});

test('two names have an array each, made from the same data', function () {
    ($this->ask)();
    $other = compiledIn($this->folder)->array('index', ["{$this->folder}/data.json"], static fn (): array => ['other']);
    expect($other)
        ->toBe(['other'])
        ->and(($this->ask)())
        ->toBe(['made' => 1]);
});
