<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Tests\Harmonise\Solve;

use RuntimeException;
use Zebrafinch\Core\Harmonise\Solve\Instance;
use Zebrafinch\Core\Harmonise\Solve\LpText;
use Zebrafinch\Core\Tests\World;

/** GLPK (Debian's glpk-utils), which reads the written LP file. */
final readonly class OpenSolver
{
    public static function optimum(Instance $instance): float
    {
        World::needs('glpk-utils', 'glpsol');
        $file = tempnam(sys_get_temp_dir(), 'lp') ?: throw new RuntimeException('No room for a file.');
        file_put_contents($file, LpText::of($instance));
        exec('glpsol --lp '.escapeshellarg($file).' --tmlim 60 -o '.escapeshellarg("{$file}.out"), $said, $code);
        $out = (string) @file_get_contents("{$file}.out");
        @unlink($file);
        @unlink("{$file}.out");
        if (
            $code !== 0 ||
            preg_match('/^Status:\s+INTEGER OPTIMAL$/m', $out) !== 1 ||
            preg_match('/^Objective:\s+cost = (\S+)/m', $out, $found) !== 1
        ) {
            throw new RuntimeException('glpsol did not solve the file: '.implode("\n", array_slice($said, -5)));
        }

        return (float) $found[1];
    }
}
