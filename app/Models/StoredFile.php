<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsBase64;
use Illuminate\Database\Eloquent\Model;

/**
 * A key file that was given to a suite, or found there, under its digest. It never changes.
 *
 * @property string $sha256
 * @property string $bytes
 */
final class StoredFile extends Model
{
    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $primaryKey = 'sha256';

    protected $keyType = 'string';

    /** @var list<string> */
    protected $fillable = ['sha256', 'bytes'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['bytes' => AsBase64::class];
    }

    /** @return string its digest */
    public static function store(string $bytes): string
    {
        $sha256 = hash('sha256', $bytes);
        self::query()->insertOrIgnore(['sha256' => $sha256, 'bytes' => base64_encode($bytes)]);

        return $sha256;
    }

    public static function bytesOf(?string $sha256): ?string
    {
        return $sha256 === null ? null : self::query()->find($sha256)?->bytes;
    }
}
