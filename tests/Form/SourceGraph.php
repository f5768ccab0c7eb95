<?php

declare(strict_types=1);

namespace Tests\Form;

use FilesystemIterator;
use PhpToken;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Which folders of a tree of sources know which. */
final readonly class SourceGraph
{
    /** @param  array<string, array<string, list<string>>>  $knows  by folder, then by the folder it knows: the files that say so */
    public function __construct(public array $knows)
    {
    }

    /**
     * By the names that PHP files use. Files of the root itself count as no folder.
     *
     * @param  int  $depth  how many folders down a name goes, as `Harmonise/Solve` for 2
     */
    public static function ofPhp(string $root, string $namespace, int $depth = 1): self
    {
        $knows = [];
        foreach (self::files($root, '/\.php$/') as $path) {
            $folder = self::folder($path, $depth);
            $knows[$folder] ??= [];
            $code = (string) preg_replace('/^namespace .*;$/m', '', (string) file_get_contents("{$root}/{$path}"));
            foreach (PhpToken::tokenize($code) as $token) {
                $name = ltrim($token->text, '\\');
                if (! $token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) || ! str_starts_with($name, "{$namespace}\\")) {
                    continue;
                }
                $known = self::folder(strtr(substr($name, strlen($namespace) + 1), '\\', '/').'.php', $depth);
                if ($known !== $folder && is_dir("{$root}/{$known}") && $known !== '') {
                    $knows[$folder][$known][] = $path;
                }
            }
        }
        unset($knows['']);

        return new self($knows);
    }

    /** By the paths that TypeScript files import; tests may know more than what they test. */
    public static function ofTypeScript(string $root, int $depth = 1): self
    {
        $knows = [];
        foreach (self::files($root, '/(?<!\.test)\.tsx?$/') as $path) {
            $folder = self::folder($path, $depth);
            $knows[$folder] ??= [];
            preg_match_all("/from '(\.{1,2}\/[^']+)'/", (string) file_get_contents("{$root}/{$path}"), $imports);
            foreach ($imports[1] as $import) {
                $known = self::folder(self::normal(dirname($path).'/'.$import), $depth);
                if ($known !== $folder && $known !== '') {
                    $knows[$folder][$known][] = $path;
                }
            }
        }
        unset($knows['']);

        return new self($knows);
    }

    /** @return list<string> folders that know each other by whatever way, one line for each group */
    public function circles(): array
    {
        $reached = [];
        foreach (array_keys($this->knows) as $folder) {
            $reached[$folder] = $this->reachedFrom($folder);
        }
        $circles = [];
        foreach ($reached as $folder => $from) {
            if (isset($from[$folder])) {
                $group = array_filter(array_keys($from), static fn (string $other): bool => isset($reached[$other][$folder]));
                sort($group);
                $circles[implode(' ⇄ ', $group)] = true;
            }
        }

        return array_keys($circles);
    }

    /**
     * What is known and may not be.
     *
     * @param  array<string, list<string>>  $below  by folder: what it may know, and with it whatever that may know
     * @return list<string> a sentence each
     */
    public function against(array $below): array
    {
        $layers = new self(array_map(static fn (array $known): array => array_fill_keys($known, []), $below));
        $wrong = [];
        foreach ($this->knows as $folder => $known) {
            if (! isset($below[$folder])) {
                $wrong[] = "{$folder} is not in the picture of the layers.";
            }
            foreach (array_diff_key($known, $layers->reachedFrom($folder)) as $other => $files) {
                $wrong[] = "{$folder} knows {$other}, in ".implode(', ', array_unique($files)).'.';
            }
        }

        return $wrong;
    }

    /** @return array<string, true> every folder that one knows, directly or through others */
    private function reachedFrom(string $folder): array
    {
        $reached = [];
        $open = array_keys($this->knows[$folder] ?? []);
        while ($open !== []) {
            $next = array_pop($open);
            if (! isset($reached[$next])) {
                $reached[$next] = true;
                array_push($open, ...array_keys($this->knows[$next] ?? []));
            }
        }

        return $reached;
    }

    /** @return list<string> paths below the root */
    private static function files(string $root, string $pattern): array
    {
        $paths = [];
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
            if (preg_match($pattern, $file->getFilename()) === 1) {
                $paths[] = substr($file->getPathname(), strlen($root) + 1);
            }
        }
        sort($paths);

        return $paths;
    }

    private static function folder(string $path, int $depth): string
    {
        return implode('/', array_slice(explode('/', $path), 0, min($depth, substr_count($path, '/'))));
    }

    private static function normal(string $path): string
    {
        $parts = [];
        foreach (explode('/', $path) as $part) {
            if ($part === '..') {
                array_pop($parts);
            } elseif ($part !== '.') {
                $parts[] = $part;
            }
        }

        return implode('/', $parts);
    }
}
