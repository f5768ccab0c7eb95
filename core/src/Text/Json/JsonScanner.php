<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text\Json;

use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\MalformedText;
use Zebrafinch\Core\Text\Span;
use Zebrafinch\Core\Text\TextSize;

/** Reads a JSON text (RFC 8259) value by value and remembers where each stands, which PHP's own reader does not tell. */
final class JsonScanner
{
    private int $offset;

    private int $line = 1;

    private function __construct(private readonly string $text)
    {
        $this->offset = ByteOrderMark::length($text);
    }

    /**
     * @return iterable<JsonToken>
     *
     * @throws MalformedText with the line in which the text stops being JSON
     */
    public static function tokens(string $text): iterable
    {
        return (new self($text))->read();
    }

    /** @return iterable<JsonToken> */
    private function read(): iterable
    {
        /** @var list<string> $closes */
        $closes = [];
        do {
            $close = $closes === [] ? null : $closes[count($closes) - 1];
            $token = $this->value($close === '}');
            yield $token;
            $opens = $token->kind === JsonTokenKind::Object || $token->kind === JsonTokenKind::List;
            if ($opens) {
                $closes[] = $token->kind === JsonTokenKind::Object ? '}' : ']';
                count($closes) <= TextSize::DEEPEST || throw $this->broken('values are nested too deeply');
            }
            $isFirst = $opens;
            // What is complete now may complete what it stands in.
            while ($closes !== []) {
                $close = $closes[count($closes) - 1];
                $this->skipBlanks($isFirst);
                if (! $isFirst && $this->take(',')) {
                    break;
                }
                if (! $this->take($close)) {
                    if ($isFirst) {
                        break;
                    }
                    throw $this->broken(
                        $close === '}' ? 'a comma or a closing brace is missing' : 'a comma or a closing bracket is missing',
                    );
                }
                array_pop($closes);
                $isFirst = false;
                yield new JsonToken(
                    JsonTokenKind::End,
                    null,
                    null,
                    '',
                    new Span($this->offset - 1, $this->offset),
                    $this->offset - 1,
                    $this->line,
                );
            }
        } while ($closes !== []);
        $this->skipBlanks();
        if ($this->offset !== strlen($this->text)) {
            throw $this->broken('more follows behind the end of the JSON text');
        }
    }

    private function value(bool $isMember): JsonToken
    {
        $from = $this->offset;
        $this->skipBlanks();
        $line = $this->line;
        $name = null;
        $nameAt = null;
        if ($isMember) {
            ($this->text[$this->offset] ?? '') === '"' || throw $this->broken('a name in quotes is missing');
            [$name, $nameAt] = $this->string();
            $this->skipBlanks();
            $this->take(':') || throw $this->broken('the colon behind a name is missing');
            $this->skipBlanks();
        }
        $sign = $this->text[$this->offset] ?? '';
        if ($sign === '{' || $sign === '[') {
            $at = new Span($this->offset, ++$this->offset);

            return new JsonToken($sign === '{' ? JsonTokenKind::Object : JsonTokenKind::List, $name, $nameAt, '', $at, $from, $line);
        }
        [$text, $at] = $sign === '"' ? $this->string() : $this->bareWord();

        return new JsonToken($sign === '"' ? JsonTokenKind::Text : JsonTokenKind::Bare, $name, $nameAt, $text, $at, $from, $line);
    }

    /** @return array{string, Span} */
    private function string(): array
    {
        if (preg_match('/\G"(?:[^"\\\\\x00-\x1F]++|\\\\.)*+"/s', $this->text, $found, 0, $this->offset) !== 1) {
            throw $this->broken('a text in quotes is not closed');
        }
        $text = str_contains($found[0], '\\') ? json_decode($found[0]) : substr($found[0], 1, -1);

        return is_string($text)
            ? [$text, $this->passed($found[0])]
            : throw $this->broken('a text in quotes has an escape that JSON does not know');
    }

    /** @return array{string, Span} */
    private function bareWord(): array
    {
        $word = '/\G(?:true|false|null|-?(?:0|[1-9]\d*+)(?:\.\d++)?(?:[eE][+-]?\d++)?)(?![\w.+-])/';
        if (preg_match($word, $this->text, $found, 0, $this->offset) !== 1) {
            throw $this->broken('a value is missing or is not JSON');
        }

        return [$found[0], $this->passed($found[0])];
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
        if (($this->text[$this->offset] ?? '') !== $sign) {
            return false;
        }
        $this->offset++;

        return true;
    }

    /** @param  bool  $isPeek  whether blanks before something that may not come are left for it */
    private function skipBlanks(bool $isPeek = false): void
    {
        $count = strspn($this->text, " \t\r\n", $this->offset);
        if ($isPeek && ! in_array($this->text[$this->offset + $count] ?? '', ['}', ']'], true)) {
            return;
        }
        $this->line += $count === 0 ? 0 : Lines::ends(substr($this->text, $this->offset, $count));
        $this->offset += $count;
    }

    private function broken(string $what): MalformedText
    {
        return MalformedText::at($this->line, $what);
    }
}
