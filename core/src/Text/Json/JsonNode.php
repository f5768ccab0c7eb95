<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Text\Json;

use Zebrafinch\Core\Text\Span;

/** A value of a JSON text and where it stands. */
final readonly class JsonNode
{
    /**
     * @param  string|null  $text  of a string, decoded; null for everything else
     * @param  list<JsonMember>|null  $members  of an object, in file order, equal names included; null for everything else
     */
    public function __construct(public Span $at, public ?string $text = null, public ?array $members = null)
    {
    }

    /** The last member of that name, as RFC 8259 says most readers take it. */
    public function member(string $name): ?JsonNode
    {
        foreach (array_reverse($this->members ?? []) as $member) {
            if ($member->name === $name) {
                return $member->value;
            }
        }

        return null;
    }
}
