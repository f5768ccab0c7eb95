<?php

// Writes the key files of applications that nobody knows, and the bindings that each was made from: php forms.php FOLDER

declare(strict_types=1);

require dirname(__DIR__, 2).'/vendor/autoload.php';

use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Tests\Dialect\Forms;

$folder = $argv[1];
is_dir($folder) || mkdir($folder, 0777, true);
$all = [];
foreach (Forms::names() as $form) {
    file_put_contents("{$folder}/".Forms::fileName($form), Forms::file($form));
    $all[] = [
        'form' => $form,
        'file' => Forms::fileName($form),
        'bindings' => array_map(
            static fn (array $one): string => "{$one[0]} | {$one[1]} | ".Chord::parse($one[2])->id(),
            Forms::bindings($form),
        ),
    ];
}
file_put_contents("{$folder}/long.conf", Forms::file('several', 150));
file_put_contents("{$folder}/forms.json", json_encode($all, JSON_THROW_ON_ERROR));
