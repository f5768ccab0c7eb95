<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/** @implements CastsAttributes<string, string> */
final class AsBase64 implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): string
    {
        return (string) base64_decode((string) $value, true);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return base64_encode((string) $value);
    }
}
