<?php

declare(strict_types=1);

namespace App\Models;

enum OrderState: string
{
    /** The queue worker is putting its files together. */
    case Preparing = 'preparing';
    /** Ready for the agent to fetch. */
    case Waiting = 'waiting';
    /** Fetched; the answer is not here yet. */
    case Sent = 'sent';
    case Done = 'done';
    case Failed = 'failed';

    /** @return list<self> */
    public static function open(): array
    {
        return [self::Preparing, self::Waiting, self::Sent];
    }
}
