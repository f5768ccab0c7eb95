<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Keyboard;

use Zebrafinch\Core\Refusal;

/** Data of a board or a layout that cannot be used. */
final class InvalidBoardData extends Refusal
{
    public static function unknownKey(string $id, string $code): self
    {
        return new self("\"{$code}\" in {$id} is not a key.", 'Name keys by their W3C code, such as KeyA.', "key {$code}");
    }

    public static function tooManyLevels(string $id, string $code, int $levels): self
    {
        return new self(
            "The key {$code} of {$id} has {$levels} levels.",
            'List at most four: plain, Shift, AltGr, Shift with AltGr.',
            "key {$code}",
        );
    }

    public static function keyTwice(string $id, string $code): self
    {
        return new self("The board {$id} has the key {$code} twice.", 'Place each key once.', "key {$code}");
    }

    public static function noKeys(string $id): self
    {
        return new self("The board {$id} has no keys.", 'List its keys with their positions.');
    }

    public function kind(): string
    {
        return 'invalid-board-data';
    }
}
