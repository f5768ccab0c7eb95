<?php

// Writes a data folder for measuring: applications with many commands and bindings, in place of the shipped catalogues.
// Usage: php tools/bench/make-large-world.php FOLDER APPLICATIONS COMMANDS BINDINGS

declare(strict_types=1);

require dirname(__DIR__, 2).'/vendor/autoload.php';

use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Tests\World;

[, $folder, $applications, $commands, $bindings] = $argv;
$contexts = World::json('catalogues/cutloom/catalogue.json')['contexts'];
foreach (World::manyCommands((int) $applications, (int) $commands) as $application) {
    $home = "{$folder}/catalogues/{$application->id}";
    is_dir($home) || mkdir($home, 0777, true);
    file_put_contents(
        "{$home}/catalogue.json",
        json_encode(
            [
                'id' => $application->id,
                'name' => $application->name,
                'purpose' => 'measuring',
                'precedence' => 'deeper-first',
                'loading' => 'first-line-wins',
                'dialect' => 'faderloft-table',
                'contexts' => $contexts,
                'commands' => array_map(
                    static fn (Command $one): array => [
                        'id' => $one->id,
                        'name' => $one->name,
                        'menu' => $one->menu,
                        'tooltip' => $one->tooltip,
                        'context' => 'everywhere',
                    ],
                    $application->commands(),
                ),
            ],
            JSON_THROW_ON_ERROR,
        ),
    );
    copy(World::path('catalogues/faderloft/dialect.json'), "{$home}/dialect.json");
    $dialect = World::dialects()->for(World::faderloft());
    $blank = $dialect->read($dialect->blank(), $application);
    file_put_contents(
        "{$home}/factory.tsv",
        (new KeyFileWriter($dialect))->write($blank, World::manyBindings($application, (int) $bindings)),
    );
}
file_put_contents("{$folder}/catalogues/intents.json", World::bytes('catalogues/intents.json'));
is_dir("{$folder}/catalogues/desktop") || mkdir("{$folder}/catalogues/desktop");
copy(World::path('catalogues/desktop/dialect.json'), "{$folder}/catalogues/desktop/dialect.json");
copy(World::path('catalogues/words.json'), "{$folder}/catalogues/words.json");
if (! file_exists("{$folder}/boards")) {
    symlink(World::path('boards'), "{$folder}/boards");
}
