<?php

// Reads key files of every form, mutated, and says what came of them: php tools/bench/mutated-key-files.php NUMBER
// Each is read or refused and, where it is read, written back byte for byte; anything else is counted as a fault and shown.

declare(strict_types=1);

require dirname(__DIR__, 2).'/vendor/autoload.php';

use Zebrafinch\Core\Application\CatalogueReader;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Dialect\KeyFileWriter;
use Zebrafinch\Core\Dialect\Propose\Proposer;
use Zebrafinch\Core\Refusal;
use Zebrafinch\Core\Tests\Dialect\Forms;
use Zebrafinch\Core\Tests\Dialect\Mutation;
use Zebrafinch\Core\Tests\World;

set_error_handler(static fn (int $level, string $message): never => throw new ErrorException($message, $level));
$number = (int) ($argv[1] ?? 100_000);
$seed = (int) ($argv[2] ?? 1);
$readers = [];
foreach (Forms::names() as $form) {
    $proposal = Proposer::propose([Forms::file($form)], [], 'brought', 'brought');
    $application = (new CatalogueReader())->application([
        'id' => 'brought',
        'name' => 'Brought',
        'purpose' => 'measuring',
        'precedence' => 'deeper-first',
        'loading' => 'last-line-wins',
        'dialect' => 'brought',
        'contexts' => $proposal->contexts,
        'commands' => $proposal->commands,
    ]);
    $readers[] = [$form, Forms::file($form), Dialect::fromData($proposal->description), $application];
}
foreach (World::applicationIds() as $id) {
    $application = World::application($id);
    $readers[] = [$id, substr(World::factoryBytes($id), 0, 6_000), World::dialects()->for($application), $application];
}
mt_srand($seed);
$counts = ['read' => 0, 'refused' => 0, 'faults' => 0];
$slowest = 0.0;
$began = microtime(true);
for ($done = 0; $done < $number; $done++) {
    [$name, $good, $dialect, $application] = $readers[$done % count($readers)];
    $bytes = Mutation::of($good);
    $from = microtime(true);
    try {
        $file = $dialect->read($bytes, $application);
        if ((new KeyFileWriter($dialect))->write($file, $file->bindings()) !== $bytes) {
            throw new RuntimeException('It is not written back as it was.');
        }
        $counts['read']++;
    } catch (Refusal) {
        $counts['refused']++;
    } catch (Throwable $error) {
        $counts['faults']++;
        $path = sys_get_temp_dir()."/mutated-{$seed}-{$done}";
        file_put_contents($path, $bytes);
        fwrite(STDERR, "{$name} {$done}: ".get_class($error)." {$error->getMessage()} ({$path})\n");
    }
    $slowest = max($slowest, microtime(true) - $from);
}
printf(
    "%d mutated key files of %d forms in %.0f s: %d read, %d refused, %d faults; slowest %.0f ms, memory %.0f MB\n",
    $number,
    count($readers),
    microtime(true) - $began,
    $counts['read'],
    $counts['refused'],
    $counts['faults'],
    $slowest * 1000,
    memory_get_peak_usage(true) / 1e6,
);
