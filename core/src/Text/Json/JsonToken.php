<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text\Json;

use Zebrafinch\Core\Text\Span;

/** A value of a JSON text, or where an object or a list begins or ends, with the name that a member has. */
final readonly class JsonToken
{
    /**
     * @param  string|null  $name  decoded, of a member; null for an item, and where something ends
     * @param  Span|null  $nameAt  quotes included
     * @param  string  $text  of a value: decoded if it stood in quotes, else as it is written
     * @param  Span  $at  of the value; of the brace or bracket where one begins or ends
     * @param  int  $from  behind the brace, bracket or comma before it, so with the blanks that indent it
     * @param  int  $line  in which name or value begin, counted from 1
     */
    public function __construct(
        public JsonTokenKind $kind,
        public ?string $name,
        public ?Span $nameAt,
        public string $text,
        public Span $at,
        public int $from,
        public int $line,
    ) {
    }
}
