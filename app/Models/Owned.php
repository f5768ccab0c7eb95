<?php

declare(strict_types=1);

namespace App\Models;

/** A row that belongs to one person ({@see OwnerPolicy}). */
interface Owned
{
    /** @return int id of the user */
    public function ownerId(): int;
}
