<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect;

use Zebrafinch\Core\Dialect\Shape\JsonShape;
use Zebrafinch\Core\Dialect\Shape\Part;
use Zebrafinch\Core\Dialect\Shape\Step;

/** What a writer needs to know of a file: the parts that hold bindings, what they stand in, and where further ones go. */
final class FileMap
{
    /** @var array<int, Found> by the offset at which the part begins */
    public array $found = [];

    /** @var array<string, Part> by context: what its bindings stand in; the last one where there are several */
    public array $holders = [];

    /** @var array<string, Part> by context: the part of its last binding */
    public array $last = [];

    /** What parts of contexts stand in; null where that is the file itself. */
    public ?Part $outer = null;

    /** The outermost object or list of a form that has one, which no name leads to. */
    public ?Part $root = null;

    /** @var array<int, list<Part>> what stands in those with commas, by the offset at which they begin */
    public array $children = [];

    /** @var array<string, list<Found>> by context and command */
    public array $ofCommand = [];

    public function __construct(Description $description, DialectWords $words, string $text)
    {
        if ($description->kind === 'members') {
            $this->rememberChildren($description, $text);
        }
        $depth = count($description->path);
        $up = $description->contextUp();
        foreach ((new Finder($description))->find($text) as $found) {
            if ($found instanceof Found) {
                $this->take($found, $description, $words);
            } elseif ($found instanceof Entered && $found->isLeft) {
                $at = count($found->holders) + 1;
                if ($up > 0 && $at === $depth - $up) {
                    $this->outer = $found->holders[count($found->holders) - 1] ?? null;
                    $this->context($found, $description, $words, $text);
                } elseif ($at === $depth - $up - 1) {
                    $this->outer = $found->part;
                } elseif ($up === 0 && $at === $depth - 1) {
                    $this->outer = $found->part;
                }
            }
        }
    }

    private function take(Found $found, Description $description, DialectWords $words): void
    {
        $this->found[$found->part->from] = $found;
        $word = $found->context?->text;
        $context = $word === null ? 'everywhere' : $words->context($word);
        if ($context === null || $found->command === null) {
            return;
        }
        $this->last[$context] = $found->part;
        $this->ofCommand["{$context} {$words->command($context, $found->command->text)}"][] = $found;
        if ($description->contextUp() > 0 && $found->holders !== []) {
            $this->holders[$context] = $found->holders[count($found->holders) - 1];
        }
    }

    private function context(Entered $left, Description $description, DialectWords $words, string $text): void
    {
        $located = $description->context?->within($left->part, $left->holders, $text);
        $context = $located === null ? null : $words->context($located->text);
        // A context without bindings holds none yet; where the parts between are missing, too, a new part is made.
        if ($context !== null && $description->contextUp() === 1) {
            $this->holders[$context] = $left->part;
        }
    }

    /** Remembers what stands between commas, whether it is of any use or not. */
    private function rememberChildren(Description $description, string $text): void
    {
        $this->root = $description->shape instanceof JsonShape ? self::outermost($text) : null;
        $open = [];
        foreach ($description->shape->walk($text) as $step => $part) {
            if ($step === Step::In) {
                $open[] = $part;
            } elseif ($step === Step::Out) {
                array_pop($open);
                $holder = $open[count($open) - 1] ?? $this->root;
                if ($holder !== null && $holder->isSeparated && count($open) < count($description->path)) {
                    $this->children[$holder->from][] = $part;
                }
            }
        }
    }

    private static function outermost(string $text): Part
    {
        $from = strcspn($text, '{[');
        $root = new Part(null, null, 1, $from);
        $root->isSeparated = true;
        $root->end = strlen(rtrim($text)) - 1;
        $root->to = $root->end + 1;

        return $root;
    }
}
