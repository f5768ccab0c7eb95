<?php

declare(strict_types=1);

namespace App\Keymap;

use Zebrafinch\Core\Refusal;

final class NameTaken extends Refusal
{
    public static function by(string $name, string $of): self
    {
        return new self("{$of} already has something called \"{$name}\".", 'Choose another name; nothing was overwritten.');
    }

    public function kind(): string
    {
        return 'name-taken';
    }
}
