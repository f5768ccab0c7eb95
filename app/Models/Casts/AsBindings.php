<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use InvalidArgumentException;
use Zebrafinch\Core\Keymap\Bindings;

/** @implements CastsAttributes<Bindings, Bindings> */
final class AsBindings implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Bindings
    {
        return Bindings::fromData(json_decode((string) $value, true, 16, JSON_THROW_ON_ERROR));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(
            ($value ?? throw new InvalidArgumentException('A keymap is never without its bindings.'))->toData(),
            JSON_THROW_ON_ERROR,
        );
    }
}
