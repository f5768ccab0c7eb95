<?php

declare(strict_types=1);

namespace App\Keymap;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A clash that somebody wants as it is. It comes back as soon as one of its bindings changes, since it is then another clash.
 *
 * @property int $id
 * @property int $kit_id
 * @property string $application
 * @property string $clash
 * @property string $reason
 * @property Carbon $created_at
 */
final class AcceptedClash extends Model
{
    /** @var list<string> */
    protected $fillable = ['kit_id', 'application', 'clash', 'reason'];
}
