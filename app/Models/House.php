<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The one house that this place serves.
 *
 * @property string $name
 * @property bool $is_demo
 * @property string|null $setup_code_hash  of the code that opens the first visit; null once it was used
 * @property Carbon|null $set_up_at
 * @property int $version
 */
final class House extends Model
{
    public const UNNAMED = 'The house';

    public $timestamps = false;

    /** @var list<string> */
    protected $fillable = ['name', 'is_demo', 'setup_code_hash', 'set_up_at', 'version'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_demo' => 'boolean', 'set_up_at' => 'datetime'];
    }

    /** An empty one that nobody has named yet where nothing was prepared. */
    public static function current(): self
    {
        return self::query()->first() ??
            new self(['name' => self::UNNAMED, 'is_demo' => false, 'setup_code_hash' => null, 'set_up_at' => null, 'version' => 1]);
    }

    public function isSetUp(): bool
    {
        return $this->set_up_at !== null;
    }
}
