<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** For rows of a kit: they belong to the person whose kit it is. */
trait BelongsToKit
{
    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    public function ownerId(): int
    {
        return $this->kit->user_id;
    }
}
