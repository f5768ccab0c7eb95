<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use Zebrafinch\Core\Keymap\Change;

/** @implements CastsAttributes<Change, Change> */
final class AsChange implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Change
    {
        return Change::fromData(json_decode((string) $value, true, 16, JSON_THROW_ON_ERROR));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(
            ($value ?? throw new InvalidArgumentException('A keymap is never without its change.'))->toData(),
            JSON_THROW_ON_ERROR,
        );
    }
}
