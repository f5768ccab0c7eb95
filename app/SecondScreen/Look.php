<?php

declare(strict_types=1);

namespace App\SecondScreen;

use Illuminate\Database\Eloquent\Model;

/**
 * What somebody looks at in their first window, for their second screen to follow.
 *
 * @property int $user_id
 * @property string $application
 * @property string $context id, or `all`
 */
final class Look extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'user_id';

    /** @var list<string> */
    protected $fillable = ['user_id', 'application', 'context'];
}
