<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Usage\UsageLog;

/**
 * A person's usage log, added up over its days.
 *
 * @property int $id
 * @property int $kit_id
 * @property string $name
 * @property int $days
 * @property list<array{application: string, command: string, key: int, mouse: int}> $uses
 * @property Carbon $created_at
 */
final class StoredUsage extends Model
{
    protected $table = 'usage_logs';

    /** @var list<string> */
    protected $fillable = ['kit_id', 'name', 'days', 'uses'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['uses' => 'array'];
    }

    public function log(): UsageLog
    {
        return UsageLog::fromData($this->uses, $this->days);
    }
}
