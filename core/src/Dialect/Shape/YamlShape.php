<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Shape;

use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\MalformedText;
use Zebrafinch\Core\Text\Span;
use Zebrafinch\Core\Text\TextSize;

/**
 * Members and items by indentation, as applications write them in YAML 1.2: block mappings and sequences, plain and quoted scalars on one
 * line, flow sequences on one line. Anchors, tags, flow mappings and scalars over several lines are told as strays and stay.
 */
final readonly class YamlShape implements Shape
{
    private const QUOTED = '"(?:[^"\\\\]|\\\\.)*+"|\'(?:[^\']|\'\')*+\'';

    /** What a plain scalar may not begin with, and what it may not hold. */
    private const PLAIN = '(?![&*!|>%@`"\'{}\[\],#?:-](?:\s|$)|[&*!|>%@`"\'{}\[\],#])(?:[^\s:#]|:(?=\S)|(?<=\S)#|[ \t]+(?![#\s]))++';

    public function walk(string $text): iterable
    {
        /** @var list<array{Part, int, bool}> $open  with the column, and whether it is an item */
        $open = [];
        $closedAt = null;
        foreach (Lines::of($text, ByteOrderMark::length($text)) as $line => [$said, $at, $whole]) {
            if (preg_match('/^[ \t]*(#|$)/', $said) === 1 || preg_match('/^(---|\.\.\.)\s*$/', $said) === 1) {
                continue;
            }
            $tokens = $this->tokens($said, $line, $at->from, $whole);
            if ($tokens === null) {
                yield Step::Stray => $this->stray($line, $whole, 'This line is written in a way that is not read.', $at);

                continue;
            }
            [, $column, $isItem] = $tokens[0];
            while ($open !== [] && $this->endsBefore($open[count($open) - 1], $column, $isItem)) {
                $ended = array_pop($open);
                $closedAt = $ended[1];
                yield Step::Out => $ended[0];
            }
            if ($closedAt !== null && $column > $closedAt && ($open === [] || $open[count($open) - 1][1] < $closedAt)) {
                yield Step::Stray => $this->stray($line, $whole, 'This line is indented further than what it follows.', $at);

                continue;
            }
            count($open) + count($tokens) <= TextSize::DEEPEST || throw MalformedText::at($line, 'values are nested too deeply');
            foreach ($tokens as $token) {
                yield Step::In => $token[0];
                $open[] = $token;
            }
            foreach ($open as [$part]) {
                $part->to = $whole->to;
                $part->end = $part->isSeparated ? $part->end : $whole->to;
            }
            $last = $open[count($open) - 1];
            $closedAt = null;
            if ($last[0]->text !== null || $last[0]->isSeparated) {
                array_pop($open);
                $closedAt = $last[1];
                $items = $last[0]->isSeparated ? $last[0]->parts : [];
                $last[0]->parts = [];
                foreach ($items as $item) {
                    yield Step::In => $item;
                    yield Step::Out => $item;
                }
                yield Step::Out => $last[0];
            }
        }
        foreach (array_reverse($open) as [$part]) {
            yield Step::Out => $part;
        }
    }

    /** @param  array{Part, int, bool}  $open */
    private function endsBefore(array $open, int $column, bool $isItem): bool
    {
        return $open[1] > $column || ($open[1] === $column && ($open[2] || ! $isItem));
    }

    /**
     * What a line begins, from the outside in.
     *
     * @return non-empty-list<array{Part, int, bool}>|null null for a line that is not read
     */
    private function tokens(string $said, int $line, int $offset, Span $whole): ?array
    {
        $column = strspn($said, ' ');
        $tokens = [];
        while (preg_match('/\G-(?:([ \t]+)|$)/', $said, $found, 0, $column) === 1) {
            $tokens[] = [new Part(null, null, $line, $tokens === [] ? $whole->from : $offset + $column), $column, true];
            $column += strlen($found[0]);
            if (preg_match('/\G(#.*)?$/', $said, $found, 0, $column) === 1) {
                return $tokens;
            }
        }
        $key = '/\G('.self::QUOTED.'|'.self::PLAIN.')[ \t]*+:(?:[ \t]++|$)/u';
        if (preg_match($key, $said, $found, 0, $column) === 1) {
            $name = self::plain($found[1]);
            $nameAt = new Span($offset + $column, $offset + $column + strlen($found[1]));
            $part = new Part($name, $nameAt, $line, $tokens === [] ? $whole->from : $offset + $column);
            $tokens[] = [$part, $column, false];
            $column += strlen($found[0]);
            if (preg_match('/\G(#.*)?$/', $said, $found, 0, $column) === 1) {
                return $tokens;
            }
        } elseif ($tokens === []) {
            return null;
        }

        return $this->value($tokens[count($tokens) - 1][0], $said, $column, $line, $offset) ? $tokens : null;
    }

    private function value(Part $part, string $said, int $column, int $line, int $offset): bool
    {
        if (preg_match('/\G\[([^\]"\'{}]|'.self::QUOTED.')*+\][ \t]*+(?:[ \t]#.*)?$/u', $said, $found, 0, $column) === 1) {
            $this->items($part, $said, $column, $line, $offset);

            return true;
        }
        if (preg_match('/\G('.self::QUOTED.'|'.self::PLAIN.')[ \t]*+(?:(?<=[ \t])#.*)?$/u', $said, $found, 0, $column) !== 1) {
            return false;
        }
        $part->says(self::plain($found[1]), new Span($offset + $column, $offset + $column + strlen($found[1])));

        return true;
    }

    private function items(Part $part, string $said, int $column, int $line, int $offset): void
    {
        $part->isSeparated = true;
        $at = $column + 1;
        while (preg_match('/\G([ \t]*+)('.self::QUOTED.'|[^,\]]++)(?=[,\]]|[ \t]++[,\]])/u', $said, $found, 0, $at) === 1) {
            $raw = rtrim($found[2]);
            $from = $at + strlen($found[1]);
            $item = new Part(null, null, $line, $offset + $at);
            $part->parts[] = $item->says(self::plain($raw), new Span($offset + $from, $offset + $from + strlen($raw)));
            $at += strlen($found[0]);
            $at += strspn($said, " \t", $at);
            if (($said[$at] ?? ']') === ']') {
                break;
            }
            $at++;
        }
        $part->end = $offset + (int) strpos($said, ']', $at);
    }

    private static function plain(string $scalar): string
    {
        $inside = substr($scalar, 1, -1);

        return match ($scalar[0] ?? '') {
            "'" => str_replace("''", "'", $inside),
            '"' => self::unescaped($inside),
            default => $scalar,
        };
    }

    private static function unescaped(string $inside): string
    {
        $known = ['n' => "\n", 't' => "\t", 'r' => "\r", '0' => "\0"];
        $form = '/\\\\(?:u([0-9A-Fa-f]{4})|x([0-9A-Fa-f]{2})|(.))/su';

        return (string) preg_replace_callback(
            $form,
            static function (array $found) use ($known): string {
                $code = $found[1] !== '' ? $found[1] : $found[2] ?? '';

                return $code !== '' ? (string) mb_chr((int) hexdec($code)) : $known[$found[3] ?? ''] ?? ($found[3] ?? '');
            },
            $inside,
        );
    }

    private function stray(int $line, Span $whole, string $why, Span $at): Part
    {
        return (new Part(null, null, $line, $whole->from))->says($why, $at);
    }

    public function written(string $value, string $old): string
    {
        return match (true) {
            str_starts_with($old, "'") => "'".str_replace("'", "''", $value)."'",
            str_starts_with($old, '"') || ! self::isPlain($value) => '"'.addcslashes($value, '"\\').'"',
            default => $value,
        };
    }

    private static function isPlain(string $value): bool
    {
        return preg_match('/^[\p{L}\p{N}_.\/][\p{L}\p{N} _.\/+-]*$/Du', $value) === 1 &&
            ! str_ends_with($value, ' ') &&
            preg_match('/^(~|null|true|false|yes|no|on|off|y|n|[\d.+-][\d.eE_+-]*|0x[\da-f]+)$/iD', $value) !== 1;
    }

    public function further(string $name, string $value, bool $isQuoted, Part $beside): ?string
    {
        return null;
    }
}
