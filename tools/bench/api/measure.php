<?php

declare(strict_types=1);

// What a request costs at least, how many there can be, and the look-up table: unchanged, and after one chord, against decoding its JSON.
// `./zebrafinch bench` calls it with a server of its own. Usage: php measure.php ADDRESS

use Database\Seeders\DemoWorld;

require dirname(__DIR__, 3).'/vendor/autoload.php';
require dirname(__DIR__).'/Visitor.php';
require dirname(__DIR__).'/Row.php';

const ROUNDS = 60;

[, $address] = $argv;
$visitor = new Visitor($address);
$visitor->signIn('picture@saltmarsh.example', DemoWorld::PASSWORD);
$keymap = $visitor->send('POST', '/applications/cutloom/keymaps', ['name' => 'Mine'])['id'];
$table = $visitor->get('/table'.Visitor::HERE);
$isThere = false;
$change = static function () use ($visitor, $keymap, &$isThere): void {
    $chord = [['chord' => 'Alt+KeyT', 'command' => 'lift', 'context' => 'timeline', 'gesture' => 'tap']];
    $visitor->send('POST', "/keymaps/{$keymap}/changes", [
        'version' => $visitor->json('/applications/cutloom/keymap'.Visitor::HERE)['version'],
        'title' => 'Another chord',
        'despite_clashes' => true,
        'change' => $isThere ? ['removed' => $chord, 'added' => []] : ['removed' => [], 'added' => $chord],
    ]);
    $isThere = ! $isThere;
};
/** @var array<string, non-empty-list<float>> $times in ms */
$times = [];
for ($round = -5; $round < ROUNDS; $round++) {
    $start = hrtime(true);
    json_decode($table['body'], true, 64, JSON_THROW_ON_ERROR);
    $decoding = (hrtime(true) - $start) / 1e6;
    $floor = $visitor->time('/session');
    $unchanged = $visitor->time('/table'.Visitor::HERE, $table['tag']);
    $changed = null;
    if ($round % 4 === 0) {
        $change();
        $changed = $visitor->time('/table'.Visitor::HERE);
        $table = $visitor->get('/table'.Visitor::HERE);
    }
    if ($round >= 0) {
        $times['decoding'][] = $decoding;
        $times['floor'][] = $floor;
        $times['unchanged'][] = $unchanged;
        if ($changed !== null) {
            $times['changed'][] = $changed;
        }
    }
}
$median = array_map(static fn (array $some): float => Row::share($some, 0.5), $times);
$together = $visitor->together('/session', 8, 800);
$without = $visitor->together('', 8, 800);
echo Row::aimed(
    'the floor of a request, who is signed in',
    sprintf('median %.1f ms, p95 %.1f', $median['floor'], Row::share($times['floor'], 0.95)),
    '≤ 8 ms',
    $median['floor'] <= 8.0,
),
"\n",
Row::aimed(
    'the same with 8 at once',
    sprintf('%.0f a second; %.0f of what asks for no person', $together, $without),
    '≥ 250 a second',
    $together >= 250.0,
),
"\n",
Row::aimed(
    'the look-up table of the demo\'s kit after one chord',
    sprintf(
        '%.1f × decoding its JSON (%.1f ms and %.1f ms)',
        $median['changed'] / $median['decoding'],
        $median['changed'],
        $median['decoding'],
    ),
    '≤ 3 ×',
    $median['changed'] <= 3 * $median['decoding'],
),
"\n",
Row::aimed(
    'the same, unchanged (304)',
    sprintf('%.2f × the floor (%.1f ms)', $median['unchanged'] / $median['floor'], $median['unchanged']),
    'the floor, ≤ 1.25 ×',
    $median['unchanged'] <= 1.25 * $median['floor'],
),
"\n";
