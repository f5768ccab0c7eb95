<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Shape;

use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\MalformedText;
use Zebrafinch\Core\Text\Span;

/**
 * Statements that call something with arguments, one or several on a line:
 *
 *     bind("Primary+B", "timeline.split"); bind("F5", "play");
 *
 * Arguments are counted from 1, or have a name before a colon or an equals sign.
 */
final readonly class CallsShape implements Shape
{
    private const QUOTED = '"(?:[^"\\\\\r\n]|\\\\.)*+"|\'(?:[^\'\\\\\r\n]|\\\\.)*+\'';

    /** @param  list<string>  $comments  what begins a comment that goes to the end of its line */
    public function __construct(private array $comments)
    {
    }

    public function walk(string $text): iterable
    {
        $offset = ByteOrderMark::length($text);
        $length = strlen($text);
        $line = 1;
        $counted = $offset;
        while (true) {
            $offset += strspn($text, " \t\r\n;", $offset);
            if ($offset >= $length) {
                return;
            }
            $line += Lines::ends(substr($text, $counted, $offset - $counted));
            $counted = $offset;
            if ($this->isComment($text, $offset)) {
                $offset += strcspn($text, "\r\n", $offset);

                continue;
            }
            $call = $this->call($text, $offset, $line);
            if ($call === null) {
                $to = $offset + strcspn($text, "\r\n", $offset);
                $stray = new Part(null, null, $line, $offset);
                yield Step::Stray => $stray->says('This is no call such as name(argument, argument).', new Span($offset, $to));
                $offset = $to;

                continue;
            }
            yield Step::In => $call;
            yield Step::Out => $call;
            $offset = max($call->to, $offset + 1);
        }
    }

    private function isComment(string $text, int $offset): bool
    {
        foreach ($this->comments as $mark) {
            if (substr_compare($text, $mark, $offset, strlen($mark)) === 0) {
                return true;
            }
        }

        return false;
    }

    /** @throws MalformedText */
    private function call(string $text, int $offset, int $line): ?Part
    {
        if (preg_match('/\G([A-Za-z_\x80-\xFF][\w.:\x80-\xFF-]*+)[ \t]*+\(/', $text, $found, 0, $offset) !== 1) {
            return null;
        }
        $call = new Part($found[1], new Span($offset, $offset + strlen($found[1])), $line, $offset);
        $at = $offset + strlen($found[0]);
        $argument = '/\G(\s*+(?:([A-Za-z_\x80-\xFF][\w\x80-\xFF-]*+)\s*+[:=]\s*+)?)('.self::QUOTED.'|[^,()"\';\r\n]*+)\s*+([,)])/';
        do {
            if (preg_match($argument, $text, $found, 0, $at) !== 1) {
                return null;
            }
            count($call->parts) < Bounds::MOST_FIELDS ||
                throw MalformedText::at($line, 'a call has more than '.Bounds::MOST_FIELDS.' arguments');
            $raw = rtrim($found[3]);
            $from = $at + strlen($found[1]);
            $part = new Part($found[2] === '' ? (string) (count($call->parts) + 1) : $found[2], null, $line, $at);
            $isQuoted = in_array($raw[0] ?? '', ['"', "'"], true);
            $part->says($isQuoted ? self::unescaped($raw) : $raw, new Span($from, $from + strlen($raw)), $isQuoted);
            if ($raw !== '' || $found[4] === ',') {
                $call->parts[] = $part;
            }
            $at += strlen($found[0]);
        } while ($found[4] === ',');
        $call->end = $at - 1;
        $blanks = strspn($text, " \t", $at);
        $to = ($text[$at + $blanks] ?? '') === ';' ? $at + $blanks + 1 : $at;
        $whole = Lines::alone($text, new Span($offset, $to));
        // Of several on one line each goes with the blanks behind it.
        $isAlone = $whole->from !== $offset || $whole->to !== $to;
        $call->from = $whole->from;
        $call->to = $isAlone ? $whole->to : $to + strspn($text, " \t", $to);

        return $call;
    }

    private static function unescaped(string $quoted): string
    {
        return (string) preg_replace('/\\\\(.)/su', '$1', substr($quoted, 1, -1));
    }

    public function written(string $value, string $old): string
    {
        $quote = $old[0] ?? '';

        return in_array($quote, ['"', "'"], true)
            ? $quote.addcslashes($value, $quote.'\\').$quote
            : (preg_match('/[,()"\';\r\n]/', $value) === 1
                ? '"'.addcslashes($value, '"\\').'"'
                : $value);
    }

    public function further(string $name, string $value, bool $isQuoted, Part $beside): ?string
    {
        return null;
    }
}
