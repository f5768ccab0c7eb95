<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text\Json;

use Zebrafinch\Core\Text\Span;

/** A name with its value in a JSON object. */
final readonly class JsonMember
{
    /**
     * @param  string  $name  decoded
     * @param  Span  $nameAt  quotes included
     * @param  int  $line  of the name, counted from 1
     * @param  Span  $at  from the brace or comma before it, so with the blanks that indent it, to the end of its value
     */
    public function __construct(public string $name, public Span $nameAt, public int $line, public JsonNode $value, public Span $at)
    {
    }
}
