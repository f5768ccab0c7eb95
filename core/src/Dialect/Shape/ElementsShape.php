<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Dialect\Shape;

use Zebrafinch\Core\Text\Lines;
use Zebrafinch\Core\Text\Span;
use Zebrafinch\Core\Text\Xml\XmlScanner;
use Zebrafinch\Core\Text\Xml\XmlTokenKind;

/**
 * XML: elements in elements. An attribute is a part whose name begins with @. Where names stand in elements of their own before their
 * values, the two are read as one part:
 *
 *     <name>split</name> <chord>Primary B</chord>
 */
final readonly class ElementsShape implements Shape
{
    /**
     * @param  string|null  $nameElement  the element that holds the name of the one behind it
     * @param  list<string>  $encodings  in which the file may say that it is written, in capitals
     */
    public function __construct(private ?string $nameElement, private array $encodings)
    {
    }

    public function walk(string $text): iterable
    {
        /** @var list<Part> $open */
        $open = [];
        $named = null;
        foreach (XmlScanner::tokens($text, $this->encodings) as $token) {
            $holder = $open === [] ? null : $open[count($open) - 1];
            if ($token->kind === XmlTokenKind::Text) {
                if ($holder !== null && trim($token->name) !== '') {
                    $lead = strspn($token->raw, " \t\r\n");
                    $at = new Span($token->at->from + $lead, $token->at->from + strlen(rtrim($token->raw, " \t\r\n")));
                    $end = $holder->end;
                    $holder->says(trim($token->name), $at);
                    $holder->end = $end;
                }

                continue;
            }
            if ($token->kind === XmlTokenKind::Close) {
                $part = array_pop($open);
                if ($part === null) {
                    continue;
                }
                $part->end = Lines::indentBefore($text, $token->at->from);
                $this->finish($part, $text, new Span($part->from, $token->at->to));
                if ($this->nameElement !== null && $part->name === $this->nameElement) {
                    $named = $part;
                } else {
                    yield Step::Out => $part;
                }

                continue;
            }
            $part = $this->part($token->name, $token->at->from, $token->line, $named);
            $named = null;
            foreach ($token->attributes as $name => ['value' => $value, 'at' => $at, 'from' => $from]) {
                $attribute = new Part("@{$name}", null, $token->line, $from);
                $attribute->says($value, $at);
                $attribute->to = $at->to + 1;
                $part->parts[] = $attribute;
            }
            if ($token->kind === XmlTokenKind::Open) {
                $part->end = $token->at->to;
                $open[] = $part;
                if ($this->nameElement === null || $part->name !== $this->nameElement) {
                    yield Step::In => $part;
                }
            } else {
                $part->end = $token->at->to;
                $this->finish($part, $text, new Span($part->from, $token->at->to));
                yield Step::In => $part;
                yield Step::Out => $part;
            }
        }
    }

    private function part(string $tag, int $from, int $line, ?Part $named): Part
    {
        return $named === null || $tag === $this->nameElement
            ? new Part($tag, null, $line, $from)
            : new Part((string) $named->text, $named->textAt, $named->line, $named->from);
    }

    private function finish(Part $part, string $text, Span $at): void
    {
        $whole = Lines::alone($text, $at);
        [$part->from, $part->to] = [$whole->from, $whole->to];
    }

    public function written(string $value, string $old): string
    {
        return htmlspecialchars($value, ENT_XML1 | ENT_QUOTES);
    }

    public function further(string $name, string $value, bool $isQuoted, Part $beside): ?string
    {
        return str_starts_with($name, '@') && str_starts_with((string) $beside->name, '@')
            ? ' '.substr($name, 1).'="'.$this->written($value, '').'"'
            : null;
    }
}
