<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text\Xml;

use Zebrafinch\Core\Text\Span;

/** A tag of an XML text, with the span of each of its attributes' values. */
final readonly class XmlToken
{
    /**
     * @param  array<string, array{value: string, at: Span}>  $attributes  decoded values; the span is that of the text between the quotes
     */
    public function __construct(
        public XmlTokenKind $kind,
        public string $name,
        public array $attributes,
        public Span $at,
        public int $line,
    ) {
    }

    public function attribute(string $name): ?string
    {
        return $this->attributes[$name]['value'] ?? null;
    }
}
