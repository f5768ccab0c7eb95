<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text\Json;

use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\MalformedText;
use Zebrafinch\Core\Text\Span;

/** Reads a JSON text (RFC 8259) and remembers where each value stands, which PHP's own reader does not tell. */
final class JsonScanner
{
    private const DEEPEST = 64;

    private int $offset = 0;

    private int $line = 1;

    private function __construct(private readonly string $bytes)
    {
    }

    /** @throws MalformedText with the line in which the text stops being JSON */
    public static function read(string $bytes): JsonNode
    {
        $scanner = new self($bytes);
        $scanner->offset = ByteOrderMark::length($bytes);
        $root = $scanner->value(0);
        $scanner->skipBlanks();

        return $scanner->offset === strlen($bytes) ? $root : throw $scanner->broken('more follows behind the end of the JSON text');
    }

    private function value(int $depth): JsonNode
    {
        if ($depth > self::DEEPEST) {
            throw $this->broken('values are nested too deeply');
        }
        $this->skipBlanks();

        return match ($this->bytes[$this->offset] ?? '') {
            '{' => $this->object($depth),
            '[' => $this->list($depth),
            '"' => $this->string(),
            default => $this->bareWord(),
        };
    }

    private function object(int $depth): JsonNode
    {
        $from = $this->offset++;
        $members = [];
        if (! $this->take('}')) {
            do {
                $before = $this->offset;
                $this->skipBlanks();
                $line = $this->line;
                $name = ($this->bytes[$this->offset] ?? '') === '"' ? $this->string() : throw $this->broken('a name in quotes is missing');
                $this->take(':') || throw $this->broken('the colon behind a name is missing');
                $value = $this->value($depth + 1);
                $members[] = new JsonMember((string) $name->text, $name->at, $line, $value, new Span($before, $this->offset));
            } while ($this->take(','));
            $this->take('}') || throw $this->broken('a comma or a closing brace is missing');
        }

        return new JsonNode(new Span($from, $this->offset), members: $members);
    }

    private function list(int $depth): JsonNode
    {
        $from = $this->offset++;
        if (! $this->take(']')) {
            do {
                $this->value($depth + 1);
            } while ($this->take(','));
            $this->take(']') || throw $this->broken('a comma or a closing bracket is missing');
        }

        return new JsonNode(new Span($from, $this->offset));
    }

    private function string(): JsonNode
    {
        if (preg_match('/\G"(?:[^"\\\\\x00-\x1F]|\\\\.)*+"/s', $this->bytes, $found, 0, $this->offset) !== 1) {
            throw $this->broken('a text in quotes is not closed');
        }
        $text = json_decode($found[0]);

        return is_string($text)
            ? new JsonNode($this->passed($found[0]), $text)
            : throw $this->broken('a text in quotes has an escape that JSON does not know');
    }

    private function bareWord(): JsonNode
    {
        if (
            preg_match(
                '/\G(?:true|false|null|-?(?:0|[1-9]\d*)(?:\.\d+)?(?:[eE][+-]?\d+)?)(?![\w.+-])/',
                $this->bytes,
                $found,
                0,
                $this->offset,
            ) !== 1
        ) {
            throw $this->broken('a value is missing or is not JSON');
        }

        return new JsonNode($this->passed($found[0]));
    }

    private function passed(string $text): Span
    {
        $from = $this->offset;
        $this->offset += strlen($text);

        return new Span($from, $this->offset);
    }

    /** @phpstan-impure */
    private function take(string $sign): bool
    {
        $this->skipBlanks();
        if (($this->bytes[$this->offset] ?? '') !== $sign) {
            return false;
        }
        $this->offset++;

        return true;
    }

    private function skipBlanks(): void
    {
        $count = strspn($this->bytes, " \t\r\n", $this->offset);
        $this->line += Lines::ends(substr($this->bytes, $this->offset, $count));
        $this->offset += $count;
    }

    private function broken(string $what): MalformedText
    {
        return MalformedText::at($this->line, $what);
    }
}
