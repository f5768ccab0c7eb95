<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * The bytes of a file in a column for text: a text stays readable there, anything else is written in base64.
 *
 * @implements CastsAttributes<string|null, string|null>
 */
final readonly class AsBytes implements CastsAttributes
{
    private const PREFIX = 'base64:';

    public function get(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return match (true) {
            ! is_string($value) => null,
            str_starts_with($value, self::PREFIX) => (string) base64_decode(substr($value, strlen(self::PREFIX)), true),
            default => $value,
        };
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        if (! is_string($value)) {
            return null;
        }
        $isText = mb_check_encoding($value, 'UTF-8') && ! str_contains($value, "\0") && ! str_starts_with($value, self::PREFIX);

        return $isText ? $value : self::PREFIX.base64_encode($value);
    }
}
