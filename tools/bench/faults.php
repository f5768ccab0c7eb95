<?php

declare(strict_types=1);

/*
 * Kills the parts of a place of its own under writes, and reads mutated key files: how many of each, and what was lost.
 *
 * php tools/bench/faults.php [KILLS] [FILES]
 */

use Tests\House\Checkout;
use Tests\House\Kills;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$kills = (int) ($argv[1] ?? 200);
$files = (int) ($argv[2] ?? 1_000_000);

$checkout = new Checkout(8491, 54491);
[$said, $status] = $checkout->run('start --background');
if ($status !== 0) {
    fwrite(STDERR, $said."\n");
    exit(1);
}
$told = (new Kills($checkout))->under($kills, 20261127);
foreach ($told as $name => $value) {
    printf("%-18s %s\n", str_replace('_', ' ', $name), is_bool($value) ? ($value ? 'yes' : 'no') : $value);
}
unset($checkout);
if ($files > 0) {
    passthru('php '.escapeshellarg(__DIR__.'/mutated-key-files.php')." {$files} 7", $status);
}
exit($told['lost'] + $told['doubled'] === 0 && $told['standing'] ? $status : 1);
