<?php

declare(strict_types=1);

// Asks whether the tests of a folder of the core notice when its code is wrong: changes one thing at a time, runs the folder's tests, and
// prints the changes that no test noticed.
//
//   php tools/mutate.php FOLDER [--most=40] [--seed=1] [--jobs=2]
//
// A change is one of: a comparison turned round or made off by one, && for ||, a condition negated, true for false, + for -, a statement
// left out, a value for null behind ??. Which of all possible ones are tried is chosen by the seed. The checkout itself is never touched.

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\CloningVisitor;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;
use PhpParser\PrettyPrinter\Standard;

require dirname(__DIR__).'/vendor/autoload.php';

const SECONDS_A_MUTANT = 90;

const SWAPPED = [
    BinaryOp\Identical::class => BinaryOp\NotIdentical::class,
    BinaryOp\NotIdentical::class => BinaryOp\Identical::class,
    BinaryOp\Smaller::class => BinaryOp\SmallerOrEqual::class,
    BinaryOp\SmallerOrEqual::class => BinaryOp\Smaller::class,
    BinaryOp\Greater::class => BinaryOp\GreaterOrEqual::class,
    BinaryOp\GreaterOrEqual::class => BinaryOp\Greater::class,
    BinaryOp\BooleanAnd::class => BinaryOp\BooleanOr::class,
    BinaryOp\BooleanOr::class => BinaryOp\BooleanAnd::class,
    BinaryOp\Plus::class => BinaryOp\Minus::class,
    BinaryOp\Minus::class => BinaryOp\Plus::class,
];

/** What a node is changed to; null where it is left alone. */
function mutated(Node $node): ?Node
{
    $swapped = SWAPPED[$node::class] ?? null;

    return match (true) {
        $swapped !== null && $node instanceof BinaryOp => new $swapped($node->left, $node->right),
        $node instanceof BinaryOp\Coalesce => $node->right,
        $node instanceof Expr\BooleanNot => $node->expr,
        $node instanceof Expr\ConstFetch && $node->name->toLowerString() === 'true' => new Expr\ConstFetch(new Node\Name('false')),
        $node instanceof Expr\ConstFetch && $node->name->toLowerString() === 'false' => new Expr\ConstFetch(new Node\Name('true')),
        $node instanceof Expr\Ternary && $node->if !== null => new Expr\Ternary($node->cond, $node->else, $node->if),
        $node instanceof Node\Stmt\Expression &&
            $node->expr instanceof Expr\Assign &&
            $node->expr->var instanceof Expr\ArrayDimFetch => new Node\Stmt\Nop(),
        default => null,
    };
}

/**
 * Whether in_array() compares strictly tells nothing where it looks for a value of one type.
 *
 * @param  list<Node>  $all
 * @return list<Node>
 */
function changingNothing(array $all): array
{
    $found = [];
    foreach ($all as $node) {
        $name = $node instanceof Expr\FuncCall && $node->name instanceof Node\Name ? $node->name->toString() : '';
        if ($node instanceof Expr\FuncCall && in_array($name, ['in_array', 'array_search'], true)) {
            $found[] = ($node->args[2] ?? null)?->value;
        }
    }

    return array_values(array_filter($found));
}

/** @return list<array{string, int, int}> path, index of the node in its file, line */
function everyMutant(string $folder): array
{
    $mutants = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        $tree = (new ParserFactory())->createForHostVersion()->parse((string) file_get_contents($file->getPathname())) ?? [];
        $all = (new NodeFinder())->find($tree, static fn (Node $node): bool => true);
        $alike = changingNothing($all);
        foreach ($all as $index => $node) {
            if (! in_array($node, $alike, true) && mutated($node) !== null) {
                $mutants[] = [$file->getPathname(), $index, $node->getStartLine()];
            }
        }
    }

    return $mutants;
}

