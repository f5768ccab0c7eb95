<?php

declare(strict_types=1);

namespace App\Description\Http;

/** What may be said of the columns of a usage log. */
final class LogColumnRules
{
    public const ALL = [
        'usage_log.day' => ['required_with:usage_log', 'string', 'max:100'],
        'usage_log.command' => ['required_with:usage_log', 'string', 'max:100'],
        'usage_log.key' => ['sometimes', 'string', 'max:100'],
        'usage_log.mouse' => ['sometimes', 'string', 'max:100'],
        'usage_log.hand' => ['sometimes', 'array:column,key,mouse'],
        'usage_log.hand.column' => ['required_with:usage_log.hand', 'string', 'max:100'],
        'usage_log.hand.key' => ['required_with:usage_log.hand', 'array', 'max:20'],
        'usage_log.hand.key.*' => ['string', 'max:100'],
        'usage_log.hand.mouse' => ['required_with:usage_log.hand', 'array', 'max:20'],
        'usage_log.hand.mouse.*' => ['string', 'max:100'],
    ];
}
