<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text\Xml;

use Zebrafinch\Core\Text\Span;

/** A tag of an XML text, with the span of each of its attributes' values; or a text between tags. */
final readonly class XmlToken
{
    /**
     * @param  string  $name  of a tag; of a text what it says
     * @param  array<string, array{
     *     value: string,
     *     at: Span,
     *     from: int,
     * }>  $attributes  decoded values; the span is that of the text between the quotes, `from` the offset of the blanks before the name
     * @param  string  $raw  of a text: as it is written
     */
    public function __construct(
        public XmlTokenKind $kind,
        public string $name,
        public array $attributes,
        public Span $at,
        public int $line,
        public string $raw = '',
    ) {
    }
}