/** @return array{string, string} the file with one node changed, and the line of the change */
function withMutant(string $path, int $index): array
{
    $parser = (new ParserFactory())->createForHostVersion();
    $old = $parser->parse((string) file_get_contents($path)) ?? [];
    $target = (new NodeFinder())->find($old, static fn (Node $node): bool => true)[$index];
    $cloning = new NodeTraverser(new CloningVisitor());
    $new = $cloning->traverse($old);
    $change = new NodeTraverser(new class($target) extends NodeVisitorAbstract
    {
        public function __construct(private readonly Node $target)
        {
        }

        public function leaveNode(Node $node): ?Node
        {
            return $node->getAttribute('origNode') === $this->target ? mutated($node) : null;
        }
    });
    $text = (new Standard())->printFormatPreserving($change->traverse($new), $old, $parser->getTokens());
    $before = explode("\n", (string) file_get_contents($path));
    $after = explode("\n", $text);
    $line = $target->getStartLine();
    while (($before[$line - 1] ?? null) === ($after[$line - 1] ?? null) && $line < count($before)) {
        $line++;
    }

    return [$text, trim($before[$line - 1] ?? '').'   →   '.trim($after[$line - 1] ?? '')];
}

/** A copy of what the core's tests need, in which files are linked and not copied. */
function scratch(string $root): string
{
    $folder = sys_get_temp_dir().'/zebrafinch-mutants-'.bin2hex(random_bytes(4));
    mkdir($folder);
    foreach (explode(' ', 'boards catalogues composer.json core demo deploy docs phpunit.xml standins tests tools vendor') as $part) {
        exec('cp -al '.escapeshellarg("{$root}/{$part}").' '.escapeshellarg($folder), $said, $status);
        $status === 0 || exit("{$part} could not be linked to {$folder}; it has to be on the same disk (set TMPDIR).\n");
    }
    symlink("{$root}/node_modules", "{$folder}/node_modules");

    return $folder;
}

$root = dirname(__DIR__);
$options = ['most' => 40, 'seed' => 1, 'jobs' => 2];
foreach (array_slice($argv, 2) as $argument) {
    preg_match('/^--(most|seed|jobs)=(\d+)$/', $argument, $found) === 1 || exit("There is no option {$argument}.\n");
    $options[$found[1]] = (int) $found[2];
}
$name = $argv[1] ?? '';
is_dir("{$root}/core/src/{$name}") && $name !== '' || exit("Name a folder of core/src.\n");
mt_srand($options['seed']);
$mutants = everyMutant("{$root}/core/src/{$name}");
shuffle($mutants);
$chosen = array_slice($mutants, 0, $options['most']);
$folders = array_map(static fn (): string => scratch($root), range(1, $options['jobs']));
register_shutdown_function(static fn () => exec('rm -rf '.implode(' ', array_map(escapeshellarg(...), $folders))));

$running = array_fill(0, $options['jobs'], null);
[$killed, $survived, $next] = [0, [], 0];
do {
    foreach ($running as $job => $one) {
        if ($one !== null) {
            $status = proc_get_status($one['process']);
            if ($status['running']) {
                continue;
            }
            $status['exitcode'] === 0 ? $survived[] = $one['said'] : $killed++;
            @unlink($one['file']);
            link($one['from'], $one['file']);
            $running[$job] = null;
        }
        if ($next < count($chosen)) {
            [$path, $index, $line] = $chosen[$next++];
            [$text, $change] = withMutant($path, $index);
            $relative = substr($path, strlen($root) + 1);
            $file = "{$folders[$job]}/{$relative}";
            unlink($file);
            file_put_contents($file, $text);
            $command = 'exec timeout '.SECONDS_A_MUTANT.' php vendor/bin/pest core/tests/'.escapeshellarg($name).' --bail --colors=never';
            $environment = ['PHP_INI_SCAN_DIR' => ":{$root}/deploy/test-php"] + getenv();
            $silent = [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']];
            $process = proc_open($command, $silent, $pipes, $folders[$job], $environment);
            $said = "{$relative}:{$line}  {$change}";
            $running[$job] = ['process' => $process, 'file' => $file, 'from' => $path, 'said' => $said];
        }
    }
    usleep(20_000);
} while (array_filter($running) !== [] || $next < count($chosen));

sort($survived);
foreach ($survived as $said) {
    echo "survived  {$said}\n";
}
$share = (int) round(100 * $killed / max(1, count($chosen)));
printf("%s: %d of %d killed (%d %%), chosen from %d\n", $name, $killed, count($chosen), $share, count($mutants));
