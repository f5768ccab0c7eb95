<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Zebrafinch\Core\Keymap\Overlay;

/** @implements CastsAttributes<Overlay|null, Overlay|null> */
final class AsOverlay implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Overlay
    {
        return $value === null ? null : Overlay::fromData(json_decode((string) $value, true, 16, JSON_THROW_ON_ERROR));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : json_encode($value->toData(), JSON_THROW_ON_ERROR);
    }
}
