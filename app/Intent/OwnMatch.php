<?php

declare(strict_types=1);

namespace App\Intent;

use Illuminate\Database\Eloquent\Model;

/**
 * What somebody says a command is for; it goes before the shipped match of the same command.
 *
 * @property int $id
 * @property int $kit_id
 * @property string $application
 * @property string $command
 * @property string $intent
 * @property string|null $difference
 */
final class OwnMatch extends Model
{
    /** @var list<string> */
    protected $fillable = ['kit_id', 'application', 'command', 'intent', 'difference'];
}
