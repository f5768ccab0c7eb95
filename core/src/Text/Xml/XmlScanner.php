<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text\Xml;

use Zebrafinch\Core\Text\ByteOrderMark;
use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\MalformedText;
use Zebrafinch\Core\Text\Span;
use Zebrafinch\Core\Text\TextSize;

/**
 * Reads an XML text (XML 1.0, fifth edition) tag by tag and remembers where each stands, which no XML library tells. A document type is
 * refused, so that the only entities are the five that XML has by itself. It takes one pass, whatever the text holds.
 */
final class XmlScanner
{
    private const MOST_ATTRIBUTES = 256;

    /** In bytes: with the `u` modifier every match would check the whole text again. */
    private const NAME = '[A-Za-z_:\x80-\xFF][A-Za-z0-9_:.\-\x80-\xFF]*+';

    private int $offset;

    private int $line = 1;

    private int $counted = 0;

    /** @var list<string> the names of the elements that are open */
    private array $open = [];

    private function __construct(private readonly string $text)
    {
        $this->offset = ByteOrderMark::length($text);
    }

    /**
     * @param  list<string>  $encodings  in which the text may say that it is written, in capitals
     * @return iterable<XmlToken>
     *
     * @throws MalformedText with the line in which the text stops being XML
     */
    public static function tokens(string $text, array $encodings = ['UTF-8', 'US-ASCII']): iterable
    {
        self::requireKnownEncoding($text, $encodings);

        return (new self($text))->read();
    }

    /** @return iterable<XmlToken> */
    private function read(): iterable
    {
        $length = strlen($this->text);
        $hasRoot = false;
        while ($this->offset < $length) {
            $from = $this->offset;
            if ($this->text[$from] !== '<') {
                $to = $from + strcspn($this->text, '<', $from);
                $raw = substr($this->text, $from, $to - $from);
                if ($this->open === []) {
                    trim($raw, " \t\r\n") === '' || throw $this->broken('text stands outside of the first element');
                } else {
                    $this->offset = $to;
                    yield new XmlToken(XmlTokenKind::Text, $this->decoded($raw), [], new Span($from, $to), $this->lineAt($from), $raw);
                }
                $this->offset = $to;

                continue;
            }
            if ($this->skip('<!--', '-->', 'a comment') || $this->skip('<?', '?>', 'a processing instruction')) {
                continue;
            }
            if ($this->open !== [] && $this->skip('<![CDATA[', ']]>', 'a CDATA section')) {
                continue;
            }
            if (substr_compare($this->text, '<!DOCTYPE', $from, 9, true) === 0) {
                throw MalformedText::documentType($this->lineAt($from));
            }
            if ($hasRoot && $this->open === []) {
                throw $this->broken('more follows behind the end of the first element');
            }
            $token = $this->tag();
            $hasRoot = true;
            yield $token;
        }
        if ($this->open !== []) {
            throw $this->broken('<'.$this->open[count($this->open) - 1].'> is not closed');
        }
        $hasRoot || throw $this->broken('there is no element');
    }

    private function tag(): XmlToken
    {
        $from = $this->offset;
        $line = $this->lineAt($from);
        if (preg_match('~\G</('.self::NAME.')\s*+>~', $this->text, $found, 0, $from) === 1) {
            array_pop($this->open) === $found[1] || throw $this->broken("</{$found[1]}> closes nothing that is open");
            $this->offset += strlen($found[0]);

            return new XmlToken(XmlTokenKind::Close, $found[1], [], new Span($from, $this->offset), $line);
        }
        if (preg_match('~\G<('.self::NAME.')~', $this->text, $found, 0, $from) !== 1) {
            throw $this->broken('a tag has no name that XML knows');
        }
        $this->offset += strlen($found[0]);
        $attributes = $this->attributes();
        $end =
            preg_match('~\G\s*+(/?)>~', $this->text, $close, 0, $this->offset) === 1
                ? $close
                : throw $this->broken("the tag <{$found[1]} is not closed");
        $this->offset += strlen($end[0]);
        $kind = $end[1] === '/' ? XmlTokenKind::Single : XmlTokenKind::Open;
        if ($kind === XmlTokenKind::Open) {
            $this->open[] = $found[1];
            count($this->open) <= TextSize::DEEPEST || throw $this->broken('elements are nested too deeply');
        }

        return new XmlToken($kind, $found[1], $attributes, new Span($from, $this->offset), $line);
    }

    /** @return array<string, array{value: string, at: Span, from: int}> */
    private function attributes(): array
    {
        $attributes = [];
        $form = '~\G\s++('.self::NAME.')\s*+=\s*+(?:"([^"<]*+)"|\'([^\'<]*+)\')~';
        while (preg_match($form, $this->text, $found, PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL, $this->offset) === 1) {
            [$raw, $at] = $found[2][0] === null ? $found[3] : $found[2];
            $name = (string) $found[1][0];
            isset($attributes[$name]) && throw $this->broken("the attribute {$name} comes twice in one tag");
            count($attributes) < self::MOST_ATTRIBUTES ||
                throw $this->broken('a tag has more than '.self::MOST_ATTRIBUTES.' attributes');
            $attributes[$name] = [
                'value' => $this->decoded((string) $raw),
                'at' => new Span($at, $at + strlen((string) $raw)),
                'from' => $this->offset,
            ];
            $this->offset += strlen((string) $found[0][0]);
        }

        return $attributes;
    }

    private function decoded(string $raw): string
    {
        if (! str_contains($raw, '&')) {
            return $raw;
        }
        preg_match_all('/&(?!(?:amp|lt|gt|quot|apos|#\d{1,7}|#x[0-9A-Fa-f]{1,6});)[^;\s]{0,20}+;?/', $raw, $unknown);
        if ($unknown[0] !== []) {
            throw $this->broken("{$unknown[0][0]} is an entity that nobody declared");
        }

        return html_entity_decode($raw, ENT_XML1 | ENT_QUOTES, 'UTF-8');
    }

    private function skip(string $opens, string $closes, string $what): bool
    {
        if (substr_compare($this->text, $opens, $this->offset, strlen($opens)) !== 0) {
            return false;
        }
        $end = strpos($this->text, $closes, $this->offset + strlen($opens));
        $this->offset = $end === false ? throw $this->broken("{$what} is not closed") : $end + strlen($closes);

        return true;
    }

    private function lineAt(int $offset): int
    {
        $this->line += Lines::ends(substr($this->text, $this->counted, $offset - $this->counted));
        $this->counted = $offset;

        return $this->line;
    }

    private function broken(string $what): MalformedText
    {
        return MalformedText::at(Lines::at($this->text, min($this->offset, strlen($this->text))), $what);
    }

    /**
     * @param  list<string>  $encodings
     *
     * @throws MalformedText
     */
    private static function requireKnownEncoding(string $text, array $encodings): void
    {
        $declaration = '/^(?:\xEF\xBB\xBF)?<\?xml[^>]{0,200}?encoding\s*+=\s*+["\'](?<encoding>[^"\']++)/';
        if (preg_match($declaration, $text, $declared) === 1 && ! in_array(strtoupper($declared['encoding']), $encodings, true)) {
            throw MalformedText::encoding($declared['encoding']);
        }
    }
}
